package roundpocket.app.yarns;

import java.time.Clock;
import org.springframework.stereotype.Service;
import roundpocket.app.kept.Required;
import roundpocket.app.kept.Shelf;

/** Yarns. */
@Service
public class YarnsShelf extends Shelf<YarnRow, YarnWrite, YarnView> {
    YarnsShelf(YarnRepository repository, Clock clock) {
        super("yarn", repository, clock);
    }

    @Override
    protected YarnRow blank() {
        return new YarnRow();
    }

    @Override
    protected void fill(YarnRow row, YarnWrite write) {
        String colour = Colours.checked(write.colour());
        Required.in("yarn", write.yarn(), row::fill);
        row.dye(colour);
    }

    @Override
    protected YarnView view(YarnRow row) {
        return new YarnView(row.getId(), row.version(), row.name(), row.updatedAt(), row.colour(), row.yarn());
    }
}
