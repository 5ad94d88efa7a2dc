package roundpocket.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Debian's Chromium without a window, for the browser tests and the bench. Nothing is downloaded. */
public final class Chromium implements AutoCloseable {
    private static final Path PROGRAM = Path.of("/usr/bin/chromium");

    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final Browser browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(PROGRAM)
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-dev-shm-usage",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync",
                            "--no-first-run")));

    public Browser browser() {
        return browser;
    }

    @Override
    public void close() {
        playwright.close();
    }
}
