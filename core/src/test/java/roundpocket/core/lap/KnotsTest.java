package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Spread;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Doubt;
import roundpocket.core.judge.Doubts;
import roundpocket.core.lap.KnitEvent.ColourSeen;
import roundpocket.core.lap.KnitEvent.Jumped;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.ColourStart;
import roundpocket.core.plan.KnotWay;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.StripePlan.KnotMet;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Striping;
import roundpocket.core.tube.HeelWhen;

/** Knots in a yarn with bands: where the order goes on behind them, in the plan and on the needles, and where nobody knows. */
public class KnotsTest {
    private static final long SEED = 20261128;
    private static final double REPEAT = 15;
    private static final Striping BANDS = Striping.of(
            Band.ofMetres("red", "#b3261e", 5.0),
            Band.ofMetres("white", "#f5f3ee", 4.0),
            Band.ofMetres("blue", "#2f5fa8", 6.0));

    private static SockSpec knotted(ColourChoice colour, Knot... knots) {
        SockSpec spec = Specs.wholeExample();
        return spec.withYarns(spec.yarns().striped(BANDS.withKnots(knots)))
                .withChoices(spec.choices().withColour(colour));
    }

    private static ColourChoice second(SecondSock how) {
        return ColourChoice.usual().withSecond(how);
    }

    private static Knot knot(double atM, double goesOnM) {
        return new Knot(atM, OptionalDouble.of(goesOnM));
    }

    private static Knot unknown(double atM) {
        return new Knot(atM, OptionalDouble.empty());
    }

    private static StripePlan plan(SockSpec spec) {
        return spec.plan().stripes().orElseThrow();
    }

    private static PairWork pair(SockSpec spec) {
        return new PairWork(Course.of(spec, HeelWhen.AFTER_TUBE));
    }

    /** Rounds of foot and leg, in the order in which they are knitted from the toe. */
    private static List<ColourRound> footAndLeg(SockPlan plan, int sock) {
        int toe = plan.toe().shaping().rounds().count();
        int rounds =
                plan.tube().rounds().foot().count() + plan.tube().rounds().leg().count();
        return plan.stripes().orElseThrow().socks().get(sock - 1).tube().subList(toe, toe + rounds);
    }

    @Test
    public void bothSocksOnTheNeedlesHaveTheColoursOfThePlanWhateverTheKnots() {
        Random random = new Random(SEED);
        for (int i = 0; i < 150; i++) {
            Knot[] knots = random.doubles(random.nextInt(4), 1, 260)
                    .mapToObj(at -> random.nextInt(4) == 0 ? unknown(at) : knot(at, REPEAT * random.nextDouble()))
                    .toArray(Knot[]::new);
            SecondSock how = SecondSock.values()[random.nextInt(SecondSock.values().length)];
            KnotWay way = KnotWay.values()[random.nextInt(KnotWay.values().length)];
            SockSpec spec = knotted(second(how).withKnots(way), knots);
            PairWork pair = pair(spec);
            for (int sock = 1; sock <= 2; sock++) {
                List<ColourRound> expected = footAndLeg(pair.begun().plan(), sock);
                LapColours colours = pair.colours(sock).orElseThrow();
                for (int round = 0; round < expected.size(); round++) {
                    StripedRound real = colours.rounds().get(round).colours();
                    assertThat(List.of(real.band(), real.changes()))
                            .as("%s %s %s, sock %d, round %d", how, way, List.of(knots), sock, round)
                            .isEqualTo(List.of(
                                    expected.get(round).band(),
                                    expected.get(round).changes()));
                }
            }
        }
    }

    @Test
    public void behindAKnotThatNobodyLookedBehindEveryColourIsAGuess() {
        SockPlan plan = knotted(second(SecondSock.CARRIED_ON), unknown(20)).plan();
        double stitchM = plan.yarn().loopLength().value() / 1000;
        double roundM = 64 * stitchM;
        // Any place of the repeat is as likely: rectangular, its width over the root of twelve (JCGM 100, 4.3.7).
        double guess = REPEAT / Math.sqrt(12) / roundM;
        List<ColourRound> rounds = footAndLeg(plan, 1);
        int knot = (int) ((20 - 0.2) / roundM);
        assertThat(rounds.get(knot - 1).unsureRounds()).isLessThan(guess / 2);
        assertThat(rounds.subList(knot, rounds.size()))
                .allSatisfy(round -> assertThat(round.unsureRounds()).isCloseTo(guess, within(1e-9)));
        Step atTheLine = plan.stripes().orElseThrow().socks().get(0).unsureAtHeelLine();
        assertThat(atTheLine.value()).isCloseTo(guess, within(1e-9));
    }

