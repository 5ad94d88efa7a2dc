package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.apache.commons.math3.stat.regression.OLSMultipleLinearRegression;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.KnitEvent.Done;
import roundpocket.core.lap.KnitEvent.Jumped;
import roundpocket.core.lap.KnitEvent.Measured;
import roundpocket.core.lap.KnitEvent.Undone;
import roundpocket.core.lap.KnitEvent.Weighed;
import roundpocket.core.lap.KnitEvent.Withdrawn;
import roundpocket.core.lap.KnitEvent.Worked;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.plan.Yarns;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.yarn.Enough;
import roundpocket.core.yarn.Yarn;

/** A pair on the needles: both socks alike, weighed, and with a finish in sight. */
public class PairWorkTest {
    /** The whole example: one press to begin, 55 rounds of foot, the line, 35 of leg. */
    private static final int LEG = 57;

    private PairWork pair;

    @BeforeMethod
    public void begin() {
        pair = new PairWork(Course.of(Specs.wholeExample(), HeelWhen.AFTER_TUBE));
    }

    private static Weighed weighed(String id, double grams) {
        return new Weighed(1, id, YarnRole.MAIN, grams, false, false, false);
    }

    private int foot(int sock) {
        return pair.sock(sock).course().plan().tube().rounds().foot().count();
    }

    @Test
    public void theSecondSockFollowsTheFirstAsItWasKnitted() {
        pair.hear(new Jumped(1, 56));
        assertThat(pair.hear(new Worked(1, Section.FOOT, 58))).isTrue();
        assertThat(List.of(foot(1), foot(2))).containsExactly(58, 58);
        assertThat(pair.sock(1).position()).isEqualTo(59);
        // once the second is past its own foot, the first may do as it likes
        pair.hear(new Jumped(2, 70));
        pair.hear(new Worked(1, Section.FOOT, 57));
        assertThat(pair.refusal()).isEmpty();
        assertThat(List.of(foot(1), foot(2))).containsExactly(57, 58);
        assertThat(Difference.between(pair.begun().plan(), pair.sock(2).course().plan()))
                .extracting(Difference::label)
                .contains("Foot");
    }

    @Test
    public void takingBackGoesOnAcrossANewPlan() {
        for (int i = 0; i < 40; i++) {
            pair.hear(new Done(1, i * 60_000L));
        }
        pair.hear(new Measured(1, 22, 50.8));
        assertThat(pair.sock(1).position()).isEqualTo(40);
        assertThat(pair.sock(1).trail(3)).containsExactly(37, 38, 39);
        pair.hear(new Undone(1));
        pair.hear(new Undone(1));
        assertThat(pair.sock(1).position()).isEqualTo(38);
    }

    @Test
    public void whatMakesNoSenseIsNotTakenInAndSaysWhy() {
        pair.hear(new Jumped(1, 30));
        assertThat(pair.hear(new Measured(1, 60, 50))).isFalse();
        assertThat(pair.refusal()).isPresent();
        assertThat(pair.hear(new Done(1, 0))).isTrue();
        assertThat(pair.refusal()).isEmpty();
        assertThat(pair.hear(new Withdrawn(1, "never weighed"))).isFalse();
        assertThat(foot(1)).isEqualTo(55);
    }

    @DataProvider
    public Object[][] wrongWeights() {
        return new Object[][] {
            {-5.0, "lap.weigh.range"},
            {0.0, "lap.weigh.range"},
            {9000.0, "lap.weigh.range"},
            {58.0, "lap.weigh.heavier"},
            {4.0, "lap.weigh.unlikely"},
            {50.0, "lap.weigh.unlikely"},
        };
    }

