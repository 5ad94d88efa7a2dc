package roundpocket.app.tubes;

import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FootView;
import roundpocket.app.pairs.PairWrite;
import roundpocket.app.plans.ChoicesPart;
import roundpocket.app.plans.RavelledPart;
import roundpocket.app.plans.ReadyTubePart;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.StripingPart;
import roundpocket.app.plans.TubePart;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.yarns.YarnRow;
import roundpocket.core.plan.Section;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.Way;

/** The pair that two pieces of a tube become. */
@Component
class PairOfPiece {
    private final Stocks stocks;

    PairOfPiece(Stocks stocks) {
        this.stocks = stocks;
    }

    PairWrite of(
            TubeSheet tube,
            String tubeName,
            TubeWishPart wish,
            FootView foot,
            int rounds,
            double startM,
            @Nullable RavelledPart ravelled,
            OptionalDouble contrastG) {
        @Nullable YarnRow yarn = stocks.row(tube.yarnId()).orElse(null);
        YarnPart main =
                yarn == null ? new YarnPart(420, 100, null) : yarn.kept().yarn();
        StripingPart striping = stocks.striping(tube);
        TubePart ready = new TubePart(
                Way.READY_TUBE,
                null,
                new ReadyTubePart(
                        tube.stitches(),
                        rounds,
                        null,
                        null,
                        Cut.PIECES,
                        wish.spareRounds() == null ? tube.spareRounds() : wish.spareRounds(),
                        null),
                null,
                null,
                null);
        SpecPart spec = new SpecPart(
                null,
                foot.kept().foot(),
                foot.kept().otherFoot(),
                null,
                Stocks.swatch(tube),
                null,
                // What lies in the basket of this yarn is not what these socks are of.
                new YarnPart(main.lengthM(), main.massG(), null, main.nylonShare()),
                wish.ravel() ? null : new YarnPart(420, 100, contrastG.isPresent() ? contrastG.getAsDouble() : null),
                wish.ravel() ? null : Set.of(Section.TOE, Section.HEEL, Section.CUFF),
                striping == null ? null : new StripingPart(striping.bands(), startM, null, ravelled),
                null,
                new ChoicesPart(null, ready, null, null, null, null, null, null, null, null, null),
                null);
        String name = wish.name() == null ? foot.name() : wish.name();
        return new PairWrite(
                null,
                Shortened.name(name, " from " + Shortened.name(tubeName, "")),
                spec,
                foot.id(),
                null,
                yarn == null ? null : yarn.getId(),
                null);
    }
}
