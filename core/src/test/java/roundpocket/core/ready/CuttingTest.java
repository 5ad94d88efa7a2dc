package roundpocket.core.ready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.testng.annotations.Test;
import roundpocket.core.cut.CutAim;
import roundpocket.core.cut.Piece;
import roundpocket.core.cut.Stretch;
import roundpocket.core.cut.Stretch.Kind;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.fit.Passing.Verdict;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.Yarns;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.Ravelled;
import roundpocket.core.stripe.Striping;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.yarn.Left;
import roundpocket.core.yarn.Yarn;

/** What a ready tube is good for. */
public class CuttingTest {
    private static final Swatch GAUGE = new Swatch(List.of(new Reading(32, 101.6)), List.of(new Reading(40, 101.6)));
    private static final Feet WHOLE_EXAMPLE = Feet.both(new Foot(241.3, 228.6));

    private static TubeStock tube(int rounds, Optional<Striping> striping) {
        return new TubeStock(
                ReadyTube.of(64, rounds),
                GAUGE,
                new Yarn(420, 100, OptionalDouble.empty()),
                striping,
                0,
                true,
                true,
                false);
    }

    private static TubeStock striped(int rounds) {
        return tube(
                rounds,
                Optional.of(Striping.of(
                        Band.ofRounds("red", "#a8322a", 12, 64), Band.ofRounds("white", "#f4f1ea", 10, 64))));
    }

    private static TubeWish wish(String name, double from, double to) {
        return new TubeWish(name, WHOLE_EXAMPLE, from, to, true, false, OptionalInt.empty());
    }

    /** Domain's whole example: f = 55, the opening's round 1, leg 5 in = 35 rounds above the cuff: 91 a piece. */
    @Test
    public void twoPiecesAndTheRemnantBetweenThemMakeTheTube() {
        Cutting cutting = new Cutting(tube(300, Optional.empty()), List.of(wish("Odd", 127, 127)));
        CutPlan best = cutting.plans().get(0);
        assertThat(cutting.wished().get(0).figures().orElseThrow().footRounds().count())
                .isEqualTo(55);
        assertThat(best.pairs().get(0).piece().count()).isEqualTo(91);
        assertThat(best.cuts()).isEqualTo(2);
        // 300 − 2 × 91 − 2 cuts − 2 × 2 spare rounds
        assertThat(best.left().count()).isEqualTo(112);
        assertThat(best.remnants().get(0).rounds().count()).isEqualTo(112);
        assertThat(best.along().get(0).stretch().kind()).isEqualTo(Kind.PIECE);
        assertThat(best.along().get(0).toMm()).isCloseTo(91 / 10.0 * 25.4, within(1e-9));
    }

    @Test
    public void roundsAreGivenUpSoThatBothSocksBeginWithTheSameColour() {
        CutPlan best = new Cutting(striped(240), List.of(wish("Odd", 127, 127)))
                .plans()
                .get(0);
        // 91 + 5 = 96 = 4 × 22 + 8: 14 more make five repeats, 13 of them with one round of tolerance.
        assertThat(best.pairs().get(0).matched()).isTrue();
        assertThat(said(best.reasons())).anyMatch(s -> s.contains("both socks of Odd begin with the same red"));
    }

    @Test
    public void longerLegsAreOfferedBesideMatchingStripes() {
        List<CutPlan> plans = new Cutting(striped(197), List.of(wish("Odd", 100, 150))).plans();
        assertThat(plans).extracting(CutPlan::aim).contains(CutAim.BEST, CutAim.LONGEST_LEGS);
        CutPlan longest = plans.stream()
                .filter(p -> p.aim() == CutAim.LONGEST_LEGS)
                .findFirst()
                .orElseThrow();
        assertThat(longest.pairs().get(0).leg().count())
                .isGreaterThan(plans.get(0).pairs().get(0).leg().count());
        assertThat(said(longest.gives())).anyMatch(s -> s.contains("1 pair fewer with matching stripes"));
    }

    @Test
    public void whatIsMissingIsSaidForTheFirstWish() {
        Cutting cutting = new Cutting(tube(150, Optional.empty()), List.of(wish("Odd", 127, 127)));
        assertThat(cutting.plans()).isEmpty();
        // 2 × 91 + 5 = 187
        assertThat(cutting.none().orElseThrow().message(LengthUnit.CM))
                .contains("no room for a pair for Odd", "37 rounds are missing");
    }

    @Test
    public void aWishThatFindsNoRoomBesideTheOthersIsNamed() {
        CutPlan best = new Cutting(tube(300, Optional.empty()), List.of(wish("Odd", 127, 127), wish("Liv", 127, 127)))
                .plans()
                .get(0);
        assertThat(best.pairs()).hasSize(1);
        assertThat(best.leftOut().get(0).why().message(LengthUnit.CM)).contains("No room for Liv beside the others");
    }

