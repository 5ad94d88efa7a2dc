package roundpocket.app.swatches;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import roundpocket.app.kept.KeptRow;
import roundpocket.app.plans.SwatchPart;

/** A stored swatch. */
@Entity
@Table(name = "swatch")
public class SwatchRow extends KeptRow {
    @ElementCollection
    @CollectionTable(name = "swatch_stitch_reading", joinColumns = @JoinColumn(name = "swatch_id"))
    @OrderColumn(name = "position")
    private List<ReadingRow> stitches = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "swatch_round_reading", joinColumns = @JoinColumn(name = "swatch_id"))
    @OrderColumn(name = "position")
    private List<ReadingRow> rounds = new ArrayList<>();

    void fill(SwatchPart swatch) {
        swatch.toCore(); // refuses what cannot be
        ReadingRow.replace(stitches, swatch.stitches());
        ReadingRow.replace(rounds, swatch.rounds());
    }

    SwatchPart swatch() {
        return new SwatchPart(ReadingRow.parts(stitches), ReadingRow.parts(rounds));
    }
}
