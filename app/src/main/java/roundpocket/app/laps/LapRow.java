package roundpocket.app.laps;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import org.springframework.data.domain.Persistable;
import roundpocket.core.lap.HeelWhen;

/** A pair on the needles, as it is stored. */
@Entity
@Table(name = "lap")
public class LapRow implements Persistable<UUID> {
    /** The rules that hold now. */
    static final int RULES = 2;

    @Id
    private UUID pairId = new UUID(0, 0);

    @Column(nullable = false)
    private Instant startedAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private HeelWhen heelWhen = HeelWhen.AFTER_TUBE;

    @Column(nullable = false)
    private boolean together;

    @Column(nullable = false)
    private int rules = RULES;

    @Column(nullable = false, length = 100_000)
    private String spec = "{}";

    @Transient
    private boolean unstored = true;

    protected LapRow() {}

    LapRow(UUID pairId, Instant startedAt, HeelWhen heelWhen, String spec) {
        this.pairId = pairId;
        this.startedAt = startedAt;
        this.heelWhen = heelWhen;
        this.spec = spec;
    }

    @PostLoad
    @PostPersist
    void stored() {
        unstored = false;
    }

    @Override
    public UUID getId() {
        return pairId;
    }

    @Override
    public boolean isNew() {
        return unstored;
    }

    Instant startedAt() {
        return startedAt;
    }

    HeelWhen heelWhen() {
        return heelWhen;
    }

    /** Whether both socks are knitted in turn, as it was said before the plan did. */
    boolean together() {
        return together;
    }

    /** Whether it was begun by the rules that hold now; what was usual was something else before. */
    boolean byTodaysRules() {
        return rules == RULES;
    }

    /** What it was planned from when it was begun, in the file format of a specification. */
    String spec() {
        return spec;
    }
}