    @Test
    public void whoWindsOffBehindItUntilAColourComesKnowsAgain() {
        SockSpec spec = knotted(second(SecondSock.SAME_CAKE).withHeel(ColourStart.BAND, 3), unknown(20));
        StripePlan stripes = plan(spec);
        StripePlan.SockStripes first = stripes.socks().get(0);
        Step heel = first.heelWindOff().orElseThrow().metres();
        assertThat(heel.value()).as("half a repeat on average").isCloseTo(REPEAT / 2, within(1e-9));
        assertThat(Spread.of(heel).value()).isCloseTo(REPEAT / Math.sqrt(12), within(1e-9));
        assertThat(first.heel().get(0).band()).isEqualTo(2);
        assertThat(first.heel().get(0).unsureRounds()).isLessThan(0.2);
        // From the heel on the order is known, so that what is wound off before the second sock is as well.
        assertThat(stripes.socks().get(1).startBand()).isZero();
        assertThat(footAndLeg(spec.plan(), 2).get(0).unsureRounds()).isLessThan(0.2);
        StripePlan asItComes = plan(knotted(second(SecondSock.SAME_CAKE), unknown(20)));
        assertThat(asItComes.socks().get(1).windOff().orElseThrow().metres().value())
                .isCloseTo(REPEAT / 2, within(1e-9));
        assertThat(asItComes.socks().get(1).startBand()).isZero();
    }

    @Test
    public void aKnotInWhatIsWoundOffIsCountedToItsEnd() {
        double end = plan(knotted(second(SecondSock.SAME_CAKE)))
                .socks()
                .get(0)
                .used()
                .value();
        double plain = REPEAT - end % REPEAT;
        // A metre on comes a knot, behind which the yarn is a metre before the end of the repeat.
        StripePlan stripes = plan(knotted(second(SecondSock.SAME_CAKE), knot(end + 1, REPEAT - 1)));
        assertThat(plain).isGreaterThan(2.5);
        assertThat(stripes.socks().get(1).windOff().orElseThrow().metres().value())
                .isCloseTo(2, within(1e-6));
        assertThat(stripes.socks().get(1).startBand()).isZero();
        assertThat(stripes.knots()).isEmpty();
    }

    @Test
    public void aSkeinIsCutWhereItsStartComesAgainBehindAKnot() {
        SockSpec spec = knotted(second(SecondSock.TWO_CAKES), knot(100, 4), knot(230, 1));
        StripePlan stripes = plan(spec);
        StripePlan.CakeCut cut = stripes.cut().orElseThrow();
        // Of 420 m; from 100 m on a repeat begins at 111, 126, … 201, 216: as near as can be to 210.
        assertThat(cut.repeats()).isEmpty();
        assertThat(cut.metres().value()).isCloseTo(216, within(1e-9));
        assertThat(cut.first().value()).isCloseTo(216 * 100 / 420.0, within(1e-9));
        // The second cake has the other knot 14 m in.
        assertThat(stripes.knots()).extracting(KnotMet::sock).containsExactly(1, 2);
        assertThat(stripes.knots().get(1).atM()).isCloseTo(14, within(1e-9));
        StripePlan without =
                plan(knotted(second(SecondSock.TWO_CAKES).withKnots(KnotWay.CUT_OUT), knot(100, 4), knot(230, 1)));
        assertThat(without.knots()).extracting(KnotMet::taken).containsExactly(KnotWay.CUT_OUT, KnotWay.CUT_OUT);
    }

    @Test
    public void behindAKnotNobodyKnowsWhereToCutASkein() {
        // 420 m, and a sock takes some 110: cut behind the knot is not known, so it is cut before it while that is
        // enough.
        assertThat(plan(knotted(second(SecondSock.TWO_CAKES), unknown(170)))
                        .cut()
                        .orElseThrow()
                        .metres()
                        .value())
                .isCloseTo(165, within(1e-9));
        SockSpec early = knotted(second(SecondSock.TWO_CAKES), unknown(50));
        assertThat(plan(early).cut()).isEmpty();
        assertThat(Doubts.of(early, early.plan()))
                .extracting(Doubt::code)
                .contains("stripes.cut-behind-knot", "stripes.knot")
                .doesNotContain("stripes.cut-short");
    }

