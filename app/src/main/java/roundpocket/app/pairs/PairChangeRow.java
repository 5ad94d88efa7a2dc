package roundpocket.app.pairs;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A stored state that a pair had. */
@Entity
@Table(name = "pair_change")
public class PairChangeRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @Column(nullable = false)
    private UUID pairId = new UUID(0, 0);

    @Column(nullable = false)
    private Instant at = Instant.EPOCH;

    @Column(nullable = false, length = 400)
    private String name = "";

    @Column(nullable = false, length = 100_000)
    private String spec = "";

    protected PairChangeRow() {}

    PairChangeRow(UUID pairId, Instant at, String name, String spec) {
        this.pairId = pairId;
        this.at = at;
        this.name = name;
        this.spec = spec;
    }

    Instant at() {
        return at;
    }

    String name() {
        return name;
    }

    String spec() {
        return spec;
    }
}
