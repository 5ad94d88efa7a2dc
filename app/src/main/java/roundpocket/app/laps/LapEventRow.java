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

/** An event as it is stored: what all have in columns, what is its kind's own as JSON. Never changed. */
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
    private LapEventKind kind = LapEventKind.DONE;

    @Column(nullable = false, updatable = false)
    private String device = "";

    @Column(nullable = false, updatable = false)
    private Instant pressedAt = Instant.EPOCH;

    @Column(nullable = false, updatable = false)
    private Instant heardAt = Instant.EPOCH;

    @Column(updatable = false, length = 110_000)
    private @Nullable String payload;

    protected LapEventRow() {}

    /** {@code payload} is what is the kind's own, as a JSON object; null where nothing is. */
    LapEventRow(UUID pairId, LapEvent event, Instant heardAt, @Nullable String payload) {
        this.id = event.id();
        this.pairId = pairId;
        this.sock = event.sock();
        this.kind = LapEventKind.of(event);
        this.device = event.device();
        this.pressedAt = event.at();
        this.heardAt = heardAt;
        this.payload = payload;
    }

    UUID id() {
        return id;
    }

    UUID pairId() {
        return pairId;
    }
}
