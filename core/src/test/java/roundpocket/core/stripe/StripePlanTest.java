package roundpocket.core.stripe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.BiConsumer;
import org.testng.Reporter;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.ColourStart;
import roundpocket.core.plan.KnotWay;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SectionYarn;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.Way;

public class StripePlanTest {
    static final long SEED = 20_261_126;
    /** {@code -Dstripes=5000} for a long run. */
    static final int MANY = Integer.getInteger("stripes", 300);

    static final Striping BELL = Striping.of(
            Band.ofMetres("red", "#b3261e", 4.2),
            Band.ofMetres("white", "#f5f3ee", 2.1),
            Band.ofMetres("blue", "#2f5fa8", 4.2));

    static SockSpec striped(Striping striping) {
        SockSpec spec = Specs.wholeExample();
        return spec.withYarns(spec.yarns().striped(striping));
    }

    static StripePlan plan(SockSpec spec) {
        return spec.plan().stripes().orElseThrow();
    }

    private static SockSpec with(SockSpec spec, ColourChoice colour) {
        return spec.withChoices(spec.choices().withColour(colour));
    }

    /** Random plans in striping yarns; those that find no room, or whose tube is there already, are left out. */
    static int each(Random random, int number, BiConsumer<SockSpec, SockPlan> check) {
        int done = 0;
        for (int i = 0; i < number; i++) {
            SockSpec spec = Specs.randomStriped(random);
            Optional<SockPlan> plan = planned(spec);
            if (plan.filter(any -> any.stripes().isPresent() && any.tube().cut().isEmpty())
                    .isPresent()) {
                check.accept(spec, plan.get());
                done++;
            }
        }
        Reporter.log(done + " striped plans of " + number + ", seed " + SEED, true);
        return done;
    }

    private static Optional<SockPlan> planned(SockSpec spec) {
        try {
            return Optional.of(spec.plan());
        } catch (Refusal noRoom) {
            return Optional.empty();
        }
    }

    @Test
    public void everyStitchHasTheColourThatTheYarnHasThere() {
        int done = each(new Random(SEED), MANY, (spec, plan) -> {
            boolean plainStart = spec.yarns().striping().orElseThrow().knots().isEmpty();
            ColourChoice colour = spec.choices().colour();
            if (plainStart
                    && colour.heelTaken() == ColourStart.AS_IT_COMES
                    && colour.toeTaken() == ColourStart.AS_IT_COMES) {
                compare(spec, plan);
            }
        });
        assertThat(done).isGreaterThan(MANY / 4);
    }

    private static void compare(SockSpec spec, SockPlan plan) {
        StitchByStitch byHand = new StitchByStitch(spec, plan);
        SockStripes sock = plan.stripes().orElseThrow().socks().get(0);
        List<Band> bands = spec.yarns().striping().orElseThrow().bands();
        int foot = plan.tube().rounds().foot().count();
        int leg = plan.tube().rounds().leg().count();
        int lost = plan.tube().rounds().sacrificed().count();
        int toe = plan.toe().shaping().rounds().count();
        boolean down = plan.tube().way() == Way.CUFF_DOWN;
        int n = plan.stitchCount().stitches().count();
        for (int i = 0; i < foot; i++) {
            ColourRound round = sock.tube().get(toe + (down ? foot - 1 - i : i));
            SameColours.same(round, bands, byHand, Section.FOOT, i * n);
        }
        for (int i = 0; i < leg; i++) {
            ColourRound round = sock.tube().get(toe + foot + (down ? leg - 1 - i : i));
            SameColours.same(round, bands, byHand, Section.LEG, (down ? i : i + lost) * n);
        }
        if (spec.yarns().of(Section.HEEL) == YarnRole.MAIN) {
            int done = 0;
            for (int i = 0; i < sock.heel().size(); i++) {
                SameColours.same(sock.heel().get(i), bands, byHand, Section.HEEL, done);
                done = plan.heel().shaping().list().get(i).cumulative();
            }
        }
        if (spec.yarns().of(Section.TOE) == YarnRole.MAIN
                && plan.toe().shaping().list().size() == toe) {
            SameColours.ofTheToe(plan, sock, bands, byHand);
        }
        assertThat(sock.used().value()).isCloseTo(byHand.usedM(), within(1e-6));
    }

