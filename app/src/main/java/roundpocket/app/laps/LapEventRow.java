package roundpocket.app.laps;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.core.lap.Tally;

/** A press, as it is stored. Never changed. */
@Entity
@Table(name = "lap_event")
public class LapEventRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long seq;

    @Column(nullable = false, unique = true, updatable = false)
    private UUID id = new UUID(0, 0);

    @Column(nullable = false, updatable = false)
    private UUID pairId = new UUID(0, 0);

    @Column(nullable = false, updatable = false)
    private int sock;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false)
    private Tally.Kind kind = Tally.Kind.DONE;

    @Column(updatable = false)
    private @Nullable Integer toPosition;

    @Column(nullable = false, updatable = false)
    private String device = "";

    @Column(nullable = false, updatable = false)
    private Instant pressedAt = Instant.EPOCH;

    @Column(nullable = false, updatable = false)
    private Instant heardAt = Instant.EPOCH;

    protected LapEventRow() {}

    LapEventRow(UUID pairId, LapEventWrite write, Instant heardAt) {
        this.id = write.id();
        this.pairId = pairId;
        this.sock = write.sock();
        this.kind = write.kind();
        this.toPosition = write.to();
        this.device = write.device();
        // A clock that runs ahead does not make a press later than it was heard.
        this.pressedAt = write.at().isAfter(heardAt) ? heardAt : write.at();
        this.heardAt = heardAt;
    }

    int sock() {
        return sock;
    }

    Tally.Kind kind() {
        return kind;
    }

    int toPosition() {
        return toPosition == null ? -1 : toPosition;
    }

    String device() {
        return device;
    }

    Instant pressedAt() {
        return pressedAt;
    }
}
