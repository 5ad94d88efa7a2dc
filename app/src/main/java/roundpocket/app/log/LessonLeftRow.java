package roundpocket.app.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import roundpocket.core.wear.Taught;

/** A lesson of another pair that is not wanted for a pair, as it is stored. */
@Entity
@Table(name = "lesson_left")
public class LessonLeftRow {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(nullable = false)
    private UUID pairId = new UUID(0, 0);

    @Column(nullable = false)
    private UUID fromId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Taught.Kind kind = Taught.Kind.values()[0];

    protected LessonLeftRow() {}

    LessonLeftRow(UUID pairId, UUID fromId, Taught.Kind kind) {
        this.pairId = pairId;
        this.fromId = fromId;
        this.kind = kind;
    }

    boolean is(Taught.Kind other, UUID from) {
        return kind == other && fromId.equals(from);
    }
}