    @Test
    public void fromTheOtherEndAKnotComesWithWhatLiesBeforeIt() {
        // 420 m: the knot at 400 m is 20 m from the other end, and before it 400 m are 26 repeats and 10 m.
        StripePlan stripes = plan(knotted(ColourChoice.usual().withSecond(SecondSock.OTHER_END, 1), knot(400, 4)));
        assertThat(stripes.knots()).hasSize(1);
        KnotMet knot = stripes.knots().get(0);
        assertThat(knot.sock()).isEqualTo(2);
        assertThat(knot.atM()).isCloseTo(20, within(1e-9));
        assertThat(knot.goesOnKnown()).isTrue();
        assertThat(knot.ways()).isEmpty();
    }

    @Test
    public void aColourThatIsSeenTellsHowTheYarnWentOn() {
        PairWork pair = pair(knotted(second(SecondSock.SAME_CAKE), unknown(20)));
        double roundM = 64 * pair.begun().plan().yarn().loopLength().value() / 1000;
        pair.hear(new Jumped(1, (int) (20 / roundM) + 4));
        pair.hear(new ColourSeen(1, "blue", OptionalInt.of(3), OptionalInt.of(10), false, true));
        List<StripedRound> rounds = rounds(pair);
        int seenAt = indexOfSeen(pair);
        StripedRound round = rounds.get(seenAt);
        assertThat(round.changes()).contains(new StripedRound.ChangeAt(10, 2));
        // White went before, four metres of it; and blue goes on for six.
        assertThat(rounds.get(seenAt - 2).bandOf(1)).isEqualTo(1);
        assertThat(rounds.get(seenAt + (int) (5 / roundM)).bandOf(1)).isEqualTo(2);
        assertThat(rounds.get(seenAt + (int) (7.5 / roundM)).bandOf(1)).isZero();
        assertThat(rounds.get(seenAt + 2).lost()).isFalse();
        assertThat(rounds.get(seenAt + 2).unsureRounds()).isLessThan(0.5);
    }

    @Test
    public void aKnotThatIsMetIsTheOneThatWasToldOf() {
        PairWork pair = pair(knotted(second(SecondSock.SAME_CAKE), knot(30, 0), knot(65, 0)));
        double roundM = 64 * pair.begun().plan().yarn().loopLength().value() / 1000;
        pair.hear(new Jumped(1, (int) (28 / roundM)));
        pair.hear(new ColourSeen(1, "knot", OptionalInt.of(1), OptionalInt.empty(), true, true));
        assertThat(CutOut.of(pair, pair.colours(1).orElseThrow(), pair.seen().get(0)))
                .as("taking the note back would leave the knot in the plan")
                .isEmpty();
        List<Integer> starts = new ArrayList<>();
        List<StripedRound> rounds = rounds(pair);
        int met = indexOfSeen(pair);
        for (int i = met + 1; i < rounds.size() && rounds.get(i).endM() < 50; i++) {
            if (rounds.get(i).lastBand() == 0 && rounds.get(i - 1).lastBand() != 0) {
                starts.add(i);
            }
        }
        // Red again after the repeat, and where the second knot begins it anew; not a second time for the first knot.
        double tiedM = REPEAT - 2.5;
        int again = met + (int) (tiedM / roundM);
        int second = met + (int) ((65 - 28 - 0.2) / roundM);
        assertThat(starts.get(0)).isBetween(again - 1, again + 1);
        assertThat(starts).anySatisfy(start -> assertThat(start).isBetween(second - 2, second + 2));
    }

    @Test
    public void behindAKnotTheColourThatBeginsHasToBeSaid() {
        PairWork pair = pair(knotted(second(SecondSock.SAME_CAKE), unknown(20)));
        pair.hear(new Jumped(1, 30));
        ColourSeen due = new ColourSeen(1, "due", OptionalInt.empty(), OptionalInt.empty(), false, false);
        assertThat(pair.hear(due)).isFalse();
        assertThat(pair.refusal().orElseThrow().problems().get(0).code()).isEqualTo("lap.colour.which");
    }

