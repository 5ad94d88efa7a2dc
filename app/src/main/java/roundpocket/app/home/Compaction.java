package roundpocket.app.home;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.h2.mvstore.MVStoreException;
import org.h2.mvstore.MVStoreTool;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Keeps the database file from growing without end. The store writes every acknowledged press into a new part of the file and
 * gives old parts up only when it is told to: told at quiet moments, and at any moment once the file is very large.
 */
@Component
class Compaction {
    /** A file smaller than this is left alone. */
    static final long SMALL_BYTES = 8L << 20;

    /** A file larger than this is compacted while it is written to as well. */
    private static final long LARGE_BYTES = 256L << 20;

    /** How much larger than after the last time it has to be. */
    private static final int GROWN = 4;

    private static final int AT_MOST_MS = 2000;
    private static final int EVERY_S = 10;
    private static final Logger LOG = LoggerFactory.getLogger(Compaction.class);

    private final HomeFolder home;
    private final Path file;
    private final HikariDataSource store;
    private final StoreLock lock;
    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "compaction");
        thread.setDaemon(true);
        return thread;
    });
    private long before;
    private long after;

    Compaction(HomeKeeper keeper, HikariDataSource store, StoreLock lock) {
        this.lock = lock;
        this.home = keeper.home();
        this.file = keeper.home().database().file();
        this.store = store;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        watch.scheduleWithFixedDelay(this::look, EVERY_S, EVERY_S, TimeUnit.SECONDS);
    }

    @PreDestroy
    void end() throws InterruptedException {
        watch.shutdown();
        watch.awaitTermination(2L * AT_MOST_MS, TimeUnit.MILLISECONDS);
    }

    /** A file that has not grown since the last look is not being written to. */
    private void look() {
        try {
            long now = Files.size(file);
            boolean quiet = now == before;
            before = now;
            if (now > SMALL_BYTES && now > GROWN * after && (quiet || now > LARGE_BYTES)) {
                compact();
            }
        } catch (IOException | SQLException | MVStoreException cannot) {
            LOG.debug("Not compacted", cannot); // tried again at the next look
        }
    }

    /**
     * Compacts the file now: the database is closed for a moment, in which whoever wants it waits, copied as far as it is in
     * use, and opened again. Gives up where somebody goes on using it.
     */
    void compact() throws SQLException, IOException {
        try (StoreLock.Held alone = lock.alone(AT_MOST_MS)) {
            if (alone != null) {
                closeAndCompact();
            }
        }
    }

    private void closeAndCompact() throws SQLException, IOException {
        HikariPoolMXBean pool = store.getHikariPoolMXBean();
        pool.suspendPool();
        try {
            pool.softEvictConnections();
            long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(AT_MOST_MS);
            while (pool.getTotalConnections() > 0) {
                if (System.nanoTime() > until) {
                    return;
                }
                Thread.sleep(5);
            }
            compact(home);
            after = Files.size(file);
            before = after;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } finally {
            pool.softEvictConnections(); // one that was being made meanwhile knows the store from before
            pool.resumePool();
        }
    }

    /** Whether there is room for the copy, and as much again for what is written meanwhile. */
    private static boolean hasRoom(HomeFolder home) throws IOException {
        return Files.getFileStore(home.path()).getUsableSpace()
                > 2 * Files.size(home.database().file()) + SMALL_BYTES;
    }

    /** Compacts the database of a home that nobody has open: into a file beside, which then takes its place. */
    static void compact(HomeFolder home) throws SQLException, IOException {
        if (!hasRoom(home)) {
            LOG.warn("There is too little room on the disk to make the file with your data smaller.");
            return;
        }
        try (Connection last = home.database().connect();
                Statement statement = last.createStatement()) {
            statement.execute("SHUTDOWN");
        }
        Database next = home.next();
        next.delete();
        try {
            Files.copy(home.database().file(), next.file());
            MVStoreTool.compact(next.file().toString(), false);
            next.replace(home.database());
        } finally {
            next.delete(); // what could not be finished gives its room back
        }
    }
}
