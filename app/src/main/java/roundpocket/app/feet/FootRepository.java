package roundpocket.app.feet;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import roundpocket.app.store.StoredRepository;

/** The stored feet. Those that are gone are on no list. */
public interface FootRepository extends StoredRepository<FootRow> {
    @Override
    @Query("select row from FootRow row where not row.gone order by row.createdAt, row.name")
    List<FootRow> findAllByOrderByCreatedAtAscNameAsc();

    @Override
    @Query("select row.id from FootRow row where not row.gone order by row.createdAt, row.name")
    List<UUID> ids();

    /** How many tubes refer to it. */
    @Query(value = "select count(*) from tube_foot t where t.foot_id = :id", nativeQuery = true)
    long tubes(UUID id);

    /** A pair has all of it that it was planned with, and goes on without the shelf. */
    @Modifying
    @Query(value = "update sock_pair set foot_id = null where foot_id = :id", nativeQuery = true)
    void leavePairs(UUID id);

    /** Those that are gone and that no tube refers to any more. */
    @Modifying
    @Query(value = "delete from foot where gone and id not in (select t.foot_id from tube_foot t)", nativeQuery = true)
    void sweep();
}
