package roundpocket.app.swatches;

import java.time.Clock;
import org.springframework.stereotype.Service;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.store.Names;
import roundpocket.app.store.Required;
import roundpocket.app.store.Shelf;

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
        Required.in("swatch", write.swatch(), SwatchPart::toCore); // refuses what cannot be
        row.keep(new SwatchKept(write.swatch(), notes));
    }

    @Override
    protected SwatchView view(SwatchRow row) {
        return new SwatchView(row.getId(), row.version(), row.name(), row.updatedAt(), row.kept());
    }
}
