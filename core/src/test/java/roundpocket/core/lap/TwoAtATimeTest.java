package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.KnitEvent.Done;
import roundpocket.core.lap.KnitEvent.Jumped;
import roundpocket.core.lap.KnitEvent.Measured;
import roundpocket.core.lap.KnitEvent.Ordered;
import roundpocket.core.lap.KnitEvent.Undone;
import roundpocket.core.lap.KnitEvent.Weighed;
import roundpocket.core.lap.KnitEvent.Worked;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

public class TwoAtATimeTest {
    private static final SockSpec SPEC = two(Specs.wholeExample());
    private PairWork pair;

    private static SockSpec two(SockSpec spec) {
        return spec.withChoices(spec.choices().withOrder(KnitOrder.TWO_AT_A_TIME));
    }

    @BeforeMethod
    public void begun() {
        pair = new PairWork(Course.of(SPEC, HeelWhen.AFTER_TUBE));
    }

    private List<Integer> at() {
        return List.of(pair.sock(1).position(), pair.sock(2).position());
    }

    private boolean weigh(int sock, double grams) {
        return pair.hear(new Weighed(sock, sock + " " + grams, YarnRole.MAIN, grams, false, false, false));
    }

    /** Whatever was pressed, for one sock or for both: taking back goes the very same way. */
    @Test
    public void takingBackGoesThroughEveryPressOfThePair() {
        Random random = new Random(11);
        Deque<List<Integer>> before = new ArrayDeque<>();
        for (int i = 0; i < 3000; i++) {
            List<Integer> now = at();
            if (random.nextInt(3) == 0) {
                assertThat(pair.hear(new Undone(1, true))).isEqualTo(!before.isEmpty());
                assertThat(at()).isEqualTo(before.isEmpty() ? now : before.pop());
            } else {
                int sock = 1 + random.nextInt(2);
                boolean both = random.nextBoolean();
                boolean heard = random.nextInt(10) == 0
                        ? pair.hear(new Jumped(sock, random.nextInt(100), both))
                        : pair.hear(new Done(sock, i * 60_000L, both));
                assertThat(heard).isTrue();
                before.push(now);
            }
            assertThat(pair.pressed(10_000)).hasSize(before.size());
        }
    }

    /** Ten rounds of the foot a minute apart, on both at once: ten minutes, and one after the other twice as long. */
    @Test
    public void hoursArePressesAtTheirPaceAndBothSocksAreOnePress() {
        assertThat(pair.hours()).isEmpty();
        pair.hear(new Done(1, 0, true));
        for (int i = 0; i <= 10; i++) {
            pair.hear(new Done(1, i * 60_000L, true));
        }
        assertThat(pair.hours().orElseThrow()).isCloseTo(11 / 60.0, within(1e-9));
        PairWork oneByOne = new PairWork(Course.of(Specs.wholeExample(), HeelWhen.AFTER_TUBE));
        for (int sock = 1; sock <= 2; sock++) {
            for (int i = 0; i <= 11; i++) {
                oneByOne.hear(new Done(sock, i * 60_000L));
            }
        }
        assertThat(oneByOne.hours().orElseThrow()).isCloseTo(2 * 11 / 60.0, within(1e-9));
    }

    @Test
    public void aPressOfOneSockIsTakenBackAlone() {
        pair.hear(new Done(1, 0, true));
        pair.hear(new Done(1, 0, true));
        pair.hear(new Undone(2));
        assertThat(at()).containsExactly(2, 1);
        assertThat(pair.pressed(9)).containsExactly(0, 1);
        pair.hear(new Undone(1, true));
        assertThat(at()).containsExactly(1, 1);
    }

    @Test
    public void theTubeIsKnittedOnBothAndHeelAndLateToeOfOneSockAfterTheOther() {
        SockSpec cuffDown = two(Specs.wholeExample());
        List<LapStep> steps =
                LapPlan.of(cuffDown.plan(), HeelWhen.AFTER_TUBE, 1).steps();
        assertThat(steps)
                .filteredOn(step -> step.sharing() == Sharing.BOTH)
                .extracting(LapStep::id)
                .contains("begin", "foot", "line", "leg", "cuff")
                .doesNotContain("heel", "heel-graft", "bind-off");
        assertThat(steps)
                .filteredOn(step -> step.sharing() == Sharing.HEEL_THROUGH)
                .extracting(LapStep::id)
                .startsWith("heel-pick-up-below")
                .contains("heel", "heel-graft");
    }

    /** Every way a sock is knitted, both at a time: whose turn it is leads both to their ends, each press once. */
    @Test
    public void whoseTurnItIsLeadsBothSocksToTheirEnds() {
        Random random = new Random(12);
        for (int i = 0; i < 60; i++) {
            PairWork both;
            try {
                SockSpec spec = Specs.anySchool(random);
                HeelWhen when = HeelWhen.values()[i % HeelWhen.values().length];
                both = new PairWork(Course.of(two(spec), when));
            } catch (Refusal noRoomOrAReadyTube) {
                continue;
            }
            int presses = both.sock(1).course().lap().presses();
            int heelOpen = 0;
            for (int pressed = 0; !both.finished(); pressed++) {
                assertThat(pressed).isLessThan(2 * presses + 1);
                int sock = both.next();
                assertThat(both.hear(new Done(sock, 0, both.nextIsBoth()))).isTrue();
                int apart = Math.abs(both.sock(1).position() - both.sock(2).position());
                heelOpen = Math.max(heelOpen, apart);
            }
            assertThat(heelOpen).as("a heel is knitted through").isGreaterThan(5);
        }
    }

