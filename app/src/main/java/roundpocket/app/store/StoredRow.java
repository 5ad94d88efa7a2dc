package roundpocket.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A row that a person named and may change. */
@MappedSuperclass
public abstract class StoredRow implements Persistable<UUID> {
    @Id
    private UUID id = UUID.randomUUID();

    @Version
    private @Nullable Long version;

    @Column(nullable = false, length = Names.MOST_STORED)
    private String name = "";

    @Column(nullable = false, updatable = false)
    private Instant createdAt = Instant.EPOCH;

    @Column(nullable = false)
    private Instant updatedAt = Instant.EPOCH;

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    /** How many times the row has been changed; 0 once it is stored. */
    public long version() {
        return version == null ? 0 : version;
    }

    public String name() {
        return name;
    }

    public Instant updatedAt() {
        return updatedAt;
    }

    /** Notes the name and when it was written; a new instant makes every write a change, so that the version counts it. */
    public void written(String newName, Instant now) {
        this.name = newName;
        if (isNew()) {
            this.createdAt = now;
        }
        this.updatedAt = now;
    }
}
