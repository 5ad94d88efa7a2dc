package roundpocket.app.home;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.TimeUnit;

/** A process of its own that opens a home and closes it again, to be killed on the way. */
final class Killed {
    private Killed() {}

    /** Says when it begins, so that the time a JVM takes to start is not counted. */
    public static void main(String... home) {
        System.out.println("begins");
        new HomeKeeper(home[0], Clock.systemUTC()).destroy();
    }

    /** Opens a home and kills whoever does so after so many milliseconds; true where it was done before. */
    static boolean opening(Path home, long afterMs) {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        try {
            Process process = new ProcessBuilder(
                            java,
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Killed.class.getName(),
                            home.toString())
                    .redirectError(new File("/dev/null"))
                    .start();
            try (var said = process.inputReader()) {
                said.readLine();
            }
            boolean ended = process.waitFor(afterMs, TimeUnit.MILLISECONDS);
            process.destroyForcibly().waitFor();
            return ended;
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
