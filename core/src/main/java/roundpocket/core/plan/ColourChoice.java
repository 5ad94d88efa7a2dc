package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Unit;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Striping;

/**
 * What a knitter decides about the colours of a striping yarn. Bands are counted from 1.
 *
 * @param heel with which colour the heel begins; usually as it comes
 * @param heelBand the band it begins with, where one is chosen; usually the first
 * @param toe the same for a toe that is knitted last
 * @param toeBand its band
 * @param second how the second sock goes with the first; usually alike, from the same cake
 * @param secondBand the band that the second sock begins with, or that shows at the cake's other end
 * @param knots what is done about knots; usually they are knitted on
 */
public record ColourChoice(
        Optional<ColourStart> heel,
        OptionalInt heelBand,
        Optional<ColourStart> toe,
        OptionalInt toeBand,
        Optional<SecondSock> second,
        OptionalInt secondBand,
        Optional<KnotWay> knots) {
    private static final Limit BAND = new Limit(
            "choices.colour.band.range",
            1,
            Striping.MOST_BANDS,
            Unit.NUMBER,
            "A band must be number {min} to {max} (you entered {found}).",
            "Count the bands from the first of the repeat.");

    public ColourChoice {
        Problems problems = new Problems();
        heelBand.ifPresent(band -> problems.checkRange("heelBand", band, BAND));
        toeBand.ifPresent(band -> problems.checkRange("toeBand", band, BAND));
        secondBand.ifPresent(band -> problems.checkRange("secondBand", band, BAND));
        problems.throwIfAny();
    }

    public static ColourChoice usual() {
        return new ColourChoice(
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty());
    }

    public ColourChoice withHeel(ColourStart start, int band) {
        return new ColourChoice(Optional.of(start), OptionalInt.of(band), toe, toeBand, second, secondBand, knots);
    }

    public ColourChoice withToe(ColourStart start, int band) {
        return new ColourChoice(heel, heelBand, Optional.of(start), OptionalInt.of(band), second, secondBand, knots);
    }

    public ColourChoice withSecond(SecondSock how) {
        return new ColourChoice(heel, heelBand, toe, toeBand, Optional.of(how), secondBand, knots);
    }

    public ColourChoice withSecond(SecondSock how, int band) {
        return new ColourChoice(heel, heelBand, toe, toeBand, Optional.of(how), OptionalInt.of(band), knots);
    }

    public ColourChoice withKnots(KnotWay how) {
        return new ColourChoice(heel, heelBand, toe, toeBand, second, secondBand, Optional.of(how));
    }

    /** The same for socks that are knitted in this order: from two cakes, where what was chosen cannot be. */
    public ColourChoice whileKnitted(KnitOrder order) {
        return secondTaken().notNow(order).isEmpty() ? this : withSecond(SecondSock.TWO_CAKES);
    }

    public ColourStart heelTaken() {
        return heel.orElse(ColourStart.AS_IT_COMES);
    }

    public ColourStart toeTaken() {
        return toe.orElse(ColourStart.AS_IT_COMES);
    }

    public SecondSock secondTaken() {
        return second.orElse(SecondSock.SAME_CAKE);
    }

    /** Of these knots those that break the order while they are knitted, as metres of the yarn that is knitted. */
    public List<Knot> knotsLeft(Repeat repeat, List<Knot> knots) {
        return Knots.of(knots, repeat, this).left();
    }

    public KnotWay knotsTaken() {
        return knots.orElse(KnotWay.KNIT_ON);
    }
}
