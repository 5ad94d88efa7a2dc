package roundpocket.app.feet;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Document;
import roundpocket.app.store.StoredRow;

/** The stored feet of one person. */
@Entity
@Table(name = "foot")
public class FootRow extends StoredRow {
    @Convert(converter = FeetKept.Stored.class)
    @Column(name = "document", nullable = false, length = Document.MOST_CHARACTERS)
    private @Nullable FeetKept kept;

    /** Whether it was deleted, and is kept for what refers to it. */
    @Column(nullable = false)
    private boolean gone;

    void keep(FeetKept feet) {
        this.kept = feet;
    }

    FeetKept kept() {
        return Objects.requireNonNull(kept);
    }

    public boolean gone() {
        return gone;
    }

    void go() {
        gone = true;
    }
}
