package roundpocket.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Doubt;
import roundpocket.core.judge.Doubts;
import roundpocket.core.lap.CakeCheck;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.KnitEvent;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.LapStep;
import roundpocket.core.lap.PairWork;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.PatternPlan;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.sock.StitchCount.Neighbour;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

public class PatternPlanTest {
    private static final PatternChart RIB = PatternChart.rib(2);

    private static SockSpec with(PatternChoice pattern, Way way) {
        SockSpec spec = Specs.wholeExample(); // 64 stitches
        return spec.withChoices(spec.choices().withTube(wayOf(spec, way)).withPattern(pattern));
    }

    private static TubeChoice wayOf(SockSpec spec, Way way) {
        TubeChoice tube = spec.choices().tube();
        return new TubeChoice(
                Optional.of(way), Optional.empty(), Optional.empty(), tube.legMm(), tube.legRounds(), tube.legFrom());
    }

    private static PatternPlan pattern(SockSpec spec) {
        return spec.plan().pattern().orElseThrow();
    }

    private static LapStep step(SockSpec spec, String id) {
        return LapPlan.of(spec.plan(), HeelWhen.AFTER_TUBE, 1).steps().stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Worked by hand: which counts by fours close on a repeat, around the leg, across the instep, or both. */
    @DataProvider
    static Object[][] counts() {
        return new Object[][] {
            {PatternPlace.LEG, 4, 0, 64, true, 0, 0},
            {PatternPlace.LEG, 6, 0, 64, false, 60, 72}, // multiples of 12
            {PatternPlace.LEG, 5, 0, 64, false, 60, 80}, // multiples of 20
            {PatternPlace.INSTEP, 6, 1, 64, true, 0, 0}, // (32 − 2) ÷ 6 = 5
            {PatternPlace.INSTEP, 6, 0, 64, false, 60, 72},
            {PatternPlace.INSTEP, 8, 1, 64, false, 52, 68}, // halves of 26 and 34
            {PatternPlace.BOTH, 8, 0, 64, true, 0, 0},
            {PatternPlace.BOTH, 6, 0, 64, false, 60, 72},
            {PatternPlace.BOTH, 4, 1, 64, false, 60, 68}, // halves of 30 and 34, whole legs of 4
            {PatternPlace.BOTH, 8, 1, 64, false, -1, -1}, // a leg by eights has a half by fours
        };
    }

    @Test(dataProvider = "counts")
    public void wholeRepeatsComeOutOrTheNearestCountsAreNamed(
            PatternPlace place, int width, int edge, int stitches, boolean closes, int below, int above) {
        Patterned made = Patterned.of(PatternChoice.sized(place, width, 8).withEdge(edge), RIB)
                .orElseThrow();
        assertThat(made.closesOn(stitches)).isEqualTo(closes);
        if (!closes) {
            assertThat(made.nearest(stitches, false).orElse(-1)).isEqualTo(below);
            assertThat(made.nearest(stitches, true).orElse(-1)).isEqualTo(above);
        }
    }

    /** On the leg alone the counts that close are the multiples of the least common multiple of four and the width. */
    @Test
    public void theLegClosesOnMultiplesOfFourAndTheWidth() {
        for (int width = 1; width <= PatternChart.WIDEST; width++) {
            Patterned made = Patterned.of(PatternChoice.sized(PatternPlace.LEG, width, 1), RIB)
                    .orElseThrow();
            int gcd = BigInteger.valueOf(4).gcd(BigInteger.valueOf(width)).intValueExact();
            int lcm = 4 * width / gcd;
            int below = made.nearest(200, false).orElse(0);
            int above = made.nearest(200, true).orElse(0);
            assertThat(below).isEqualTo(lcm > 199 ? 0 : 199 / lcm * lcm);
            assertThat(above).isEqualTo((200 / lcm + 1) * lcm > 400 ? 0 : (200 / lcm + 1) * lcm);
        }
    }

    /** Common practice, no source: both ribs close on every tube by fours, and line up with the cuff's. */
    @Test
    public void aRibLikeTheCuffsClosesOnEveryTubeByFours() {
        for (int n = 16; n <= 400; n += 4) {
            for (int each : List.of(1, 2)) {
                assertThat(Patterned.of(PatternChoice.rib(PatternPlace.LEG), PatternChart.rib(each))
                                .orElseThrow()
                                .closesOn(n))
                        .isTrue();
            }
        }
    }

    /** Toe-up, foot 55 rounds, leg 35, repeat of 8: the instep ends on round 7, two plain rounds, the leg goes on with 8. */
    @Test
    public void toeUpThePatternPausesFromTheHeelLineOnAndGoesOn() {
        PatternPlan both = pattern(with(PatternChoice.sized(PatternPlace.BOTH, 8, 8), Way.TOE_UP));
        assertThat(both.onFoot()).hasSize(55).startsWith(1, 2, 3).endsWith(5, 6, 7);
        assertThat(both.onLeg()).hasSize(35).startsWith(0, 0, 8, 1, 2);
        assertThat(both.onTape()).hasSize(20 + 55 + 35 + 15).startsWith(0, 0, 0).endsWith(0, 0, 0);
        assertThat(both.onTape().subList(20, 25)).as("after the toe").containsExactly(1, 2, 3, 4, 5);
        assertThat(both.onTape().subList(72, 80)).as("at the heel line").containsExactly(5, 6, 7, 0, 0, 8, 1, 2);
        PatternPlan leg =
                pattern(with(PatternChoice.sized(PatternPlace.LEG, 8, 8).withPause(3), Way.TOE_UP));
        assertThat(leg.onFoot()).hasSize(55).containsOnly(0);
        assertThat(leg.onLeg()).startsWith(0, 0, 0, 1, 2);
        PatternPlan instep = pattern(with(PatternChoice.sized(PatternPlace.INSTEP, 6, 8), Way.TOE_UP));
        assertThat(instep.onLeg()).containsOnly(0);
    }

    /** Cuff-down the leg comes first; its last round is plain, for the heel is picked up in it. */
    @Test
    public void cuffDownTheRoundBeforeTheLineIsPlainAndTheInstepWaits() {
        PatternPlan both = pattern(with(PatternChoice.sized(PatternPlace.BOTH, 8, 8), Way.CUFF_DOWN));
        assertThat(both.onLeg()).hasSize(35).startsWith(1, 2, 3).endsWith(1, 2, 0); // 34 in pattern
        assertThat(both.onFoot()).hasSize(55).startsWith(0, 0, 3, 4);
        assertThat(both.onTape().subList(71, 79))
                .as("at the heel line, seen from the toe")
                .containsExactly(4, 3, 0, 0, 0, 2, 1, 8);
    }

    /** Of every leg that there is yarn for, round by round: the last round on which a repeat ends. */
    @Test
    public void theLongestLegByWholeRepeatsIsFoundByTryingEveryLeg() {
        Random random = new Random(15);
        for (int i = 0; i < 500; i++) {
            PatternPlace place = random.nextBoolean() ? PatternPlace.LEG : PatternPlace.BOTH;
            int height = 1 + random.nextInt(12);
            Patterned made = Patterned.of(PatternChoice.sized(place, 4, height).withPause(1 + random.nextInt(3)), RIB)
                    .orElseThrow();
            int foot = 20 + random.nextInt(60);
            int allowed = random.nextInt(90);
            int longest = IntStream.rangeClosed(1, allowed)
                    .filter(leg -> {
                        List<Integer> rounds = made.onLeg(leg, foot, false);
                        return rounds.get(rounds.size() - 1) == height;
                    })
                    .max()
                    .orElse(0);
            int found = made.longestWholeLeg(rounds(allowed), rounds(foot), false)
                    .map(Step::count)
                    .orElse(0);
            assertThat(found)
                    .as("%s of %d after %d, yarn for %d", place, height, foot, allowed)
                    .isEqualTo(longest);
        }
    }

    private static Step rounds(int rounds) {
        return Given.tried("rounds", rounds, Unit.ROUNDS);
    }

    /** The cuff is called for at the end of a repeat, where the leg is to end with one. */
    @Test
    public void aLightCakeCallsForTheCuffAtTheEndOfARepeat() {
        SockSpec spec = with(PatternChoice.sized(PatternPlace.LEG, 8, 8).withWhole(true), Way.TOE_UP);
        Course course = Course.of(spec, HeelWhen.AFTER_TUBE);
        PairWork pair = new PairWork(course);
        double foot = course.plan().yarn().of(Section.FOOT).grams().value();
        int atLeg = course.lap().starts().get(legStep(course.lap()));
        pair.hear(new KnitEvent.Jumped(1, atLeg, false));
        pair.hear(new KnitEvent.Weighed(
                1, "a", YarnRole.MAIN, course.plan().yarn().sockGrams().value() - foot - 2, false, false, true));
        CakeCheck check = CakeCheck.of(pair).get(0);
        CakeCheck.Leg leg = check.leg().orElseThrow();
        assertThat(leg.sooner()).isTrue();
        // Two plain rounds, then repeats of eight.
        assertThat(leg.total())
                .isIn(10, 18, 26)
                .isBetween(leg.allowed().count() - 7, leg.allowed().count());
        assertThat(leg.whole()).hasValue(leg.total());
        assertThat(check.words()).contains("The last whole repeat ends after " + leg.total() + " more rounds.");
    }

    private static int legStep(LapPlan lap) {
        return IntStream.range(0, lap.steps().size())
                .filter(i -> lap.steps().get(i).section().equals(Optional.of(Section.LEG)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aLegMayEndWithAWholeRepeat() {
        // 35 rounds wished for, 2 of them plain: 33 are nearest to 32
        SockSpec whole = with(PatternChoice.sized(PatternPlace.LEG, 8, 8).withWhole(true), Way.TOE_UP);
        SockPlan plan = whole.plan();
        assertThat(plan.tube().rounds().leg().count()).isEqualTo(34);
        assertThat(plan.tube().wanted().legAbove().value()).isCloseTo(49 * 2.54, within(1e-9));
        assertThat(pattern(whole).onLeg()).endsWith(7, 8);
        // with the instep's 55 rounds the leg ends where 55 + 33 = 88 are 11 whole repeats
        SockSpec both = with(PatternChoice.sized(PatternPlace.BOTH, 8, 8).withWhole(true), Way.TOE_UP);
        assertThat(pattern(both).onLeg()).hasSize(35).endsWith(7, 8);
        // a repeat that is higher than the leg is knitted once
        SockSpec high = with(PatternChoice.sized(PatternPlace.LEG, 8, 60).withWhole(true), Way.TOE_UP);
        assertThat(pattern(high).onLeg()).hasSize(62).endsWith(59, 60);
    }

    @Test
    public void theLapSaysWhichRoundIsDueAndHowItGoes() {
        PatternChart lace = PatternChart.read("k1, yo, ssk, k3\nk6");
        SockSpec instep = with(PatternChoice.written(PatternPlace.INSTEP, lace), Way.TOE_UP);
        assertThat(step(instep, "foot").presses().get(2).words())
                .isEqualTo("Sole: knit 32. Instep: pattern round 1 of 2: k1, (k1, yo, ssk, k3) × 5, k1.");
        assertThat(step(instep, "foot").presses().get(3).words())
                .isEqualTo("Sole: knit 32. Instep: pattern round 2 of 2: k1, k30, k1.");
        assertThat(step(instep, "leg").presses().get(1).words()).isEqualTo("Knit.");
        SockSpec leg = with(PatternChoice.rib(PatternPlace.LEG), Way.TOE_UP);
        assertThat(step(leg, "leg").presses().get(1).words()).isEqualTo("Knit: plain by the heel line.");
        assertThat(step(leg, "leg").presses().get(2).words()).isEqualTo("In pattern: (k2, p2) × 16.");
        SockSpec sized = with(PatternChoice.sized(PatternPlace.LEG, 8, 12), Way.TOE_UP);
        assertThat(step(sized, "leg").presses().get(2).words()).isEqualTo("Pattern round 1 of 12 all around.");
        // four edge sts: the leg's repeats of 4 stand on the instep's, so a round begins within one
        SockSpec edged = with(
                PatternChoice.written(PatternPlace.BOTH, PatternChart.read("k2, p2\nk1, p2, k1"))
                        .withEdge(1),
                Way.TOE_UP);
        SockSpec closing = edged.withChoices(edged.choices().withSize(SizeChoice.ofStitches(60)));
        assertThat(pattern(closing).legBegins()).isEqualTo(1); // 30 + 1 stitches before the instep's first repeat
        assertThat(step(closing, "leg").presses().get(2).words())
                .isEqualTo("Pattern round 2 of 2, beginning with its stitch 2: (k1, p2, k1) × 15.");
        assertThat(step(closing, "foot").presses().get(0).stitches()).isEqualTo(60);
    }

    /** A patterned gauge from a plain swatch: u becomes √(u² + (0.05 · gauge)²), the value stays. */
    @Test
    public void fromAPlainSwatchThePatternIsLessSure() {
        SockSpec plain = with(PatternChoice.usual(), Way.TOE_UP);
        SockSpec leg = with(PatternChoice.sized(PatternPlace.LEG, 8, 8), Way.TOE_UP);
        double gauge = plain.plan().basis().gauge().rounds().value();
        double u = plain.plan().basis().gauge().rounds().standardUncertainty();
        Patterned made = pattern(leg).made();
        assertThat(made.gauge(plain.plan().basis().gauge(), false).rounds().standardUncertainty())
                .isCloseTo(Math.hypot(u, 0.05 * gauge), within(1e-6));
        assertThat(leg.plan().tube().lengths().all().plusMinus95())
                .isGreaterThan(2 * plain.plan().tube().lengths().all().plusMinus95());
        // the foot is plain: nothing of it is less sure
        assertThat(leg.plan().tube().lengths().foot().plusMinus95())
                .isEqualTo(plain.plan().tube().lengths().foot().plusMinus95());
        SockSpec swatched = with(PatternChoice.sized(PatternPlace.BOTH, 8, 8).withSwatched(true), Way.TOE_UP);
        assertThat(swatched.plan().tube().lengths().all().plusMinus95())
                .isEqualTo(plain.plan().tube().lengths().all().plusMinus95());
        assertThat(codes(leg)).contains("pattern.gauge");
        assertThat(codes(swatched)).doesNotContain("pattern.gauge");
    }

    private static List<String> codes(SockSpec spec) {
        return Doubts.of(spec, spec.plan()).stream().map(Doubt::code).toList();
    }

    @Test
    public void aCountThatDoesNotCloseIsStoppedAndTheCureCloses() {
        SockSpec spec = with(PatternChoice.sized(PatternPlace.LEG, 6, 8), Way.TOE_UP);
        assertThat(pattern(spec).below().map(Neighbour::stitches)).contains(60);
        assertThat(pattern(spec).above().map(Neighbour::stitches)).contains(72);
        Doubt doubt = Doubts.of(spec, spec.plan()).get(0);
        assertThat(doubt.code()).isEqualTo("pattern.count");
        assertThat(doubt.weight()).isEqualTo(Doubt.Weight.STOPS);
        SockSpec cured = doubt.cure().orElseThrow().apply(spec);
        assertThat(pattern(cured).closes()).isTrue();
        assertThat(codes(cured)).doesNotContain("pattern.count");
        // no count does both with one edge stitch; without any it closes
        SockSpec both = with(PatternChoice.sized(PatternPlace.BOTH, 8, 8).withEdge(1), Way.TOE_UP);
        Doubt edge = Doubts.of(both, both.plan()).get(0);
        assertThat(edge.code()).isEqualTo("pattern.count");
        assertThat(pattern(edge.cure().orElseThrow().apply(both)).closes()).isTrue();
    }

    @Test
    public void whatDoesNotGoTogetherIsRefused() {
        assertThatThrownBy(() -> PatternChoice.sized(PatternPlace.LEG, 61, 8)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PatternChoice.sized(PatternPlace.LEG, 8, 0)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PatternChoice.rib(PatternPlace.LEG).withPause(4))
                .hasMessageContaining("1 to 3 rounds");
        SockSpec spec = Specs.wholeExample();
        TubeChoice ready = TubeChoice.usual().withReadyTube(ReadyTube.of(64, 400));
        assertThatThrownBy(() -> spec.choices()
                        .withSize(SizeChoice.usual())
                        .withTube(ready)
                        .withPattern(PatternChoice.rib(PatternPlace.LEG)))
                .hasMessageContaining("no pattern can be put on it");
    }

    /** Over random plans: every round has its place, the repeat is counted without a gap, and the line is plain. */
    @Test
    public void inEveryPlanTheRepeatIsCountedWithoutAGap() {
        Random random = new Random(20_261_127);
        int seen = 0;
        while (seen < 400) {
            SockSpec spec = Specs.anySchool(random);
            Optional<SockPlan> plan = planned(spec);
            if (plan.flatMap(SockPlan::pattern).isEmpty()) {
                continue;
            }
            seen++;
            PatternPlan pattern = plan.get().pattern().orElseThrow();
            assertThat(pattern.onLeg()).hasSize(plan.get().tube().rounds().leg().count());
            assertThat(pattern.onFoot())
                    .hasSize(plan.get().tube().rounds().foot().count());
            boolean legFirst = plan.get().tube().way() == Way.CUFF_DOWN;
            List<Integer> first = legFirst ? pattern.onLeg() : pattern.onFoot();
            List<Integer> then = legFirst ? pattern.onFoot() : pattern.onLeg();
            int height = pattern.made().height().count();
            int due = 1;
            for (int round : java.util.stream.Stream.concat(first.stream(), then.stream())
                    .filter(round -> round > 0)
                    .toList()) {
                assertThat(round).isEqualTo(due);
                due = due % height + 1;
            }
            int pause = Math.min(pattern.made().pause().count(), then.size());
            assertThat(then.subList(0, pause)).containsOnly(0);
            if (pattern.made().whole()
                    && !legFirst
                    && pattern.made().place().onLeg()
                    && !plan.get().tube().wanted().legIsResult()) {
                assertThat(pattern.onLeg().get(pattern.onLeg().size() - 1)).isEqualTo(height);
            }
        }
    }

    private static Optional<SockPlan> planned(SockSpec spec) {
        try {
            return Optional.of(spec.plan());
        } catch (Refusal noRoom) {
            return Optional.empty();
        }
    }
}
