package roundpocket.app.feet;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import roundpocket.app.store.Shelf;

/** Feet. */
@Service
public class FeetShelf extends Shelf<FootRow, FootWrite, FootView> {
    private final Clock clock;

    private final FootRepository repository;

    FeetShelf(FootRepository repository, Clock clock) {
        super("foot", repository, clock);
        this.repository = repository;
        this.clock = clock;
    }

    @Override
    protected FootRow blank() {
        return new FootRow();
    }

    @Override
    protected void fill(FootRow row, FootWrite write) {
        row.fill(write, LocalDate.now(clock));
    }

    @Override
    protected FootView view(FootRow row) {
        return new FootView(
                row.getId(),
                row.version(),
                row.name(),
                row.updatedAt(),
                row.foot(),
                row.otherFoot(),
                row.measuredOn(),
                row.notes(),
                row.earlier());
    }

    /** What a tube refers to leaves the shelf, and stays for that tube as it is. */
    @Override
    public void delete(UUID id, long version) {
        FootRow row = row(id);
        if (repository.tubes(id) == 0) {
            super.delete(id, version);
            return;
        }
        refuseWhenStale(row, version, List.of());
        row.go();
        repository.saveAndFlush(row);
        repository.leavePairs(id);
    }

    /** Throws away what left the shelf and nothing refers to any more. */
    public void sweep() {
        repository.sweep();
    }
}
