package roundpocket.app.yarns;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.Colours;
import roundpocket.core.stripe.Band;

/** A stored stripe. */
@Embeddable
public class StripeRow {
    @Column(length = Band.MOST_IN_NAME)
    private @Nullable String name;

    @Column(nullable = false, length = 7)
    private String colour = Colours.UNDYED;

    @Column(name = "length_m")
    private @Nullable Double lengthM;

    private @Nullable Double rounds;

    @Column(name = "on_stitches")
    private @Nullable Integer stitches;

    protected StripeRow() {}

    StripeRow(StripePart part) {
        this.name = part.name();
        this.colour = part.colour();
        this.lengthM = part.lengthM();
        this.rounds = part.rounds();
        this.stitches = part.stitches();
    }

    StripePart part() {
        return new StripePart(name, colour, lengthM, rounds, stitches);
    }
}
