package roundpocket.app.home;

import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.UUID;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.door.Door;
import roundpocket.app.door.Door.Lane;
import roundpocket.app.home.Backups.Reason;
import roundpocket.app.home.HomeViews.BackupView;
import roundpocket.app.home.HomeViews.HomeView;
import roundpocket.app.home.HomeViews.LookView;
import roundpocket.app.home.HomeViews.RestoreWrite;
import roundpocket.app.home.HomeViews.RestoredView;

/** The home and its backups over HTTP. */
@RestController
@RequestMapping("/api/home")
@Door(whileDamaged = true)
public class HomeController {
    /** Where files are taken in; these may be larger than what is typed. */
    public static final String INCOMING = "/api/home/incoming";

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

    private final HomeBackups backups;

    HomeController(HomeBackups backups) {
        this.backups = backups;
    }

    /** How the home is, and which backups it has. */
    @GetMapping
    public HomeView view() throws IOException {
        return backups.view();
    }

    /** Makes a backup now, and keeps it in the home. */
    @PostMapping("/backups")
    @ResponseStatus(HttpStatus.CREATED)
    public BackupView make() throws SQLException, IOException {
        return BackupView.of(backups.make(Reason.ASKED));
    }

    /** A backup as a file. */
    @GetMapping("/backups/{name}")
    public ResponseEntity<Resource> file(@PathVariable String name) throws IOException {
        Path file = backups.file(name);
        return zip(name).body(new FileSystemResource(file));
    }

    /** One pair as a file, to be given to somebody; with the entry of the feet only where wanted. */
    @GetMapping("/pairs/{id}")
    public ResponseEntity<byte[]> pair(@PathVariable UUID id, @RequestParam(defaultValue = "false") boolean feet)
            throws SQLException, IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        backups.pair(id, feet, out);
        return zip("pair-" + id + ".zip").body(out.toByteArray());
    }

    private static ResponseEntity.BodyBuilder zip(String name) {
        return ResponseEntity.ok()
                .contentType(ZIP)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString());
    }

    /** Takes in a backup, or a pair, and says what putting it back would do. */
    @PostMapping("/incoming")
    @Door(lane = Lane.NONE, whileDamaged = true)
    public LookView takeIn(HttpServletRequest request) throws SQLException, IOException {
        return backups.takeIn(request.getInputStream());
    }

    /** What putting back a backup of the home's own would do. */
    @GetMapping("/backups/{name}/look")
    public LookView look(@PathVariable String name) throws SQLException, IOException {
        return backups.look(name);
    }

    /** Puts a backup back. */
    @PostMapping("/restore")
    @Door(lane = Lane.ALONE, whileDamaged = true)
    public RestoredView restore(@RequestBody RestoreWrite write) throws SQLException, IOException {
        if (write.source() == null || write.mode() == null) {
            throw BackupFile.refusal("It takes which backup, and how it is put back.", "Send both.");
        }
        return backups.restore(write);
    }

    /** Goes on with an empty home, where the one before was damaged. */
    @PostMapping("/empty")
    @Door(lane = Lane.ALONE, whileDamaged = true)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public void goOnEmpty() throws SQLException, IOException {
        backups.goOnEmpty();
    }
}
