package roundpocket.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.KnitEvent.Jumped;
import roundpocket.core.lap.KnitEvent.Measured;
import roundpocket.core.lap.KnitEvent.Weighed;
import roundpocket.core.lap.KnitEvent.Worked;
import roundpocket.core.lap.PairWork;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.wear.Taught.Kind;
import roundpocket.core.wear.Taught.Lesson;

public class TaughtTest {
    private static PairWork begun(SockSpec spec) {
        return new PairWork(Course.of(spec, HeelWhen.AFTER_TUBE));
    }

    private static Lesson only(List<Lesson> lessons) {
        assertThat(lessons).hasSize(1);
        return lessons.get(0);
    }

    @Test
    public void asPlannedTeachesNothing() {
        SockSpec spec = Specs.wholeExample();
        PairWork pair = begun(spec);
        pair.hear(new Jumped(1, 150));
        assertThat(Taught.of(pair, spec, true, true)).isEmpty();
    }

    /** 42 rounds in 10 cm on the tube instead of the swatch’s 39.4 (10 to the inch). */
    @Test
    public void aTapeCheckGivesTheNextPlanItsGauge() {
        SockSpec spec = Specs.wholeExample();
        PairWork pair = begun(spec);
        pair.hear(new Jumped(1, 40));
        pair.hear(new Measured(1, 21, 50));
        Lesson gauge = only(Taught.of(pair, spec, true, true));
        assertThat(gauge.kind()).isEqualTo(Kind.GAUGE);
        assertThat(gauge.said().text(LengthUnit.CM)).contains("42").contains("39.4");
        assertThat(gauge.taken(spec).plan().basis().gauge().rounds().value()).isCloseTo(42, within(1e-9));
        assertThat(gauge.effect(spec)).extracting(each -> each.label()).contains("Foot", "Leg");
        assertThat(Taught.of(pair, spec, false, true)).as("in another yarn").isEmpty();
        assertThat(Taught.of(pair, gauge.taken(spec), true, true))
                .as("taken already")
                .isEmpty();
    }

    @Test
    public void weighingsAreKnownForTheNextPairFromTheYarn() {
        SockSpec spec = Specs.wholeExample();
        PairWork pair = begun(spec);
        pair.hear(new Weighed(1, "a", YarnRole.MAIN, 50, false, false, false));
        pair.hear(new Jumped(1, 60));
        pair.hear(new Weighed(1, "b", YarnRole.MAIN, 36, false, false, false));
        Lesson yarn = only(Taught.of(pair, spec, true, false));
        double factor = pair.sock(1).course().plan().yarn().factor().value();
        assertThat(factor).isGreaterThan(1.05);
        assertThat(yarn.taken(spec).plan().yarn().factor().value()).isEqualTo(factor);
        assertThat(yarn.said().text(LengthUnit.CM)).contains(Math.round((factor - 1) * 100) + " % more yarn");
        assertThat(Taught.of(pair, yarn.taken(spec), true, false)).isEmpty();
    }

    @Test
    public void aLegAndAFootAsTheyWereKnittedAreTheFoots() {
        SockSpec spec = Specs.wholeExample();
        PairWork pair = begun(spec);
        pair.hear(new Jumped(1, 56));
        pair.hear(new Worked(1, Section.FOOT, 58));
        pair.hear(new Jumped(1, 70));
        pair.hear(new Worked(1, Section.LEG, 28));
        List<Lesson> lessons = Taught.of(pair, spec, true, true);
        assertThat(lessons).extracting(Lesson::kind).containsExactly(Kind.FOOT, Kind.LEG);
        assertThat(lessons.get(0).said().text(LengthUnit.CM)).startsWith("Knit 58 rounds between toe and heel line");
        assertThat(Taught.of(pair, spec, true, false)).isEmpty();
    }

    /** Whatever was changed on the way: with every lesson taken, one after the other, the plan is the pair as it was knitted. */
    @Test
    public void knittedAgainItComesOutAsItDid() {
        Random random = new Random(1500);
        Map<Kind, Integer> taught = new EnumMap<>(Kind.class);
        for (int i = 0; i < 250; i++) {
            SockSpec spec = Specs.random(random);
            PairWork pair;
            try {
                pair = begun(spec);
                happen(pair, random);
            } catch (Refusal noRoom) {
                continue;
            }
            SockSpec again = spec;
            for (int taken = 0; taken < 6; taken++) {
                List<Lesson> lessons = Taught.of(pair, again, true, true);
                if (lessons.isEmpty()) {
                    break;
                }
                Lesson next = lessons.get(random.nextInt(lessons.size()));
                assertThat(PlainWords.amiss(next.said().text(LengthUnit.INCH))).isEmpty();
                assertThat(PlainWords.amiss(next.reason())).isEmpty();
                taught.merge(next.kind(), 1, Integer::sum);
                again = next.taken(again);
            }
            SockPlan knitted = pair.sock(1).course().plan();
            SockPlan planned = again.plan();
            assertThat(planned.basis().gauge().rounds().value())
                    .isCloseTo(knitted.basis().gauge().rounds().value(), within(0.01 * 60));
            boolean taped = knitted.basis().gauge().rounds().value()
                    != pair.begun().plan().basis().gauge().rounds().value();
            if (!taped) {
                assertThat(planned.tube().rounds().foot().count())
                        .isEqualTo(knitted.tube().rounds().foot().count());
                assertThat(planned.tube().rounds().leg().count())
                        .isCloseTo(knitted.tube().rounds().leg().count(), within(1));
            }
        }
        assertThat(taught).containsKeys(Kind.GAUGE, Kind.YARN, Kind.FOOT, Kind.LEG);
    }

    private static void happen(PairWork pair, Random random) {
        int foot = pair.sock(1).course().plan().tube().rounds().foot().count();
        int leg = pair.sock(1).course().plan().tube().rounds().leg().count();
        double gauge = pair.sock(1).course().plan().basis().gauge().rounds().value();
        pair.hear(new Weighed(1, "a", YarnRole.MAIN, 60, false, false, true));
        if (random.nextBoolean()) {
            pair.hear(new Worked(1, Section.FOOT, Math.max(1, foot + random.nextInt(5) - 2)));
        }
        if (random.nextBoolean()) {
            pair.hear(new Worked(1, Section.LEG, Math.max(1, leg + random.nextInt(9) - 4)));
        }
        pair.hear(new Jumped(1, Math.min(40, foot)));
        if (random.nextInt(3) == 0) {
            pair.hear(new Measured(1, Math.round(gauge * (0.95 + 0.1 * random.nextDouble()) / 2), 50));
        }
        if (random.nextBoolean()) {
            pair.hear(new Weighed(1, "b", YarnRole.MAIN, 50 + 2 * random.nextDouble(), false, false, true));
        }
    }
}
