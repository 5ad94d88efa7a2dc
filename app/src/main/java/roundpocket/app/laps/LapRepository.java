package roundpocket.app.laps;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** The stored laps. */
public interface LapRepository extends JpaRepository<LapRow, UUID> {
    /** The pairs that are begun, in the order in which they were. */
    @Query("select lap.pairId from LapRow lap order by lap.startedAt, lap.pairId")
    List<UUID> begun();

    /** The lap, locked until the transaction ends, so that presses are heard one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<LapRow> findByPairId(UUID pairId);
}
