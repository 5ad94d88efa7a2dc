package roundpocket.app.pairs;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** Keeps what pairs were before they were changed. */
@Component
class PairHistory {
    /** How many states are handed out. */
    private static final int SHOWN = 100;
    /** Changes in quick succession, such as the digits of one number, are one change. */
    private static final Duration ONE_CHANGE = Duration.ofSeconds(2);

    private final PairChangeRepository repository;
    private final Clock clock;

    PairHistory(PairChangeRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    void keep(UUID pairId, String name, String spec) {
        Instant now = clock.instant();
        boolean goesOn = repository.findByPairIdOrderByIdDesc(pairId, Limit.of(1)).stream()
                .map(last -> Duration.between(last.at(), now))
                // A change from the future, under a clock that was put back since, is none in quick succession.
                .anyMatch(since -> !since.isNegative() && since.compareTo(ONE_CHANGE) < 0);
        if (!goesOn) {
            repository.save(new PairChangeRow(pairId, now, name, spec));
        }
    }

    List<PairChangeRow> of(UUID pairId) {
        return repository.findByPairIdOrderByIdDesc(pairId, Limit.of(SHOWN));
    }
}
