package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Backups that were cut, altered or made to hurt: each is refused, none is an error of the program’s, and none stops a start. */
public class HostileZipsTest {
    private static final int COPIES = Integer.getInteger("copies", 100);

    private final Path home = Running.newHome();
    private Running app;
    private byte[] backup;

    @BeforeClass
    public void open() {
        app = Running.on(home, "--pocket.demo=true");
        String name = Running.json(app.send("POST", "/api/home/backups", ""))
                .get("name")
                .asString();
        backup = app.bytes("/api/home/backups/" + name);
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    private byte[] altered(Random random) {
        byte[] copy = backup.clone();
        return switch (random.nextInt(4)) {
            case 0 -> Arrays.copyOf(copy, random.nextInt(copy.length));
            case 1 -> {
                for (int i = 0; i < 20; i++) {
                    copy[random.nextInt(copy.length)] ^= (byte) (1 << random.nextInt(8));
                }
                yield copy;
            }
            case 2 -> { // in the list at its end
                copy[copy.length - 1 - random.nextInt(2_000)] ^= (byte) (1 << random.nextInt(8));
                yield copy;
            }
            default -> {
                int from = random.nextInt(copy.length - 100);
                Arrays.fill(copy, from, from + random.nextInt(100), (byte) random.nextInt(256));
                yield copy;
            }
        };
    }

    @Test
    public void anAlteredBackupIsRefusedOrWhole() {
        Random random = new Random(1201);
        int refused = 0;
        for (int i = 0; i < COPIES; i++) {
            HttpResponse<String> answer = app.upload("/api/home/incoming", altered(random));
            assertThat(answer.statusCode())
                    .as("copy " + i + ": " + answer.body())
                    .isIn(200, 422);
            refused += answer.statusCode() == 422 ? 1 : 0;
        }
        assertThat(refused).isGreaterThan(COPIES / 2);
    }

    /** A list of what is in a zip is read into memory as long as it is; millions of names are none of a backup’s. */
    @Test
    public void aListOfVeryManyNamesIsNotRead() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (int i = 0; i < 30_000; i++) {
                zip.putNextEntry(new ZipEntry("tables/" + i + "x".repeat(40)));
            }
        }
        assertThat(app.upload("/api/home/incoming", bytes.toByteArray()).statusCode())
                .isEqualTo(422);
    }

    /** What lies in the folder of backups is looked at at every start, and while others are made and thrown away. */
    @Test
    public void badFilesInTheFolderStopNothing() throws IOException {
        Random random = new Random(1202);
        for (int i = 0; i < 8; i++) {
            Files.write(
                    home.resolve("backups").resolve("asked-2026-11-0" + (i + 1) + "T10-00-00.zip"), altered(random));
        }
        CompletableFuture<Void> making = CompletableFuture.runAsync(() -> {
            for (int i = 0; i < 10; i++) {
                assertThat(app.send("POST", "/api/home/backups", "").statusCode())
                        .isEqualTo(201);
            }
        });
        while (!making.isDone()) {
            assertThat(app.send("GET", "/api/home", "").statusCode()).isEqualTo(200);
        }
        making.join();
        Path other = Running.newHome();
        Files.createDirectories(other.resolve("backups"));
        for (int i = 0; i < 8; i++) {
            Files.write(
                    other.resolve("backups").resolve("round-pocket-2026-11-0" + (i + 1) + "T10-00-00.zip"),
                    altered(random));
        }
        try (Running started = Running.on(other)) {
            assertThat(started.send("GET", "/api/home", "").statusCode()).isEqualTo(200);
        }
    }
}