    @Test
    public void theOrderChangesOnTheWayAndTheCountDoesNot() {
        pair.hear(new Jumped(1, 70, true));
        pair.hear(new Done(1, 0));
        for (KnitOrder order : KnitOrder.values()) {
            boolean other = order != pair.order();
            assertThat(pair.hear(new Ordered(1, order))).isEqualTo(other);
            assertThat(at()).containsExactly(71, 70);
        }
        pair.hear(new Undone(1, true));
        assertThat(at()).containsExactly(70, 70);
    }

    @Test
    public void eachSockHasItsCakeAndTheLegEndsByTheLighter() {
        pair.hear(new Jumped(1, 60, true));
        assertThat(weigh(1, 40)).isTrue();
        assertThat(weigh(2, 17)).isTrue();
        List<CakeCheck> cakes = CakeCheck.of(pair);
        assertThat(cakes).extracting(CakeCheck::sock).containsExactly(2, 1);
        assertThat(cakes.get(0).leg().orElseThrow().sooner()).isTrue();
        assertThat(cakes.get(1).leg().orElseThrow().sooner()).isFalse();
        int total = cakes.get(0).leg().orElseThrow().total();
        assertThat(pair.hear(new Worked(2, Section.LEG, total))).isTrue();
        assertThat(List.of(1, 2)).allSatisfy(sock -> assertThat(
                        pair.sock(sock).course().plan().tube().rounds().leg().count())
                .isEqualTo(total));
    }

    /** 30 rounds of 64 stitches take about 6 g (13.2 mm a stitch, 420 m per 100 g). */
    @Test
    public void twoCakesThatWereMixedUpAreDoubted() {
        pair.hear(new Jumped(1, 10, true));
        weigh(1, 50);
        weigh(2, 42);
        pair.hear(new Jumped(1, 40, true));
        assertThat(weigh(1, 36)).isFalse();
        assertThat(pair.refusal().orElseThrow().problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.code()).isEqualTo("lap.weigh.mixed-up"));
        assertThat(weigh(2, 36)).isTrue();
        assertThat(weigh(1, 44)).isTrue();
        assertThat(CakeCheck.of(pair)).hasSize(2);
    }

    @Test
    public void aTapeCheckOfOneSockIsForBothWhereBothAreThere() {
        pair.hear(new Jumped(1, 40, true));
        pair.hear(new Measured(2, 22, 50.8));
        assertThat(pair.sock(1).course().plan().tube().rounds().foot().count())
                .isEqualTo(pair.sock(2).course().plan().tube().rounds().foot().count());
        assertThat(at()).containsExactly(40, 40);
    }

    @Test
    public void aRoundOfBothTakesAsLongAsTwo() {
        PairWork alone = new PairWork(Course.of(Specs.wholeExample(), HeelWhen.AFTER_TUBE));
        for (int i = 0; i < 40; i++) {
            pair.hear(new Done(1, i * 240_000L, true));
            alone.hear(new Done(1, i * 120_000L));
        }
        assertThat(Schedule.of(pair).stitchesPerHour().value())
                .isEqualTo(Schedule.of(alone).stitchesPerHour().value());
    }

    @Test
    public void piecesOfAReadyTubeAreNotKnittedTogether() {
        SockSpec ready = Specs.readyTube(Specs.wholeExample(), 64, 400);
        assertThatThrownBy(() -> two(ready)).isInstanceOf(Refusal.class);
        PairWork pieces = new PairWork(Course.of(ready, HeelWhen.AFTER_TUBE));
        assertThat(pieces.hear(new Ordered(1, KnitOrder.TWO_AT_A_TIME))).isFalse();
        assertThat(pieces.refusal()).isPresent();
    }

    /** Cuff-down both toes are on the needles: their rounds are knitted on both, and a graft stays on the sock it began on. */
    @Test
    public void aGraftIsSewnToItsEndBeforeTheOtherSocks() {
        TubeChoice own = SPEC.choices().tube();
        SockSpec down = SPEC.withChoices(SPEC.choices()
                .withTube(new TubeChoice(
                        Optional.of(Way.CUFF_DOWN),
                        Optional.empty(),
                        Optional.empty(),
                        own.legMm(),
                        own.legRounds(),
                        own.legFrom())));
        PairWork both = new PairWork(Course.of(down, HeelWhen.LAST));
        List<String> grafts = new ArrayList<>();
        boolean roundsOfBoth = false;
        while (!both.finished()) {
            int sock = both.next();
            boolean together = both.nextIsBoth();
            LapPlan lap = both.sock(sock).course().lap();
            LapStep step = lap.steps().get(lap.at(both.sock(sock).position()).step());
            roundsOfBoth |= step.name() == StepName.TOE && together;
            if (step.doing() == Doing.GRAFT) {
                assertThat(together).isFalse();
                String graft = step.id() + " " + sock;
                if (grafts.isEmpty() || !grafts.get(grafts.size() - 1).equals(graft)) {
                    grafts.add(graft);
                }
            }
            assertThat(both.hear(new Done(sock, 0, together))).isTrue();
        }
        assertThat(roundsOfBoth).isTrue();
        assertThat(grafts).containsExactly("toe-graft 1", "toe-graft 2", "heel-graft 1", "heel-graft 2");
    }
}
