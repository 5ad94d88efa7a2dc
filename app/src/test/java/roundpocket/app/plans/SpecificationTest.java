package roundpocket.app.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** The documented file format, taken by the preview as it stands. */
public class SpecificationTest extends AppTest {
    private String example = "";

    @BeforeClass
    public void readTheDocument() throws IOException {
        String text = Files.readString(Path.of("..", "docs", "specification-format.md"));
        example = text.substring(text.indexOf("```json") + 7, text.lastIndexOf("```"));
    }

    @Test
    public void theDocumentedExampleIsPlannedAsItStands() {
        JsonNode plan = body(post("/api/plans/preview", example));
        assertThat(plan.at("/heel/shaping/school/id").asString()).isEqualTo("THREE_SPEED");
        assertThat(plan.at("/heel/shaping/plainRounds/value").asInt()).isEqualTo(3);
        assertThat(plan.at("/toe/shaping/phases").size()).isEqualTo(3);
        assertThat(plan.at("/opening/snip/value").asInt()).isEqualTo(16);
        assertThat(plan.at("/opening/counts").size()).isEqualTo(2);
        assertThat(plan.at("/basis/gauge/rounds/value").asDouble()).isEqualTo(44);
        assertThat(plan.at("/replan/done/value").asInt()).isEqualTo(46);
        assertThat(plan.at("/yarn/roles").size()).isEqualTo(2);
        assertThat(plan.at("/yarn/roles/1/left/enough/title").asString()).isNotBlank();
        assertThat(plan.at("/answers/stitches/stitches/value").asInt()).isEqualTo(60);
        assertThat(plan.at("/answers/leg/longestRounds/value").asInt()).isPositive();
        assertThat(plan.at("/answers/plainRounds/tried/plainRounds").isNumber()).isTrue();
        assertThat(plan.at("/answers/fits/length/value").asDouble()).isBetween(235.0, 245.0);
        assertThat(plan.at("/cautions"))
                .anySatisfy(c -> assertThat(c.get("caution").asString()).isEqualTo("SCISSORS"));
    }

    /** Every rule that a working names stands beside the steps and in the almanac. */
    @Test
    public void noFigureLacksItsWorkingOrItsProvenance() {
        JsonNode plan = body(post("/api/plans/preview", example));
        Set<String> known = new HashSet<>();
        body(get("/api/almanac?kind=RULE"))
                .forEach(entry -> known.add(entry.get("id").asString()));
        Set<String> beside = new HashSet<>();
        JsonNode workings = body(post("/api/plans/workings", example));
        workings.get("rules").forEach(rule -> {
            beside.add(rule.get("id").asString());
            assertThat(rule.at("/source/mark").asString()).isIn("P", "C", "M", "D");
        });
        assertThat(known).containsAll(beside);
        workings.get("steps").forEach(step -> {
            if (step.has("computed")) {
                assertThat(beside).contains(step.at("/computed/rule").asString());
            } else if (step.has("given") && step.at("/given/origin").asString().equals("constant")) {
                assertThat(step.at("/given/source/text").asString()).isNotBlank();
            }
        });
        assertThat(workings.get("figures")).hasSizeGreaterThan(200);
    }

