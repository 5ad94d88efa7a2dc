package roundpocket.app.pairs;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import roundpocket.app.feet.FootRow;
import roundpocket.app.kept.KeptRow;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.swatches.ReadingRow;
import roundpocket.app.swatches.SwatchRow;
import roundpocket.app.yarns.YarnRow;

/** A stored pair. */
@Entity
@Table(name = "sock_pair")
public class PairRow extends KeptRow {
    @Embedded
    private @Nullable SpecColumns spec;

    @ElementCollection
    @CollectionTable(name = "pair_stitch_reading", joinColumns = @JoinColumn(name = "pair_id"))
    @OrderColumn(name = "position")
    private List<ReadingRow> stitchReadings = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "pair_round_reading", joinColumns = @JoinColumn(name = "pair_id"))
    @OrderColumn(name = "position")
    private List<ReadingRow> roundReadings = new ArrayList<>();

    @ManyToOne
    private @Nullable FootRow foot;

    @ManyToOne
    private @Nullable SwatchRow swatch;

    @ManyToOne
    private @Nullable YarnRow yarn;

    void fill(SpecPart newSpec) {
        newSpec.plan(); // refuses what no sock can be knitted from
        this.spec = new SpecColumns(newSpec);
        ReadingRow.replace(stitchReadings, newSpec.swatch().stitches());
        ReadingRow.replace(roundReadings, newSpec.swatch().rounds());
    }

    void link(@Nullable FootRow newFoot, @Nullable SwatchRow newSwatch, @Nullable YarnRow newYarn) {
        this.foot = newFoot;
        this.swatch = newSwatch;
        this.yarn = newYarn;
    }

    SpecPart spec() {
        SwatchPart readings = new SwatchPart(ReadingRow.parts(stitchReadings), ReadingRow.parts(roundReadings));
        return Objects.requireNonNull(spec).with(readings);
    }

    @Nullable
    FootRow foot() {
        return foot;
    }

    @Nullable
    SwatchRow swatch() {
        return swatch;
    }

    @Nullable
    YarnRow yarn() {
        return yarn;
    }
}
