package roundpocket.app.feet;

import java.time.Clock;
import org.springframework.stereotype.Service;
import roundpocket.app.kept.Required;
import roundpocket.app.kept.Shelf;

/** Feet. */
@Service
public class FeetShelf extends Shelf<FootRow, FootWrite, FootView> {
    FeetShelf(FootRepository repository, Clock clock) {
        super("foot", repository, clock);
    }

    @Override
    protected FootRow blank() {
        return new FootRow();
    }

    @Override
    protected void fill(FootRow row, FootWrite write) {
        Required.in("foot", write.foot(), row::fill);
    }

    @Override
    protected FootView view(FootRow row) {
        return new FootView(row.getId(), row.version(), row.name(), row.updatedAt(), row.foot());
    }
}