    @Test
    public void metresByColourAreTheMetresOfTheSock() {
        each(new Random(SEED + 1), MANY, (spec, plan) -> {
            double main = plan.yarn().sections().stream()
                    .filter(section -> section.role() == YarnRole.MAIN)
                    .map(SectionYarn::metres)
                    .mapToDouble(metres -> metres.value())
                    .sum();
            for (SockStripes sock : plan.stripes().orElseThrow().socks()) {
                double byColour = sock.shares().stream()
                        .mapToDouble(share -> share.metres().value())
                        .sum();
                assertThat(byColour).isCloseTo(main, within(1e-6));
                double wound = sock.heelWindOff()
                                .map(one -> one.metres().value())
                                .orElse(0.0)
                        + sock.toeWindOff().map(one -> one.metres().value()).orElse(0.0);
                assertThat(sock.used().value()).isCloseTo(main + wound, within(1e-6));
            }
        });
    }

    @Test
    public void windingOffMakesBothSocksAlike() {
        Random random = new Random(SEED + 2);
        each(random, MANY, (spec, plan) -> {
            Striping striping = spec.yarns().striping().orElseThrow();
            if (!striping.knots().isEmpty()) {
                return;
            }
            SecondSock way = random.nextBoolean() ? SecondSock.SAME_CAKE : SecondSock.TWO_CAKES;
            StripePlan alike = plan(with(spec, spec.choices().colour().withSecond(way)));
            List<ColourRound> first = alike.socks().get(0).tube();
            List<ColourRound> second = alike.socks().get(1).tube();
            assertThat(second).hasSameSizeAs(first);
            for (int i = 0; i < first.size(); i++) {
                assertThat(stitchesApart(first.get(i), second.get(i), striping.bands()))
                        .as("round %d", i + 1)
                        .isLessThanOrEqualTo(1 + first.get(i).changes().size());
            }
        });
    }

    private static int stitchesApart(ColourRound one, ColourRound other, List<Band> bands) {
        int apart = 0;
        for (int stitch = 1; one.band() >= 0 && stitch <= one.stitches(); stitch++) {
            apart += colour(one, stitch, bands).equals(colour(other, stitch, bands)) ? 0 : 1;
        }
        return apart;
    }

    private static String colour(ColourRound round, int stitch, List<Band> bands) {
        int band = round.band();
        for (StripedRound.ChangeAt change : round.changes()) {
            band = change.stitch() <= stitch ? change.band() : band;
        }
        return bands.get(band).colour();
    }

    @Test
    public void roundsOfARepeatAreMetresOverARound() {
        StripePlan stripes = plan(striped(BELL));
        // 64 stitches at 13.2 mm: 0.845 m a round; 10.5 m of repeat.
        assertThat(stripes.repeat().value()).isEqualTo(10.5);
        assertThat(stripes.repeatRounds().value()).isCloseTo(12.43, within(0.02));
        assertThat(stripes.bands()).extracting(StripePlan.BandPlan::name).containsExactly("red", "white", "blue");
    }

    @Test
    public void aBandCountedInRoundsKeepsItsRoundsWhateverAStitchTakes() {
        Striping counted = Striping.of(Band.ofRounds("", "#2f5fa8", 22, 64), Band.ofRounds("", "#b3261e", 11, 64));
        SockSpec spec = striped(counted);
        assertThat(plan(spec).repeatRounds().value()).isCloseTo(33, within(1e-9));
        SockSpec weighed = spec.withWeighIns(List.of(roundpocket.core.yarn.WeighIn.ofRounds(40, 12)));
        assertThat(weighed.plan().yarn().factor().value()).isGreaterThan(1.1);
        assertThat(plan(weighed).repeatRounds().value()).isCloseTo(33, within(1e-9));
        assertThat(plan(weighed).bands().get(0).name()).isEqualTo("blue");
    }

    @Test
    public void aHeelBegunAtABandHasItInItsFirstStitch() {
        for (int band = 1; band <= 3; band++) {
            StripePlan stripes = plan(with(striped(BELL), ColourChoice.usual().withHeel(ColourStart.BAND, band)));
            for (SockStripes sock : stripes.socks()) {
                assertThat(sock.heel().get(0).band()).isEqualTo(band - 1);
                assertThat(sock.heelWindOff().map(one -> one.metres().value()).orElse(0.0))
                        .isBetween(0.0, 10.5);
            }
        }
    }

    @Test
    public void theNextBandFollowsTheOneBelowTheHeelLine() {
        SockSpec spec = with(striped(BELL), ColourChoice.usual().withHeel(ColourStart.FOLLOWING, 1));
        SockPlan plan = spec.plan();
        SockStripes sock = plan.stripes().orElseThrow().socks().get(0);
        ColourRound below = sock.tube().get(plan.tube().heelLine().round().count() - 1);
        int band = below.changes().isEmpty()
                ? below.band()
                : below.changes().get(below.changes().size() - 1).band();
        assertThat(sock.heel().get(0).band()).isEqualTo((band + 1) % 3);
    }

