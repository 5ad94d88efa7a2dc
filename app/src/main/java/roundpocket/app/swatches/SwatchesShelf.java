package roundpocket.app.swatches;

import java.time.Clock;
import org.springframework.stereotype.Service;
import roundpocket.app.kept.Names;
import roundpocket.app.kept.Required;
import roundpocket.app.kept.Shelf;

/** Swatches. */
@Service
public class SwatchesShelf extends Shelf<SwatchRow, SwatchWrite, SwatchView> {
    SwatchesShelf(SwatchRepository repository, Clock clock) {
        super("swatch", repository, clock);
    }

    @Override
    protected SwatchRow blank() {
        return new SwatchRow();
    }

    @Override
    protected void fill(SwatchRow row, SwatchWrite write) {
        String notes = Names.notes(write.notes(), "notes");
        Required.in("swatch", write.swatch(), row::fill);
        row.note(notes);
    }

    @Override
    protected SwatchView view(SwatchRow row) {
        return new SwatchView(row.getId(), row.version(), row.name(), row.updatedAt(), row.swatch(), row.notes());
    }
}
