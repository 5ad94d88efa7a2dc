package roundpocket.core.ready;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import roundpocket.core.cut.CutWish;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Feet;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.Yarns;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.TubeCut;

/**
 * A pair that somebody would like from a tube.
 *
 * @param name whose it is, up to 80 characters
 * @param feet the feet
 * @param legFromMm the shortest leg above the heel line, cuff included, 20 to 600 mm
 * @param legToMm the longest, {@code legFromMm} or more
 * @param alike whether both socks are to begin in the same place of the stripes
 * @param ravel whether heels, toes and cuffs are of the tube's own yarn, and not of another cake
 * @param spareRounds rounds more than needed at each cut rim of its pieces, 1 to 3; those of the tube where empty
 */
public record TubeWish(
        String name,
        Feet feet,
        double legFromMm,
        double legToMm,
        boolean alike,
        boolean ravel,
        OptionalInt spareRounds) {
    public TubeWish {
        Limit leg = TubeChoice.legLimit();
        Problems problems = new Problems();
        problems.checkRange("legFromMm", legFromMm, leg);
        problems.checkRange("legToMm", legToMm, leg);
        spareRounds.ifPresent(spare -> problems.checkRange("spareRounds", spare, ReadyTube.spareLimit()));
        if (legToMm < legFromMm) {
            problems.add(new Problem(
                    "ready.wish.leg",
                    "legToMm",
                    "The longest leg ({most}) is shorter than the shortest ({least}).",
                    "Enter the shorter one first.",
                    Map.of("least", Amount.mm(legFromMm), "most", Amount.mm(legToMm))));
        }
        problems.throwIfAny();
    }

    /** What a wish needs of a tube. */
    record Needs(SockPlan shortest, SockPlan longest, CutWish wish) {}

    /** Reckons what it needs. Refuses where foot or leg have no room in any tube. */
    Needs needs(TubeStock stock) {
        SockPlan shortest = spec(stock, legFromMm).plan();
        SockPlan longest = spec(stock, legToMm).plan();
        int foot = shortest.tube().rounds().foot().count()
                + shortest.tube().rounds().sacrificed().count();
        double ravelled = shortest.tube()
                .cut()
                .flatMap(TubeCut::ravelled)
                .map(TubeWish::exactly)
                .orElse(0.0);
        return new Needs(
                shortest,
                longest,
                new CutWish(
                        foot,
                        shortest.tube().rounds().leg().count(),
                        longest.tube().rounds().leg().count(),
                        alike,
                        ravelled,
                        spareRounds));
    }

    private static double exactly(Step rounds) {
        return rounds instanceof Rounded whole ? whole.before().value() : rounds.value();
    }

    /** The pair as it would be planned from the whole tube. */
    SockSpec spec(TubeStock stock, double legMm) {
        ReadyTube whole = stock.tube();
        ReadyTube tube = ravel ? whole.ravelling() : whole;
        Yarns yarns = ravel ? Yarns.one(stock.yarn()) : ContrastCake.beside(stock.yarn());
        return new SockSpec(
                feet,
                stock.swatch(),
                yarns,
                List.of(),
                Choices.usual().withTube(TubeChoice.usual().withReadyTube(tube).withLegMm(legMm)));
    }
}
