package roundpocket.app.laps;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** The stored presses. */
public interface LapEventRepository extends JpaRepository<LapEventRow, Long> {
    /** What was heard of a pair, in its order; read only, so that thousands of them weigh nothing once they are folded. */
    @Query("""
            select new roundpocket.app.laps.StoredEvent(
                each.id, each.sock, each.kind, each.device, each.pressedAt, each.payload)
            from LapEventRow each where each.pairId = :pairId order by each.seq""")
    List<StoredEvent> of(UUID pairId);

    Optional<LapEventRow> findFirstById(UUID id);
}
