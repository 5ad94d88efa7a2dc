package roundpocket.app.store;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.NoRepositoryBean;

/** A shelf in the store. */
@NoRepositoryBean
public interface StoredRepository<R extends StoredRow> extends JpaRepository<R, UUID> {
    List<R> findAllByOrderByCreatedAtAscNameAsc();

    /** The ids alone, in the same order. */
    @Query("select row.id from #{#entityName} row order by row.createdAt, row.name")
    List<UUID> ids();
}
