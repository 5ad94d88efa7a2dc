package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.apache.commons.math3.fitting.leastsquares.LeastSquaresBuilder;
import org.apache.commons.math3.fitting.leastsquares.LevenbergMarquardtOptimizer;
import org.apache.commons.math3.linear.DiagonalMatrix;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.KnitEvent.ColourSeen;
import roundpocket.core.lap.KnitEvent.Jumped;
import roundpocket.core.lap.KnitEvent.Withdrawn;
import roundpocket.core.lap.LapColours.Stretch;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.Yarns;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.Ravelled;
import roundpocket.core.stripe.Striping;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.yarn.WeighIn;

/** The colours of a pair on the needles, and what seeing them change says. */
public class LapColoursTest {
    private static final Striping BANDS = Striping.of(
            Band.ofMetres("red", "#b3261e", 5.0),
            Band.ofMetres("white", "#f5f3ee", 4.0),
            Band.ofMetres("blue", "#2f5fa8", 6.0));

    private static SockSpec striped(ColourChoice colour) {
        SockSpec spec = Specs.wholeExample();
        return spec.withYarns(spec.yarns().striped(BANDS))
                .withChoices(spec.choices().withColour(colour));
    }

    private static PairWork pair() {
        return new PairWork(Course.of(striped(ColourChoice.usual()), HeelWhen.AFTER_TUBE));
    }

    private static ColourSeen seen(String id, int band) {
        return new ColourSeen(1, id, OptionalInt.of(band), OptionalInt.empty(), false, false);
    }

    private static ColourSeen due(String id) {
        return new ColourSeen(1, id, OptionalInt.empty(), OptionalInt.empty(), false, false);
    }

    private static double factor(PairWork pair) {
        return pair.sock(1).course().plan().yarn().factor().value();
    }

    /** The rounds that are seen to be of another colour when a stitch takes {@code factor} times what the model says. */
    private static List<int[]> really(PairWork pair, double factor) {
        double stitchM = pair.begun().plan().yarn().loopLength().value() / 1000 * factor;
        double roundM = 64 * stitchM;
        double[] ends = {5, 9, 15};
        List<int[]> changes = new ArrayList<>();
        for (int i = 0; ; i++) {
            double at = Math.floorDiv(i, 3) * 15 + ends[i % 3] - 0.2;
            int round = (int) Math.floor(at / roundM);
            if (round >= 90) {
                return changes;
            }
            changes.add(new int[] {round, (i + 1) % 3 + 1});
        }
    }

    @Test
    public void aSockKnittedAsPlannedHasTheColoursOfThePlan() {
        for (SecondSock second : List.of(SecondSock.SAME_CAKE, SecondSock.CARRIED_ON, SecondSock.OWN_BAND)) {
            PairWork pair =
                    new PairWork(Course.of(striped(ColourChoice.usual().withSecond(second, 2)), HeelWhen.AFTER_TUBE));
            for (int sock = 1; sock <= 2; sock++) {
                LapColours colours = pair.colours(sock).orElseThrow();
                var plan = pair.sock(sock).course().plan();
                List<ColourRound> tube =
                        plan.stripes().orElseThrow().socks().get(sock - 1).tube();
                int toe = plan.toe().shaping().rounds().count();
                int foot = plan.tube().rounds().foot().count();
                List<ColourRound> expected = tube.subList(toe, toe + foot);
                for (int i = 0; i < foot; i++) {
                    assertThat(colours.rounds().get(i).colours().band())
                            .as("%s, sock %d, round %d", second, sock, i)
                            .isEqualTo(expected.get(i).band());
                    assertThat(colours.rounds().get(i).colours().changes())
                            .isEqualTo(expected.get(i).changes());
                }
            }
        }
    }

