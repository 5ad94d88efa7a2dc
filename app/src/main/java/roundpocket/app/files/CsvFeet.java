package roundpocket.app.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FeetKept;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootView;
import roundpocket.app.feet.FootWrite;
import roundpocket.app.plans.FootPart;
import roundpocket.app.store.Formulas;

/** Feet as a table. */
@Component
class CsvFeet implements CsvShelf<FootView, FootWrite> {
    private static final String OTHER = "other_";
    private static final Columns<FootPart> FOOT = new Columns<>(FootPart.class, "");
    private static final Columns<FootPart> OTHER_FOOT = new Columns<>(FootPart.class, OTHER);

    private final FeetShelf shelf;

    CsvFeet(FeetShelf shelf) {
        this.shelf = shelf;
    }

    @Override
    public List<String> columns() {
        List<String> columns = new ArrayList<>(List.of("name"));
        columns.addAll(FOOT.names());
        columns.addAll(OTHER_FOOT.names());
        columns.addAll(List.of("measured_on", "notes"));
        return columns;
    }

    @Override
    public List<String> needed() {
        return List.of("name");
    }

    @Override
    public List<Object> line(FootView foot) {
        FeetKept kept = foot.kept();
        List<Object> cells = new ArrayList<>();
        cells.add(Formulas.guarded(foot.name()));
        cells.addAll(FOOT.cells(kept.foot()));
        cells.addAll(OTHER_FOOT.cells(kept.otherFoot()));
        cells.add(kept.measuredOn());
        cells.add(kept.notes() == null ? null : Formulas.guarded(kept.notes()));
        return cells;
    }

    @Override
    public FootWrite write(CSVRecord line) {
        return new FootWrite(
                null,
                Objects.requireNonNullElse(Cells.text(line, "name"), ""),
                FOOT.read(line),
                OTHER_FOOT.told(line) ? OTHER_FOOT.read(line) : null,
                Cells.date(line, "measured_on"),
                Cells.text(line, "notes"),
                null);
    }

    @Override
    public List<FootView> list() {
        return shelf.list();
    }

    @Override
    public void check(FootWrite write) {
        shelf.check(write);
    }

    @Override
    public void create(FootWrite write) {
        shelf.create(write);
    }
}
