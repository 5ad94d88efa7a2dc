package roundpocket.app.store;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * One shelf: reads, writes and throws away, and never overwrites what somebody else wrote in between.
 *
 * @param <R> the row
 * @param <W> what is written
 * @param <V> what is read
 */
@Transactional
public abstract class Shelf<R extends StoredRow, W extends StoredWrite, V> {
    private final String what;
    private final StoredRepository<R> repository;
    private final Clock clock;

    protected Shelf(String what, StoredRepository<R> repository, Clock clock) {
        this.what = what;
        this.repository = repository;
        this.clock = clock;
    }

    /** A row with nothing in it. */
    protected abstract R blank();

    /** Checks what is written and puts it into the row. Throws a refusal and leaves the row alone when it cannot be. */
    protected abstract void fill(R row, W write);

    /** The row as it is read. */
    protected abstract V view(R row);

    @Transactional(readOnly = true)
    public List<V> list() {
        return repository.findAllByOrderByCreatedAtAscNameAsc().stream()
                .map(this::view)
                .toList();
    }

    /** The ids of everything on it, in the order in which it was put there. */
    @Transactional(readOnly = true)
    public List<UUID> ids() {
        return repository.ids();
    }

    /** Some of it, in the order asked for. */
    @Transactional(readOnly = true)
    public List<V> list(List<UUID> some) {
        Map<UUID, R> rows =
                repository.findAllById(some).stream().collect(Collectors.toMap(StoredRow::getId, row -> row));
        return some.stream()
                .map(rows::get)
                .filter(Objects::nonNull)
                .map(this::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public V read(UUID id) {
        return view(row(id));
    }

    public V create(W write) {
        return store(blank(), write);
    }

    public V update(UUID id, W write) {
        R row = row(id);
        refuseWhenStale(row, write.version(), write);
        return store(row, write);
    }

    /** Refuses what could not be kept, and keeps nothing. */
    @Transactional(propagation = Propagation.REQUIRES_NEW, readOnly = true)
    public void check(W write) {
        Names.checked(write.name(), "name");
        fill(blank(), write);
    }

    /** Throws it away, provided that it is still as it was read. */
    public void delete(UUID id, long version) {
        R row = row(id);
        refuseWhenStale(row, version, List.of());
        repository.delete(row);
    }

    /** The row, where it is there; also one that stands on no shelf any more, and is kept for what refers to it. */
    @Transactional(readOnly = true)
    public Optional<R> find(UUID id) {
        return repository.findById(id);
    }

    private V store(R row, W write) {
        String name = Names.checked(write.name(), "name");
        fill(row, write);
        row.written(name, clock.instant());
        return view(repository.saveAndFlush(row));
    }

    /** When something is written now. */
    protected Instant now() {
        return clock.instant();
    }

    /** The row, or a refusal that says that it is gone. */
    public R row(UUID id) {
        return repository.findById(id).orElseThrow(() -> new NotStoredException(what));
    }

    /** Refuses what somebody else has changed since. */
    protected void refuseWhenStale(R row, @Nullable Long version, Object wanted) {
        if (version == null || version != row.version()) {
            throw new StaleException(what, view(row), wanted);
        }
    }
}