    /** A piece of a tube is there already; cuff, heel and toe of the tube’s own yarn have the plan’s colours, in either sock. */
    @Test
    public void whatIsKnittedToAPieceOfUnravelledYarnHasTheColoursOfThePlan() {
        for (Ravelled yarn :
                List.of(new Ravelled(3, true, false), new Ravelled(11, false, false), new Ravelled(7, true, true))) {
            SockSpec knitted = striped(ColourChoice.usual());
            ReadyTube pieces = ReadyTube.of(64, 110).with(Cut.PIECES);
            Yarns yarns = knitted.yarns()
                    .striped(knitted.yarns().striping().orElseThrow().with(yarn));
            SockSpec spec = knitted.withYarns(yarns)
                    .withChoices(knitted.choices().withTube(TubeChoice.usual().withReadyTube(pieces)));
            PairWork pair = new PairWork(Course.of(spec, HeelWhen.AFTER_TUBE));
            assertThat(pair.windOff()).isEmpty();
            for (int sock = 1; sock <= 2; sock++) {
                var plan = pair.sock(sock).course().plan();
                var stripes = plan.stripes().orElseThrow().socks().get(sock - 1);
                int cuff = 15;
                int heel = plan.heel().shaping().rounds().count();
                List<ColourRound> expected = new ArrayList<>(stripes.tube()
                        .subList(stripes.tube().size() - cuff, stripes.tube().size()));
                expected.addAll(stripes.heel());
                var found = pair.colours(sock).orElseThrow().rounds();
                assertThat(found).hasSizeGreaterThan(cuff + heel);
                for (int i = 0; i < cuff + heel; i++) {
                    assertThat(found.get(i).colours().band())
                            .as("%s, sock %d, round %d", yarn, sock, i)
                            .isEqualTo(expected.get(i).band());
                    assertThat(found.get(i).colours().changes())
                            .isEqualTo(expected.get(i).changes());
                }
            }
        }
    }

    @Test
    public void windingOffIsThePlansWhereNothingWasSeen() {
        PairWork pair = pair();
        double planned = pair.begun()
                .plan()
                .stripes()
                .orElseThrow()
                .socks()
                .get(1)
                .windOff()
                .orElseThrow()
                .metres()
                .value();
        assertThat(pair.windOff().orElseThrow().metres().value()).isCloseTo(planned, within(1e-6));
    }

    @Test
    public void aChangeThatIsSeenMovesTheLaterOnesAndMakesThemSurer() {
        PairWork pair = pair();
        List<Stretch> before = pair.colours(1).orElseThrow().stretches();
        Stretch first = before.get(0);
        // one round later than it was due
        assertThat(pair.hear(new Jumped(1, first.to() + 1))).isTrue();
        assertThat(pair.hear(due("a"))).isTrue();
        List<Stretch> after = pair.colours(1).orElseThrow().stretches();
        assertThat(after.get(0).to()).isBetween(first.to() + 1, first.to() + 2);
        assertThat(after.get(1).band()).isEqualTo(1);
        assertThat(after.get(1).to()).isGreaterThan(before.get(1).to());
        assertThat(after.get(2).unsureRounds()).isLessThan(before.get(2).unsureRounds());
        assertThat(pair.hear(new Withdrawn(1, "a"))).isTrue();
        assertThat(pair.colours(1).orElseThrow().stretches()).isEqualTo(before);
    }

    /** A knitter who takes a tenth more than the model: seeing three changes tells it better than weighing could. */
    @Test
    public void seenChangesMeasureTheYarnInAStitch() {
        for (double really : new double[] {0.88, 1.0, 1.1}) {
            PairWork pair = pair();
            int start = pair.begun().lap().starts().get(1);
            int heard = 0;
            for (int[] change : really(pair, really).subList(0, 7)) {
                pair.hear(new Jumped(1, start + change[0]));
                heard += pair.hear(seen("s" + heard, change[1])) ? 1 : 0;
            }
            assertThat(heard).isEqualTo(7);
            assertThat(factor(pair)).as("really %s", really).isCloseTo(really, within(0.02));
            assertThat(pair.sock(1).course().plan().yarn().factor().standardUncertainty())
                    .isLessThan(0.03);
        }
    }

