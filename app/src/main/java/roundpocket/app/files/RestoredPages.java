package roundpocket.app.files;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.home.RestoredReading;
import roundpocket.app.laps.Laps;
import roundpocket.app.log.Log;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.stash.Stash;
import roundpocket.app.store.NotStoredException;
import roundpocket.app.swatches.SwatchesShelf;
import roundpocket.app.tubes.TubesShelf;
import roundpocket.app.yarns.YarnsShelf;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** Opens every place with what a backup has brought: what would break a page is refused before it counts. */
@Component
class RestoredPages implements RestoredReading {
    private static final Logger LOG = LoggerFactory.getLogger(RestoredPages.class);
    private static final int OF_THE_LOG = 500;

    private final FeetShelf feet;
    private final SwatchesShelf swatches;
    private final YarnsShelf yarns;
    private final TubesShelf tubes;
    private final PairsShelf pairs;
    private final Laps laps;
    private final Log log;
    private final Stash stash;

    RestoredPages(
            FeetShelf feet,
            SwatchesShelf swatches,
            YarnsShelf yarns,
            TubesShelf tubes,
            PairsShelf pairs,
            Laps laps,
            Log log,
            Stash stash) {
        this.feet = feet;
        this.swatches = swatches;
        this.yarns = yarns;
        this.tubes = tubes;
        this.pairs = pairs;
        this.laps = laps;
        this.log = log;
        this.stash = stash;
    }

    @Override
    public void read(Set<UUID> came) {
        read("the feet", feet::list);
        read("the swatches", swatches::list);
        read("the yarns", yarns::list);
        read("the tubes", tubes::list);
        for (UUID pair : came) {
            read("the plan of a pair", () -> pairs.read(pair));
            if (laps.begun(pair)) {
                read("what was knitted of “" + pairs.read(pair).name() + "”", () -> laps.view(pair));
            }
        }
        read("the log", () -> log.entries(OF_THE_LOG, ""));
        read("the stash", stash::view);
    }

    private static void read(String what, Runnable reading) {
        try {
            reading.run();
        } catch (Refusal | NotStoredException said) {
            LOG.debug("A page says why it cannot be shown: {}", what, said); // as it may of what was entered by hand
        } catch (RuntimeException broken) {
            LOG.info("A backup was refused: {} can’t be read", what, broken);
            throw new Refusal(List.of(new Problem(
                    "backup",
                    "file",
                    "In this backup, " + what + " can’t be read by this Round Pocket.",
                    "Nothing was changed. Choose an earlier backup.",
                    Map.of())));
        }
    }
}
