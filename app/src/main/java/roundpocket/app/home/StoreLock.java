package roundpocket.app.home;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Who uses the store shares it; who takes its place with another, or compacts its file, has it alone. Whatever is
 * acknowledged is therefore written before such a change or after it, and never between. Held by the thread that took it.
 */
@Component
public class StoreLock {
    private final ReadWriteLock lock = new ReentrantReadWriteLock(true);

    /** A use of the store, until it is closed. */
    public interface Held extends AutoCloseable {
        @Override
        void close();
    }

    /** Uses the store beside others; null where somebody has it alone for longer than is waited. */
    public @Nullable Held shared(long waitsMs) {
        return tried(lock.readLock(), waitsMs);
    }

    /** Has the store alone; null where others use it for longer than is waited. */
    public @Nullable Held alone(long waitsMs) {
        return tried(lock.writeLock(), waitsMs);
    }

    private static @Nullable Held tried(Lock lock, long waitsMs) {
        try {
            return lock.tryLock(waitsMs, TimeUnit.MILLISECONDS) ? lock::unlock : null;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return null;
        }
    }
}
