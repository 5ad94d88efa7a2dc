package roundpocket.app.files;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FeetKept;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootView;
import roundpocket.app.feet.FootWrite;
import roundpocket.app.plans.FootPart;
import roundpocket.app.plans.ShoePart;
import roundpocket.app.plans.TracingPart;
import roundpocket.app.store.Formulas;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.foot.ToeForm;

/** Feet as a table. */
@Component
class CsvFeet implements CsvShelf<FootView, FootWrite> {
    private static final String OTHER = "other_";
    private static final List<String> MEASURES = List.of(
            "length_mm",
            "ball_girth_mm",
            "heel_diagonal_mm",
            "leg_girth_mm",
            "toe_form",
            "shoe_system",
            "shoe_size",
            "traced_width_mm",
            "traced_tip_in_mm",
            "traced_little_back_mm");

    private final FeetShelf shelf;

    CsvFeet(FeetShelf shelf) {
        this.shelf = shelf;
    }

    @Override
    public List<String> columns() {
        List<String> columns = new ArrayList<>(List.of("name"));
        columns.addAll(MEASURES);
        MEASURES.forEach(measure -> columns.add(OTHER + measure));
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
        cells.addAll(measures(kept.foot()));
        cells.addAll(measures(kept.otherFoot()));
        cells.add(kept.measuredOn());
        cells.add(kept.notes() == null ? null : Formulas.guarded(kept.notes()));
        return cells;
    }

    private static List<Object> measures(@Nullable FootPart foot) {
        if (foot == null) {
            return Collections.nCopies(MEASURES.size(), null);
        }
        ShoePart shoe = foot.shoe();
        TracingPart tracing = foot.tracing();
        return Arrays.asList(
                foot.lengthMm(),
                foot.ballGirthMm(),
                foot.heelDiagonalMm(),
                foot.legGirthMm(),
                foot.toeForm(),
                shoe == null ? null : shoe.system(),
                shoe == null ? null : shoe.size(),
                tracing == null ? null : tracing.widthMm(),
                tracing == null ? null : tracing.tipInMm(),
                tracing == null ? null : tracing.littleBackMm());
    }

    @Override
    public FootWrite write(CSVRecord line) {
        boolean both = MEASURES.stream().anyMatch(measure -> Cells.text(line, OTHER + measure) != null);
        return new FootWrite(
                null,
                Objects.requireNonNullElse(Cells.text(line, "name"), ""),
                foot(line, ""),
                both ? foot(line, OTHER) : null,
                Cells.date(line, "measured_on"),
                Cells.text(line, "notes"),
                null);
    }

    private static FootPart foot(CSVRecord line, String side) {
        ShoeSystem system = Cells.word(line, side + "shoe_system", ShoeSystem.class);
        return new FootPart(
                Cells.number(line, side + "length_mm"),
                system == null ? null : new ShoePart(system, Cells.needed(line, side + "shoe_size")),
                Cells.number(line, side + "ball_girth_mm"),
                Cells.number(line, side + "heel_diagonal_mm"),
                Cells.number(line, side + "leg_girth_mm"),
                Cells.word(line, side + "toe_form", ToeForm.class),
                tracing(line, side));
    }

    /** An outline is told by all three of its measures, or not at all. */
    private static @Nullable TracingPart tracing(CSVRecord line, String side) {
        boolean told = MEASURES.stream()
                .filter(measure -> measure.startsWith("traced_"))
                .anyMatch(measure -> Cells.text(line, side + measure) != null);
        return told
                ? new TracingPart(
                        Cells.needed(line, side + "traced_width_mm"),
                        Cells.needed(line, side + "traced_tip_in_mm"),
                        Cells.needed(line, side + "traced_little_back_mm"))
                : null;
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
