package roundpocket.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import roundpocket.browser.Chromium;

/** Round Pocket in Chromium, as somebody sees it who sits before it. */
final class Screen implements AutoCloseable {
    private static final int VIEWS = 9;
    private static final int KEYS = 200;
    private static final int WARM_UP = 30;
    private static final int LEAST_BALL_CM = 15;

    /** Where the figure is that follows the foot's girth: how much smaller than it the sock is. */
    private static final String FIGURE = "//*[normalize-space(text())='Negative ease at the ball']/..";

    /** Waits for the next key, and tells how long after it something on the page was repainted with other words. */
    private static final String WATCH = """
            (path) => {
              const words = () => document.evaluate(path, document, null, 9).singleNodeValue?.textContent;
              const before = words();
              window.repainted = new Promise((done, lost) => {
                setTimeout(() => lost(new Error('nothing was repainted')), 20000);
                let pressed;
                addEventListener('keydown', (event) => { pressed = event.timeStamp; }, { capture: true, once: true });
                const observer = new MutationObserver(() => {
                  if (pressed === undefined || words() === before) return;
                  observer.disconnect();
                  requestAnimationFrame(() => {
                    const channel = new MessageChannel();
                    channel.port1.onmessage = () => done(performance.now() - pressed);
                    channel.port2.postMessage('painted');
                  });
                });
                observer.observe(document, { subtree: true, childList: true, characterData: true });
              });
            }
            """;

    /** A field on the same page that does nothing but repeat what is typed. */
    private static final String STRIPED = """
            async () => {
              const spec = { foot: { lengthMm: 246, ballGirthMm: 231 },
                swatch: { stitches: [{ count: 31, spanMm: 100 }], rounds: [{ count: 43, spanMm: 100 }] },
                striping: { bands: [{ colour: '#a13d4b', lengthM: 5.2 }, { colour: '#efe6d2', lengthM: 3.4 },
                  { colour: '#2b4a6f', lengthM: 5.2 }] } };
              const answer = await fetch('/api/pairs', { method: 'POST',
                headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ name: 'Striped', spec }) });
              return (await answer.json()).id;
            }
            """;

    private static final String DRAWN = """
            async (view) => {
              const button = [...document.querySelectorAll('button')].find((each) => each.textContent === view);
              const from = performance.now();
              button.click();
              await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
              return performance.now() - from;
            }
            """;
    private static final String FILLED = """
            async () => {
              const { width, height } = document.querySelector('[data-testid=pair-picture]');
              const from = performance.now();
              Object.assign(window.empty, { width, height });
              window.empty.getContext('2d').fillRect(0, 0, width, height);
              await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
              return performance.now() - from;
            }
            """;
    private static final String ECHO = """
            () => {
              const field = document.createElement('input');
              const echo = document.createElement('output');
              field.id = 'echo-field';
              echo.id = 'echo';
              field.addEventListener('input', () => { echo.textContent = field.value; });
              document.querySelector('[role=dialog]').append(field, echo);
            }
            """;

    private final String address;
    private final Path assets;
    private final Chromium chromium = new Chromium();
    private final Browser browser;

    Screen(String address, Path project) {
        this.address = address;
        this.assets = project.resolve("web/target/classes/META-INF/resources/assets");
        this.browser = chromium.browser();
    }

    /** The basket with a pair in it, by a visitor who never was here, and again by the same. */
    List<Row> firstView() {
        List<Double> cold = new ArrayList<>();
        List<Double> again = new ArrayList<>();
        for (int i = 0; i < VIEWS; i++) {
            try (BrowserContext visitor = browser.newContext()) {
                Page page = visitor.newPage();
                cold.add(view(page));
                again.add(view(page));
            }
        }
        return List.of(Row.of(
                "first view of the basket from a cold cache, against the second, median of " + VIEWS,
                "ms",
                Bench.at(cold, 0.5),
                Bench.at(again, 0.5),
                "—"));
    }

    private double view(Page page) {
        page.navigate(address + "/");
        page.getByText("Measured").first().waitFor();
        return ((Number) page.evaluate("() => performance.now()")).doubleValue();
    }

    /** Script that each place loads, against what the basket loads. */
    List<Row> scripts() throws IOException {
        double basket = loaded("/");
        List<Row> rows = new ArrayList<>();
        String pair = firstPair();
        for (String[] place : new String[][] {
            {"the plan", pair},
            {"the card", pair + "/card"},
            {"Feet", "/feet"},
            {"Yarn", "/yarn"},
            {"Almanac", "/almanac"}
        }) {
            rows.add(Row.of(
                    "script loaded by " + place[0] + ", against the basket, gzip",
                    "kB",
                    loaded(place[1]),
                    basket,
                    "—"));
        }
        return rows;
    }

