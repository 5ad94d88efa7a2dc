package roundpocket.app.home;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;

/** Held as long as a home is in use, so that no two Round Pockets have one open; given back when the process ends. */
final class HomeLock implements AutoCloseable {
    private final FileChannel channel;

    private HomeLock(FileChannel channel) {
        this.channel = channel;
    }

    /** The lock; null where another Round Pocket holds it. */
    static @Nullable HomeLock tryOn(HomeFolder home) {
        try {
            FileChannel channel = FileChannel.open(home.lock(), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = locked(channel);
            if (lock == null) {
                channel.close();
                return null;
            }
            HomeFolder.closeToOthers(home.lock());
            return new HomeLock(channel);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    /** The lock, or a refusal that says who has it. */
    static HomeLock on(HomeFolder home) {
        HomeLock lock = tryOn(home);
        if (lock == null) {
            throw inUse(null);
        }
        return lock;
    }

    static HomeTrouble inUse(@Nullable Throwable cause) {
        return new HomeTrouble(
                "Another Round Pocket has this data folder open.",
                "Stop the other one, or give this one a folder of its own with --home FOLDER.",
                cause == null ? new IllegalStateException("locked") : cause);
    }

    private static @Nullable FileLock locked(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException byThisProcess) {
            return null;
        }
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }
}
