package roundpocket.app.home;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The folder of a home and the files in it. Nobody but its owner may look into it.
 *
 * @param path the folder
 */
public record HomeFolder(Path path) {
    private static final Logger LOG = LoggerFactory.getLogger(HomeFolder.class);
    private static final Set<PosixFilePermission> OWNER_ONLY = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> OWNER_ONLY_FILE = PosixFilePermissions.fromString("rw-------");

    /** Ends the name of a file that is not complete yet. */
    static final String PART = ".part";

    /** The database in which everything is. */
    Database database() {
        return new Database(path.resolve("round-pocket"));
    }

    /** A database that is being made, to take the place of the one in use once it is complete. */
    Database next() {
        return new Database(path.resolve("round-pocket.next"));
    }

    /** A database into which a backup is read. */
    Database reading() {
        return new Database(path.resolve("round-pocket.reading"));
    }

    Path backups() {
        return path.resolve("backups");
    }

    /** How many backups were made here. */
    Path numbered() {
        return path.resolve("numbered");
    }

    /** Where it is written down what was acknowledged. */
    Path journal() {
        return path.resolve("journal");
    }

    /** Where damaged database files are kept. */
    Path damaged() {
        return path.resolve("damaged");
    }

    /** Files that came in to be looked at. */
    Path incoming() {
        return path.resolve("incoming");
    }

    Path lock() {
        return path.resolve("lock");
    }

    Path token() {
        return path.resolve("token");
    }

    /** Whose this is: made once, and never another. What waits in a browser belongs to it. */
    Path id() {
        return path.resolve("id");
    }

    /** Its id, where it has one that can be read. */
    String idOr(String other) {
        try {
            return Files.exists(id())
                    ? UUID.fromString(Files.readString(id()).strip()).toString()
                    : other;
        } catch (IOException | IllegalArgumentException unreadable) {
            return other;
        }
    }

    /** Says on which port Round Pocket answers, while it runs. */
    Path port() {
        return path.resolve("port");
    }

    /** What the database was when it was closed. */
    Path closed() {
        return path.resolve("closed.json");
    }

    /** That the database was found damaged, until somebody has decided what to do. */
    Path damage() {
        return path.resolve("damage.json");
    }

    /** Whether there is a database in it. */
    public boolean hasData() {
        return database().exists();
    }

    /** Makes the folder where there is none, and closes it to others. */
    HomeFolder prepare() {
        if (path.toString().contains(";")) {
            throw new HomeTrouble(
                    "The folder for your data, " + path + ", has a semicolon in its name; that can’t be used.",
                    "Name another folder with --home FOLDER, or give this one another name.");
        }
        try {
            for (Path each : List.of(path, backups(), damaged(), incoming(), journal())) {
                Files.createDirectories(each);
                allow(each, OWNER_ONLY);
            }
            Files.delete(Files.createTempFile(path, "writable", PART));
            return this;
        } catch (FileAlreadyExistsException | NoSuchFileException noFolder) {
            throw new HomeTrouble(
                    "“" + path + "” can’t be a folder for your data.",
                    "Name another folder with --home FOLDER.",
                    noFolder);
        } catch (IOException cannot) {
            throw new HomeTrouble(
                    "Round Pocket may not write in its folder, " + path + ".",
                    "Allow writing there, or name another folder with --home FOLDER.",
                    cannot);
        }
    }

    /** Whether no Round Pocket has it open just now. */
    public boolean free() {
        prepare();
        try (HomeLock lock = HomeLock.tryOn(this)) {
            return lock != null;
        }
    }

    /** On which port the Round Pocket answers that has it open. */
    public String portInUse() {
        return read(port());
    }

    /** What a script shows to the Round Pocket that has it open. */
    public String secretInUse() {
        return read(token());
    }

    private static String read(Path file) {
        try {
            return Files.readString(file).strip();
        } catch (IOException notReady) {
            throw new HomeTrouble(
                    "A Round Pocket has this folder open and does not answer yet.", "Try again in a moment.", notReady);
        }
    }

    /** Throws away what was left half made, and closes the files to others. For whoever holds the lock. */
    void sweep() {
        try {
            for (Path each : List.of(path, backups(), damaged(), journal())) {
                closeFilesIn(each);
            }
            try (Stream<Path> files = Files.list(incoming())) {
                files.toList().forEach(HomeFolder::delete);
            }
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    private static void closeFilesIn(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                if (file.toString().endsWith(PART)) {
                    Files.delete(file);
                } else {
                    allow(file, OWNER_ONLY_FILE);
                }
            }
        }
    }

    private static void allow(Path file, Set<PosixFilePermission> whom) {
        try {
            if (!Files.getPosixFilePermissions(file).equals(whom)) {
                Files.setPosixFilePermissions(file, whom);
            }
        } catch (UnsupportedOperationException | IOException notHere) {
            LOG.debug("No permissions to set on {}", file, notHere);
        }
    }

    /** Closes a file to everybody but its owner. */
    static void closeToOthers(Path file) {
        allow(file, OWNER_ONLY_FILE);
    }

    /** Writes a small file as a whole or not at all, and waits for the disk. */
    static void write(Path file, String text) {
        Path part = file.resolveSibling(file.getFileName() + PART);
        try {
            Files.writeString(part, text);
            moveIntoPlace(part, file);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    /** Lets a complete file take the place of another, or of none, and waits for the disk. */
    static void moveIntoPlace(Path complete, Path place) throws IOException {
        closeToOthers(complete);
        sync(complete);
        Files.move(complete, place, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        Path folder = place.toAbsolutePath().getParent();
        if (folder != null) {
            syncFolder(folder);
        }
    }

    private static void sync(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    static void syncFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException notHere) {
            LOG.debug("No folder to sync here", notHere); // as on Windows, which needs none
        }
    }

    static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }
}
