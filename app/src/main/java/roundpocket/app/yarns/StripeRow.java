package roundpocket.app.yarns;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import org.jspecify.annotations.Nullable;

/** A stored stripe. */
@Embeddable
public class StripeRow {
    @Column(nullable = false, length = 7)
    private String colour = Colours.UNDYED;

    @Column(name = "length_m")
    private @Nullable Double lengthM;

    protected StripeRow() {}

    StripeRow(String colour, @Nullable Double lengthM) {
        this.colour = colour;
        this.lengthM = lengthM;
    }

    StripePart part() {
        return new StripePart(colour, lengthM);
    }
}