    @Test
    public void aPairKeepsItsWholeSpecificationButNotWhatWasAsked() {
        JsonNode pair = body(post("/api/pairs", "{\"name\": \"everything\", \"spec\": " + example + "}"));
        JsonNode kept = body(get("/api/pairs/" + pair.get("id").asString())).get("spec");
        assertThat(kept.has("questions")).isFalse();
        assertThat(kept.get("version").asInt()).isEqualTo(SpecPart.VERSION);
        assertThat(kept.at("/choices/toe/phases/1/until").asInt()).isEqualTo(12);
        JsonNode again = body(post("/api/plans/preview", kept.toString()));
        assertThat(again.get("axis"))
                .isEqualTo(body(post("/api/plans/preview", example)).get("axis"));
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"\"version\": 1", "\"version\": 2", 422, "version", "this Round Pocket reads version 1"},
            {"\"THREE_SPEED\"", "\"FOUR_SPEED\"", 400, "choices.heel.school", "must be one of WEDGE, NARROW_WEDGE"},
            {"\"size\": 39", "\"size\": 60", 422, "otherFoot.shoe.size", "17 to 53"},
            {"\"extraLoops\": 2", "\"extraLoops\": 3", 422, "choices.opening.extraLoops", "must be 1, 2 or 4"},
            {"\"every\": 3", "\"every\": 0", 422, "choices.toe.phases[0].every", "Decrease every 1 to 10 rounds"},
            {"\"usedG\": 7", "\"usedG\": 0", 422, "weighIns[0].usedG", "0.1 to 1000 g"},
            {"\"TOE\", ", "\"FOOT\", ", 422, "contrastSections", "foot and leg are the main yarn"},
            {"\"rounds\": 44, ", "\"rounds\": 400, ", 422, "tubeReading.rounds", "400 rounds per 10 cm"},
            {"\"atHandG\": 60", "\"atHandG\": 0", 422, "questions.atHandG", "1 to 5000 g"},
            {
                "\"way\": \"TOE_UP\", \"toeStart\"",
                "\"way\": \"CUFF_DOWN\", \"toeStart\"",
                422,
                "choices.tube.toeStart",
                "Only a toe-up tube"
            },
            {"\"nylonShare\": 0.25", "\"nylonShare\": 25", 422, "yarn.nylonShare", "0 to 100 % (you entered 2500 %)"},
            {"[\"TOE\", \"HEEL\", \"CUFF\"]", "[null]", 400, "contrastSections[0]", "contrastSections"},
        };
    }

    /** Two feet, a sock for each: the plan of either is asked for, and what is asked is not kept. */
    @Test
    public void eachSockOfTwoUnlikeFeetHasItsPlan() {
        String both = """
                {"foot": {"lengthMm": 262, "ballGirthMm": 248}, "otherFoot": {"lengthMm": 244, "ballGirthMm": 226},
                 "planOn": "EACH", "swatch": {"stitches": [{"count": 31, "spanMm": 100}],
                  "rounds": [{"count": 43, "spanMm": 100}]}, "questions": {"sock": %d}}""";
        JsonNode first = body(post("/api/plans/preview", both.formatted(1)));
        JsonNode second = body(post("/api/plans/preview", both.formatted(2)));
        assertThat(first.at("/stitchCount/stitches/value").asInt())
                .isGreaterThan(second.at("/stitchCount/stitches/value").asInt());
        assertThat(first.at("/yarn/pairGrams/value").asDouble())
                .isCloseTo(second.at("/yarn/pairGrams/value").asDouble(), within(1e-9));
        JsonNode pair = body(post("/api/pairs", "{\"name\": \"Unlike\", \"spec\": " + both.formatted(2) + "}"));
        assertThat(pair.get("spec").has("questions")).isFalse();
        assertThat(post("/api/plans/preview", both.formatted(3))).hasStatus(422);
    }

    @Test(dataProvider = "wrong")
    public void whatIsWrongIsSaidWithItsPlace(String right, String wrong, int status, String field, String words) {
        assertThat(example).contains(right);
        var result = post("/api/plans/preview", example.replace(right, wrong));
        assertThat(result).hasStatus(status);
        JsonNode problem = body(result);
        assertThat(problem.at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(problem.get("detail").asString()).contains(words);
    }

    @Test
    public void doubtsAreSaidInTheReadersUnit() {
        String shoe = example.replace("\"lengthMm\": 246, ", "\"shoe\": {\"system\": \"EU\", \"size\": 39}, ");
        assertThat(body(post("/api/plans/preview", shoe)).get("doubts"))
                .anySatisfy(doubt -> assertThat(said(doubt.get("said"))).contains("24.5 cm"));
    }

    @Test
    public void theAlmanacIsSearched() {
        assertThat(body(get("/api/almanac")).size()).isGreaterThan(150);
        assertThat(body(get("/api/almanac?words=Munden"))).isNotEmpty().allSatisfy(entry -> assertThat(entry.toString())
                .containsIgnoringCase("munden"));
        assertThat(body(get("/api/almanac?kind=CAUTION"))).hasSize(7);
        assertThat(get("/api/almanac?kind=NOTHING")).hasStatus(400);
    }
}
