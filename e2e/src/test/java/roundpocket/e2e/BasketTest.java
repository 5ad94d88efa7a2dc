package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import org.testng.Assert;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The basket with the demo data in it, and what can be taken from the shelves. */
public class BasketTest extends BrowserTest {
    @Override
    protected Server.Holding holding() {
        return Server.Holding.DEMO;
    }

    private static Locator row(Page page, String name) {
        return page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText(name));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    public void everyPairSaysWhatToDoNext() {
        Page page = visit("/");
        JsonNode begun = server().json("/api/laps");
        int planned = 0;
        for (JsonNode pair : server().json("/api/pairs")) {
            Locator row = row(page, pair.get("name").asString());
            String next = begun.valueStream()
                    .filter(lap -> lap.get("pairId").equals(pair.get("id")))
                    .map(lap -> lap.get("next").asString())
                    .findFirst()
                    .orElse("");
            if (next.startsWith("Both socks are done")) {
                assertThat(row).hasCount(0); // it waits behind its switch
            } else if (!next.isEmpty()) {
                assertThat(row).containsText(next);
            } else if (pair.at("/gist/way").asString().equals("TOE_UP")) {
                planned++;
                assertThat(row)
                        .containsText("cast on " + pair.at("/gist/stitches").asInt() + " sts");
                assertThat(row)
                        .containsText("knit " + pair.at("/gist/openingRounds").asInt() + " rounds to the heel line");
            } else {
                assertThat(row).containsText("cut the tube");
            }
        }
        assertThat(row(page, "Odd’s tenor socks"))
                .containsText(Pattern.compile("foot, round \\d+ of \\d+ \\(first sock\\)"));
        assertThat(row(page, "Åshild’s wide ones")).containsText("First sock done. Cast on the second");
        Assert.assertEquals(planned, 3);
        assertThat(page).hasTitle("Basket · Round Pocket");
    }

    @Test
    public void measuresFromTheShelvesMakeAPlanWithoutTyping() {
        Page page = visit("/new");
        button(page, "Odd").click();
        button(page, "Frost, washed").click();
        button(page, "Open the plan").click();
        assertThat(page.getByTestId("recipe")).containsText("For Odd’s feet (28.8 cm long");
        page.locator("[data-word=yarn]").click();
        button(page, "Bellrope 4-ply").click();
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-word=yarn]")).hasText("Bellrope 4-ply");
        page.locator("[data-word=foot]").click();
        button(page, "Pia").click();
        assertThat(page.locator("[data-word=foot-length]")).hasText("17.2 cm");
    }

    @Test
    public void aPlanWithoutANameWaitsThroughAReload() {
        Page page = visit("/new");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Pia").setExact(true))
                .click();
        button(page, "Bellrope, washed").click();
        button(page, "Open the plan").click();
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        page.reload();
        assertThat(page.locator("[data-word=foot]")).hasText("Pia’s feet");
        page.navigate(server().url("/"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Continue"))
                .click();
        button(page, "Save to basket").click();
        assertThat(page.locator("form")).containsText("Give it a name.");
        button(page, "Start over").click();
        assertThat(page.locator("main")).containsText("Three measurements");
    }

    @Test
    public void deletingAsksOnceAndCanBeUndone() {
        server().post("/api/pairs", """
                {"name": "not wanted", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
                 "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]}}}""");
        int before = server().json("/api/pairs").size();
        Page page = visit("/");
        button(page, "Delete not wanted").click();
        Locator question = page.getByRole(AriaRole.ALERTDIALOG);
        assertThat(question).containsText("Delete “not wanted”?");
        assertThat(question.getByText("Cancel")).isFocused();
        page.keyboard().press("Enter");
        assertThat(question).hasCount(0);
        assertThat(button(page, "Delete not wanted")).isFocused();
        button(page, "Delete not wanted").click();
        question.getByText("Delete", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(row(page, "not wanted")).hasCount(0);
        assertThat(button(page, "Undo")).isFocused();
        page.keyboard().press("Enter");
        assertThat(row(page, "not wanted")).isVisible();
        assertThat(server().json("/api/pairs").size()).isEqualTo(before);
        button(page, "Delete not wanted").click();
        question.getByText("Delete", new Locator.GetByTextOptions().setExact(true))
                .click();
        // Whoever leaves has not undone it.
        page.navigate("about:blank");
        for (int waited = 0; server().json("/api/pairs").size() == before && waited < 100; waited++) {
            page.waitForTimeout(50);
        }
        assertThat(server().json("/api/pairs").size()).isEqualTo(before - 1);
    }

    @Test
    public void aPairThatIsGoneSaysSo() {
        Page page = visit("/pairs/" + UUID.randomUUID());
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("It may have been deleted");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the basket"))
                .click();
        assertThat(row(page, "Marit’s chamber socks")).isVisible();
    }

    @Test
    public void theBasketTellsWhatGetsDoneInTheNextHour() {
        Page page = visit("/");
        Locator outing = page.getByTestId("outing").first();
        assertThat(outing).containsText("In 40 minutes: ");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("20 min to knit").setExact(true))
                .click();
        assertThat(outing).containsText("In 20 minutes: ");
        page.reload();
        assertThat(outing).containsText("In 20 minutes: ");
    }

    @Test
    public void theStashLeadsToAPlan() {
        Page page = visit("/yarn");
        page.getByText("What can be knitted from it?").click();
        Locator table =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What can be knitted from it"));
        assertThat(table).containsText("not enough");
        assertAccessible(page);
        table.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("for Pia: plenty")))
                .first()
                .click();
        assertThat(page.getByTestId("recipe").or(page.locator("main")).first()).containsText("Pia");
        assertThat(page.getByText("Name this pair to save it")).isVisible();
    }
}
