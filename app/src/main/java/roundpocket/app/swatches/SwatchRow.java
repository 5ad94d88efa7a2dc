package roundpocket.app.swatches;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FabricPart;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.store.Names;
import roundpocket.app.store.StoredRow;
import roundpocket.core.swatch.FabricState;

/** A stored swatch. */
@Entity
@Table(name = "swatch")
public class SwatchRow extends StoredRow {
    private static final FabricPart UNTOLD = new FabricPart(null, null, null, null);

    @ElementCollection
    @CollectionTable(name = "swatch_stitch_reading", joinColumns = @JoinColumn(name = "swatch_id"))
    @OrderColumn(name = "position")
    private List<ReadingRow> stitches = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "swatch_round_reading", joinColumns = @JoinColumn(name = "swatch_id"))
    @OrderColumn(name = "position")
    private List<ReadingRow> rounds = new ArrayList<>();

    @Enumerated(EnumType.STRING)
    private @Nullable FabricState state;

    private @Nullable Boolean inTheRound;
    private @Nullable Double needleMm;
    private @Nullable Double wantedStitches;

    @Column(length = Names.MOST_IN_NOTES)
    private @Nullable String notes;

    void note(@Nullable String newNotes) {
        this.notes = newNotes;
    }

    @Nullable
    String notes() {
        return notes;
    }

    void fill(SwatchPart swatch) {
        swatch.toCore(); // refuses what cannot be
        ReadingRow.replace(stitches, swatch.stitches());
        ReadingRow.replace(rounds, swatch.rounds());
        FabricPart fabric = swatch.fabric();
        this.state = fabric == null ? null : fabric.state();
        this.inTheRound = fabric == null ? null : fabric.inTheRound();
        this.needleMm = fabric == null ? null : fabric.needleMm();
        this.wantedStitches = fabric == null ? null : fabric.wantedStitches();
    }

    SwatchPart swatch() {
        FabricPart fabric = new FabricPart(state, inTheRound, needleMm, wantedStitches);
        return new SwatchPart(
                ReadingRow.parts(stitches), ReadingRow.parts(rounds), fabric.equals(UNTOLD) ? null : fabric);
    }
}
