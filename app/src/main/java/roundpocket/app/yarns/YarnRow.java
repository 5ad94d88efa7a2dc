package roundpocket.app.yarns;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Document;
import roundpocket.app.store.StoredRow;

/** A stored yarn. */
@Entity
@Table(name = "yarn")
public class YarnRow extends StoredRow {
    @Convert(converter = YarnKept.Stored.class)
    @Column(name = "document", nullable = false, length = Document.MOST_CHARACTERS)
    private @Nullable YarnKept kept;

    /** Whether it was deleted, and is kept for what refers to it. */
    @Column(nullable = false)
    private boolean gone;

    void keep(YarnKept yarn) {
        this.kept = yarn;
    }

    public YarnKept kept() {
        return Objects.requireNonNull(kept);
    }

    public boolean gone() {
        return gone;
    }

    void go() {
        gone = true;
    }
}
