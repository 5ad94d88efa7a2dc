package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Presses that wait: nobody but the home they are for takes them, from wherever in the application, and none is lost. */
public class WaitingTest extends BrowserTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String KEPT =
            "() => Object.keys(localStorage).filter((name) => name.startsWith('round-pocket.lap.')).length";

    @Override
    protected boolean alone() {
        return true;
    }

    private String begun(String name) {
        JsonNode pair = JSON.readTree(
                server().post("/api/pairs", StoreTest.pair(name, 140)).body());
        String id = pair.get("id").asString();
        server().post("/api/laps/" + id, "{}");
        return id;
    }

    private int counted(String id) {
        return server().json("/api/laps/" + id).at("/socks/0/position").asInt();
    }

    private Page knitting(String id) {
        Page page = visit("/pairs/" + id + "/lap");
        assertThat(page.locator("[data-press]")).isVisible();
        page.locator("[data-press]").click(); // cast on
        assertThat(page.getByTestId("count")).hasText("0");
        heard(page, 0);
        return page;
    }

    private static void heard(Page page, int waiting) {
        assertThat(page.getByTestId("hearing")).hasAttribute("data-waiting", String.valueOf(waiting));
    }

    /** What answers at the server's address while it is away: a program that knows nothing of Round Pocket. */
    private HttpServer stranger(String body, int status) {
        try {
            URI url = URI.create(server().url("/"));
            HttpServer stranger = HttpServer.create(new InetSocketAddress(url.getHost(), url.getPort()), 0);
            stranger.createContext("/", exchange -> {
                byte[] said = body.getBytes(StandardCharsets.UTF_8);
                exchange.getResponseHeaders().add("Content-Type", "application/json");
                exchange.sendResponseHeaders(status, said.length);
                exchange.getResponseBody().write(said);
                exchange.close();
            });
            stranger.start();
            return stranger;
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        }
    }

    @Test
    public void whoeverElseAnswersTakesNothing() {
        String id = begun("waiting for its own");
        Page page = knitting(id);
        server().stop();
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("Space");
        }
        heard(page, 6);
        HttpServer none = stranger("{\"detail\": \"nothing here\", \"code\": \"not-kept\"}", 404);
        page.waitForTimeout(3_000);
        none.stop(0);
        heard(page, 6);
        HttpServer yes = stranger("{\"heard\": [], \"socks\": [], \"pressed\": [], \"revision\": 0}", 200);
        page.waitForTimeout(3_000);
        yes.stop(0);
        heard(page, 6);
        server().startWithAnotherHome();
        page.waitForTimeout(3_000);
        heard(page, 6);
        // Whoever opens a page of that home sees that something waits here for another.
        Page other = visit("/");
        assertThat(other.getByTestId("laid-aside")).containsText("6 rounds and notes wait in this browser for another");
        page.waitForTimeout(3_000);
        assertThat((int) other.evaluate(KEPT)).isEqualTo(6);
        server().stop();
        server().start();
        heard(page, 0);
        assertThat(counted(id)).isEqualTo(7);
    }

    @Test
    public void theyAreSentFromAnywhereAndTheBasketCountsThem() {
        String id = begun("sent from elsewhere");
        Page page = knitting(id);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Plan").setExact(true))
                .last()
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Round Pocket"))
                .click();
        Locator row = page.locator("li").filter(new Locator.FilterOptions().setHasText("sent from elsewhere"));
        assertThat(row).isVisible();
        server().stop();
        page.evaluate(
                "([id, home]) => { for (let i = 0; i < 3; i++) { const event = { id: crypto.randomUUID(), sock: 1,"
                        + " kind: 'DONE', device: 'd', at: new Date().toISOString() };"
                        + " localStorage.setItem(`round-pocket.lap.${home}/${id}:${i}.${event.id}`, JSON.stringify(event)); }"
                        + " window.dispatchEvent(new StorageEvent('storage')); }",
                List.of(id, home(page)));
        assertThat(row.getByTestId("not-sent-yet")).hasText("3 taps wait here to be sent.");
        server().start();
        assertThat(row.getByTestId("not-sent-yet")).hasCount(0);
        assertThat(counted(id)).isEqualTo(4);
    }

    private static String home(Page page) {
        return String.valueOf(page.locator("meta[name=pocket-home]").getAttribute("content"));
    }

    @Test
    public void whatIsRefusedForGoodIsThereToBeSaved() {
        String id = begun("deleted elsewhere");
        Page page = knitting(id);
        server().stop();
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        heard(page, 2);
        server().start();
        // Two words at once: whichever is first, the pair may be gone before they are sent.
        page.keyboard().press("Space");
        heard(page, 0);
        server().delete("/api/pairs/" + id + "?version=0");
        page.keyboard().press("Space");
        assertThat(page.getByTestId("laid-aside")).containsText("One round or note was not saved");
        var saved = page.waitForDownload(
                () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save to a file"))
                        .click());
        assertThat(saved.suggestedFilename()).contains(id);
        page.getByTestId("laid-aside")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove"))
                .click();
        assertThat(page.getByTestId("laid-aside")).hasCount(0);
    }

    /** One click on Undo leaves the focus there: the keys go on counting, and say which way. */
    @Test
    public void afterAClickOnUndoTheKeysCount() {
        Page page = knitting(begun("undone once"));
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("Space");
        }
        assertThat(page.getByTestId("count")).hasText("5");
        assertThat(page.getByTestId("went")).hasText("5 done");
        Locator undo = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"));
        undo.click();
        assertThat(page.getByTestId("count")).hasText("4");
        assertThat(page.getByTestId("went")).hasText("Back to 4");
        page.keyboard().press("Space");
        assertThat(page.getByTestId("count")).hasText("5");
        undo.click();
        page.keyboard().press("Enter");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("count")).hasText("6");
        assertThat(page.getByTestId("went")).hasText("6 done");
        // Who goes there by Tab means it.
        page.locator("[data-press]").focus();
        for (int i = 0; i < 40 && !(boolean) undo.evaluate("each => each === document.activeElement"); i++) {
            page.keyboard().press("Tab");
        }
        page.keyboard().press("Space");
        assertThat(page.getByTestId("count")).hasText("5");
    }

    /** A browser has six connections to one address: seven tabs with the pedal on leave room for everything else. */
    @Test
    public void sevenTabsWithThePedalStarveNobody() {
        List<Page> tabs = new ArrayList<>();
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            String id = begun("pedal " + i);
            Page tab = knitting(id);
            tab.evaluate("() => localStorage.setItem('round-pocket.signals', JSON.stringify({ pedal: true }))");
            ids.add(id);
            tabs.add(tab);
        }
        tabs.forEach(Page::reload);
        for (Page tab : tabs) {
            assertThat(tab.getByTestId("count")).isVisible();
            tab.keyboard().press("Space");
            heard(tab, 0);
        }
        for (String id : ids) {
            assertThat(counted(id)).isEqualTo(2);
        }
        Page last = tabs.get(6);
        Locator here = last.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Count this pair"));
        if (here.count() > 0) {
            here.first().click();
        }
        tabs.get(0).close(); // the one that led
        last.waitForTimeout(3_000);
        server().post("/api/devices/pedal/pair", "{\"pair\": \"" + ids.get(6) + "\"}");
        server().post("/api/devices/pedal", "");
        assertThat(last.getByTestId("count")).hasText("2");
    }

    /** A plan stays open while its pair is deleted elsewhere: what is worked on is kept as a new one. */
    @Test
    public void aPlanOfADeletedPairIsKeptAsANewOne() {
        String id = JSON.readTree(server().post("/api/pairs", StoreTest.pair("once there", 140))
                        .body())
                .get("id")
                .asString();
        Page page = visit("/pairs/" + id);
        assertThat(page.getByTestId("kept")).hasText("Saved");
        server().delete("/api/pairs/" + id + "?version=0");
        page.getByLabel("Name of the pair").fill("still wanted");
        page.keyboard().press("Tab");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save as a new pair"))
                .click();
        page.waitForURL(url -> !url.endsWith(id));
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(server().json("/api/pairs").findValuesAsString("name")).contains("still wanted");
    }
}
