package roundpocket.app.tubes;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import org.jspecify.annotations.Nullable;
import roundpocket.core.stripe.Band;

/** A stored band of a tube. */
@Embeddable
public class TubeBandRow {
    @Column(length = Band.MOST_IN_NAME)
    private @Nullable String name;

    @Column(nullable = false, length = 7)
    private String colour = "";

    private double rounds;

    protected TubeBandRow() {}

    TubeBandRow(TubeBandPart part) {
        this.name = part.name();
        this.colour = part.colour();
        this.rounds = part.rounds();
    }

    TubeBandPart part() {
        return new TubeBandPart(name, colour, rounds);
    }
}
