package roundpocket.app.log;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored notes on worn pairs. */
public interface LogNoteRepository extends JpaRepository<LogNoteRow, UUID> {
    List<LogNoteRow> findByPairIdOrderByNotedOnAscWrittenAtAsc(UUID pairId);

    List<LogNoteRow> findByPairIdInOrderByNotedOnAscWrittenAtAsc(List<UUID> pairIds);
}
