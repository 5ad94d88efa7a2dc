package roundpocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRuleOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.ConsoleMessage;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;

/**
 * A browser before a server. All classes share the one browser and, unless they do something to it that others would
 * notice, the one server; its store is made fresh for each class, and the visitor has been here never before in each test.
 */
abstract class BrowserTest {
    private static final double PATIENCE_MS = Integer.getInteger("pocket.patience", 45_000);

    private final List<String> complaints = new ArrayList<>();
    private final List<BrowserContext> others = new ArrayList<>();
    private House house;
    private Server server;

    /** What the store holds before the first test of a class. */
    protected Server.Holding holding() {
        return Server.Holding.NOTHING;
    }

    /** Whether this class has a server of its own. */
    protected boolean alone() {
        return false;
    }

    @BeforeClass
    public void open() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        house = House.open();
        server = alone() ? Server.holding(holding()) : house.server(holding());
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        if (server != null && alone()) {
            server.stop();
        }
    }

    @BeforeMethod
    public void newVisitor() {
        complaints.clear();
        server.startIfKilled();
        house.visitor().setDefaultTimeout(PATIENCE_MS);
    }

    @AfterMethod(alwaysRun = true)
    public void nothingWentWrongUnseen() {
        house.forget(server.url(""));
        others.forEach(BrowserContext::close);
        others.clear();
        assertThat(complaints).as("errors on the browser’s console").isEmpty();
    }

    protected Server server() {
        return server;
    }

    /** Opens a page; a script error on it fails the test. */
    protected Page visit(String path) {
        return visit(house.visitor(), path);
    }

    /** Opens a page in a browser that knows nothing of the first, as on another device. */
    protected Page visitOnAnotherDevice(String path) {
        return visit(another(new Browser.NewContextOptions()), path);
    }

    /** Opens a page in the browser of somebody who is at home where the locale says. */
    protected Page visitFrom(String locale, String path) {
        return visit(another(new Browser.NewContextOptions().setLocale(locale)), path);
    }

    private BrowserContext another(Browser.NewContextOptions options) {
        BrowserContext other = house.anotherDevice(options);
        other.setDefaultTimeout(PATIENCE_MS);
        others.add(other);
        return other;
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
        assertAccessible(page, axe(page));
    }

    /** Only what the light can change: the page is built the same in either. */
    protected static void assertReadable(Page page) {
        assertAccessible(page, axe(page).withRules(List.of("color-contrast", "link-in-text-block")));
    }

    /** The pages have no frames, so nothing is gathered from them; of what is in order nothing is written down. */
    protected static AxeBuilder axe(Page page) {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        // Not among those it applies by itself: a name holds the words one sees, and what is pressed is big enough.
        AxeRuleOptions on = new AxeRuleOptions();
        on.setEnabled(true);
        options.setRules(Map.of("label-content-name-mismatch", on, "target-size", on));
        return new AxeBuilder(page).options(options).setLegacyMode(true);
    }

    private static void assertAccessible(Page page, AxeBuilder axe) {
        var violations = axe.analyze().getViolations();
        assertThat(violations)
                .as(page.url())
                .extracting(rule -> rule.getId() + ": " + rule.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
