package roundpocket.app.pairs;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;
import roundpocket.app.store.StoredRepository;

/** The stored pairs. */
public interface PairRepository extends StoredRepository<PairRow> {
    /** The pairs whose own, whose foot's or whose yarn's name holds the words, in whatever case. */
    @Query("select p.id from PairRow p left join p.foot f left join p.yarn y"
            + " where locate(lower(:words), lower(p.name)) > 0"
            + " or locate(lower(:words), lower(f.name)) > 0 or locate(lower(:words), lower(y.name)) > 0")
    Set<UUID> named(@Param("words") String words);

    /** What every pair, its foot and its yarn are called. */
    @Query("select new roundpocket.app.pairs.PairNames(p.id, p.name, f.id, f.name, y.id, y.name)"
            + " from PairRow p left join p.foot f left join p.yarn y")
    List<PairNames> names();
}
