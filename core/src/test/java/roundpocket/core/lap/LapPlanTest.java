package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.LapPlan.Place;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Way;

/** The steps of a sock: in the order of work, and with counts that add up from one to the next. */
public class LapPlanTest {
    private static final int PLANS = 700;

    private static List<String> ids(LapPlan lap) {
        return lap.steps().stream().map(LapStep::id).toList();
    }

    private static LapStep step(LapPlan lap, String id) {
        return lap.steps().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    private static int pressesIn(LapPlan lap, String... ids) {
        return lap.steps().stream()
                .filter(step -> List.of(ids).contains(step.id()))
                .mapToInt(step -> step.presses().size())
                .sum();
    }

    /** The whole example of the trade's rules: 64 stitches, heel and toe of 20 rounds, 75 to the opening, 15 of cuff. */
    @Test
    public void theWholeExampleStepByStep() {
        LapPlan lap = LapPlan.of(Specs.wholeExample().plan(), HeelWhen.AFTER_TUBE, 1);
        assertThat(ids(lap))
                .containsExactly(
                        "begin",
                        "foot",
                        "line",
                        "leg",
                        "tube-count",
                        "cuff",
                        "bind-off",
                        "heel-pick-up-below",
                        "heel-pick-up-above",
                        "heel-count",
                        "waste-out",
                        "corners",
                        "heel",
                        "heel-graft",
                        "heel-ear",
                        "toe-pick-up",
                        "toe",
                        "toe-graft",
                        "toe-ear",
                        "ends",
                        "wash");
        assertThat(lap.steps().stream().map(step -> step.presses().size()))
                // 16 loops on each needle: 4 × 15 + 2 moves, and 2 of the set-up (common practice)
                .containsExactly(1, 55, 1, 35, 1, 15, 1, 1, 1, 1, 1, 1, 20, 64, 1, 1, 20, 64, 1, 1, 1);
        assertThat(lap.steps().stream().map(LapStep::after))
                // two extra sts at either corner, gone in the heel's first round
                .containsExactly(64, 64, 64, 64, 64, 64, 0, 32, 64, 64, 64, 68, 32, 0, 0, 64, 32, 0, 0, 0, 0);
        assertThat(step(lap, "heel").presses().stream().map(Press::loops))
                .containsExactly(64, 64, 64, 64, 60, 60, 56, 56, 52, 52, 48, 48, 44, 44, 40, 40, 36, 36, 32, 32);
        assertThat(step(lap, "line").instruction()).contains("32 sole sts with waste yarn");
    }

    @DataProvider
    public Object[][] orders() {
        return new Object[][] {{HeelWhen.AFTER_TUBE}, {HeelWhen.LAST}, {HeelWhen.AT_ONCE}};
    }

    @Test(dataProvider = "orders")
    public void countsAddUpWhateverIsChosen(HeelWhen heelWhen) {
        Random random = new Random(20261123);
        int planned = 0;
        for (int i = 0; planned < PLANS; i++) {
            SockPlan plan;
            try {
                plan = Specs.anySchool(random).plan();
            } catch (Refusal noSockComesOfThat) {
                assertThat(i).isLessThan(3 * PLANS);
                continue;
            }
            if (!heelWhen.goesWith(plan.tube().way())) {
                continue;
            }
            planned++;
            LapPlan lap = LapPlan.of(plan, heelWhen, 1 + planned % 2);
            String what = "plan " + i + ": " + ids(lap);
            assertThat(ids(lap)).as(what).doesNotHaveDuplicates();
            int live = 0;
            for (LapStep step : lap.steps()) {
                assertThat(step.before()).as(what + " before " + step.id()).isEqualTo(live);
                assertThat(step.presses()).as(what).isNotEmpty();
                checkPresses(step, what);
                live = step.after();
            }
            assertThat(live).as(what + " at the end").isZero();
            checkRounds(plan, lap, what);
            checkOpening(plan, lap, what);
        }
    }

    /** Common practice, no source: four moves make a stitch of the seam; what comes before the first of them is the set-up. */
    @Test
    public void aGraftIsToldStitchByStitchToo() {
        LapPlan lap = LapPlan.of(Specs.wholeExample().plan(), HeelWhen.AFTER_TUBE, 1);
        List<Integer> ends = step(lap, "heel-graft").stitchEnds();
        assertThat(ends.get(0)).isEqualTo(2);
        assertThat(ends).hasSize(1 + 16).endsWith(2 + 4 * 15, 2 + 4 * 15 + 2);
        for (int i = 1; i < 16; i++) {
            assertThat(ends.get(i) - ends.get(i - 1)).isEqualTo(4);
        }
        assertThat(step(lap, "foot").stitchEnds()).isEmpty();
    }

    /** No round takes away or adds more than four loops, and no move of a graft more than one. */
    private static void checkPresses(LapStep step, String what) {
        int most =
                switch (step.doing()) {
                    case ROUNDS, LINE, CHECK -> 0;
                    case SHAPE -> 4;
                    case GRAFT -> 1;
                    default -> Integer.MAX_VALUE;
                };
        int loops = step.before();
        for (Press press : step.presses()) {
            assertThat(press.loops()).as(what).isNotNegative();
            assertThat(Math.abs(press.loops() - loops))
                    .as(what + " in " + step.id())
                    .isLessThanOrEqualTo(most);
            loops = press.loops();
        }
    }

    private static void checkRounds(SockPlan plan, LapPlan lap, String what) {
        if (plan.tube().way() != Way.READY_TUBE) {
            assertThat(pressesIn(lap, "foot", "foot-begun"))
                    .as(what)
                    .isEqualTo(plan.tube().rounds().foot().count());
            assertThat(pressesIn(lap, "leg", "leg-begun"))
                    .as(what)
                    .isEqualTo(plan.tube().rounds().leg().count());
        }
        assertThat(pressesIn(lap, "cuff"))
                .as(what)
                .isEqualTo(plan.cuff().rounds().count());
        assertThat(pressesIn(lap, "heel"))
                .as(what)
                .isEqualTo(plan.heel().shaping().list().size());
        assertThat(pressesIn(lap, "toe", "toe-plain"))
                .as(what)
                .isEqualTo(plan.toe().shaping().list().size());
        plan.heel().graft().filter(graft -> ids(lap).contains("heel-graft")).ifPresent(graft -> assertThat(
                        step(lap, "heel-graft").presses().stream().map(Press::words))
                .as(what)
                .containsExactlyElementsOf(
                        graft.list().stream().map(move -> move.move().words()).toList()));
    }

    /** Both needles are counted before anything is cut, and the heel comes after all of its opening. */
    private static void checkOpening(SockPlan plan, LapPlan lap, String what) {
        List<String> ids = ids(lap);
        List<String> order = new ArrayList<>(List.of("heel-pick-up-below", "heel-pick-up-above", "heel-count"));
        if (plan.opening().way().cuts()) {
            order.add("snip");
        }
        boolean stay = plan.opening().cornerStitches().isPresent();
        order.add(!plan.opening().way().cuts() ? "waste-out" : stay ? "unpick" : "unpick-all");
        order.addAll(List.of("corners", "heel"));
        int first = ids.indexOf("heel-pick-up-below");
        assertThat(ids.subList(first, first + order.size())).as(what).isEqualTo(order);
        assertThat(step(lap, "heel-count").expected())
                .hasValue(plan.stitchCount().half().count());
        assertThat(step(lap, "corners").after()).isEqualTo(plan.opening().live().count());
        if (plan.tube().way() != Way.READY_TUBE) {
            assertThat(ids.indexOf("line")).as(what).isBetween(0, first);
        }
        assertThat(lap.steps().stream().filter(LapStep::forGood).map(LapStep::doing))
                .as(what)
                .allMatch(Doing.CUT::equals);
    }

    @Test
    public void everyPositionIsInOneStep() {
        LapPlan lap = LapPlan.of(Specs.wholeExample().plan(), HeelWhen.LAST, 1);
        List<Integer> starts = lap.starts();
        for (int position = 0; position < lap.presses(); position++) {
            Place place = lap.at(position);
            assertThat(starts.get(place.step()) + place.done()).isEqualTo(position);
            assertThat(place.done())
                    .isLessThan(lap.steps().get(place.step()).presses().size());
        }
        assertThat(lap.at(lap.presses())).isEqualTo(new Place(lap.steps().size(), 0));
        assertThat(IntStream.range(0, starts.size()).map(starts::get)).isSorted();
    }

    /** Of the whole example: 55 rounds of foot after one press to begin, 35 of leg, 15 of cuff, 20 each of heel and toe. */
    @Test
    public void whatIsKnittedIsToldBySection() {
        LapPlan lap = LapPlan.of(Specs.wholeExample().plan(), HeelWhen.AT_ONCE, 1);
        assertThat(lap.knitted(0).values()).hasSize(5).allMatch(share -> share == 0);
        assertThat(lap.knitted(12).get(Section.FOOT)).isEqualTo(11 / 55.0);
        assertThat(lap.knitted(1 + 55 + 1 + 7).get(Section.LEG)).isEqualTo(7 / 35.0);
        assertThat(lap.knitted(lap.presses()).values()).allMatch(share -> share == 1);
        int heel = lap.starts().get(ids(lap).indexOf("heel"));
        assertThat(lap.knitted(heel + 5)).containsEntry(Section.HEEL, 0.25).containsEntry(Section.LEG, 10 / 35.0);
    }
}
