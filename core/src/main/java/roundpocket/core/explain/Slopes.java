package roundpocket.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The partial derivatives of a step: by the given values (what moves it) and by the values that are uncertain (how sure
 * it is). Derivatives are central differences carried along the steps by the chain rule, so a value that enters twice,
 * such as a gauge, is counted once and with its correlation.
 *
 * <p>Uncertainty: u² = Σ (∂f/∂xᵢ · uᵢ)² (law of propagation, JCGM 100:2008, 5.1.2).
 */
public final class Slopes {
    private static final double RELATIVE_STEP = 1e-6;
    /** Of inputs that move a value alike, the first is named, whatever the last digits of the differences. */
    private static final double CLEARLY = 1 + 1e-6;

    static final Slopes NONE = new Slopes(List.of(), List.of());

    /** One derivative: by which step, how steep, and that step's own standard uncertainty and its kind. */
    private record Slope(Step by, double slope, double u, Distribution kind) {
        double variance() {
            return slope * u * slope * u;
        }
    }

    private final List<Slope> byGiven;
    private final List<Slope> byUncertain;

    private Slopes(List<Slope> byGiven, List<Slope> byUncertain) {
        this.byGiven = byGiven;
        this.byUncertain = byUncertain;
    }

    static Slopes ofGiven(Given given, double u) {
        List<Slope> movers = given.field().isEmpty() ? List.of() : List.of(new Slope(given, 1, 0, Distribution.NORMAL));
        List<Slope> uncertain = u > 0 ? List.of(new Slope(given, 1, u, Distribution.NORMAL)) : List.of();
        return movers.isEmpty() && uncertain.isEmpty() ? NONE : new Slopes(movers, uncertain);
    }

    /** The slopes of a rule's result; {@code own} is what is unsure of it by itself, where that was worked out. */
    static Slopes ofComputed(Computed step, double[] in, Computed.Own own) {
        List<Slope> movers = new ArrayList<>();
        List<Slope> uncertain = new ArrayList<>();
        for (int i = 0; i < in.length; i++) {
            Slopes inner = step.inputs().get(i).slopes();
            if (inner.byGiven.isEmpty() && inner.byUncertain.isEmpty()) {
                continue;
            }
            double outer = derivative(step.rule(), in, i);
            chain(movers, inner.byGiven, outer);
            chain(uncertain, inner.byUncertain, outer);
        }
        if (own != null) {
            if (!own.besides()) {
                uncertain.clear();
            }
            uncertain.add(new Slope(step, 1, own.u().value(), own.kind()));
        }
        return new Slopes(movers, uncertain);
    }

    private static double derivative(Rule rule, double[] in, int i) {
        double at = in[i];
        double h = RELATIVE_STEP * Math.max(Math.abs(at), 1e-3);
        in[i] = at + h;
        double above = rule.apply(in);
        in[i] = at - h;
        double below = rule.apply(in);
        in[i] = at;
        return (above - below) / (2 * h);
    }

    private static void chain(List<Slope> into, List<Slope> inner, double outer) {
        for (Slope slope : inner) {
            add(into, new Slope(slope.by, slope.slope * outer, slope.u, slope.kind));
        }
    }

    private static void add(List<Slope> into, Slope slope) {
        for (int i = 0; i < into.size(); i++) {
            Slope there = into.get(i);
            if (there.by == slope.by) {
                into.set(i, new Slope(there.by, there.slope + slope.slope, there.u, there.kind));
                return;
            }
        }
        into.add(slope);
    }

    /** The slopes of a value that has been decided on: what moved it stays known, but it is now exact. */
    Slopes decided() {
        return new Slopes(byGiven, List.of());
    }

    double standardUncertainty() {
        double sum = 0;
        for (Slope slope : byUncertain) {
            sum += slope.variance();
        }
        return Math.sqrt(sum);
    }

    /**
     * How many standard uncertainties hold 95 %: see {@link Coverage}. Several sources share the degrees of freedom of
     * Welch and Satterthwaite, rounded down (JCGM 100:2008, G.4.1).
     */
    double coverageFactor() {
        double all = 0;
        double rectangular = 0;
        double satterthwaite = 0;
        for (Slope slope : byUncertain) {
            double variance = slope.variance();
            all += variance;
            if (slope.kind.rectangular()) {
                rectangular += variance * variance;
            }
            satterthwaite += variance * variance / slope.kind.degreesOfFreedom();
        }
        double factor = satterthwaite == 0 ? Coverage.NORMAL : Coverage.student(all * all / satterthwaite);
        return all == 0 ? factor : factor * Coverage.evenness(rectangular / (all * all));
    }

    /** The uncertain value behind most of the variance, and its share of it. */
    Optional<Step.Doubt> mostDoubtful() {
        double all = 0;
        double most = 0;
        Step by = null;
        for (Slope slope : byUncertain) {
            double part = slope.variance();
            all += part;
            if (by == null || part > most * CLEARLY) {
                most = part;
                by = slope.by;
            }
        }
        return all == 0 ? Optional.empty() : Optional.of(new Step.Doubt(by, most / all));
    }

    Optional<Step.Influence> strongest() {
        Step.Influence best = null;
        for (Slope slope : byGiven) {
            double change = slope.slope * slope.by.value() / 100;
            if (best == null || Math.abs(change) > Math.abs(best.changePerCent()) * CLEARLY) {
                best = new Step.Influence((Given) slope.by, change);
            }
        }
        return Optional.ofNullable(best).filter(influence -> Math.abs(influence.changePerCent()) > 1e-9);
    }
}
