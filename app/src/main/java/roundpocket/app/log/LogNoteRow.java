package roundpocket.app.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.Section;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.WearNote;

/** A note on a worn pair, as it is stored. */
@Entity
@Table(name = "log_note")
public class LogNoteRow {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(nullable = false)
    private UUID pairId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private LogNoteKind kind = LogNoteKind.OTHER;

    @Enumerated(EnumType.STRING)
    private @Nullable FitNote fit;

    @Enumerated(EnumType.STRING)
    private @Nullable WearNote wear;

    @Enumerated(EnumType.STRING)
    private @Nullable Section section;

    private @Nullable Integer sock;

    @Column(nullable = false, length = 2000)
    private String words = "";

    @Column(nullable = false)
    private LocalDate notedOn = LocalDate.EPOCH;

    @Column(nullable = false)
    private Instant writtenAt = Instant.EPOCH;

    protected LogNoteRow() {}

    LogNoteRow(UUID pairId, LogNoteWrite write, LocalDate today, Instant now) {
        this.pairId = pairId;
        this.kind = write.kind();
        this.fit = write.fit();
        this.wear = write.wear();
        this.section = write.section();
        this.sock = write.sock();
        this.words = Objects.requireNonNullElse(write.words(), "").strip();
        this.notedOn = Objects.requireNonNullElse(write.on(), today);
        this.writtenAt = now;
    }

    UUID id() {
        return id;
    }

    UUID pairId() {
        return pairId;
    }

    LogNoteKind kind() {
        return kind;
    }

    @Nullable
    FitNote fit() {
        return fit;
    }

    @Nullable
    WearNote wear() {
        return wear;
    }

    @Nullable
    Section section() {
        return section;
    }

    @Nullable
    Integer sock() {
        return sock;
    }

    String words() {
        return words;
    }

    LocalDate notedOn() {
        return notedOn;
    }
}