    @Test
    public void aLegThatIsTooShortForItsCuffIsToldAndTheOthersAreCut() {
        Cutting cutting = new Cutting(tube(300, Optional.empty()), List.of(wish("Liv", 20, 30), wish("Odd", 127, 127)));
        assertThat(cutting.wished().get(0).problems()).isNotEmpty();
        assertThat(cutting.plans().get(0).pairs().get(0).wish()).isEqualTo(1);
    }

    @Test
    public void heelsAndToesOfTheTubesOwnYarnAreUnravelledFirst() {
        TubeWish own = new TubeWish("Odd", WHOLE_EXAMPLE, 127, 127, true, true, OptionalInt.empty());
        CutPlan best =
                new Cutting(tube(300, Optional.empty()), List.of(own)).plans().get(0);
        int last = best.along().size() - 1;
        assertThat(best.along().get(last).stretch().kind()).isEqualTo(Kind.RAVEL);
        assertThat(best.left().count()).isLessThan(112);
    }

    @Test
    public void aPieceMovedOverAnotherIsRefused() {
        Cutting cutting = new Cutting(tube(300, Optional.empty()), List.of(wish("Odd", 127, 127)));
        assertThatThrownBy(() -> cutting.byHand(List.of(new Piece(0, 0, 0, 0, 35), new Piece(0, 1, 94, 0, 35))))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> cutting.byHand(List.of(new Piece(0, 0, Integer.MAX_VALUE, 0, 35))))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> cutting.byHand(List.of(new Piece(7, 0, 0, 0, 35))))
                .isInstanceOf(Refusal.class);
        CutPlan moved = cutting.byHand(List.of(new Piece(0, 0, 0, 0, 35), new Piece(0, 1, 96, 0, 40)));
        assertThat(said(moved.reasons())).anyMatch(s -> s.contains("legs of Odd differ by 5 rounds"));
    }

    /** Common practice: two of 12 cm are a pair of wrist warmers; 12 g are both heels. */
    @Test
    public void aRemnantIsToldWhatItWouldMake() {
        TubeStock.Known tube = tube(300, Optional.empty()).known();
        assertThat(Remnant.of(tube, 112).uses())
                .contains(Remnant.Use.WRIST_WARMERS, Remnant.Use.HAT, Remnant.Use.HEELS, Remnant.Use.SWATCH);
        assertThat(Remnant.of(tube, 12).uses()).isEmpty();
    }

    /** Two pairs take from one cake of 20 g: each finds what the other leaves, and together they are told. */
    @Test
    public void theOtherCakeIsOne() {
        TubeStock held = tube(560, Optional.empty());
        TubeStock stock = new TubeStock(
                held.tube(), GAUGE, held.yarn(), Optional.empty(), 0, true, true, false, OptionalDouble.of(20));
        Cutting cutting = new Cutting(stock, List.of(wish("Odd", 127, 127), wish("Tore", 127, 127)));
        CutPlan plan = cutting.plans().get(0);
        assertThat(plan.pairs()).hasSize(2);
        // Either pair alone, planned as it is from the whole tube: two toes, two heels and two cuffs.
        double one = wish("Odd", 127, 127)
                .spec(stock, 127)
                .plan()
                .yarn()
                .roles()
                .get(1)
                .pairGrams()
                .value();
        Left left = plan.contrast().orElseThrow();
        assertThat(left.needed().value()).isCloseTo(2 * one, within(1e-9));
        assertThat(left.left().value()).isCloseTo(20 - 2 * one, within(1e-9));
        assertThat(left.left().value()).isNegative();
        assertThat(plan.reasons()).anySatisfy(reason -> assertThat(reason.message(LengthUnit.CM))
                .startsWith("The other cake is one: heels, toes and cuffs of Odd and Tore take ")
                .contains("are missing: not enough."));
        for (int wish = 0; wish < 2; wish++) {
            assertThat(cutting.contrastFor(plan, wish).getAsDouble()).isCloseTo(10, within(1e-9));
        }
        CutPlan alone =
                new Cutting(stock, List.of(wish("Odd", 127, 127))).plans().get(0);
        assertThat(alone.contrast().orElseThrow().left().value()).isCloseTo(20 - one, within(1e-9));
        TubeStock enough = new TubeStock(
                held.tube(), GAUGE, held.yarn(), Optional.empty(), 0, true, true, false, OptionalDouble.of(60));
        Cutting both = new Cutting(enough, List.of(wish("Odd", 127, 127), wish("Tore", 127, 127)));
        assertThat(both.contrastFor(both.plans().get(0), 1).getAsDouble()).isCloseTo(60 - one, within(1e-9));
        assertThat(both.contrastLeft(both.plans().get(0)).getAsDouble()).isCloseTo(60 - 2 * one, within(1e-9));
        assertThat(cutting.contrastLeft(plan).getAsDouble()).isZero();
    }

    /** Red has twelve rounds and white ten: whoever looks at the round before a cut sees what is said of it. */
    @Test
    public void aCutIsFoundByWhatIsSeenThere() {
        Cutting cutting = new Cutting(striped(300), List.of(wish("Odd", 127, 127)));
        List<Along> along = cutting.plans().get(0).along();
        List<Along> cuts = along.stream()
                .filter(each -> each.stretch().kind() == Stretch.Kind.CUT)
                .toList();
        assertThat(cuts).hasSizeGreaterThan(1);
        int last = 0;
        for (Along cut : cuts) {
            int before = cut.stretch().from();
            int inRepeat = (before - 1) % 22;
            boolean red = inRepeat < 12;
            int round = red ? inRepeat + 1 : inRepeat - 11;
            String said = cut.seen().orElseThrow().text(LengthUnit.CM);
            assertThat(said)
                    .matches("after the " + round + "(st|nd|rd|th) round of the " + ((before - 1) / 22 + 1)
                            + "(st|nd|rd|th) " + (red ? "red" : "white") + ", " + (before - last) + " rounds .*");
            last = cut.stretch().to();
        }
        assertThat(along.stream().filter(each -> each.stretch().kind() == Stretch.Kind.PIECE))
                .allSatisfy(piece -> assertThat(piece.seen()).isEmpty());
    }

    @Test
    public void aTubeIsToldWhomItFits() {
        TubeFit fit = TubeFit.of(tube(300, Optional.empty()), WHOLE_EXAMPLE);
        TubeFit.Figures figures = fit.figures().orElseThrow();
        assertThat(figures.ease().value()).isCloseTo(1 / 9.0, within(1e-9));
        assertThat(figures.passing().verdict()).isEqualTo(Verdict.EASY);
        // ⌊299 ÷ 2⌋ − 2 − 55 − 1 = 91 rounds, and 15 of cuff
        assertThat(figures.leg().value()).isCloseTo(106 * 2.54, within(1e-9));
        assertThat(TubeFit.of(tube(100, Optional.empty()), WHOLE_EXAMPLE).problems())
                .isNotEmpty();
    }

    @Test
    public void twoPiecesLeaveTheirLegAndNothingToCut() {
        ReadyTube pieces = ReadyTube.of(64, 100).with(Cut.PIECES);
        Tube tube = new TubeWish("Odd", WHOLE_EXAMPLE, 127, 127, true, true, OptionalInt.empty())
                .spec(new TubeStock(pieces, GAUGE, Yarn.usual(), Optional.empty(), 0, true, true, false), 127)
                .plan()
                .tube();
        // 100 − 55 of the foot − 1 that is snipped
        assertThat(tube.rounds().leg().count()).isEqualTo(44);
        assertThat(tube.wanted().legIsResult()).isTrue();
        assertThat(tube.cut().orElseThrow().cuts()).isZero();
        assertThat(tube.cut().orElseThrow().remnantRounds().count()).isZero();
        assertThat(tube.cut().orElseThrow().ravelled()).isEmpty();
    }

    /** Counted on the tube: twelve red rounds, ten white ones, from the toes' end on. */
    @Test
    public void twoPiecesHaveTheStripesOfTheirTube() {
        TubeStock stock = striped(300);
        ReadyTube pieces = ReadyTube.of(64, 100).with(Cut.PIECES);
        Choices choices = Choices.usual().withTube(TubeChoice.usual().withReadyTube(pieces));
        Yarn yarn = Yarn.usual();
        Striping striping =
                stock.striping().orElseThrow().beginningAt(stock.known().startM(17));
        SockPlan plan =
                new SockSpec(WHOLE_EXAMPLE, GAUGE, Yarns.one(yarn).striped(striping), List.of(), choices).plan();
        StripePlan stripes = plan.stripes().orElseThrow();
        List<StripePlan.ColourRound> tube = stripes.socks().get(0).tube();
        int toe = plan.toe().shaping().rounds().count();
        int foot = plan.tube().rounds().foot().count();
        assertThat(tube.get(0).band()).as("the toe is of another yarn").isNegative();
        for (int i = 0; i < foot; i++) {
            assertThat(middle(tube.get(toe + i))).as("round %d", i).isEqualTo((17 + i) % 22 < 12 ? 0 : 1);
            assertThat(tube.get(toe + i).unsureRounds()).isZero();
        }
        // The round of the heel line is unpicked: the leg goes on one round further.
        assertThat(middle(tube.get(toe + foot))).isEqualTo((17 + foot + 1) % 22 < 12 ? 0 : 1);
        assertThat(stripes.woundOff()).isEmpty();
        assertThat(stripes.socks()).hasSize(2);
        assertThat(stripes.candidates()).isNotEmpty().allSatisfy(line -> {
            // A red band begins with round 0 of the repeat and has its middle at 6, a white one with 12 and at 17.
            int at = (17 + foot + line.moved()) % 22;
            assertThat(at).isEqualTo(line.band() == 0 ? line.between() ? 0 : 6 : line.between() ? 12 : 17);
            assertThat(line.startFurther()).as("no cake is begun").isEmpty();
            assertThat(line.kept()).singleElement().satisfies(kept -> {
                assertThat(kept.what()).isEqualTo(StripePlan.Kept.What.TUBE);
                assertThat(kept.openingRound()).isEqualTo(toe + foot + line.moved());
            });
        });
    }

    /**
     * Heels, toes and cuffs of yarn unravelled from the cuffs’ end show the bands as they lay there, from the inside of the
     * tube on; from the toes’ end in the opposite order. The second sock goes on where the first ended.
     */
    @Test
    public void whatIsUnravelledKeepsItsColours() {
        for (boolean toeEnd : List.of(false, true)) {
            TubeStock held = striped(560);
            TubeStock stock = new TubeStock(held.tube(), GAUGE, held.yarn(), held.striping(), 5, !toeEnd, true, false);
            List<TubeWish> wishes = List.of(own("Odd"), own("Tore"));
            Cutting cutting = new Cutting(stock, wishes);
            CutPlan plan = cutting.plans().get(0);
            assertThat(plan.pairs()).hasSize(2);
            double roundM = 64 * stock.known().repeat().orElseThrow().stitchM();
            double used = 0;
            for (int wish = 0; wish < 2; wish++) {
                Ravelled yarn = cutting.unravelled(plan, wish).orElseThrow();
                Striping striping = stock.striping().orElseThrow().with(yarn);
                ReadyTube pieces =
                        ReadyTube.of(64, plan.pairs().get(wish).piece().count()).with(Cut.PIECES);
                SockPlan sock = new SockSpec(
                                WHOLE_EXAMPLE,
                                GAUGE,
                                Yarns.one(stock.yarn()).striped(striping),
                                List.of(),
                                Choices.usual().withTube(TubeChoice.usual().withReadyTube(pieces)))
                        .plan();
                List<StripePlan.SockStripes> socks =
                        sock.stripes().orElseThrow().socks();
                // A joining tail of 20 cm, then the cuff, round for round, as it lay in the tube.
                double at = used + 0.2;
                List<StripePlan.ColourRound> one = socks.get(0).tube();
                int cuff = 15;
                for (int i = 0; i < cuff; i++) {
                    double inside = (at / roundM + i + 0.5);
                    double place = toeEnd ? 5 + gone(plan) - inside : 5 + 560 - gone(plan) + inside;
                    assertThat(middle(one.get(one.size() - cuff + i)))
                            .as("toe’s end %s, wish %s, cuff round %s", toeEnd, wish, i)
                            .isEqualTo((place + 2200) % 22 < 12 ? 0 : 1);
                }
                assertThat(one.get(0).band()).as("the toe has colours").isNotNegative();
                assertThat(socks.get(1).heel()).isNotEqualTo(socks.get(0).heel());
                used += plan(own("Odd"), stock);
            }
        }
    }

    private static int gone(CutPlan plan) {
        return plan.along().stream()
                .map(Along::stretch)
                .filter(stretch -> stretch.kind() == Kind.RAVEL)
                .mapToInt(roundpocket.core.cut.Stretch::rounds)
                .sum();
    }

    /** Metres that a wish has unravelled. */
    private static double plan(TubeWish wish, TubeStock stock) {
        return wish.needs(stock).wish().ravelRounds()
                * 64
                * stock.known().repeat().orElseThrow().stitchM();
    }

    private static TubeWish own(String name) {
        return new TubeWish(name, WHOLE_EXAMPLE, 80, 90, true, true, OptionalInt.empty());
    }

    /** The band of most of a round: a change that falls between two rounds may come with the first stitch. */
    private static int middle(StripePlan.ColourRound round) {
        return round.changes().stream()
                .filter(change -> change.stitch() <= round.stitches() / 2)
                .reduce((first, second) -> second)
                .map(change -> change.band())
                .orElse(round.band());
    }

    private static List<String> said(List<Problem> problems) {
        return problems.stream().map(p -> p.message(LengthUnit.CM)).toList();
    }
}
