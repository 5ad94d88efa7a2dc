package roundpocket.app.tubes;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import roundpocket.app.plans.StripingPart;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.yarns.YarnRow;
import roundpocket.app.yarns.YarnsShelf;
import roundpocket.core.explain.Problems;
import roundpocket.core.ready.TubeStock;
import roundpocket.core.stripe.Striping;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.yarn.Yarn;

/** Makes of a tube as it is written one that the core can reckon with. */
@Component
class Stocks {
    private final YarnsShelf yarns;

    Stocks(YarnsShelf yarns) {
        this.yarns = yarns;
    }

    /** Refuses what no tube can be. */
    TubeStock of(TubeSheet tube) {
        Problems problems = new Problems();
        Optional<ReadyTube> ready = problems.collect(
                "",
                () -> new ReadyTube(
                        tube.stitches(),
                        tube.rounds() == null ? OptionalInt.empty() : OptionalInt.of(tube.rounds()),
                        number(tube.lengthMm()),
                        number(tube.massG()),
                        Optional.empty(),
                        tube.spareRounds() == null ? OptionalInt.empty() : OptionalInt.of(tube.spareRounds()),
                        Optional.empty()));
        Optional<Swatch> swatch = problems.collect("", () -> swatch(tube).toCore());
        Optional<Optional<Striping>> striping =
                problems.collect("", () -> Optional.ofNullable(striping(tube)).map(StripingPart::toCore));
        problems.throwIfAny();
        TubeStock stock = new TubeStock(
                ready.orElseThrow(),
                swatch.orElseThrow(),
                yarn(tube.yarnId()),
                striping.orElseThrow(),
                tube.startRounds(),
                tube.toeEndHeld(),
                tube.cuffEndHeld(),
                tube.two(),
                number(tube.contrastG()));
        stock.known(); // a start must lie inside the repeat
        return stock;
    }

    private static OptionalDouble number(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The fabric as a pair from the tube has it. */
    static SwatchPart swatch(TubeSheet tube) {
        return new SwatchPart(List.of(tube.stitchReading()), List.of(tube.roundReading()));
    }

    /** How it changes colour: by the bands counted on it, else by those of its yarn. */
    @Nullable
    StripingPart striping(TubeSheet tube) {
        List<TubeBandPart> bands = tube.bands();
        if (!bands.isEmpty()) {
            return new StripingPart(
                    bands.stream().map(band -> band.on(tube.stitches())).toList(), null, null, null);
        }
        StripingPart dyed = row(tube.yarnId()).map(row -> row.kept().striping()).orElse(null);
        return dyed == null ? null : new StripingPart(dyed.bands(), null, null, null);
    }

    private Yarn yarn(@Nullable UUID id) {
        return row(id).map(row -> row.kept().yarn().toCore()).orElseGet(Yarn::usual);
    }

    /** The yarn, also one that has left its shelf since. */
    Optional<YarnRow> row(@Nullable UUID id) {
        return Optional.ofNullable(id).flatMap(yarns::find);
    }
}
