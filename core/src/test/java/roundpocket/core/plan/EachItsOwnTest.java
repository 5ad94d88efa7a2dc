package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.judge.Doubts;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.KnitEvent;
import roundpocket.core.lap.PairWork;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.tube.HeelWhen;

/** Feet that differ: each sock as it would be for a pair on its own foot, and the yarn of both together. */
public class EachItsOwnTest {
    private static final Foot LONG = new Foot(262, 248);
    private static final Foot SHORT = new Foot(244, 226);

    private static SockSpec on(PlanOn planOn) {
        return Specs.wholeExample().withFeet(new Feet(LONG, Optional.of(SHORT), planOn));
    }

    private static final List<Function<SockPlan, Step>> OF_A_SOCK = List.of(
            plan -> plan.stitchCount().stitches(),
            plan -> plan.tube().rounds().tube(),
            plan -> plan.tube().heelLine().count().rounds(),
            plan -> plan.heel().shaping().rounds(),
            plan -> plan.toe().shaping().stitchesWorked(),
            plan -> plan.cuff().rounds(),
            plan -> plan.yarn().sockGrams(),
            plan -> plan.fit().heelRoom().stretch());

    @Test
    public void eachSockIsTheOneOfItsOwnFoot() {
        SockPlan first = on(PlanOn.EACH).plan(1);
        SockPlan second = on(PlanOn.EACH).plan(2);
        for (Function<SockPlan, Step> figure : OF_A_SOCK) {
            assertThat(figure.apply(first).value())
                    .isEqualTo(figure.apply(on(PlanOn.FIRST).plan()).value());
            assertThat(figure.apply(second).value())
                    .isEqualTo(figure.apply(on(PlanOn.OTHER).plan()).value());
        }
        assertThat(first.tube().rounds().tube().count())
                .isGreaterThan(second.tube().rounds().tube().count());
    }

    @Test
    public void theYarnIsThatOfBoth() {
        YarnNeed first = on(PlanOn.EACH).plan(1).yarn();
        YarnNeed second = on(PlanOn.EACH).plan(2).yarn();
        double both = first.sockGrams().value() + second.sockGrams().value();
        assertThat(first.pairGrams().value()).isCloseTo(both, within(1e-9));
        assertThat(second.pairGrams().value()).isCloseTo(both, within(1e-9));
        assertThat(first.pairMetres().value())
                .isCloseTo(first.sockMetres().value() + second.sockMetres().value(), within(1e-9));
        assertThat(first.heelReserve().value()).isEqualTo(second.heelReserve().value());
        assertThat(first.of(YarnRole.MAIN).pairGrams().value())
                .isCloseTo(second.of(YarnRole.MAIN).pairGrams().value(), within(1e-9));
        // The same model errs the same way in both: their errors add, as those of two socks alike do.
        double alike = on(PlanOn.FIRST).plan().yarn().pairGrams().standardUncertainty()
                / on(PlanOn.FIRST).plan().yarn().pairGrams().value();
        assertThat(first.pairGrams().standardUncertainty() / both).isCloseTo(alike, within(0.002));
    }

    @Test
    public void alikeIsAskedOfTheOtherFootAndRefusedWhereSocksMustBeAlike() {
        Refusal one = catchThrowableOfType(Refusal.class, () -> new Feet(LONG, Optional.empty(), PlanOn.EACH));
        assertThat(one.message(LengthUnit.CM)).contains("only one foot was measured");
        SockSpec ready = Specs.readyTube(on(PlanOn.EACH), 64, 300);
        assertThat(catchThrowableOfType(Refusal.class, ready::plan).message(LengthUnit.CM))
                .contains("cut for two socks alike");
    }

    /** What is said for both socks at once could not be done on both. */
    @Test
    public void unlikeSocksAreNotKnittedTwoAtATime() {
        PairWork pair = new PairWork(Course.beginning(on(PlanOn.EACH), HeelWhen.AFTER_TUBE));
        assertThat(pair.hear(new KnitEvent.Ordered(1, KnitOrder.TWO_AT_A_TIME))).isFalse();
        assertThat(pair.refusal().orElseThrow().message(LengthUnit.CM)).contains("counts of their own");
        assertThat(pair.hear(new KnitEvent.Ordered(1, KnitOrder.IN_TURN))).isTrue();
    }

    @Test
    public void thatTheyDifferIsSaidUntilEachHasItsOwn() {
        assertThat(Doubts.of(on(PlanOn.FIRST), on(PlanOn.FIRST).plan()))
                .anyMatch(doubt -> doubt.said().code().equals("foot.differ"));
        assertThat(Doubts.of(on(PlanOn.EACH), 2, on(PlanOn.EACH).plan(2)))
                .noneMatch(doubt -> doubt.said().code().equals("foot.differ"));
    }

    /** Both are knitted to the end, each by its own count; rounds that one has more leave the other alone. */
    @Test
    public void aWholePairIsKnittedEachByItsOwn() {
        PairWork pair = new PairWork(Course.beginning(on(PlanOn.EACH), HeelWhen.AFTER_TUBE));
        int second = pair.sock(2).course().lap().presses();
        assertThat(pair.sock(1).course().lap().presses()).isGreaterThan(second);
        assertThat(pair.sock(2).course().plan().tube().rounds().tube().count())
                .isEqualTo(on(PlanOn.OTHER).plan().tube().rounds().tube().count());
        for (int i = 0; i < 40; i++) {
            assertThat(pair.hear(new KnitEvent.Done(1, 0))).isTrue();
        }
        int foot = pair.sock(1).course().plan().tube().rounds().foot().count();
        assertThat(pair.hear(new KnitEvent.Worked(1, Section.FOOT, foot + 3))).isTrue();
        assertThat(pair.sock(1).course().plan().tube().rounds().foot().count()).isEqualTo(foot + 3);
        assertThat(pair.sock(2).course().lap().presses()).isEqualTo(second);
        assertThat(pair.hear(new KnitEvent.Measured(1, 20, 48))).isTrue();
        assertThat(pair.sock(2).course().spec().swatch().onTheTube()).isPresent();
        for (int sock = 1; sock <= 2; sock++) {
            while (!pair.sock(sock).finished()) {
                assertThat(pair.hear(new KnitEvent.Done(sock, 0))).isTrue();
            }
        }
    }
}
