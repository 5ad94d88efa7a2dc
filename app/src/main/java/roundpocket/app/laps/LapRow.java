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
import roundpocket.app.plans.SpecPart;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.tube.HeelWhen;

/** A pair on the needles, as it is stored. */
@Entity
@Table(name = "lap")
public class LapRow implements Persistable<UUID> {
    /** The rules that hold now. */
    static final int RULES = 3;

    /** Those under which a heel and a leg first were as they are now. */
    private static final int SECOND = 2;

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

    /** Before the plan said in which order the socks are knitted, it stood with the start. */
    SockSpec ordered(SockSpec planned) {
        boolean said = planned.choices().order().isPresent() || !together;
        return said ? planned : planned.withChoices(planned.choices().withOrder(KnitOrder.IN_TURN));
    }

    /** Whether its steps are as they are told now. */
    boolean asToldNow() {
        return rules >= SECOND;
    }

    /** What it was planned from, with what was usual when it was begun. */
    SpecPart asBegun(SpecPart stored) {
        SpecPart usual = rules < SECOND ? stored.asUsualUnderFirstRules() : stored.moved();
        return rules < RULES ? usual.withFirstCuff() : usual;
    }

    /** What happened to it; a plan that was edited on the way has what was usual when the pair was begun. */
    LapEvent asHeard(LapEvent event) {
        return rules < RULES && event instanceof LapEvent.Replanned replanned && replanned.spec() != null
                ? replanned.by(replanned.spec().withFirstCuff())
                : event;
    }

    /** What it was planned from when it was begun, in the file format of a specification. */
    String spec() {
        return spec;
    }
}