    /** 35 rounds of 64 stitches take about 7 g (13.2 mm a stitch, 420 m per 100 g), so 50 g become about 43. */
    @Test(dataProvider = "wrongWeights")
    public void aWeightThatCannotBeIsRefused(double grams, String code) {
        pair.hear(weighed("a", 50));
        pair.hear(new Jumped(1, 36));
        assertThat(pair.hear(weighed("b", grams))).isFalse();
        assertThat(pair.refusal().orElseThrow().problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.code()).isEqualTo(code));
        assertThat(pair.weighings()).hasSize(1);
        assertThat(pair.hear(new Weighed(1, "c", YarnRole.MAIN, 90, false, true, false)))
                .as("another cake")
                .isTrue();
    }

    /**
     * The factor against ordinary least squares of Commons Math 3.6.1, the prior as one observation more: 1 ÷ 0.1 = x ÷
     * 0.1, and weighed ÷ 0.41 = predicted ÷ 0.41 × x.
     */
    @Test
    public void weighingCalibratesTheYarnAsLeastSquaresDo() {
        double before = pair.sock(1).course().plan().yarn().sockGrams().value();
        pair.hear(weighed("a", 50));
        pair.hear(new Jumped(1, 41));
        pair.hear(weighed("between", 46));
        pair.hear(new Jumped(1, 81));
        pair.hear(weighed("b", 32));
        double perStitch = pair.begun().plan().yarn().of(Section.FOOT).grams().value() / (55 * 64);
        double predicted = perStitch * 64 * 79; // 80 presses since the first weighing, of which one is the line
        OLSMultipleLinearRegression squares = new OLSMultipleLinearRegression();
        squares.setNoIntercept(true);
        squares.newSampleData(new double[] {10, 18 / 0.41}, new double[][] {{10}, {predicted / 0.41}});
        double factor = squares.estimateRegressionParameters()[0];
        assertThat(pair.sock(1).course().plan().yarn().factor().value()).isCloseTo(factor, within(0.01));
        assertThat(pair.sock(2).course().plan().yarn().sockGrams().value())
                .as("the other sock is of the same yarn")
                .isGreaterThan(before * 1.05);
        pair.hear(new Withdrawn(1, "b"));
        pair.hear(new Withdrawn(1, "between"));
        assertThat(pair.sock(1).course().plan().yarn().sockGrams().value()).isCloseTo(before, within(1e-9));
    }

    @Test
    public void aLightCakeCallsForTheCuffInTime() {
        double needed = pair.begun().plan().yarn().sockGrams().value();
        pair.hear(new Jumped(1, LEG));
        // foot is done, 35 rounds of leg are planned, and two grams are missing
        double footG = pair.begun().plan().yarn().of(Section.FOOT).grams().value();
        pair.hear(weighed("a", needed - footG - 2));
        CakeCheck check = CakeCheck.of(pair).get(0);
        CakeCheck.Leg leg = check.leg().orElseThrow();
        assertThat(leg.sooner()).isTrue();
        int allowed = leg.allowed().count();
        assertThat(allowed).isBetween(5, 20);
        assertThat(check.words()).contains("yarn for " + allowed + " more rounds of leg");
        // The leg that is allowed leaves the stop weight.
        double perRound = pair.begun().plan().yarn().of(Section.LEG).grams().value() / 35;
        double left = check.cake().value() - allowed * perRound;
        assertThat(left).isBetween(leg.stopWeight().value(), leg.stopWeight().value() + perRound);
        // Some rounds on, the cake is lighter by them, and as much fewer are left.
        pair.hear(new Jumped(1, LEG + 3));
        CakeCheck later = CakeCheck.of(pair).get(0);
        assertThat(later.cake().value()).isCloseTo(check.cake().value() - 3 * perRound, within(1e-6));
        assertThat(later.leg().orElseThrow().allowed().count()).isBetween(allowed - 4, allowed - 2);
        // Done so, it will do.
        pair.hear(new Worked(1, Section.LEG, leg.total()));
        assertThat(CakeCheck.of(pair).get(0).enough()).isIn(Enough.SURE, Enough.LIKELY);
    }

    @Test
    public void aHeavyCakeWillDoAndOneForBothMustBeHeavier() {
        double needed = pair.begun().plan().yarn().sockGrams().value();
        pair.hear(weighed("a", needed * 1.4));
        assertThat(CakeCheck.of(pair).get(0).enough()).isEqualTo(Enough.SURE);
        assertThat(CakeCheck.of(pair).get(0).words()).isEqualTo("Plenty: this yarn is enough.");
        pair.hear(new Weighed(1, "b", YarnRole.MAIN, needed * 1.4, true, true, false));
        assertThat(CakeCheck.of(pair).get(0).enough()).isEqualTo(Enough.NOT_ENOUGH);
        assertThat(CakeCheck.of(pair).get(0).needed().value()).isCloseTo(2 * needed, within(1e-6));
    }

    /** What is needed and what is knitted make up the sock, wherever one is and whatever it is knitted from. */
    @Test
    public void whatIsStillNeededFallsToNothing() {
        Random random = new Random(4);
        Yarn yarn = new Yarn(400, 100, OptionalDouble.of(100));
        for (int i = 0; i < 60; i++) {
            Course course =
                    Course.of(Specs.random(random).withYarns(Yarns.one(yarn)), HeelWhen.values()[random.nextInt(3)]);
            double last = Double.MAX_VALUE;
            for (int position = 0; position <= course.lap().presses(); position += 7) {
                PairWork work = new PairWork(course);
                work.hear(new Jumped(1, position));
                work.hear(weighed("a", 300));
                double needed = CakeCheck.of(work).get(0).needed().value();
                assertThat(needed).isLessThanOrEqualTo(last + 1e-9).isNotNegative();
                last = needed;
            }
            PairWork done = new PairWork(course);
            done.hear(new Jumped(1, course.lap().presses()));
            done.hear(weighed("a", 30));
            assertThat(CakeCheck.of(done).get(0).needed().value()).isZero();
        }
    }

    /** One round a minute of 64 stitches is 3840 stitches an hour; the hours left are the stitches left by that. */
    @Test
    public void theScheduleFollowsThePaceOfTheCounter() {
        assertThat(Schedule.of(pair).measured()).isFalse();
        for (int i = 0; i < 31; i++) {
            pair.hear(new Done(1, i * 60_000L));
        }
        Schedule schedule = Schedule.of(pair);
        assertThat(schedule.measured()).isTrue();
        assertThat(schedule.stitchesPerHour().value()).isCloseTo(3840, within(1e-6));
        assertThat(schedule.parts().get(0).title()).isEqualTo("Foot");
        assertThat(schedule.parts().get(0).hours().value()).isCloseTo(25 / 60.0, within(1e-9));
        double sum = schedule.parts().stream()
                .mapToDouble(part -> part.hours().value())
                .sum();
        assertThat(schedule.hours().value()).isCloseTo(sum, within(1e-9));
        List<Schedule.Sitting> sittings = schedule.sittings(60);
        assertThat(sittings).hasSize((int) Math.ceil(sum));
        assertThat(sittings.get(0).from()).isEqualTo(schedule.parts().get(0));
        assertThat(sittings.get(sittings.size() - 1).to())
                .isEqualTo(schedule.parts().get(schedule.parts().size() - 1));
        pair.hear(new Jumped(1, pair.sock(1).course().lap().presses()));
        pair.hear(new Jumped(2, pair.sock(2).course().lap().presses()));
        assertThat(pair.finished()).isTrue();
        assertThat(Schedule.of(pair).sittings(60)).isEmpty();
    }

    /** A slow knitter who sits down for ten minutes: rather no date than one that leaves out the rest. */
    @Test
    public void aScheduleWithoutEndIsRefused() {
        for (int i = 0; i < 31; i++) {
            pair.hear(new Done(1, i * 19 * 60_000L));
        }
        Schedule slow = Schedule.of(pair);
        assertThat(slow.sittings(10)).hasSize((int) Math.ceil(slow.hours().value() * 6));
        SockSpec high = Specs.wholeExample();
        PairWork kneeHigh = new PairWork(Course.of(
                high.withChoices(high.choices().withTube(high.choices().tube().withLegMm(600))), HeelWhen.LAST));
        for (int i = 0; i < 31; i++) {
            kneeHigh.hear(new Done(1, i * 19 * 60_000L));
        }
        Schedule endless = Schedule.of(kneeHigh);
        assertThat(endless.hours().value()).isGreaterThan(1000 / 6.0);
        assertThat(catchThrowableOfType(Refusal.class, () -> endless.sittings(10))
                        .problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.code()).isEqualTo("lap.sitting.number"));
    }

    /** Anything at all may happen, in any order: positions stay within their sock, and nothing is thrown. */
    @Test
    public void whateverHappensTheCountStaysInTheSock() {
        Random random = new Random(9);
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            int sock = 1 + random.nextInt(2);
            String id = "w" + i;
            KnitEvent knitEvent =
                    switch (random.nextInt(8)) {
                        case 0 -> new Undone(sock);
                        case 1 -> new Jumped(sock, random.nextInt(400) - 20);
                        case 2 -> new Measured(sock, random.nextInt(60), 20 + random.nextInt(100));
                        case 3 -> new Worked(sock, Section.values()[random.nextInt(5)], random.nextInt(90) - 3);
                        case 4 ->
                            new Weighed(
                                    sock,
                                    id,
                                    YarnRole.MAIN,
                                    random.nextInt(120) - 5,
                                    random.nextBoolean(),
                                    random.nextBoolean(),
                                    false);
                        case 5 -> new Withdrawn(sock, ids.isEmpty() ? id : ids.get(random.nextInt(ids.size())));
                        default -> new Done(sock, i * 90_000L);
                    };
            ids.add(id);
            pair.hear(knitEvent);
            assertThat(pair.sock(sock).position())
                    .as(knitEvent.toString())
                    .isBetween(0, pair.sock(sock).course().lap().presses());
        }
        CakeCheck.of(pair);
        Schedule.of(pair).sittings(45);
    }
}
