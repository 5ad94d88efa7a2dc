package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.StripePlan.CakeCut;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Striping;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Winding;
import roundpocket.core.yarn.YarnModel;

/** A skein that both socks come from, each from its own end or its own part: where it is cut, and the knots met so. */
public final class Skein {
    private static final double M_PER_KM = 1000;

    private final Repeat repeat;
    private final YarnModel model;
    private final Optional<Step> atHand;

    /**
     * A skein of which so many grams are at hand.
     *
     * @param atHand empty where that is not known: then neither is where it ends, nor where it could be cut
     */
    public Skein(Repeat repeat, YarnModel model, Optional<Step> atHand) {
        this.repeat = repeat;
        this.model = model;
        this.atHand = atHand;
    }

    private Striping striping() {
        return repeat.striping();
    }

    private double lengthM() {
        return atHand.map(grams -> grams.value() / model.fineness().value() * M_PER_KM)
                .orElse(0.0);
    }

    private Thread whole() {
        return Thread.forwards(repeat, repeat.startM(), striping().knots(), lengthM());
    }

    /**
     * Where it is cut so that both parts begin at the same place of the repeat, are enough and most equal; behind a knot only
     * where it is known how the yarn goes on. Empty where there is no such place, or none that is enough and where others
     * would come is not known.
     *
     * @param needM metres in one sock
     */
    Optional<CakeCut> cut(double needM) {
        if (atHand.isEmpty()) {
            return Optional.empty();
        }
        double skeinM = lengthM();
        Thread whole = whole();
        return whole.comings(repeat.startM(), skeinM).stream()
                .min((a, b) -> {
                    boolean one = enough(a, skeinM, needM);
                    boolean other = enough(b, skeinM, needM);
                    return one != other
                            ? Boolean.compare(other, one)
                            : Double.compare(Math.abs(a - skeinM / 2), Math.abs(b - skeinM / 2));
                })
                .map(atM -> {
                    OptionalInt repeats = striping().knots().stream().anyMatch(knot -> knot.atM() <= atM)
                            ? OptionalInt.empty()
                            : OptionalInt.of(
                                    (int) Math.round(atM / repeat.metres().value()));
                    String label = repeats.isPresent()
                            ? "metres in " + repeats.getAsInt() + " repeats"
                            : "metres to where the first sock’s start comes again";
                    Step part = repeats.isPresent()
                            ? repeat.whole(label, repeats.getAsInt())
                            : Given.tried(label, atM, Unit.METRES);
                    Step first = model.gramsOf("the first half of the skein", part);
                    return new CakeCut(
                            repeats,
                            part,
                            Winding.along(whole, 0, part, repeat.startM(), 0).cutThere(repeats),
                            first,
                            PlanRules.rest("the second half of the skein", atHand.get(), first),
                            enough(atM, skeinM, needM));
                })
                .filter(best -> best.enough() || !whole.lostAt(skeinM, 0));
    }

    private static boolean enough(double firstM, double skeinM, double needM) {
        return firstM >= needM && skeinM - firstM >= needM;
    }

    /** The knots of the part behind a cut, counted from its own outer end; none are known where the cut is not. */
    public List<Knot> behind(Optional<CakeCut> cut) {
        return cut.map(one -> Thread.beyond(striping().knots(), one.metres().value()))
                .orElse(List.of());
    }

    /** The knots as they come from the other end; none where it is not known how long the skein is. */
    public List<Knot> fromTheOtherEnd() {
        return atHand.isEmpty() ? List.of() : whole().knotsFromBehind(lengthM());
    }
}
