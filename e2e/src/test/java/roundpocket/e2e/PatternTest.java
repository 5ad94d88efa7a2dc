package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A repeat from its words on the plan to the round that is due beside the needles. */
public class PatternTest extends BrowserTest {
    private static final String SPEC = """
            {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
             "yarn": {"lengthM": 420, "massG": 100, "onHandG": 100}}""";

    private static Locator word(Page page, String id) {
        return page.locator("[data-word=" + id + "]");
    }

    private static void choose(Page page, String word, String title) {
        word(page, word).click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(title))
                .first()
                .click();
        page.keyboard().press("Escape");
    }

    @Test
    public void fromTheWordsOfARepeatToTheRoundThatIsDue() {
        String pair = server().post("/api/pairs", "{\"name\": \"Laced\", \"spec\": " + SPEC + "}")
                .body()
                .replaceFirst("(?s).*?\"id\" ?: ?\"([^\"]+)\".*", "$1");
        Page page = visit("/pairs/" + pair);
        assertThat(word(page, "pattern")).hasText("plain");
        choose(page, "pattern", "on the leg");
        assertThat(word(page, "motif")).hasText("cuff rib");
        choose(page, "motif", "a repeat of your own");

        word(page, "pattern-rows").click();
        Locator rows = page.getByLabel("One round a line, the first round first");
        rows.fill("k1, yo, ssk, k3\nk6, q");
        rows.blur();
        assertThat(page.getByText("Line 2: I don’t know “q”.").first()).isVisible();
        rows.fill("k1, yo, ssk, k3\nk6");
        page.keyboard().press("Escape");
        assertThat(word(page, "pattern-rows")).hasText("6 sts × 2 rounds, written out");

        // 64 stitches do not close on six; the check says which counts do, and leads to them
        assertThat(page.getByText("Repeats of 6 stitches don’t come out whole around the leg with 64 sts.")
                        .first())
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change this"))
                .first()
                .click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("whole repeats of the pattern"))
                .first()
                .click();
        page.keyboard().press("Escape");
        assertThat(word(page, "stitches")).containsText("60 stitches");
        choose(page, "pattern-whole", "ending with a whole repeat");
        assertThat(page.getByTestId("kept")).hasText("Saved");
        JsonNode choices = server().json("/api/pairs/" + pair).at("/spec/choices/pattern");
        assertThat(choices.get("rows").asString()).isEqualTo("k1, yo, ssk, k3\nk6");

        server().post("/api/laps/" + pair, "{}");
        int leg = 0;
        JsonNode work = server().json("/api/laps/" + pair).at("/works/0");
        while (!work.at("/steps/" + leg + "/id").asString().equals("leg")) {
            leg++;
        }
        int third = work.at("/starts/" + leg).asInt() + 2;
        server().post("/api/laps/" + pair + "/events", """
                [{"id": "11111111-1111-4111-8111-111111111111", "sock": 1, "kind": "JUMPED", "to": %d,
                  "device": "33333333-1111-4111-8111-111111111111", "at": "2026-11-27T05:00:00Z"}]""".formatted(third));
        page.navigate(server().url("/pairs/" + pair + "/lap"));
        assertThat(page.getByText("Pattern round 1 of 2: (k1, yo, ssk, k3) × 10."))
                .isVisible();
        page.keyboard().press("Space");
        assertThat(page.getByText("Pattern round 2 of 2: k60.")).isVisible();
        assertThat(page.getByTestId("count")).hasText("3");
        page.keyboard().press("Backspace");
        assertThat(page.getByText("Pattern round 1 of 2")).isVisible();
    }
}