    /** The prior 1 ± 0.1 and the one stretch between the first and the last change, by Commons Math's least squares. */
    @Test
    public void theFactorIsThatOfALeastSquaresFit() {
        PairWork pair = pair();
        int start = pair.begun().lap().starts().get(1);
        List<int[]> changes = really(pair, 1.07);
        for (int i = 0; i < 5; i++) {
            pair.hear(new Jumped(1, start + changes.get(i)[0]));
            assertThat(pair.hear(seen("s" + i, changes.get(i)[1]))).isTrue();
        }
        double loopM = pair.begun().plan().yarn().loopLength().value() / 1000;
        double stitches = (changes.get(4)[0] - changes.get(0)[0]) * 64;
        double predicted = stitches * loopM;
        double bands = 4 + 6 + 5 + 4;
        double roundM = 64 * loopM * factorBefore(pair, changes);
        double unsure = Math.sqrt(0.02 * bands * 0.02 * bands + roundM * roundM / 6);
        double fitted = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .model(k -> new double[] {k[0], predicted * k[0]}, k -> new double[][] {{1}, {predicted}})
                        .target(new double[] {1, bands})
                        .weight(new DiagonalMatrix(new double[] {1 / 0.01, 1 / (unsure * unsure)}))
                        .start(new double[] {1})
                        .maxEvaluations(100)
                        .maxIterations(100)
                        .build())
                .getPoint()
                .getEntry(0);
        assertThat(factor(pair)).isCloseTo(fitted, within(1e-4));
    }

    /** What a stitch was taken for when the last change was heard: the rounding of a round is reckoned with that. */
    private static double factorBefore(PairWork now, List<int[]> changes) {
        PairWork earlier = pair();
        int start = earlier.begun().lap().starts().get(1);
        for (int i = 0; i < 4; i++) {
            earlier.hear(new Jumped(1, start + changes.get(i)[0]));
            earlier.hear(seen("s" + i, changes.get(i)[1]));
        }
        return factor(earlier);
    }

    @Test
    public void aChangeFarTooSoonIsDoubtedWithItsFigures() {
        PairWork pair = pair();
        pair.hear(new Jumped(1, pair.colours(1).orElseThrow().stretches().get(0).to()));
        assertThat(pair.hear(due("a"))).isTrue();
        pair.hear(new Jumped(1, pair.sock(1).position() + 2));
        assertThat(pair.hear(due("b"))).isFalse();
        Refusal doubt = pair.refusal().orElseThrow();
        assertThat(doubt.problems().get(0).message(LengthUnit.CM))
                .isEqualTo("The next change, to blue, was due 5 rounds after the last one; this is 2 rounds after it."
                        + " If it does begin here, say so. If the yarn was knotted, note the knot instead.");
        assertThat(pair.hear(new ColourSeen(1, "b", OptionalInt.empty(), OptionalInt.empty(), false, true)))
                .isTrue();
    }

    @Test
    public void aKnotBreaksTheOrder() {
        PairWork pair = pair();
        Stretch second = pair.colours(1).orElseThrow().stretches().get(1);
        pair.hear(new Jumped(1, second.from() + 2));
        assertThat(pair.hear(new ColourSeen(1, "k", OptionalInt.of(1), OptionalInt.empty(), true, false)))
                .isTrue();
        List<Stretch> after = pair.colours(1).orElseThrow().stretches();
        assertThat(after.subList(0, 4)).extracting(Stretch::band).containsExactly(0, 1, 0, 1);
        assertThat(after.get(2).from()).isEqualTo(second.from() + 2);
        assertThat(after.get(2).unsureRounds()).isGreaterThan(1);
    }

    @Test
    public void whatCannotBeSeenIsRefusedInWords() {
        PairWork plain = new PairWork(Course.of(Specs.wholeExample(), HeelWhen.AFTER_TUBE));
        assertThat(plain.hear(due("a"))).isFalse();
        assertThat(plain.refusal()).isPresent();
        PairWork pair = pair();
        for (ColourSeen wrong :
                List.of(seen("a", 4), new ColourSeen(1, "b", OptionalInt.of(2), OptionalInt.of(65), false, true))) {
            assertThat(pair.hear(wrong)).isFalse();
            assertThat(pair.refusal()).isPresent();
        }
        pair.hear(new Jumped(1, pair.begun().lap().presses()));
        assertThat(pair.hear(due("c"))).isFalse();
        assertThat(pair.refusal()).isPresent();
    }

    /** Whatever is pressed, the stretches follow each other and never overlap. */
    @Test
    public void stretchesFollowEachOther() {
        Random random = new Random(7);
        int seen = 0;
        for (int i = 0; i < 150; i++) {
            SockSpec spec = Specs.randomStriped(random);
            HeelWhen when = HeelWhen.values()[random.nextInt(3)];
            Optional<PairWork> begun = begun(spec, when);
            if (begun.isEmpty()) {
                continue;
            }
            PairWork pair = begun.get();
            int presses = pair.begun().lap().presses();
            for (int j = 0; j < 6; j++) {
                int sock = 1 + random.nextInt(2);
                pair.hear(new Jumped(sock, random.nextInt(presses)));
                OptionalInt band = random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(1);
                boolean sure = random.nextBoolean();
                boolean heard = pair.hear(
                        new ColourSeen(sock, "e" + j, band, OptionalInt.empty(), random.nextInt(4) == 0, sure));
                seen += heard ? 1 : 0;
                for (int each = 1; each <= 2; each++) {
                    pair.colours(each).ifPresent(LapColoursTest::inTurn);
                }
            }
        }
        assertThat(seen).isGreaterThan(100);
    }

    private static Optional<PairWork> begun(SockSpec spec, HeelWhen when) {
        try {
            PairWork pair = new PairWork(Course.of(spec, when));
            return pair.colours(1).map(any -> pair);
        } catch (Refusal noRoom) {
            return Optional.empty();
        }
    }

    private static void inTurn(LapColours colours) {
        int at = 0;
        for (Stretch stretch : colours.stretches()) {
            assertThat(stretch.from()).isGreaterThanOrEqualTo(at);
            assertThat(stretch.to()).isGreaterThan(stretch.from());
            assertThat(stretch.nth()).isPositive();
            at = stretch.to();
        }
    }

    @Test
    public void observationsOfOneChangeSayNothing() {
        PairWork pair = pair();
        pair.hear(new Jumped(1, pair.colours(1).orElseThrow().stretches().get(0).to()));
        pair.hear(due("a"));
        assertThat(factor(pair)).isEqualTo(1);
        List<WeighIn> observed =
                Seeing.observed(pair.colours(1).orElseThrow(), pair.seen(), Seeing.fineness(pair.begun()));
        assertThat(observed).isEmpty();
    }

    /** One end of yarn cannot be in two socks. */
    @Test
    public void twoSocksAtATimeComeFromTwoEnds() {
        for (SecondSock how : SecondSock.values()) {
            SockSpec spec = striped(ColourChoice.usual().withSecond(how));
            SockSpec both = spec.withChoices(spec.choices().withOrder(KnitOrder.TWO_AT_A_TIME));
            StripePlan stripes = both.plan().stripes().orElseThrow();
            assertThat(stripes.socks().get(1).windOff()).isEmpty();
            assertThat(stripes.cut().isPresent()).isEqualTo(how != SecondSock.OTHER_END);
            PairWork pair = new PairWork(Course.of(both, HeelWhen.AFTER_TUBE));
            assertThat(pair.windOff()).isEmpty();
            assertThat(how.notNow(KnitOrder.TWO_AT_A_TIME).isEmpty())
                    .isEqualTo(how == SecondSock.TWO_CAKES || how == SecondSock.OTHER_END);
            assertThat(how.notNow(KnitOrder.IN_TURN)).isEmpty();
            // Decided at the needles, it is the same.
            PairWork later = new PairWork(Course.of(spec, HeelWhen.AFTER_TUBE));
            later.hear(new KnitEvent.Ordered(1, KnitOrder.TWO_AT_A_TIME));
            assertThat(later.windOff()).isEmpty();
            assertThat(later.colours(2).map(LapColours::stretches))
                    .isEqualTo(pair.colours(2).map(LapColours::stretches));
        }
    }
}
