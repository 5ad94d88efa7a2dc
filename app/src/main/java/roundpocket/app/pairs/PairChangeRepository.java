package roundpocket.app.pairs;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.repository.Repository;

/** The stored states that pairs had. */
interface PairChangeRepository extends Repository<PairChangeRow, Long> {
    PairChangeRow save(PairChangeRow row);

    void delete(PairChangeRow row);

    List<PairChangeRow> findByPairIdOrderByIdDesc(UUID pairId, Limit limit);
}
