package roundpocket.core.rescue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.LapStep;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.HeelWhen;

public class RescueTest {
    private static final int PAIRS = 200;

    @Test
    public void everyStepHasSomethingAtHandAndEveryMishapAStep() {
        Random random = new Random(15);
        Set<Mishap> met = EnumSet.noneOf(Mishap.class);
        for (int i = 0; i < PAIRS; i++) {
            planned(random).ifPresent(plan -> {
                for (HeelWhen when : HeelWhen.values()) {
                    if (when.goesWith(plan.tube().way())) {
                        for (LapStep step : LapPlan.of(plan, when, 1).steps()) {
                            List<Mishap> here = Rescue.in(step, plan);
                            assertThat(here).as(step.id()).isNotEmpty().doesNotHaveDuplicates();
                            met.addAll(here);
                        }
                    }
                }
            });
        }
        assertThat(met).containsExactlyInAnyOrder(Mishap.values());
    }

    @Test
    public void nothingIsOfferedThatCannotHaveHappened() {
        SockSpec whole = Specs.wholeExample();
        SockPlan snipped = whole.plan();
        assertThat(in(snipped, "heel-graft"))
                .contains(Mishap.GRAFT_LEFT, Mishap.EARS)
                .doesNotContain(Mishap.TOE_TURNED);
        assertThat(in(snipped, "leg")).contains(Mishap.DROPPED, Mishap.KNOT).doesNotContain(Mishap.TWISTED_JOIN);
        assertThat(in(snipped, "heel"))
                .contains(Mishap.WHICH_DECREASE, Mishap.HOLE)
                .doesNotContain(Mishap.TOE_TURNED);
        SockPlan spiral = whole.withChoices(whole.choices().withToe(ShapingChoice.of(ShapingSchool.SPIRAL, 0)))
                .plan();
        assertThat(in(snipped, "toe")).contains(Mishap.TOE_TURNED);
        assertThat(in(spiral, "toe")).contains(Mishap.WHICH_DECREASE).doesNotContain(Mishap.TOE_TURNED);
        assertThat(in(snipped, "bind-off")).contains(Mishap.TOO_TIGHT, Mishap.EDGE_STEP);
    }

    private static List<Mishap> in(SockPlan plan, String id) {
        LapStep asked = LapPlan.of(plan, HeelWhen.AFTER_TUBE, 1).steps().stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow();
        return Rescue.in(asked, plan);
    }

    @Test
    public void eachIsSaidInPlainWords() {
        for (Mishap mishap : Mishap.values()) {
            Stream.concat(
                            Stream.of(mishap.title(), mishap.description(), mishap.why()),
                            mishap.cure().stream().map(move -> move.text(LengthUnit.INCH)))
                    .forEach(words -> {
                        assertThat(PlainWords.amiss(words)).isEmpty();
                        assertThat(words.length()).as(words).isLessThan(160);
                    });
            assertThat(mishap.cure())
                    .extracting(move -> move.text(LengthUnit.CM))
                    .hasSizeBetween(2, 4)
                    .allMatch(move -> move.endsWith("."));
        }
    }

    /** 10 cm are 4 in, and not 3 15/16: the end of a scrap is no measurement. */
    @Test
    public void aScrapIsAsLongInInches() {
        assertThat(Mishap.LEG_CUT.cure().get(2).text(LengthUnit.CM)).contains("10 cm hanging out");
        assertThat(Mishap.LEG_CUT.cure().get(2).text(LengthUnit.INCH)).contains("4 in hanging out");
    }

    private static Optional<SockPlan> planned(Random random) {
        try {
            return Optional.of(Specs.anySchool(random).plan());
        } catch (Refusal noRoom) {
            return Optional.empty();
        }
    }
}
