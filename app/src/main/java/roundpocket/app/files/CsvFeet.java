package roundpocket.app.files;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootView;
import roundpocket.app.feet.FootWrite;
import roundpocket.app.plans.FootPart;
import roundpocket.app.plans.ShoePart;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.foot.ToeForm;

/** Feet as a table. */
@Component
class CsvFeet implements CsvShelf<FootView, FootWrite> {
    private final FeetShelf shelf;

    CsvFeet(FeetShelf shelf) {
        this.shelf = shelf;
    }

    @Override
    public List<String> columns() {
        return List.of(
                "name",
                "length_mm",
                "ball_girth_mm",
                "heel_diagonal_mm",
                "leg_girth_mm",
                "toe_form",
                "shoe_system",
                "shoe_size");
    }

    @Override
    public List<String> needed() {
        return List.of("name", "ball_girth_mm");
    }

    @Override
    public List<Object> line(FootView kept) {
        FootPart foot = kept.foot();
        ShoePart shoe = foot.shoe();
        return Arrays.asList(
                Cells.guarded(kept.name()),
                foot.lengthMm(),
                foot.ballGirthMm(),
                foot.heelDiagonalMm(),
                foot.legGirthMm(),
                foot.toeForm(),
                shoe == null ? null : shoe.system(),
                shoe == null ? null : shoe.size());
    }

    @Override
    public FootWrite write(CSVRecord line) {
        ShoeSystem system = Cells.word(line, "shoe_system", ShoeSystem.class);
        ShoePart shoe = system == null ? null : new ShoePart(system, Cells.needed(line, "shoe_size"));
        FootPart foot = new FootPart(
                Cells.number(line, "length_mm"),
                shoe,
                Cells.needed(line, "ball_girth_mm"),
                Cells.number(line, "heel_diagonal_mm"),
                Cells.number(line, "leg_girth_mm"),
                Cells.word(line, "toe_form", ToeForm.class));
        foot.toCore(); // refuses what cannot be
        return new FootWrite(null, Objects.requireNonNullElse(Cells.text(line, "name"), ""), foot);
    }

    @Override
    public List<FootView> list() {
        return shelf.list();
    }

    @Override
    public void create(FootWrite write) {
        shelf.create(write);
    }
}
