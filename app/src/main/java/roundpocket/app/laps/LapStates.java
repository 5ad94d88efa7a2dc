package roundpocket.app.laps;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Remembers of each pair what its events come to, so that a list of hundreds is there without going through all they were
 * pressed. What is remembered holds as long as the last event is the same; it is in no backup.
 */
@Component
class LapStates {
    private static final String LAST = "coalesce((select max(e.seq) from lap_event e where e.pair_id = l.pair_id), 0)";

    private final JdbcTemplate store;

    LapStates(JdbcTemplate store) {
        this.store = store;
    }

    /**
     * What a pair comes to.
     *
     * @param finished whether both socks are done
     * @param lastAt when something happened last
     */
    record LapState(boolean finished, @Nullable Instant lastAt) {}

    /** Of every pair that is begun, in the order in which they were; empty where it is not remembered. */
    Map<UUID, Optional<LapState>> all() {
        Map<UUID, Optional<LapState>> all = new LinkedHashMap<>();
        store.query(
                "select l.pair_id, s.finished, s.last_at from lap l left join lap_state s on s.pair_id = l.pair_id and"
                        + " s.last_seq = " + LAST + " order by l.started_at, l.pair_id",
                row -> {
                    Boolean finished = row.getObject(2, Boolean.class);
                    OffsetDateTime at = row.getObject(3, OffsetDateTime.class);
                    all.put(
                            row.getObject(1, UUID.class),
                            Optional.ofNullable(finished)
                                    .map(known -> new LapState(known, at == null ? null : at.toInstant())));
                });
        return all;
    }

    /** Remembers one, in the transaction in which its last event was stored, or after it. */
    void remember(UUID pair, LapState state) {
        store.update(
                "merge into lap_state (pair_id, last_seq, finished, last_at) key (pair_id)" + " select l.pair_id, "
                        + LAST + ", ?, ? from lap l where l.pair_id = ?",
                state.finished(),
                state.lastAt() == null ? null : state.lastAt().atOffset(ZoneOffset.UTC),
                pair);
    }
}
