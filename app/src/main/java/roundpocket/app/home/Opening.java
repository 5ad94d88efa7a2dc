package roundpocket.app.home;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.flywaydb.core.api.FlywayException;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import roundpocket.app.home.Backups.Kept;
import roundpocket.app.home.Backups.Reason;
import roundpocket.app.home.JournalFile.Entry;

/**
 * Opens a home: makes its database where there is none, checks the one that there is, moves it on to the schema of this
 * program, and lays a damaged one aside. Whenever the process ends in between, the next opening goes on from there.
 */
final class Opening {
    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);

    private final HomeFolder home;
    private final Backups backups;
    private final Clock clock;
    private final JournalFile.Read journal;

    /** {@code journal} is what the home's journal says of it. */
    Opening(HomeFolder home, Backups backups, Clock clock, JournalFile.Read journal) {
        this.home = home;
        this.backups = backups;
        this.clock = clock;
        this.journal = journal;
    }

    /** Afterwards there is a database of this program's schema that is sound; what was damaged is noted. */
    void open() {
        home.next().delete();
        home.reading().delete();
        try {
            if (!home.database().exists()) {
                makeAnew();
                countOn();
            } else {
                List<String> faults = look();
                if (!faults.isEmpty()) {
                    layAside(faults);
                    countOn();
                }
            }
            Files.deleteIfExists(home.closed());
        } catch (IOException | SQLException | FlywayException | MVStoreException cannot) {
            throw trouble(cannot);
        }
        HomeFolder.closeToOthers(home.database().file());
    }

    private void countOn() throws SQLException {
        try (Connection store = home.database().connect()) {
            Restore.countOn(store);
            Mark.goOnAfter(store, journal.last());
        }
    }

    private void makeAnew() throws IOException {
        if (Damage.noted(home).isEmpty()) {
            Optional<Kept> backup = backups.latest();
            if (backup.isPresent() || journal.last() > 0) {
                damage(null, List.of("the file with your data is gone"), backup).note(home);
            }
        }
        Schema.make(home);
    }

    /** What is amiss with the database; where nothing is, it has the schema of this program afterwards. */
    private List<String> look() throws IOException, SQLException {
        Database database = home.database();
        if (Files.size(database.file()) == 0) {
            return List.of("the file is empty");
        }
        try {
            int schema;
            try (Connection store = database.connect()) {
                schema = Schema.of(store);
                if (schema > Schema.ofThisProgram()) {
                    throw new HomeTrouble(
                            "A newer Round Pocket has used this data folder; this one doesn’t know all that is in it.",
                            "Start the newer Round Pocket, or give this one a folder of its own with --home FOLDER.");
                }
                List<String> faults = faults(store, schema);
                if (!faults.isEmpty()) {
                    return faults;
                }
                if (schema == Schema.ofThisProgram()) {
                    long mark = Mark.of(store);
                    if (mark < journal.last() && !caughtUp(store, mark)) {
                        return List.of(missing(journal.last() - mark));
                    }
                    // On the connection that is there: to open the store once more takes as long as all of this.
                    Restore.countOn(store);
                    return List.of();
                }
                if (schema > 0) {
                    backups.make(store, schema, Reason.UPGRADE);
                }
            }
            moveOn(schema);
            countOn();
            return List.of();
        } catch (SQLException | MVStoreException | FlywayException unreadable) {
            if (ofTheDisk(unreadable)) {
                throw unreadable;
            }
            LOG.debug("The database cannot be read", unreadable);
            return List.of("it can’t be read");
        }
    }

    private static String missing(long changes) {
        return "it has fallen back to an earlier state: " + changes
                + (changes == 1 ? " change that was saved is" : " changes that were saved are") + " not in it";
    }

    /**
     * Whether a store that fell back is what it was again with what the journal kept: where that is known of every change
     * since. The file is kept as it was found.
     */
    private boolean caughtUp(Connection store, long mark) throws SQLException, IOException {
        List<Entry> since = journal.after(mark);
        boolean known = since.size() == journal.last() - mark && since.stream().allMatch(Entry::whole);
        if (!known) {
            return false;
        }
        String kept = keepDamaged();
        Restore.countOn(store);
        store.setAutoCommit(false);
        Replay.PutBack done = Replay.onto(store, since);
        if (!done.whole()) {
            store.rollback();
            store.setAutoCommit(true);
            return false;
        }
        Mark.goOnAfter(store, journal.last());
        store.commit();
        store.setAutoCommit(true);
        LOG.warn(
                "The file with your data had fallen back to an earlier state; {} presses were put back from the journal, and"
                        + " nothing is missing. It is kept as it was found: {}.",
                done.presses(),
                kept);
        return true;
    }

    private List<String> faults(Connection store, int schema) throws SQLException, IOException {
        Optional<Closed> closed = Closed.noted(home);
        if (closed.isPresent() && closed.get().is(home.database().file())) {
            return List.of();
        }
        List<String> faults = new ArrayList<>(Soundness.faults(store));
        long tables = Tables.of(store).size();
        // A home is made whole before it is put in its place: one with nothing in it is what is left of another.
        if (schema == 0 && tables == 0) {
            faults.add("there is nothing in it");
        }
        if (schema == Schema.ofThisProgram() && tables < Tables.IN_ORDER.size()) {
            long gone = Tables.IN_ORDER.size() - tables;
            faults.add(gone + (gone == 1 ? " table is gone" : " tables are gone"));
        }
        if (faults.isEmpty()
                && closed.isPresent()
                && !Content.of(store).equals(closed.get().content())) {
            faults.add("it is not as it was when it was closed");
        }
        if (faults.isEmpty() && wentBack(store)) {
            faults.add("it is older than the last backup");
        }
        return faults;
    }

    /** The numbers that the store gives out never go back, unless the file does. */
    private boolean wentBack(Connection store) throws SQLException, IOException {
        Optional<Kept> last = backups.latest();
        if (last.isEmpty()) {
            return false;
        }
        for (Map.Entry<String, Long> counter : last.get().manifest().counters().entrySet()) {
            if (Restore.next(store, counter.getKey()) <= counter.getValue()) {
                return true;
            }
        }
        return false;
    }

    /** Moves a sound database on; one in which an earlier program was cut short is made again from what it holds. */
    private void moveOn(int schema) throws IOException, SQLException {
        try {
            Schema.moveOn(home);
        } catch (FlywayException halfMade) {
            if (ofTheDisk(halfMade)) {
                throw halfMade;
            }
            LOG.warn("An earlier Round Pocket was cut short while it changed the tables; they are made again.");
            keepDamaged();
            Optional<Kept> before = schema == 0 ? Optional.empty() : backups.latest();
            Database next = home.next();
            if (before.isPresent()) {
                try (BackupFile backup = BackupFile.open(before.get().file())) {
                    backup.readInto(next);
                }
                next.replace(home.database());
            } else {
                Schema.make(home);
            }
        }
    }

    /** Keeps a copy of the damaged file, and says where. */
    private String keepDamaged() throws IOException {
        Path file = home.database().file();
        String name = "round-pocket-" + clock.instant().toString().replace(':', '-') + ".mv.db";
        Path kept = home.damaged().resolve(name);
        Path part = home.damaged().resolve(name + HomeFolder.PART);
        Files.copy(file, part, StandardCopyOption.REPLACE_EXISTING);
        HomeFolder.moveIntoPlace(part, kept);
        return home.path().relativize(kept).toString();
    }

    /** The note first: whenever the process ends, the next start finds either the damaged file or the note. */
    private void layAside(List<String> faults) throws IOException {
        String kept = keepDamaged();
        Optional<Kept> backup = backups.latest();
        Instant made = backup.map(each -> each.manifest().made()).orElse(Instant.EPOCH);
        Path copy = home.path().resolve(kept);
        Database toRead = home.reading();
        Files.copy(copy, toRead.file(), StandardCopyOption.REPLACE_EXISTING);
        Damage damage = damage(kept, faults, backup).since(toRead, made);
        toRead.delete();
        damage.note(home);
        LOG.error(
                "The file with your data is damaged: {}. It is kept as {}. Open Round Pocket to see what can be put back.",
                String.join("; ", faults),
                copy);
        Schema.make(home);
    }

    private Damage damage(@Nullable String kept, List<String> faults, Optional<Kept> backup) {
        long mark = backup.map(each -> each.manifest().markIn(home)).orElse(0L);
        long presses = journal.after(mark).stream().mapToLong(Entry::presses).sum();
        return new Damage(clock.instant(), kept, faults, backup.map(Kept::name).orElse(null), null, null, presses);
    }

    private static boolean ofTheDisk(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql
                    && (sql.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1
                            || sql.getErrorCode() == ErrorCode.ACCESS_DENIED_TO_CLASS_1)) {
                return true;
            }
            if (StoreTrouble.ofTheDisk(cause)) {
                return true;
            }
        }
        return false;
    }

    private HomeTrouble trouble(Exception failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && sql.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1) {
                return HomeLock.inUse(failure);
            }
        }
        return HomeTrouble.ofTheDisk(home, failure)
                .orElseGet(() -> new HomeTrouble(
                        "Round Pocket can’t open its folder.",
                        "Put back a backup with ./pocket restore FILE.",
                        failure));
    }
}
