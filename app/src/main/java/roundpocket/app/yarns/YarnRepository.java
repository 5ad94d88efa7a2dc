package roundpocket.app.yarns;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import roundpocket.app.store.StoredRepository;

/** The stored yarns. Those that are gone are on no list. */
public interface YarnRepository extends StoredRepository<YarnRow> {
    @Override
    @Query("select row from YarnRow row where not row.gone order by row.createdAt, row.name")
    List<YarnRow> findAllByOrderByCreatedAtAscNameAsc();

    @Override
    @Query("select row.id from YarnRow row where not row.gone order by row.createdAt, row.name")
    List<UUID> ids();

    /** How many tubes refer to it. */
    @Query(value = "select count(*) from tube t where t.yarn_id = :id", nativeQuery = true)
    long tubes(UUID id);

    /** A pair has all of it that it was planned with, and goes on without the shelf. */
    @Modifying
    @Query(value = "update sock_pair set yarn_id = null where yarn_id = :id", nativeQuery = true)
    void leavePairs(UUID id);

    /** Those that are gone and that no tube refers to any more. */
    @Modifying
    @Query(
            value =
                    "delete from yarn where gone and id not in (select t.yarn_id from tube t where t.yarn_id is not null)",
            nativeQuery = true)
    void sweep();
}
