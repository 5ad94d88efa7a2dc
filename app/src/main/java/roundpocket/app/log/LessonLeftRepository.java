package roundpocket.app.log;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored lessons that are not wanted. */
public interface LessonLeftRepository extends JpaRepository<LessonLeftRow, UUID> {
    List<LessonLeftRow> findByPairId(UUID pairId);
}
