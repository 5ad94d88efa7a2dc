package roundpocket.app.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** What was answered to a proposal, as it is stored. */
@Entity
@Table(name = "log_answer")
public class LogAnswerRow {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(nullable = false)
    private UUID pairId = new UUID(0, 0);

    @Column(nullable = false)
    private UUID noteId = new UUID(0, 0);

    @Column(nullable = false)
    private boolean taken;

    protected LogAnswerRow() {}

    LogAnswerRow(UUID pairId, UUID noteId, boolean taken) {
        this.pairId = pairId;
        this.noteId = noteId;
        this.taken = taken;
    }

    UUID noteId() {
        return noteId;
    }

    boolean taken() {
        return taken;
    }
}
