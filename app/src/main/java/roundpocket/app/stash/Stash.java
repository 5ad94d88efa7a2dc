package roundpocket.app.stash;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootView;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.pairs.PairsShelf.LatestIn;
import roundpocket.app.plans.ReadingPart;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.swatches.SwatchView;
import roundpocket.app.swatches.SwatchesShelf;
import roundpocket.app.yarns.YarnView;
import roundpocket.app.yarns.YarnsShelf;
import roundpocket.core.explain.Refusal;
import roundpocket.core.yarn.Enough;
import roundpocket.core.yarn.Left;

/** Plans the usual pair for every foot from every yarn of which it is known how much there is. */
@Service
public class Stash {
    /** A table larger than this is no help. */
    private static final int MOST_YARNS = 40;

    private static final int MOST_FEET = 12;

    /** Where nothing was ever counted in a yarn: middling sock yarn. */
    private static final SwatchPart USUAL =
            new SwatchPart(List.of(new ReadingPart(30, 100)), List.of(new ReadingPart(42, 100)));

    private final YarnsShelf yarns;
    private final FeetShelf feet;
    private final SwatchesShelf swatches;
    private final PairsShelf pairs;

    Stash(YarnsShelf yarns, FeetShelf feet, SwatchesShelf swatches, PairsShelf pairs) {
        this.yarns = yarns;
        this.feet = feet;
        this.swatches = swatches;
        this.pairs = pairs;
    }

    /**
     * What could be knitted.
     *
     * @param feet whom for, one column each
     * @param yarns from what, one row each; a yarn of which nobody said how much there is has none
     */
    public record StashView(List<StashFoot> feet, List<StashYarn> yarns) {}

    /** Whose feet. */
    public record StashFoot(UUID id, String name) {}

    /**
     * A yarn and what becomes of it.
     *
     * @param gauge where the gauge is from, in words
     * @param swatch the gauge
     * @param pairs the usual pair for each of the feet
     */
    public record StashYarn(
            UUID id,
            String name,
            String colour,
            double onHandG,
            String gauge,
            SwatchPart swatch,
            List<StashPair> pairs) {}

    /**
     * The usual pair for a foot from a yarn.
     *
     * @param enough whether the yarn will do; left out where no pair can be planned
     * @param words the same in words
     * @param leftG grams left; below nothing, what is missing
     */
    public record StashPair(
            UUID footId,
            @Nullable Enough enough,
            String words,
            @Nullable Double leftG) {}

    private record From(SwatchPart swatch, String words) {}

    /** Every yarn against every foot. */
    public StashView view() {
        List<FootView> whom = feet.list().stream().limit(MOST_FEET).toList();
        Map<UUID, LatestIn> planned = pairs.latestByYarn();
        List<SwatchView> counted = swatches.list();
        List<StashYarn> rows = new ArrayList<>();
        yarns.list().stream()
                .filter(yarn -> yarn.kept().yarn().onHandG() != null)
                .limit(MOST_YARNS)
                .forEach(yarn -> rows.add(row(yarn, whom, gauge(yarn, planned, counted))));
        return new StashView(
                whom.stream().map(foot -> new StashFoot(foot.id(), foot.name())).toList(), rows);
    }

    private static From gauge(YarnView yarn, Map<UUID, LatestIn> planned, List<SwatchView> counted) {
        Optional<From> own = Optional.ofNullable(planned.get(yarn.id()))
                .map(pair -> new From(pair.swatch(), "as in " + pair.name()));
        return own.or(() -> counted.stream()
                        .max(Comparator.comparing(SwatchView::updatedAt))
                        .map(swatch -> new From(swatch.kept().swatch(), "by the swatch " + swatch.name())))
                .orElse(new From(USUAL, "30 stitches and 42 rounds, as is usual"));
    }

    private static StashYarn row(YarnView yarn, List<FootView> whom, From gauge) {
        return new StashYarn(
                yarn.id(),
                yarn.name(),
                yarn.kept().colour(),
                yarn.kept().yarn().onHandG(),
                gauge.words(),
                gauge.swatch(),
                whom.stream().map(foot -> pair(yarn, foot, gauge.swatch())).toList());
    }

    private static StashPair pair(YarnView yarn, FootView foot, SwatchPart swatch) {
        try {
            Optional<Left> left = new SpecPart(
                            foot.kept().foot(), swatch, yarn.kept().yarn(), null)
                    .toCore()
                    .plan()
                    .yarn()
                    .left();
            return left.map(rest -> new StashPair(
                            foot.id(),
                            rest.enough(),
                            rest.enough().title(),
                            rest.left().value()))
                    .orElseGet(() -> none(foot));
        } catch (Refusal noPlan) {
            return none(foot);
        }
    }

    private static StashPair none(FootView foot) {
        return new StashPair(foot.id(), null, "no room", null);
    }
}