    @Test
    public void whatIsWoundOffCountsInTheVerdictOnTheYarn() {
        SockSpec carried = with(striped(BELL), ColourChoice.usual().withSecond(SecondSock.CARRIED_ON));
        SockSpec alike = with(striped(BELL), ColourChoice.usual().withSecond(SecondSock.SAME_CAKE));
        StripePlan stripes = plan(alike);
        double lost = stripes.woundOffGrams().orElseThrow().value();
        assertThat(lost).isCloseTo(stripes.woundOff().orElseThrow().value() * 100 / 420, within(1e-9));
        assertThat(plan(carried).woundOff()).isEmpty();
        double left = carried.plan().yarn().left().orElseThrow().left().value();
        assertThat(alike.plan().yarn().left().orElseThrow().left().value()).isCloseTo(left - lost, within(1e-9));
    }

    @Test
    public void aSkeinIsCutAtWholeRepeatsAsEvenlyAsTheyAllow() {
        SockSpec spec = with(striped(BELL), ColourChoice.usual().withSecond(SecondSock.TWO_CAKES));
        StripePlan.CakeCut cut = plan(spec).cut().orElseThrow();
        // 420 m in repeats of 10.5 m: forty of them, twenty a sock, 50 g each.
        assertThat(cut.repeats()).hasValue(20);
        assertThat(cut.first().value()).isCloseTo(50, within(1e-9));
        assertThat(cut.second().value()).isCloseTo(50, within(1e-9));
        assertThat(cut.enough()).isTrue();
    }

    @Test
    public void fromTheOtherEndTheColoursComeTheOtherWayAround() {
        SockSpec spec = with(striped(BELL), ColourChoice.usual().withSecond(SecondSock.OTHER_END, 1));
        List<Integer> order = new ArrayList<>();
        SockPlan plan = spec.plan();
        List<ColourRound> tube = plan.stripes().orElseThrow().socks().get(1).tube();
        // A toe that is put in last stands before the tube on the tape.
        for (ColourRound round : tube.subList(plan.toe().shaping().rounds().count(), tube.size())) {
            if (order.isEmpty() || order.get(order.size() - 1) != round.band()) {
                order.add(round.band());
            }
        }
        assertThat(order.subList(0, 5)).containsExactly(0, 2, 1, 0, 2);
    }

    @Test
    public void aKnotIsToldWithItsPlaceAndWhatPutsTheOrderRight() {
        Striping knotted = BELL.withKnots(new Knot(60, OptionalDouble.of(0)));
        StripePlan stripes = plan(striped(knotted));
        assertThat(stripes.knots()).hasSize(1);
        StripePlan.KnotMet knot = stripes.knots().get(0);
        assertThat(knot.sock()).isEqualTo(1);
        assertThat(knot.section()).isEqualTo(Section.LEG);
        // 60 m are 5 repeats and 7.5 m; the yarn goes on at 0, so 7.5 m are wound off.
        assertThat(knot.ways())
                .as("the first sock is not begun behind it")
                .extracting(StripePlan.KnotCost::way)
                .containsExactly(KnotWay.CUT_OUT);
        assertThat(knot.ways().get(0).windOff().value()).isCloseTo(7.5, within(1e-6));
        assertThat(knot.ways().get(0).metres().value()).isCloseTo(7.9, within(1e-6));
        StripePlan later = plan(striped(BELL.withKnots(new Knot(180, OptionalDouble.of(0)))));
        StripePlan.KnotMet second = later.knots().get(0);
        double begun = later.socks().get(0).used().value()
                + later.socks().get(1).windOff().orElseThrow().metres().value();
        assertThat(second.sock()).isEqualTo(2);
        assertThat(second.ways().get(1).windOff().value()).isCloseTo(180 - begun, within(1e-6));
        Striping unknown = BELL.withKnots(new Knot(60, OptionalDouble.empty()));
        assertThat(plan(striped(unknown)).knots().get(0).ways()).isEmpty();
    }

