package roundpocket.app.laps;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.pairs.YarnSettledRepository;
import roundpocket.app.pairs.YarnSettledRow;
import roundpocket.app.yarns.YarnsShelf;
import roundpocket.core.lap.PairWork;
import roundpocket.core.plan.YarnRole;

/**
 * Takes what a finished pair was knitted from off its yarn on the shelf, once; and puts it back where the pair turns out not
 * to be finished after all.
 */
@Component
class Settling {
    private final YarnSettledRepository settled;
    private final PairsShelf pairs;
    private final YarnsShelf yarns;
    private final Clock clock;

    Settling(YarnSettledRepository settled, PairsShelf pairs, YarnsShelf yarns, Clock clock) {
        this.settled = settled;
        this.pairs = pairs;
        this.yarns = yarns;
        this.clock = clock;
    }

    /** Whether anything was taken or put back. */
    boolean settle(UUID pairId, PairWork work) {
        Optional<YarnSettledRow> before = settled.findById(pairId);
        if (work.finished() && before.isEmpty()) {
            take(pairId, grams(work));
            return true;
        }
        if (!work.finished() && before.isPresent()) {
            yarns.settle(before.get().yarnId(), before.get().grams());
            settled.delete(before.get());
            return true;
        }
        return false;
    }

    /** Grams of the main yarn in both socks as they were knitted, by what was weighed where something was. */
    private static double grams(PairWork work) {
        double both = 0;
        for (int sock = 1; sock <= 2; sock++) {
            both += work.sock(sock)
                    .course()
                    .plan()
                    .yarn()
                    .of(YarnRole.MAIN)
                    .sockGrams()
                    .value();
        }
        return both;
    }

    private void take(UUID pairId, double grams) {
        var yarn = pairs.read(pairId).yarn();
        if (yarn != null) {
            double taken = yarns.settle(yarn.id(), -grams);
            settled.save(new YarnSettledRow(pairId, yarn.id(), taken, clock.instant()));
        }
    }
}
