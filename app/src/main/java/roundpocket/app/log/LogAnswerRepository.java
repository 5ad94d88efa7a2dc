package roundpocket.app.log;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored answers to proposals. */
public interface LogAnswerRepository extends JpaRepository<LogAnswerRow, UUID> {
    List<LogAnswerRow> findByPairId(UUID pairId);
}