    @Test
    public void aKnotThatIsCutOutLeavesNoTraceInTheStripesButTakesYarn() {
        Random random = new Random(SEED + 9);
        StripePlan plain = plan(striped(BELL));
        for (int i = 0; i < 60; i++) {
            Knot one = new Knot(5 + 40 * random.nextDouble(), OptionalDouble.of(10.4 * random.nextDouble()));
            Knot other = new Knot(70 + 15 * random.nextDouble(), OptionalDouble.of(10.4 * random.nextDouble()));
            SockSpec knotted = striped(BELL.withKnots(one, other));
            StripePlan cut = plan(with(knotted, knotted.choices().colour().withKnots(KnotWay.CUT_OUT)));
            assertThat(looks(cut.socks().get(0).tube()))
                    .isEqualTo(looks(plain.socks().get(0).tube()));
            assertThat(looks(cut.socks().get(1).heel()))
                    .isEqualTo(looks(plain.socks().get(1).heel()));
            assertThat(cut.knots()).hasSize(2).allMatch(knot -> knot.taken() == KnotWay.CUT_OUT);
            // Behind the first knot so much is gone that the second comes that much earlier.
            double first = mod(one.atM() - one.goesOnM().getAsDouble());
            double second = mod(other.atM() - first - 0.4 - other.goesOnM().getAsDouble());
            // Within a stitch of the whole repeat nothing is wound off.
            double over = wound(cut) - wound(plain) - (first + second + 0.8);
            assertThat(Math.abs(Math.IEEEremainder(over, 10.5))).isLessThan(1e-6);
            assertThat(over).isLessThan(1e-6);
        }
    }

    @Test
    public void aKnotIsLeftBeforeASecondSockThatIsStillAlike() {
        SockSpec knotted = striped(BELL.withKnots(new Knot(180, OptionalDouble.of(3))));
        StripePlan met = plan(knotted);
        StripePlan left = plan(with(knotted, knotted.choices().colour().withKnots(KnotWay.BEHIND)));
        assertThat(left.knots().get(0).taken()).isEqualTo(KnotWay.BEHIND);
        assertThat(left.socks().get(1).startBand())
                .isEqualTo(left.socks().get(0).startBand());
        assertThat(looks(left.socks().get(1).heel()))
                .isEqualTo(looks(plan(striped(BELL)).socks().get(1).heel()));
        // From the end of the first sock to the knot, and 7.5 m from 3 m into the repeat to its end.
        double end = left.socks().get(0).used().value();
        assertThat(left.socks().get(1).windOff().orElseThrow().metres().value())
                .isCloseTo(180 - end + 7.5, within(1e-6));
        assertThat(wound(left) - wound(met))
                .isCloseTo(met.knots().get(0).ways().get(1).metres().value(), within(1e-6));
    }

    @Test
    public void whatAKnotLeavesIsWhatThePlanThenSays() {
        SockSpec knotted = striped(BELL.withKnots(new Knot(60, OptionalDouble.of(0))));
        StripePlan.KnotCost offered = plan(knotted).knots().get(0).ways().get(0);
        SockPlan taken = with(knotted, knotted.choices().colour().withKnots(KnotWay.CUT_OUT))
                .plan();
        assertThat(offered.left().isPresent()).isEqualTo(taken.yarn().left().isPresent());
        assertThat(offered.left().orElseThrow().left().value())
                .isCloseTo(taken.yarn().left().orElseThrow().left().value(), within(1e-6));
    }

    private static List<List<Object>> looks(List<ColourRound> rounds) {
        return rounds.stream()
                .map(round -> List.<Object>of(round.stitches(), round.band(), round.changes()))
                .toList();
    }

    private static double mod(double metres) {
        return (metres % 10.5 + 10.5) % 10.5;
    }

    private static double wound(StripePlan stripes) {
        return stripes.woundOff().map(Step::value).orElse(0.0);
    }

    /** 20 000 pairs of a factor and a dyer’s scale, both normal: where a boundary far along the yarn comes to lie. */
    @Test
    public void boundariesAreAsUnsureAsDrawsMakeThem() {
        SockSpec spec = striped(BELL);
        SockPlan plan = spec.plan();
        assertThat(plan.toe().shaping().begun()).isFalse();
        SockStripes sock = plan.stripes().orElseThrow().socks().get(0);
        int toe = plan.toe().shaping().rounds().count();
        int index = toe + 60;
        double claimed = sock.tube().get(index).unsureRounds();
        double stitchM = plan.yarn().loopLength().value() / 1000;
        double roundM = 64 * stitchM;
        // The metres of yarn up to the end of this round, the first tail among them.
        double metres = 0.2 + 61 * roundM;
        Random random = new Random(SEED);
        int draws = 20_000;
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < draws; i++) {
            double factor = 1 + 0.1 * random.nextGaussian();
            double scale = 1 + 0.02 * random.nextGaussian();
            // The same place of the repeat comes at metres × scale, and that takes so many rounds at this factor.
            double rounds = metres * scale / (roundM * factor);
            sum += rounds;
            squares += rounds * rounds;
        }
        double mean = sum / draws;
        double drawn = Math.sqrt(squares / draws - mean * mean);
        // 1/factor is a little wider than linear: 3 %.
        assertThat(claimed).isCloseTo(drawn, within(0.05 * drawn));
    }
}
