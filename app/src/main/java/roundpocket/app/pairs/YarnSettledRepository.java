package roundpocket.app.pairs;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** What finished pairs took from their yarns. */
public interface YarnSettledRepository extends JpaRepository<YarnSettledRow, UUID> {}
