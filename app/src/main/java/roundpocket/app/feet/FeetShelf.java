package roundpocket.app.feet;

import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Service;
import roundpocket.app.store.Shelf;

/** Feet. */
@Service
public class FeetShelf extends Shelf<FootRow, FootWrite, FootView> {
    private final Clock clock;

    FeetShelf(FootRepository repository, Clock clock) {
        super("foot", repository, clock);
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
}
