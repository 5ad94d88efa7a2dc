package roundpocket.app.laps;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored presses. */
public interface LapEventRepository extends JpaRepository<LapEventRow, Long> {
    List<LapEventRow> findByPairIdOrderBySeq(UUID pairId);

    Optional<LapEventRow> findFirstById(UUID id);
}
