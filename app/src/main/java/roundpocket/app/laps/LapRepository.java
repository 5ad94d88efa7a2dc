package roundpocket.app.laps;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** The stored laps. */
public interface LapRepository extends JpaRepository<LapRow, UUID> {
    List<LapRow> findAllByOrderByStartedAtAscPairIdAsc();

    /** The lap, locked until the transaction ends, so that presses are heard one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<LapRow> findByPairId(UUID pairId);
}