    private String firstPair() {
        try (BrowserContext visitor = browser.newContext()) {
            Page page = visitor.newPage();
            page.navigate(address + "/");
            return page.locator("a[href^='/pairs/']")
                    .first()
                    .getAttribute("href")
                    .replaceAll("(/pairs/[^/]+).*", "$1");
        }
    }

    private double loaded(String path) throws IOException {
        Set<String> names = new TreeSet<>();
        try (BrowserContext visitor = browser.newContext()) {
            Page page = visitor.newPage();
            page.onResponse(response -> {
                if (response.url().endsWith(".js")) {
                    names.add(response.url().replaceAll(".*/", ""));
                }
            });
            page.navigate(address + path);
            page.locator("h1").first().waitFor();
            page.waitForLoadState(LoadState.NETWORKIDLE);
        }
        double kilobytes = 0;
        for (String name : names) {
            kilobytes += Bench.gzipKb(assets.resolve(name));
        }
        return kilobytes;
    }

    /** From the key that changes the foot's girth to the repainted figure, against a field that computes nothing. */
    List<Row> keys() {
        List<Double> figure = new ArrayList<>();
        List<Double> echo = new ArrayList<>();
        try (BrowserContext visitor = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
            Page page = visitor.newPage();
            page.navigate(address + firstPair());
            page.locator("[data-word='foot-girth']").click();
            page.evaluate(ECHO);
            Locator girth = page.getByRole(AriaRole.DIALOG)
                    .getByLabel("Around the ball", new Locator.GetByLabelOptions().setExact(true));
            Locator plain = page.locator("#echo-field");
            for (int i = 0; i < KEYS + WARM_UP; i++) {
                double followed = press(page, girth, FIGURE, girth(i));
                double echoed = press(page, plain, "//*[@id='echo']", girth(i));
                if (i >= WARM_UP) {
                    figure.add(followed);
                    echo.add(echoed);
                }
            }
        }
        return List.of(
                row("from a key to the repainted figure, against a field that only repeats it", 0.5, figure, echo, "—"),
                row("the same, 95th percentile", 0.95, figure, echo, "below 100 ms, and at most 3"));
    }

    /** From a change of the view to the repainted pair, against filling a canvas of the same size. */
    List<Row> picture() {
        List<Double> pair = new ArrayList<>();
        List<Double> plain = new ArrayList<>();
        try (BrowserContext visitor = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
            Page page = visitor.newPage();
            page.navigate(address + "/");
            Object id = page.evaluate(STRIPED);
            page.navigate(address + "/pairs/" + id);
            page.getByTestId("pair-picture").waitFor();
            page.evaluate("() => { window.empty = document.createElement('canvas'); }");
            for (int i = 0; i < KEYS + WARM_UP; i++) {
                double drawn =
                        ((Number) page.evaluate(DRAWN, i % 2 == 0 ? "From the sole" : "From the side")).doubleValue();
                double filled = ((Number) page.evaluate(FILLED)).doubleValue();
                if (i >= WARM_UP) {
                    pair.add(drawn);
                    plain.add(filled);
                }
            }
        }
        return List.of(
                row(
                        "from a change to the repainted pair of socks, against filling a canvas of its size",
                        0.5,
                        pair,
                        plain,
                        "—"),
                row("the same, 95th percentile", 0.95, pair, plain, "below 33 ms"));
    }

    private static Row row(String what, double share, List<Double> ours, List<Double> other, String wanted) {
        String title = share == 0.5 ? what + ", median of " + KEYS : what;
        return Row.of(title, "ms", Bench.at(ours, share), Bench.at(other, share), wanted);
    }

    /** Nine girths a centimetre, none of them asked for before. */
    private static String girth(int i) {
        return String.format(Locale.ROOT, "%d.%d", LEAST_BALL_CM + i / 9, 1 + i % 9);
    }

    private static double press(Page page, Locator field, String watched, String text) {
        field.fill(text.substring(0, text.length() - 1));
        page.waitForTimeout(60); // what the incomplete number changed is over
        page.evaluate(WATCH, watched);
        page.keyboard().press(text.substring(text.length() - 1));
        return ((Number) page.evaluate("() => window.repainted")).doubleValue();
    }

    @Override
    public void close() {
        chromium.close();
    }
}
