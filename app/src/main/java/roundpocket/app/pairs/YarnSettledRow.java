package roundpocket.app.pairs;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** What a finished pair took from its yarn. */
@Entity
@Table(name = "yarn_settled")
public class YarnSettledRow {
    @Id
    private UUID pairId = new UUID(0, 0);

    @Column(nullable = false)
    private UUID yarnId = new UUID(0, 0);

    @Column(nullable = false)
    private double grams;

    @Column(nullable = false)
    private Instant at = Instant.EPOCH;

    protected YarnSettledRow() {}

    public YarnSettledRow(UUID pairId, UUID yarnId, double grams, Instant at) {
        this.pairId = pairId;
        this.yarnId = yarnId;
        this.grams = grams;
        this.at = at;
    }

    public UUID yarnId() {
        return yarnId;
    }

    /** Grams that were taken off. */
    public double grams() {
        return grams;
    }
}
