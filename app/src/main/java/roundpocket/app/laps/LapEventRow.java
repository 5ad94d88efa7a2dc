package roundpocket.app.laps;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import roundpocket.core.lap.Happening;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;

/** Something that happened, as it is stored. Never changed. */
@Entity
@Table(name = "lap_event")
public class LapEventRow {
    /** What was pressed longer before it was heard was pressed under a clock that was not set. */
    private static final Duration OLDEST = Duration.ofDays(400);

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

    @Column(updatable = false)
    private @Nullable Integer toPosition;

    @Column(nullable = false, updatable = false)
    private String device = "";

    @Column(nullable = false, updatable = false)
    private Instant pressedAt = Instant.EPOCH;

    @Column(nullable = false, updatable = false)
    private Instant heardAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @Column(updatable = false)
    private @Nullable Section section;

    @Column(updatable = false)
    private @Nullable Double rounds;

    @Column(updatable = false)
    private @Nullable Double spanMm;

    @Column(updatable = false)
    private @Nullable Double grams;

    @Enumerated(EnumType.STRING)
    @Column(updatable = false)
    private @Nullable YarnRole role;

    @Column(updatable = false)
    private @Nullable Boolean sure;

    @Column(updatable = false, length = 100_000)
    private @Nullable String spec;

    @Column(updatable = false)
    private @Nullable Boolean shared;

    @Column(updatable = false)
    private @Nullable Boolean fresh;

    @Column(updatable = false, length = 2000)
    private @Nullable String words;

    @Column(updatable = false)
    private @Nullable UUID takenBack;

    protected LapEventRow() {}

    /** {@code edited} is the plan that is taken over, in the file format of a specification; null where none is. */
    LapEventRow(UUID pairId, LapEventWrite write, Instant heardAt, @Nullable String edited) {
        this.id = write.id();
        this.pairId = pairId;
        this.sock = write.sock();
        this.kind = write.kind();
        this.toPosition = write.to();
        this.device = write.device();
        // A clock that runs ahead does not make a press later than it was heard, nor one that was never set years
        // earlier.
        boolean believable = !write.at().isAfter(heardAt) && write.at().isAfter(heardAt.minus(OLDEST));
        this.pressedAt = believable ? write.at() : heardAt;
        this.heardAt = heardAt;
        this.section = write.section();
        this.rounds = write.rounds();
        this.spanMm = write.spanMm();
        this.grams = write.grams();
        this.role = write.role();
        this.sure = write.sure();
        this.spec = edited;
        this.shared = write.shared();
        this.fresh = write.fresh();
        this.words = write.words() == null ? null : write.words().strip();
        this.takenBack = write.takenBack();
    }

    /** What it means for the work; nothing where it is a note. {@code read} makes a specification of its stored form. */
    Optional<Happening> happening(Function<String, SockSpec> read) {
        return Optional.ofNullable(
                switch (kind) {
                    case DONE -> new Happening.Done(sock, pressedAt.toEpochMilli());
                    case UNDONE -> new Happening.Undone(sock);
                    case JUMPED -> new Happening.Jumped(sock, Objects.requireNonNull(toPosition));
                    case MEASURED ->
                        new Happening.Measured(sock, Objects.requireNonNull(rounds), Objects.requireNonNull(spanMm));
                    case WORKED ->
                        new Happening.Worked(
                                sock,
                                Objects.requireNonNull(section),
                                Objects.requireNonNull(rounds).intValue());
                    case WEIGHED ->
                        new Happening.Weighed(
                                sock,
                                id.toString(),
                                Objects.requireNonNullElse(role, YarnRole.MAIN),
                                Objects.requireNonNull(grams),
                                Boolean.TRUE.equals(shared),
                                Boolean.TRUE.equals(fresh),
                                Boolean.TRUE.equals(sure));
                    case REPLANNED -> new Happening.Replanned(sock, read.apply(Objects.requireNonNull(spec)));
                    case WITHDRAWN -> new Happening.Withdrawn(sock, String.valueOf(takenBack));
                    case NOTED -> null;
                });
    }

    UUID id() {
        return id;
    }

    UUID pairId() {
        return pairId;
    }

    int sock() {
        return sock;
    }

    LapEventKind kind() {
        return kind;
    }

    /** The plan that was taken over, in the file format of a specification. */
    @Nullable
    String spec() {
        return spec;
    }

    String device() {
        return device;
    }

    Instant pressedAt() {
        return pressedAt;
    }

    String words() {
        return words == null ? "" : words;
    }

    @Nullable
    UUID takenBack() {
        return takenBack;
    }
}
