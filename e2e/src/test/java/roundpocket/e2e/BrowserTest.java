package roundpocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.ConsoleMessage;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;

/** A browser before a server with a home of its own; a fresh visitor for each test. */
abstract class BrowserTest {
    private static final double PATIENCE_MS = Integer.getInteger("pocket.patience", 45_000);

    private final List<String> complaints = new ArrayList<>();
    private final List<BrowserContext> others = new ArrayList<>();
    private Playwright playwright;
    private Browser browser;
    private BrowserContext visitor;
    private Server server;

    /** Arguments that the server is started with. */
    protected String[] arguments() {
        return new String[0];
    }

    @BeforeClass
    public void open() {
        server = Server.onEmptyHome(arguments());
        playwright = Playwright.create();
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-dev-shm-usage",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync",
                                "--no-first-run")));
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        if (playwright != null) {
            playwright.close();
        }
        if (server != null) {
            server.stop();
        }
    }

    @BeforeMethod
    public void newVisitor() {
        complaints.clear();
        visitor = browser.newContext(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setReducedMotion(ReducedMotion.REDUCE));
        visitor.setDefaultTimeout(PATIENCE_MS);
    }

    @AfterMethod(alwaysRun = true)
    public void nothingWentWrongUnseen() {
        if (visitor != null) {
            visitor.close();
        }
        others.forEach(BrowserContext::close);
        others.clear();
        assertThat(complaints).as("errors on the browser's console").isEmpty();
    }

    protected Server server() {
        return server;
    }

    /** Opens a page; a script error on it fails the test. */
    protected Page visit(String path) {
        return visit(visitor, path);
    }

    /** Opens a page in a browser that knows nothing of the first, as on another device. */
    protected Page visitOnAnotherDevice(String path) {
        BrowserContext other = browser.newContext();
        other.setDefaultTimeout(PATIENCE_MS);
        others.add(other);
        return visit(other, path);
    }

    private Page visit(BrowserContext who, String path) {
        Page page = who.newPage();
        page.onPageError(complaints::add);
        page.onConsoleMessage(this::listen);
        page.navigate(server.url(path));
        return page;
    }

    /** The browser reports every refused request as an error; those are answers that the pages expect. */
    private void listen(ConsoleMessage message) {
        if ("error".equals(message.type()) && !message.text().startsWith("Failed to load resource")) {
            complaints.add(message.text());
        }
    }

    protected static void assertAccessible(Page page) {
        var violations = new AxeBuilder(page).analyze().getViolations();
        assertThat(violations)
                .as(page.url())
                .extracting(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
