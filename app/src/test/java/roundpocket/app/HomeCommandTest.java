package roundpocket.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.testng.annotations.Test;
import roundpocket.app.home.Running;

/** What the script's commands say of a folder that is not what was meant. */
public class HomeCommandTest {
    private static String said(String... args) {
        PrintStream before = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        System.setErr(new PrintStream(said, true, StandardCharsets.UTF_8));
        try {
            assertThat(HomeCommand.run(args)).isEqualTo(1);
        } finally {
            System.setErr(before);
        }
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    public void aBackupOfAFolderThatIsNoneMakesNone() {
        Path typo = Running.newHome().resolve("hoem");
        assertThat(said("backup", "--home", typo.toString())).contains("no Round Pocket data in " + typo, "--home");
        assertThat(typo).doesNotExist();
    }

    @Test
    public void aSemicolonInTheFoldersNameIsSaid() {
        Path odd = Running.newHome().resolve("socks;more");
        assertThat(said("restore", "any.zip", "--home", odd.toString())).contains("semicolon", "another name");
        assertThat(odd).doesNotExist();
    }
}
