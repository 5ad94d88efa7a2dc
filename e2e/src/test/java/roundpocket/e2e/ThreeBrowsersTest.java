package roundpocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.testng.Reporter;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import roundpocket.browser.Chromium;
import tools.jackson.databind.json.JsonMapper;

/**
 * Three browsers knit one pair while they are reloaded, put off the net, opened twice and left for other places, and the server is
 * killed under them: what was pressed counts once. Of what they see nothing is an error of the server or of a script.
 */
public class ThreeBrowsersTest {
    /** {@code -Dbrowsers.minutes=60} for a long run. */
    private static final long MINUTES = Long.getLong("browsers.minutes", 0);

    private static final long SEED = Long.getLong("browsers.seed", 20261201);
    private static final int BROWSERS = 3;
    private static final int EACH = 16;
    private static final double PATIENCE_MS = Integer.getInteger("pocket.patience", 45_000);
    private static final JsonMapper JSON = new JsonMapper();
    private static final String WAITING =
            "() => Object.keys(localStorage).filter((name) => name.startsWith('round-pocket.lap.')).length";

    private final Random random = new Random(SEED);
    private Server server;
    private int pairs;
    private int kills;

    @BeforeClass
    public void open() {
        server = Server.holding(Server.Holding.NOTHING);
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        server.stop();
    }

    @Test
    public void whatTheyPressCountsOnce() {
        long until = System.nanoTime() + MINUTES * 60_000_000_000L;
        do {
            onePair();
        } while (System.nanoTime() < until);
        Reporter.log(
                pairs + " pairs, " + pairs * BROWSERS * EACH + " presses in " + BROWSERS + " browsers, " + kills
                        + " kills, seed " + SEED,
                true);
    }

    private void onePair() {
        String id = JSON.readTree(server.post("/api/pairs", StoreTest.pair("of three " + pairs, 140))
                        .body())
                .get("id")
                .asString();
        server.post("/api/laps/" + id, "{}");
        server.post("/api/laps/" + id + "/events", StoreTest.done(1)); // cast on
        List<Long> seeds =
                IntStream.range(0, BROWSERS).mapToObj(any -> random.nextLong()).toList();
        List<CompletableFuture<List<String>>> all = seeds.stream()
                .map(seed -> CompletableFuture.supplyAsync(() -> new Knitter(id, new Random(seed)).knit()))
                .toList();
        while (random.nextInt(3) > 0) {
            Server.sleep(500 + random.nextInt(3_000));
            server.kill();
            kills++;
            Server.sleep(random.nextInt(1_500));
            server.start();
        }
        List<String> amiss = new ArrayList<>();
        all.forEach(one -> amiss.addAll(one.join()));
        assertThat(amiss).as("pair %d, seeds %s", pairs, seeds).isEmpty();
        assertThat(server.json("/api/laps/" + id).at("/socks/0/position").asInt())
                .as("pair %d, seeds %s", pairs, seeds)
                .isEqualTo(1 + BROWSERS * EACH);
        pairs++;
    }

    /** Who knits in one browser, sometimes in two tabs of it. */
    private final class Knitter {
        private final String lap;
        private final Random random;
        private final List<String> amiss = new ArrayList<>();
        private BrowserContext who;
        private Page page;

        Knitter(String pair, Random random) {
            this.lap = server.url("/pairs/" + pair + "/lap");
            this.random = random;
        }

        List<String> knit() {
            try (Chromium chromium = new Chromium()) {
                who = chromium.browser().newContext(new Browser.NewContextOptions().setViewportSize(390, 844));
                who.setDefaultTimeout(PATIENCE_MS);
                page = tab();
                for (int pressed = 0; pressed < EACH; ) {
                    if (random.nextInt(3) > 0) {
                        page.keyboard().press(random.nextBoolean() ? "Space" : "Enter");
                        pressed++;
                    } else {
                        disturbed();
                    }
                }
                who.setOffline(false);
                if (page.locator("[data-press]").count() == 0) {
                    open(page);
                }
                heard();
            }
            return amiss;
        }

        private void heard() {
            long until = System.nanoTime() + (long) (PATIENCE_MS * 1e6);
            while ((int) page.evaluate(WAITING) > 0) {
                if (System.nanoTime() > until) {
                    amiss.add("presses still wait: " + page.evaluate(WAITING));
                    return;
                }
                page.waitForTimeout(200);
            }
        }

        private void disturbed() {
            switch (random.nextInt(5)) {
                case 0 -> page.waitForTimeout(random.nextInt(600));
                case 1 -> open(page);
                case 2 -> {
                    who.setOffline(true);
                    page.waitForTimeout(random.nextInt(800));
                    who.setOffline(false);
                }
                case 3 -> {
                    Page before = page;
                    page = tab();
                    before.close();
                }
                default -> {
                    try {
                        page.navigate(server.url("/"));
                    } catch (PlaywrightException away) {
                        // the server is being started
                    }
                    open(page);
                }
            }
        }

        private Page tab() {
            Page tab = who.newPage();
            tab.onPageError(amiss::add);
            tab.onResponse(answer -> {
                if (answer.status() == 500) {
                    amiss.add("500: " + answer.url());
                }
            });
            open(tab);
            return tab;
        }

        /** Opens the knit screen, as often as it takes until the server is there again. */
        private void open(Page tab) {
            long until = System.nanoTime() + (long) (2 * PATIENCE_MS * 1e6);
            while (true) {
                try {
                    tab.navigate(lap);
                    tab.locator("[data-press]").waitFor(new Locator.WaitForOptions().setTimeout(5_000));
                    return;
                } catch (PlaywrightException away) {
                    if (System.nanoTime() > until) {
                        throw away;
                    }
                    Server.sleep(300);
                }
            }
        }
    }
}
