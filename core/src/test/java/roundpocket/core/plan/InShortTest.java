package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Sentence;

/** What is said of a figure in short must come out when a reader adds it up. */
public class InShortTest {
    private static final int PLANS = 400;

    private static double of(Sentence said, String name) {
        return said.amounts().get(name).value();
    }

    @Test
    public void theWholeExampleIsToldAsAKnitterWouldTellIt() {
        SockPlan plan = Specs.wholeExample().plan();
        Map<Step, Sentence> all = InShort.of(plan);
        assertThat(all.get(plan.tube().heelLine().count().rounds()).text(LengthUnit.CM))
                .isEqualTo(
                        "24.1 cm of foot less 5.1 cm of heel is 19.1 cm from the toe tip: 75 rounds at 39.37 rounds per 10"
                                + " cm. 20 rounds of them are the toe, so 55 rounds are left.");
        assertThat(all.get(plan.opening().below()).text(LengthUnit.CM))
                .isEqualTo("Half of 64 sts around the tube, below the heel line and above it.");
        assertThat(all.get(plan.heel().shaping().rounds()).text(LengthUnit.CM))
                .matches(
                        "\\d+ rounds plain, then \\d+ rounds from \\d+ sts to 16 sts on each needle: .* deep in all\\.");
    }

    @Test
    public void whatIsSaidComesOut() {
        Random random = new Random(351);
        int said = 0;
        while (said < PLANS) {
            SockPlan plan;
            try {
                plan = Specs.anySchool(random).plan();
            } catch (Refusal noSock) {
                continue;
            }
            said++;
            Map<Step, Sentence> all = InShort.of(plan);
            all.forEach((figure, sentence) -> {
                String text = sentence.text(LengthUnit.CM);
                assertThat(PlainWords.amiss(text)).as(text).isEmpty();
                assertThat(text).doesNotContain("{").doesNotContain("  ");
                if (text.contains("are the toe")) {
                    assertThat(of(sentence, "opening") - of(sentence, "toe"))
                            .as(text)
                            .isEqualTo(figure.value());
                }
                if (text.contains("are the cuff")) {
                    assertThat(of(sentence, "all") - of(sentence, "cuff"))
                            .as(text)
                            .isEqualTo(figure.value());
                }
                if (text.contains("of heel is")) {
                    // Heel and opening are whole rounds, each up to half a round beside its length.
                    double round = 100 / of(sentence, "gauge");
                    assertThat(of(sentence, "foot") - of(sentence, "depth"))
                            .as(text)
                            .isCloseTo(of(sentence, "fromToe"), within(1.5 * round));
                }
                if (text.contains("deep in all")) {
                    assertThat(of(sentence, "plain") + of(sentence, "shaped"))
                            .as(text)
                            .isEqualTo(figure.value());
                }
            });
            assertThat(all)
                    .containsKeys(plan.stitchCount().stitches(), plan.yarn().pairGrams());
            Amount each = all.get(plan.yarn().pairGrams()).amounts().get("each");
            assertThat(each.value()).as("a stitch takes so much yarn").isBetween(2.0, 120.0);
        }
    }
}
