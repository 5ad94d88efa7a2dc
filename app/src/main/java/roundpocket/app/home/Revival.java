package roundpocket.app.home;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Opens the database anew after a write failed: the store closes itself then, and connections that know it from before never
 * recover, though the disk may have room again.
 */
@Component
public class Revival {
    private static final Logger LOG = LoggerFactory.getLogger(Revival.class);
    private static final int PATIENCE_MS = 3000;

    private final HikariDataSource store;
    private final AtomicBoolean busy = new AtomicBoolean();

    Revival(HikariDataSource store) {
        this.store = store;
    }

    /** Asks for it; done beside, once at a time. */
    public void ask() {
        if (busy.compareAndSet(false, true)) {
            Thread thread = new Thread(this::revive, "revival");
            thread.setDaemon(true);
            thread.start();
        }
    }

    private void revive() {
        HikariPoolMXBean pool = store.getHikariPoolMXBean();
        try {
            pool.suspendPool();
            pool.softEvictConnections();
            long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(PATIENCE_MS);
            while (pool.getTotalConnections() > 0 && System.nanoTime() < until) {
                Thread.sleep(20);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException cannot) {
            LOG.debug("Not opened anew", cannot); // asked for again by the next write that fails
        } finally {
            pool.resumePool();
            busy.set(false);
        }
    }
}
