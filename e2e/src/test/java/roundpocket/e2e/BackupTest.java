package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Copies of everything, brought back by the page; and a file that was damaged. */
public class BackupTest extends BrowserTest {
    @Override
    protected Server.Holding holding() {
        return Server.Holding.DEMO;
    }

    @Override
    protected boolean alone() {
        return true;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private List<String> names() {
        return server().json("/api/pairs")
                .valueStream()
                .map(each -> each.get("name").asString())
                .toList();
    }

    private JsonNode pair(String name) {
        return server().json("/api/pairs")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatWasDeletedIsBroughtBack() {
        Page page = visit("/backup");
        button(page, "Back up now").click();
        assertThat(page.getByText("Backup made:")).isVisible();
        assertAccessible(page);
        JsonNode gone = pair("Jens’s surprise");
        server().delete("/api/pairs/" + gone.get("id").asString() + "?version="
                + gone.get("version").asLong());
        assertThat(names()).doesNotContain("Jens’s surprise");
        button(page, "Restore the backup").first().click();
        assertThat(page.getByTestId("restoring")).containsText("Jens’s surprise (pair)");
        assertAccessible(page);
        button(page, "Restore$").click();
        assertThat(page.getByText("Restored: 1 added")).isVisible();
        assertThat(names()).contains("Jens’s surprise");
    }

    @Test
    public void aPlanThatIsGivenToTheBasketBecomesAPair() {
        Page page = visit("/");
        String spec = pair("Marit’s chamber socks").get("spec").toString();
        Locator file = page.locator("input[type=file]");
        file.setInputFiles(
                new FilePayload("From Runa.json", "application/json", spec.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("Added: From Runa")).isVisible();
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("From Runa")))
                .isVisible();
        file.setInputFiles(new FilePayload("Broken.json", "application/json", "{".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("“Broken.json” isn’t a plan")).isVisible();
    }

    /** One letter of a yarn's name is another: said before anything is shown, and the backup of the start is offered. */
    @Test(dependsOnMethods = {"whatWasDeletedIsBroughtBack", "aPlanThatIsGivenToTheBasketBecomesAPair"})
    public void aDamagedFileIsSaidAndItsBackupOffered() {
        List<String> before = names();
        server().post("/api/home/backups", "");
        server().stop();
        damage(server().home().resolve("round-pocket.mv.db"), "Louvre Frost");
        server().start("/api/home");
        Page page = visit("/");
        assertThat(page.getByTestId("damaged")).containsText("1 row of the table yarn is not what was written");
        assertThat(page.getByTestId("damaged")).containsText("nothing was done after that");
        assertAccessible(page);
        button(page, "Restore the backup of").first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Basket")))
                .isVisible();
        assertThat(names()).isEqualTo(before);
    }

    private static void damage(Path file, String text) {
        try {
            byte[] bytes = Files.readAllBytes(file);
            String all = new String(bytes, StandardCharsets.ISO_8859_1);
            // Also where the file still holds what it has written anew elsewhere.
            for (int at = all.indexOf(text); at >= 0; at = all.indexOf(text, at + 1)) {
                bytes[at]++;
            }
            Files.write(file, bytes);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }
}
