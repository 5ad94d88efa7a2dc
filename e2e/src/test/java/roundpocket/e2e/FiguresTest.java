package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Locale;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What stands on the screen is what the interface answers, for specifications at random. */
public class FiguresTest extends BrowserTest {
    private static final long SEED = 1123;
    private static final int SPECIFICATIONS = 6;

    @DataProvider
    public Object[][] specifications() {
        Random random = new Random(SEED);
        Object[][] all = new Object[SPECIFICATIONS][];
        for (int i = 0; i < all.length; i++) {
            double length = 180 + random.nextInt(120);
            all[i] = new Object[] {
                """
                {"foot": {"lengthMm": %.0f, "ballGirthMm": %.0f},
                 "swatch": {"stitches": [{"count": %d, "spanMm": 100}], "rounds": [{"count": %d, "spanMm": 100}]},
                 "yarn": {"lengthM": %d, "massG": 100, "onHandG": %d},
                 "choices": {"tube": {"legMm": %d}, "heel": {"plainRounds": %d}, "finish": {"cuffRounds": %d}}}""".formatted(
                                length,
                                length * (0.85 + 0.2 * random.nextDouble()),
                                26 + random.nextInt(10),
                                38 + random.nextInt(12),
                                350 + random.nextInt(150),
                                20 + random.nextInt(100),
                                100 + random.nextInt(100),
                                random.nextInt(8),
                                10 + random.nextInt(8))
            };
        }
        return all;
    }

    private static String whole(JsonNode plan, String figure) {
        return plan.at(figure + "/value").asInt() + "";
    }

    @Test(dataProvider = "specifications")
    public void figuresOnScreenAreThoseOfTheInterface(String spec) {
        JsonMapper json = new JsonMapper();
        JsonNode plan = json.readTree(server().post("/api/plans/preview", spec).body());
        JsonNode pair = json.readTree(server().post("/api/pairs", "{\"name\": \"any\", \"spec\": " + spec + "}")
                .body());
        Page page = visit("/pairs/" + pair.get("id").asString());
        String[][] shown = {
            {"stitches", whole(plan, "/stitchCount/stitches") + "stitches"},
            {"opening", whole(plan, "/tube/rounds/foot") + "rounds"},
            {"opening", cm(plan, "/tube/heelLine/count/length")},
            {"opening", whole(plan, "/tube/heelLine/count/markers") + " marker"},
            {"leg", whole(plan, "/tube/rounds/leg") + "rounds"},
            {"leg", whole(plan, "/tube/rounds/tube") + " rounds, " + cm(plan, "/tube/lengths/tube")},
            {"cuff", cm(plan, "/tube/lengths/cuff")},
            {"pick-up", whole(plan, "/opening/below") + " + " + whole(plan, "/opening/above")},
            {"pick-up", whole(plan, "/opening/comesOut") + " waste-yarn sts"},
            {"heel", whole(plan, "/heel/shaping/rounds") + "rounds"},
            {"heel", "graft " + whole(plan, "/heel/shaping/closingSide")},
            {"toe", whole(plan, "/toe/shaping/rounds") + "rounds"},
            {"yarn", grams(plan, "/yarn/pairGrams", 1)},
            {"yarn", left(plan)},
        };
        for (String[] each : shown) {
            Locator figure = page.locator("[data-figure=" + each[0] + "]");
            assertThat(figure).containsText(each[1]);
        }
    }

    private static String cm(JsonNode plan, String figure) {
        return String.format(Locale.ROOT, "%.1f cm", plan.at(figure + "/value").asDouble() / 10);
    }

    private static String grams(JsonNode plan, String figure, int sign) {
        double grams = sign * plan.at(figure + "/value").asDouble();
        // no more digits than the uncertainty leaves
        boolean tenths = grams < 100 && plan.at(figure + "/plusMinus").asDouble() < 10;
        return String.format(Locale.ROOT, tenths ? "%.1f" : "%.0f", grams);
    }

    private static String left(JsonNode plan) {
        boolean tooLittle = plan.at("/yarn/roles/0/left/left/value").asDouble() < 0;
        return tooLittle
                ? grams(plan, "/yarn/roles/0/left/left", -1) + " g short"
                : grams(plan, "/yarn/roles/0/left/left", 1) + " g ±";
    }
}
