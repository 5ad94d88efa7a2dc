package roundpocket.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import roundpocket.browser.Chromium;

/** The one browser and the one server that the classes share; for tests that run one after the other. */
final class House {
    private static House only;

    private final Chromium chromium = new Chromium();
    /** One for all tests, so that scripts need not be fetched and read anew for each; what a page keeps is thrown away. */
    private final BrowserContext visitor;

    private Server server;

    private House() {
        visitor = chromium.browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setReducedMotion(ReducedMotion.REDUCE));
    }

    /** Open until the process ends: a runner that gives out class by class does not say which is the last. */
    static House open() {
        if (only == null) {
            House house = new House();
            Runtime.getRuntime().addShutdownHook(new Thread(house::close));
            only = house;
        }
        return only;
    }

    private void close() {
        if (server != null) {
            server.stop();
        }
        chromium.close();
    }

    BrowserContext visitor() {
        return visitor;
    }

    BrowserContext anotherDevice(Browser.NewContextOptions options) {
        return chromium.browser().newContext(options);
    }

    /** The shared server, with a store that holds just this. */
    Server server(Server.Holding holding) {
        Server shared = server;
        if (shared == null) {
            shared = Server.holding(Server.Holding.NOTHING);
            server = shared;
        }
        shared.hold(holding);
        return shared;
    }

    /** Closes the visitor's pages, and forgets what they kept of a server. */
    void forget(String origin) {
        visitor.pages().forEach(Page::close);
        Page blank = visitor.newPage();
        CDPSession session = visitor.newCDPSession(blank);
        JsonObject what = new JsonObject();
        what.addProperty("origin", origin);
        what.addProperty("storageTypes", "cookies,local_storage,indexeddb,websql,service_workers,cache_storage");
        session.send("Storage.clearDataForOrigin", what);
        blank.close();
    }
}
