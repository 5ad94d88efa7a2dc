package roundpocket.app.files;

import java.io.BufferedOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Has the drawing of a pocket card put on a page of paper: one at a time, by a process with bounds of its own. */
@Component
class CardPdf {
    private static final int PATIENCE_S = 15;
    private static final int MOST_WAITING = 8;
    private static final int MOST_BYTES = 8 << 20;

    private final String home;
    private final Semaphore printer = new Semaphore(1, true);

    CardPdf(@Value("${pocket.home}") String home) {
        this.home = home;
    }

    /** One page of the size of the paper, as the screen drew it. */
    byte[] write(String drawing, String title, Paper paper) {
        String missing =
                PaperFiles.missing(Drawing.read(drawing).getDocumentElement().getTextContent() + title);
        if (!missing.isEmpty()) {
            throw Drawing.refusal("The letters of the PDF lack “" + missing
                    + "”. Print the card with the button Print instead: your browser has them.");
        }
        try {
            if (printer.getQueueLength() >= MOST_WAITING || !printer.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
                throw Drawing.refusal("Other cards are being printed just now.");
            }
            try {
                return print(drawing, title, paper);
            } finally {
                printer.release();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private byte[] print(String drawing, String title, Paper paper) throws InterruptedException {
        Process process = null;
        try {
            process = command().start();
            Process started = process;
            CompletableFuture<byte[]> page = CompletableFuture.supplyAsync(() -> read(started));
            try (DataOutputStream to = new DataOutputStream(new BufferedOutputStream(process.getOutputStream()))) {
                to.writeUTF(title);
                to.writeUTF(paper.name());
                to.write(drawing.getBytes(StandardCharsets.UTF_8));
            }
            byte[] made = page.get(PATIENCE_S, TimeUnit.SECONDS);
            if (!process.waitFor(PATIENCE_S, TimeUnit.SECONDS) || process.exitValue() != 0) {
                throw cannot();
            }
            return made;
        } catch (IOException | TimeoutException | ExecutionException failed) {
            throw cannot();
        } finally {
            if (process != null) {
                process.destroyForcibly(); // whatever it is at: nobody waits for it any more
            }
        }
    }

    private static RuntimeException cannot() {
        return Drawing.refusal("This drawing can’t be printed.");
    }

    private static byte[] read(Process process) {
        try (InputStream in = process.getInputStream()) {
            return in.readNBytes(MOST_BYTES);
        } catch (IOException ended) {
            return new byte[0];
        }
    }

    /** With little memory, and with what this program is made of. */
    private ProcessBuilder command() {
        return new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx192m",
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-XX:+ExitOnOutOfMemoryError",
                        "-Xshare:auto",
                        "-Djava.awt.headless=true",
                        // Where the fonts of this machine are noted; otherwise that would go into somebody's home
                        // unasked.
                        "-Dpdfbox.fontcache=" + home,
                        "-cp",
                        System.getProperty("java.class.path"),
                        Printing.class.getName()))
                .redirectError(ProcessBuilder.Redirect.DISCARD);
    }
}
