package roundpocket.app.laps;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import roundpocket.app.home.StoreRenewedEvent;

/**
 * Keeps in memory what the events of a pair come to, so that a press on a pair with thousands of them is as quick as the
 * first. What is kept is what was committed: a pair's version grows when somebody takes its lock to change it, nothing of
 * an earlier version is used, and what a reader folds while any change is open is not kept. (A change lets go of the
 * lock at its commit and is closed a little later; by then the next may hold the lock, and a reader may have folded from
 * before the commit.)
 */
@Component
class Folds {
    /** Events in all that are kept folded, some 40 MB. */
    private static final long MOST_EVENTS = 150_000;

    /** What a fold without events weighs, in events: its plan. */
    private static final int PLAN = 300;

    private static final int MOST_SHORT = 20_000;

    private final Cache<UUID, Fold> folds = Caffeine.newBuilder()
            .maximumWeight(MOST_EVENTS)
            .weigher((UUID pair, Fold fold) -> PLAN + fold.knitting.events())
            .build();
    private final Cache<Summed, Short> shorts =
            Caffeine.newBuilder().maximumSize(MOST_SHORT).build();
    private final Map<UUID, Changes> changes = new ConcurrentHashMap<>();
    private final AtomicLong renewed = new AtomicLong();

    private record Generation(long renewed, long version) {}

    /** How often a pair was changed, and how many of these changes are still open. */
    private record Changes(long version, int open) {
        static final Changes NONE = new Changes(0, 0);

        Changes begun() {
            return new Changes(version + 1, open + 1);
        }

        Changes closed() {
            return new Changes(version, open - 1);
        }
    }

    /** A pair, and as what it is summed up. */
    private record Summed(UUID pair, Class<?> as) {}

    /** A pair in short, or nothing where it cannot be read. */
    private record Short(Generation generation, Object inShort) {}

    /** Used by one at a time; once it is taken to be written to, by nobody else. */
    private static final class Fold {
        private final Generation generation;
        private final Knitting knitting;
        private boolean taken;

        Fold(Generation generation, Knitting knitting) {
            this.generation = generation;
            this.knitting = knitting;
        }
    }

    private Changes changesOf(UUID pair) {
        return changes.getOrDefault(pair, Changes.NONE);
    }

    private Generation at(Changes changes) {
        return new Generation(renewed.get(), changes.version());
    }

    /** Reads from the work on a pair; {@code make} folds it where it is not at hand. */
    <T> T read(UUID pair, Supplier<Knitting> make, Function<Knitting, T> use) {
        Changes seen = changesOf(pair);
        Generation now = at(seen);
        Fold fold = folds.getIfPresent(pair);
        if (fold == null || !fold.generation.equals(now)) {
            fold = new Fold(now, make.get());
            if (seen.open() == 0) {
                folds.put(pair, fold);
            }
        }
        synchronized (fold) {
            if (!fold.taken) {
                return use.apply(fold.knitting);
            }
        }
        return use.apply(make.get());
    }

    /**
     * Takes the work on a pair to hear more; for whoever holds the pair's lock in a transaction. It is kept again once that
     * is committed.
     */
    Knitting take(UUID pair, Supplier<Knitting> make) {
        Fold fold = folds.asMap().remove(pair);
        Knitting knitting = null;
        if (fold != null && fold.generation.equals(at(changesOf(pair)))) {
            synchronized (fold) {
                fold.taken = true;
                knitting = fold.knitting;
            }
        }
        Generation taken = begin(pair);
        Knitting used = knitting == null ? make.get() : knitting;
        afterCompletion(committed -> {
            // Where the next has taken the lock meanwhile, the fold is its own to make.
            if (committed && taken.equals(at(changesOf(pair)))) {
                folds.put(pair, new Fold(taken, used));
            }
        });
        return used;
    }

    /** What is said of a pair in short; made anew after a change. */
    <T> T inShort(UUID pair, Class<T> type, Supplier<T> make) {
        Changes seen = changesOf(pair);
        Generation now = at(seen);
        Summed summed = new Summed(pair, type);
        Short kept = shorts.getIfPresent(summed);
        if (kept == null || !kept.generation.equals(now)) {
            kept = new Short(now, make.get());
            if (seen.open() == 0) {
                shorts.put(summed, kept);
            }
        }
        return type.cast(kept.inShort);
    }

    /** That something of a pair changes in this transaction. */
    void changes(UUID pair) {
        begin(pair);
    }

    /** A change that is open until the transaction is over, however it ends. */
    private Generation begin(UUID pair) {
        Changes begun = changes.merge(pair, Changes.NONE.begun(), (before, first) -> before.begun());
        afterCompletion(committed -> changes.computeIfPresent(pair, (id, before) -> before.closed()));
        return at(begun);
    }

    private static void afterCompletion(Consumer<Boolean> then) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                then.accept(status == STATUS_COMMITTED);
            }
        });
    }

    /** After a backup was put back nothing that is kept holds. */
    @EventListener
    void renew(StoreRenewedEvent renewal) {
        renewed.incrementAndGet();
        folds.invalidateAll();
        shorts.invalidateAll();
    }
}
