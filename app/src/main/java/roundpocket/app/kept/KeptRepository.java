package roundpocket.app.kept;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.repository.NoRepositoryBean;

/** A shelf in the store. */
@NoRepositoryBean
public interface KeptRepository<R extends KeptRow> extends JpaRepository<R, UUID> {
    List<R> findAllByOrderByCreatedAtAscNameAsc();
}
