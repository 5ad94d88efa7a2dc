package roundpocket.app.yarns;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.KnotPart;

/** A stored knot. */
@Embeddable
public class KnotRow {
    @Column(name = "at_m", nullable = false)
    private double atM;

    @Column(name = "goes_on_m")
    private @Nullable Double goesOnM;

    protected KnotRow() {}

    KnotRow(KnotPart part) {
        this.atM = part.atM();
        this.goesOnM = part.goesOnM();
    }

    KnotPart part() {
        return new KnotPart(atM, goesOnM);
    }
}
