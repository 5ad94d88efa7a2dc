package roundpocket.app.pairs;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
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

    /** What a change changes of a pair. */
    record State(String name, String spec) {
        static State of(PairRow row) {
            return new State(row.name(), row.spec());
        }
    }

    /** Keeps what a pair was before a change; where a quick succession led back to where it began, nothing of it. */
    void keep(UUID pairId, State before, State after) {
        Instant now = clock.instant();
        Optional<PairChangeRow> goesOn = repository.findByPairIdOrderByIdDesc(pairId, Limit.of(1)).stream()
                .filter(last -> {
                    Duration since = Duration.between(last.at(), now);
                    // A change from the future, under a clock that was put back since, is none in quick succession.
                    return !since.isNegative() && since.compareTo(ONE_CHANGE) < 0;
                })
                .findFirst();
        if (goesOn.isEmpty()) {
            repository.save(new PairChangeRow(pairId, now, before.name(), before.spec()));
        } else if (after.equals(new State(goesOn.get().name(), goesOn.get().spec()))) {
            repository.delete(goesOn.get());
        }
    }

    List<PairChangeRow> of(UUID pairId) {
        return repository.findByPairIdOrderByIdDesc(pairId, Limit.of(SHOWN));
    }
}
