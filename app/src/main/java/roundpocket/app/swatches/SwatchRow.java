package roundpocket.app.swatches;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Document;
import roundpocket.app.store.StoredRow;

/** A stored swatch. */
@Entity
@Table(name = "swatch")
public class SwatchRow extends StoredRow {
    @Convert(converter = SwatchKept.Stored.class)
    @Column(name = "document", nullable = false, length = Document.MOST_CHARACTERS)
    private @Nullable SwatchKept kept;

    void keep(SwatchKept swatch) {
        this.kept = swatch;
    }

    SwatchKept kept() {
        return Objects.requireNonNull(kept);
    }
}
