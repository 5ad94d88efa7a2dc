package roundpocket.app.home;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The backups in a home: dated, seven of them kept, one of each of the last days; and those made before something. */
public final class Backups {
    /** How many of those that are made by themselves are kept. */
    static final int KEPT = 7;

    /** How many of those that are made before an upgrade or before a backup is put back are kept. */
    static final int KEPT_BEFORE = 3;

    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH-mm-ss");
    private static final String ENDING = ".zip";

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

    private final HomeFolder home;
    private final Clock clock;
    private final ZoneId zone;

    Backups(HomeFolder home, Clock clock, ZoneId zone) {
        this.home = home;
        this.clock = clock;
        this.zone = zone;
    }

    /** Why a backup was made. */
    public enum Reason {
        /** By itself. */
        DAILY("round-pocket"),
        /** Somebody asked for it. */
        ASKED("asked"),
        /** Before the schema was moved on. */
        UPGRADE("before-upgrade"),
        /** Before a backup was put back. */
        RESTORE("before-restore");

        private final String prefix;

        Reason(String prefix) {
            this.prefix = prefix;
        }

        boolean named(String file) {
            return file.matches(prefix + "-\\d{4}-.*\\" + ENDING);
        }
    }

    /**
     * A backup in the home.
     *
     * @param file where it is
     * @param reason why it was made
     * @param manifest what it says of itself
     */
    record Kept(Path file, Reason reason, Manifest manifest) {
        String name() {
            return String.valueOf(file.getFileName());
        }
    }

    /** Writes one. A name that is taken, as within a second, gets a number. */
    Kept make(Connection store, int schema, Reason reason) throws SQLException, IOException {
        Instant now = clock.instant();
        Path file = free(reason, now);
        Path part = file.resolveSibling(file.getFileName() + HomeFolder.PART);
        Manifest manifest;
        try (OutputStream out = Files.newOutputStream(part)) {
            manifest = BackupWriter.everything(store, new BackupWriter.Of(schema, now, next(), home.idOr("")), out);
        } catch (SQLException | IOException | RuntimeException failed) {
            Files.deleteIfExists(part);
            throw failed;
        }
        HomeFolder.moveIntoPlace(part, file);
        Kept made = new Kept(file, reason, manifest);
        forget(made);
        return made;
    }

    /** A number higher than any that a backup here has, or had. */
    private long next() throws IOException {
        long last =
                list().stream().mapToLong(each -> each.manifest().order()).max().orElse(0);
        long given = 0;
        try {
            given = Files.exists(home.numbered())
                    ? Long.parseLong(Files.readString(home.numbered()).strip())
                    : 0;
        } catch (NumberFormatException unreadable) {
            LOG.debug("Numbered anew", unreadable);
        }
        long next = Math.max(last, given) + 1;
        HomeFolder.write(home.numbered(), String.valueOf(next));
        return next;
    }

    private Path free(Reason reason, Instant now) {
        String name = reason.prefix + "-" + NAME.withZone(zone).format(now);
        Path file = home.backups().resolve(name + ENDING);
        for (int i = 2; Files.exists(file); i++) {
            file = home.backups().resolve(name + "-" + i + ENDING);
        }
        return file;
    }

    /** All that can be read, the latest first: by their numbers, since a clock can have been wrong. */
    List<Kept> list() throws IOException {
        List<Kept> kept = new ArrayList<>();
        try (Stream<Path> files = Files.list(home.backups())) {
            for (Path file : files.toList()) {
                Reason reason = reason(file);
                Manifest manifest = reason == null ? null : BackupFile.glance(file);
                if (reason != null && manifest != null) {
                    kept.add(new Kept(file, reason, manifest));
                }
            }
        }
        kept.sort(Comparator.comparingLong((Kept each) -> each.manifest().order())
                .thenComparing(each -> each.manifest().made())
                .thenComparing(Kept::name)
                .reversed());
        return kept;
    }

    /** The latest that can be read and has something in it. */
    Optional<Kept> latest() throws IOException {
        return list().stream()
                .filter(each -> each.manifest().rows().values().stream().anyMatch(rows -> rows > 0))
                .findFirst();
    }

    /** One of them by its name; a name that is none of theirs finds nothing. */
    Optional<Kept> named(String name) throws IOException {
        return list().stream().filter(each -> each.name().equals(name)).findFirst();
    }

    private static @Nullable Reason reason(Path file) {
        return Stream.of(Reason.values())
                .filter(each -> each.named(String.valueOf(file.getFileName())))
                .findFirst()
                .orElse(null);
    }

    /** Throws away those that are too many: the last of each day stays longest, and never goes the one just made. */
    private void forget(Kept made) throws IOException {
        List<Kept> all = list();
        for (Reason reason : Reason.values()) {
            List<Kept> some =
                    all.stream().filter(each -> each.reason() == reason).toList();
            boolean daily = reason == Reason.DAILY;
            Set<Path> staying = staying(some, daily || reason == Reason.ASKED ? KEPT : KEPT_BEFORE, daily);
            for (Kept each : some) {
                if (!staying.contains(each.file()) && !each.file().equals(made.file())) {
                    Files.delete(each.file());
                }
            }
        }
        JournalFile.forget(
                home,
                list().stream()
                        .filter(each -> each.reason() == Reason.DAILY)
                        .mapToLong(each -> each.manifest().markIn(home))
                        .min()
                        .orElse(0));
    }

    private Set<Path> staying(List<Kept> latestFirst, int most, boolean oneADay) {
        Set<Path> staying = new HashSet<>();
        Set<Object> days = new HashSet<>();
        for (Kept each : latestFirst) {
            boolean newDay = days.add(each.manifest().made().atZone(zone).toLocalDate());
            if (staying.size() < most && (newDay || !oneADay)) {
                staying.add(each.file());
            }
        }
        return staying;
    }
}
