package roundpocket.app.tubes;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Document;
import roundpocket.app.store.StoredRow;

/** A stored tube. */
@Entity
@Table(name = "tube")
public class TubeRow extends StoredRow {
    @Convert(converter = TubeKept.Stored.class)
    @Column(name = "document", nullable = false, length = Document.MOST_CHARACTERS)
    private @Nullable TubeKept kept;

    /** The yarn that the document names, to be asked for. */
    private @Nullable UUID yarnId;

    /** The feet that its wishes name, to be asked for. */
    @ElementCollection
    @CollectionTable(name = "tube_foot", joinColumns = @JoinColumn(name = "tube_id"))
    @Column(name = "foot_id", nullable = false)
    private Set<UUID> feet = new HashSet<>();

    void keep(TubeKept tube) {
        this.kept = tube;
        this.yarnId = tube.tube().yarnId();
        Set<UUID> named =
                tube.tube().wishes().stream().map(TubeWishPart::footId).collect(Collectors.toSet());
        feet.retainAll(named);
        feet.addAll(named);
    }

    TubeKept kept() {
        return Objects.requireNonNull(kept);
    }

    TubeSheet tube() {
        return kept().tube();
    }

    /** Whether it names a yarn or feet. */
    boolean names(UUID id) {
        return id.equals(yarnId) || feet.contains(id);
    }
}
