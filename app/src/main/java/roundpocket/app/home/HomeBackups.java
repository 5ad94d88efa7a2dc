package roundpocket.app.home;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import roundpocket.app.home.Backups.Kept;
import roundpocket.app.home.Backups.Reason;
import roundpocket.app.home.Findings.Fate;
import roundpocket.app.home.Findings.Found;
import roundpocket.app.home.HomeViews.BackupView;
import roundpocket.app.home.HomeViews.HomeView;
import roundpocket.app.home.HomeViews.LookView;
import roundpocket.app.home.HomeViews.Mode;
import roundpocket.app.home.HomeViews.RestoreWrite;
import roundpocket.app.home.HomeViews.RestoredView;
import roundpocket.app.home.JournalFile.Entry;
import roundpocket.app.store.NotStoredException;

/** Makes backups of the home while it is in use, by itself and when asked, and puts them back. One thing at a time. */
@Service
public class HomeBackups {
    private static final Logger LOG = LoggerFactory.getLogger(HomeBackups.class);
    private static final int LOOKED_AT = 3;
    private static final long WAITS_MS = 30_000;

    private final HomeKeeper keeper;
    private final DataSource store;
    private final StoreLock lock;
    private final List<RestoreCheck> checks;
    private final List<RestoredReading> readings;
    private final TransactionTemplate transactions;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final ScheduledExecutorService daily = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "backup");
        thread.setDaemon(true);
        return thread;
    });
    private volatile List<String> unsound = List.of();

    HomeBackups(
            HomeKeeper keeper,
            DataSource store,
            StoreLock lock,
            List<RestoreCheck> checks,
            @Lazy List<RestoredReading> readings,
            PlatformTransactionManager transactions,
            ApplicationEventPublisher events,
            Clock clock) {
        this.keeper = keeper;
        this.store = store;
        this.lock = lock;
        this.checks = checks;
        this.readings = readings;
        this.transactions = new TransactionTemplate(transactions);
        this.events = events;
        this.clock = clock;
    }

    /** At each start, and then once a day. */
    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        daily.execute(this::byItself);
        daily.scheduleWithFixedDelay(this::onANewDay, 1, 1, TimeUnit.HOURS);
    }

    /** Not an interruption: that would close the store's file under everybody. */
    @PreDestroy
    void end() throws InterruptedException {
        daily.shutdown();
        if (!daily.awaitTermination(30, TimeUnit.SECONDS)) {
            LOG.warn("A backup was not ready in time; the one before it stays.");
        }
    }

    private void onANewDay() {
        try {
            LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
            boolean made = keeper.backups().list().stream()
                    .filter(each -> each.reason() == Reason.DAILY)
                    .anyMatch(each -> LocalDate.ofInstant(each.manifest().made(), ZoneId.systemDefault())
                            .equals(today));
            if (!made) {
                byItself();
            }
        } catch (IOException cannot) {
            LOG.warn("The backups can’t be listed: {}", cannot.getMessage());
        }
    }

    /** A store in which something is no longer as it was written does not take the place of a good backup. */
    synchronized void byItself() {
        if (keeper.damage().isPresent()) {
            return;
        }
        try (StoreLock.Held held = lock.shared(WAITS_MS);
                Connection connection = store.getConnection()) {
            if (held == null) {
                return; // somebody puts a backup back; in an hour is soon enough
            }
            unsound = Soundness.faults(connection);
            if (!unsound.isEmpty()) {
                LOG.error("No backup was made: {}", String.join("; ", unsound));
            } else if (!Content.of(connection).empty()) {
                keeper.backups().make(connection, Schema.ofThisProgram(), Reason.DAILY);
                keeper.journal().roll();
            }
        } catch (SQLException | IOException cannot) {
            LOG.warn("No backup could be made: {}", cannot.getMessage());
        }
    }

    public HomeView view() throws IOException {
        return new HomeView(
                keeper.home().path().toString(),
                keeper.damage().orElse(null),
                unsound,
                keeper.backups().list().stream().map(BackupView::of).toList());
    }

    /** Makes one now, and keeps it in the home. */
    synchronized Kept make(Reason reason) throws SQLException, IOException {
        try (Connection connection = store.getConnection()) {
            return keeper.backups().make(connection, Schema.ofThisProgram(), reason);
        }
    }

    /** Writes one pair out, to be given to somebody. */
    void pair(UUID pair, boolean feet, OutputStream out) throws SQLException, IOException {
        try (Connection connection = store.getConnection()) {
            if (!Thing.Shelf.PAIR.of(connection).containsKey(pair)) {
                throw new NotStoredException("pair");
            }
            BackupWriter.pair(connection, Schema.ofThisProgram(), pair, feet, clock.instant(), out);
        }
    }

    /** A backup of the home's own, by its name. */
    Path file(String name) throws IOException {
        return keeper.backups()
                .named(name)
                .map(Kept::file)
                .orElseThrow(
                        () -> BackupFile.refusal("There is no backup “" + name + "”.", "Choose one from the list."));
    }

    /** Takes in a file, and says what putting it back would do. */
    LookView takeIn(InputStream in) throws SQLException, IOException {
        Path folder = keeper.home().incoming();
        try (Stream<Path> earlier = Files.list(folder)) {
            List<Path> files = earlier.sorted().toList();
            for (Path file : files.subList(0, Math.max(0, files.size() - LOOKED_AT + 1))) {
                Files.deleteIfExists(file); // by whoever came at the same moment
            }
        }
        String source = clock.millis() + "-" + UUID.randomUUID();
        Path file = folder.resolve(source);
        try {
            Files.copy(in, file); // before anything is waited for: it may come slowly
            HomeFolder.closeToOthers(file);
            try (StoreLock.Held held = lock.shared(WAITS_MS)) {
                if (held == null) {
                    throw new StoreBusyException();
                }
                return look(source);
            }
        } catch (SQLException | IOException | RuntimeException refused) {
            Files.deleteIfExists(file);
            throw refused;
        }
    }

    /** Says what putting a backup back would do. Nothing is done yet. */
    synchronized LookView look(String source) throws SQLException, IOException {
        try (Read read = read(source);
                Connection here = store.getConnection()) {
            List<Found> found = Findings.between(read.connection, here);
            int things = 0;
            for (Thing.Shelf shelf : Thing.Shelf.values()) {
                things += shelf.of(here).size();
            }
            long both = found.stream().filter(each -> each.fate() != Fate.ADD).count();
            return new LookView(source, read.manifest.made(), read.manifest.holds(), found, (int) (things - both));
        }
    }

    /** Puts a backup back. What is there before is kept in a backup of its own. */
    synchronized RestoredView restore(RestoreWrite write) throws SQLException, IOException {
        try (Read read = read(write.source())) {
            if (write.mode() == Mode.REPLACE && read.manifest.holds() == Manifest.Holds.PAIR) {
                throw BackupFile.refusal(
                        "This file holds one pair; it can’t take the place of everything.", "Add it instead.");
            }
            String before = beforeRestore();
            RestoredView restored = putBack(read, write.mode(), before);
            try (Connection here = store.getConnection()) {
                countPastBackups(here);
                restored = restored.with(putBackSince(read.manifest, here));
                try (Statement statement = here.createStatement()) {
                    statement.execute("CHECKPOINT SYNC");
                }
            }
            HomeFolder.delete(keeper.home().damage());
            unsound = List.of();
            events.publishEvent(new StoreRenewedEvent());
            return restored;
        }
    }

    /** All of it or, where something in it cannot be read, nothing. */
    private RestoredView putBack(Read read, Mode mode, @Nullable String before) {
        try {
            return Objects.requireNonNull(transactions.execute(status -> {
                Connection here = DataSourceUtils.getConnection(store);
                try {
                    RestoredView restored = restore(read.connection, here, mode, before);
                    Set<UUID> pairs = Thing.Shelf.PAIR.of(read.connection).keySet();
                    readings.forEach(reading -> reading.read(pairs));
                    return restored;
                } catch (SQLException cannot) {
                    throw new UncategorizedSQLException("restore", null, cannot);
                } finally {
                    DataSourceUtils.releaseConnection(here, store);
                }
            }));
        } finally {
            events.publishEvent(new StoreRenewedEvent()); // what was read of it meanwhile may not have come to stay
        }
    }

    /**
     * Puts back what was pressed after the backup was made, as the journal kept it, where the file was damaged; and writes
     * down that the store was changed. Gives how much was put back.
     */
    private long putBackSince(Manifest backup, Connection here) throws SQLException, IOException {
        long from = backup.markIn(keeper.home());
        here.setAutoCommit(false);
        long presses = from > 0 && keeper.damage().isPresent()
                ? Replay.onto(here, JournalFile.read(keeper.home()).after(from)).presses()
                : 0;
        try (Statement statement = here.createStatement()) {
            statement.execute("update store_mark set mark = mark + 1");
        }
        long mark = Mark.of(here);
        here.commit();
        here.setAutoCommit(true);
        keeper.journal().write(new Entry(mark, false, Map.of()));
        return presses;
    }

    /** A backup of what is there; nothing where nothing is. */
    private @Nullable String beforeRestore() throws SQLException, IOException {
        try (Connection here = store.getConnection()) {
            return Content.of(here).empty()
                    ? null
                    : keeper.backups()
                            .make(here, Schema.ofThisProgram(), Reason.RESTORE)
                            .name();
        }
    }

    private static RestoredView restore(Connection from, Connection here, Mode mode, @Nullable String before)
            throws SQLException {
        List<Found> found = Findings.between(from, here);
        Restore restore = new Restore(from, here);
        int added = 0;
        int renewed = 0;
        int left = 0;
        for (Found each : found) {
            boolean takes = each.fate() == Fate.RENEW || each.fate() == Fate.CLASH && mode != Mode.MERGE;
            added += each.fate() == Fate.ADD ? 1 : 0;
            renewed += takes ? 1 : 0;
            left += each.fate() == Fate.CLASH && !takes ? 1 : 0;
            if (mode != Mode.REPLACE && (takes || each.fate() == Fate.ADD)) {
                restore.thing(each.shelf(), each.id());
            } else if (mode != Mode.REPLACE && each.fate() == Fate.CLASH && each.shelf() == Thing.Shelf.PAIR) {
                restore.heard(each.id());
            }
        }
        if (mode == Mode.REPLACE) {
            restore.everything();
        }
        return new RestoredView(added, renewed, left, 0, before);
    }

    /** Goes on with the empty home that took the place of the damaged one. */
    synchronized void goOnEmpty() throws SQLException, IOException {
        try (Connection here = store.getConnection()) {
            countPastBackups(here);
            if (keeper.damage().filter(damage -> damage.backup() == null).isPresent()) {
                here.setAutoCommit(false); // begun before there was any backup: there is only the journal
                Replay.onto(here, JournalFile.read(keeper.home()).entries());
                here.commit();
                here.setAutoCommit(true);
            }
        }
        events.publishEvent(new StoreRenewedEvent());
        HomeFolder.delete(keeper.home().damage());
    }

    /** A store that holds less than the last backup because somebody wanted it so has not gone back. */
    private void countPastBackups(Connection here) throws SQLException, IOException {
        Optional<Kept> last = keeper.backups().latest();
        Restore.countOn(here, last.map(each -> each.manifest().counters()).orElse(Map.of()));
    }

    private Read read(String source) throws SQLException, IOException {
        Optional<Kept> kept = keeper.backups().named(source);
        Path incoming = keeper.home().incoming().resolve(source.matches("[0-9a-f-]+") ? source : "none");
        if (kept.isEmpty() && !Files.exists(incoming)) {
            throw BackupFile.refusal("This file is no longer there.", "Choose it again.");
        }
        return new Read(kept.map(Kept::file).orElse(incoming));
    }

    /** A backup read into a database of its own, which goes when it is closed. */
    private final class Read implements AutoCloseable {
        private final Manifest manifest;
        private final Database database = keeper.home().reading();
        private final Connection connection;

        Read(Path file) throws SQLException, IOException {
            Connection opened = null;
            try (BackupFile backup = BackupFile.open(file)) {
                manifest = backup.manifest();
                backup.readInto(database);
                opened = database.connect();
                for (RestoreCheck check : checks) {
                    check.check(opened);
                }
                connection = opened;
            } catch (SQLException | IOException | RuntimeException refused) {
                if (opened != null) {
                    opened.close();
                }
                database.delete();
                throw refused;
            }
        }

        @Override
        public void close() throws SQLException {
            connection.close();
            database.delete();
        }
    }
}
