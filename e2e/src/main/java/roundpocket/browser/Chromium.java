package roundpocket.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Debian's Chromium without a window, for the browser tests and the bench. Nothing is downloaded. The program that has no
 * windows at all takes half as much of the processor for a page as the whole browser, which serves where it is missing.
 */
public final class Chromium implements AutoCloseable {
    private static final Path PROGRAM = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
            .map(Path::of)
            .filter(Files::isExecutable)
            .findFirst()
            .orElseThrow(
                    () -> new IllegalStateException("There is no Chromium; ./pocket test says how to install it."));

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