    /** Five metres of red are five metres of it; but not those on the one side of a knot and those on the other. */
    @Test
    public void changesOnTwoSidesOfAKnotDoNotMeasureTheYarn() {
        SockSpec plain = knotted(second(SecondSock.SAME_CAKE));
        SockSpec knot = knotted(second(SecondSock.SAME_CAKE), knot(12, 3));
        for (SockSpec spec : List.of(plain, knot)) {
            PairWork pair = pair(spec);
            double before = pair.sock(1).course().plan().yarn().factor().value();
            List<LapColours.Stretch> stretches = pair.colours(1).orElseThrow().stretches();
            pair.hear(new Jumped(1, stretches.get(1).from() + 1));
            pair.hear(new ColourSeen(1, "a", OptionalInt.empty(), OptionalInt.empty(), false, true));
            pair.hear(new Jumped(
                    1, pair.colours(1).orElseThrow().stretches().get(3).from()));
            pair.hear(new ColourSeen(1, "b", OptionalInt.empty(), OptionalInt.empty(), false, true));
            assertThat(pair.seen()).hasSize(2);
            double after = pair.sock(1).course().plan().yarn().factor().value();
            if (spec == plain) {
                assertThat(after).isNotEqualTo(before);
            } else {
                assertThat(after).isEqualTo(before);
            }
        }
    }

    @Test
    public void atAKnotOneIsToldHowToKeepTheOrder() {
        PairWork pair = pair(knotted(second(SecondSock.SAME_CAKE)));
        LapColours.Stretch white = pair.colours(1).orElseThrow().stretches().get(1);
        pair.hear(new Jumped(1, white.from() + 2));
        pair.hear(new ColourSeen(1, "knot", OptionalInt.of(3), OptionalInt.empty(), true, false));
        LapColours colours = pair.colours(1).orElseThrow();
        double inOrder = colours.tied().get(0).inOrderM().orElseThrow();
        CutOut cut = CutOut.of(pair, colours, pair.seen().get(0)).orElseThrow();
        // From the middle of the blue, 12 m into the repeat, to its end and on to where the white was.
        assertThat(inOrder).isBetween(5.0, 9.0);
        assertThat(cut.metres().value()).isCloseTo(3 + inOrder, within(1e-9));
        assertThat(cut.said().amounts().get("into").value()).isCloseTo(inOrder - 5, within(1e-9));
        assertThat(cut.said().template()).contains("of the white are gone");
        pair.hear(new ColourSeen(1, "same", OptionalInt.of(3), OptionalInt.empty(), false, true));
        assertThat(CutOut.of(pair, pair.colours(1).orElseThrow(), pair.seen().get(1)))
                .as("a colour is no knot")
                .isEmpty();
    }

    private static List<StripedRound> rounds(PairWork pair) {
        return pair.colours(1).orElseThrow().rounds().stream()
                .map(LapColours.ColouredPress::colours)
                .toList();
    }

    /** The round in which something was seen, among those of the striping yarn. */
    private static int indexOfSeen(PairWork pair) {
        int position = pair.seen().get(0).position();
        List<LapColours.ColouredPress> rounds = pair.colours(1).orElseThrow().rounds();
        return IntStream.range(0, rounds.size())
                .filter(i -> rounds.get(i).position() == position)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatIsToBeDoneBetweenTheSocksIsSaidInWords() {
        ColourChoice alike = second(SecondSock.SAME_CAKE);
        assertThat(between(knotted(alike, unknown(20))))
                .isEqualTo("Before you cast on the second sock wind off until the red begins: {woundMost} at most.");
        double end = plan(knotted(alike)).socks().get(0).used().value();
        assertThat(between(knotted(alike.withKnots(KnotWay.BEHIND), unknown(end + 40))))
                .isEqualTo("Before you cast on the second sock wind off to the knot that comes, and on until the red"
                        + " begins: {woundMost} at most.");
        assertThat(between(knotted(alike.withKnots(KnotWay.BEHIND), unknown(20), unknown(end + 40))))
                .as("the order was lost before, and the knot still comes")
                .contains("to the knot that comes, and on until the red begins");
        assertThat(between(knotted(alike)))
                .as("nothing was seen of 100 m")
                .contains("until the red begins: {woundMost}");
    }

    private static String between(SockSpec spec) {
        PairWork pair = pair(spec);
        pair.hear(new Jumped(1, pair.sock(1).course().lap().presses()));
        return pair.windOffNow().orElseThrow().template();
    }
}
