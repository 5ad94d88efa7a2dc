package roundpocket.app.pairs;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;
import roundpocket.app.feet.FootRow;
import roundpocket.app.store.StoredRow;
import roundpocket.app.swatches.SwatchRow;
import roundpocket.app.yarns.YarnRow;

/** A stored pair. */
@Entity
@Table(name = "sock_pair")
public class PairRow extends StoredRow {
    @Column(nullable = false, length = 100_000)
    private String spec = "";

    @ManyToOne
    private @Nullable FootRow foot;

    @ManyToOne
    private @Nullable SwatchRow swatch;

    @ManyToOne
    private @Nullable YarnRow yarn;

    void fill(String newSpec) {
        this.spec = newSpec;
    }

    void link(@Nullable FootRow newFoot, @Nullable SwatchRow newSwatch, @Nullable YarnRow newYarn) {
        this.foot = newFoot;
        this.swatch = newSwatch;
        this.yarn = newYarn;
    }

    /** The specification in its file format. */
    String spec() {
        return spec;
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
