package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.TechniqueChoice;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.shaping.Turning;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Provisional;

/** Short rows and live beginnings, as they are told row by row. The ways of turning are common practice, with no source. */
public class TurningTest {
    private static final String[] WORK = {"Knit ", "Purl "};

    private static SockSpec shortRows(TechniqueChoice technique) {
        SockSpec spec = Specs.tubeOf(64, 0); // 32 on each needle, down to 10 and back
        return spec.withChoices(spec.choices()
                .withHeel(ShapingChoice.of(ShapingSchool.SHORT_ROWS, 0))
                .withTechnique(technique));
    }

    private static LapStep step(SockSpec spec, String id) {
        return LapPlan.of(spec.plan(), HeelWhen.AFTER_TUBE, 1).steps().stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> words(Turning turning) {
        return step(shortRows(TechniqueChoice.of(turning)), "heel").presses().stream()
                .map(Press::words)
                .toList();
    }

    @DataProvider
    static Object[][] rows() {
        return new Object[][] {
            {Turning.WRAP, 1, "Purl 30. Yarn to the back, slip 1 purlwise, yarn to the front, slip it back. Turn."},
            {
                Turning.WRAP,
                22,
                "Knit 11, the last one together with its wrap or wraps. Yarn to the front, slip 1 purlwise, yarn to the"
                        + " back, slip it back. Turn."
            },
            {Turning.WRAP, 42, "Knit 31, the last one together with its wrap or wraps. Turn."},
            {Turning.WRAP, 43, "Purl 32, the last one together with its wrap or wraps. All sts are worked."},
            {Turning.DOUBLED, 1, "Double the first st, purl 29. Turn."},
            {Turning.DOUBLED, 23, "Double the first st, purl 11, both legs of a doubled st as one. Turn."},
            {Turning.DOUBLED, 43, "Double the first st, purl 31, both legs of a doubled st as one. All sts are worked."
            },
            {
                Turning.SHADOW,
                2,
                "Knit 29. Lift the st below the next one onto the left needle, knit it and put the new st back on the left"
                        + " needle. Turn."
            },
            {Turning.SHADOW, 43, "Purl 32, the last one together with its shadow or shadows. All sts are worked."},
        };
    }

    /** Worked by hand: 22 rows down to 10 of 32, and 22 back. */
    @Test(dataProvider = "rows")
    public void eachRowIsToldWithItsTurn(Turning turning, int row, String said) {
        assertThat(words(turning)).hasSize(44);
        assertThat(words(turning).get(row)).isEqualTo(said);
    }

    /** Whatever the way of turning: the rows are knitted and purled in turn, and reach as far as the plan says. */
    @Test
    public void theRowsAlternateAndTheirStitchesStay() {
        List<Integer> far = IntStream.concat(
                        IntStream.iterate(31, n -> n > 9, n -> n - 1), IntStream.rangeClosed(11, 32))
                .boxed()
                .toList();
        for (Turning turning : List.of(Turning.WRAP, Turning.SHADOW)) {
            List<String> words = words(turning);
            for (int i = 1; i < words.size(); i++) {
                assertThat(words.get(i)).startsWith(WORK[i % 2] + far.get(i)).matches(".*(Turn|worked)\\.");
            }
        }
        SockSpec wrapped = shortRows(TechniqueChoice.of(Turning.WRAP));
        SockSpec doubled = shortRows(TechniqueChoice.of(Turning.DOUBLED));
        assertThat(doubled.plan().heel().shaping().rounds().value())
                .isEqualTo(wrapped.plan().heel().shaping().rounds().value());
        assertThat(doubled.plan().yarn().sockGrams().value())
                .isEqualTo(wrapped.plan().yarn().sockGrams().value());
    }

    @Test
    public void theHalfThatWaitsIsNamedAndGraftedTo() {
        SockSpec spec = shortRows(TechniqueChoice.usual());
        assertThat(step(spec, "heel").instruction())
                .contains("Short rows on the lower needle, each")
                .contains("the sts of the upper one wait and are grafted to it")
                .contains("two wraps");
        assertThat(step(spec, "heel-graft").before()).isEqualTo(64);
    }

    @Test
    public void liveStitchesBeginAndComeFreeAsChosen() {
        SockSpec waste = Specs.tubeOf(64, 4);
        assertThat(step(waste, "begin").instruction())
                .contains("with smooth waste yarn of another colour")
                .contains("Join in the round and knit 3 or 4 rounds of it");
        assertThat(step(waste, "toe-pick-up").instruction()).endsWith("Then take the waste yarn out.");
        SockSpec chain = waste.withChoices(waste.choices().withTechnique(TechniqueChoice.of(Provisional.CHAIN)));
        assertThat(step(chain, "begin").instruction())
                .contains("chain 68: 4 to spare")
                .contains("Pick up 64 sts");
        assertThat(step(chain, "toe-pick-up").instruction()).contains("the chain comes out st by st");
    }
}
