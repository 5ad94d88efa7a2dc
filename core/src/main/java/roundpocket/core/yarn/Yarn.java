package roundpocket.core.yarn;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * A yarn as its label gives it.
 *
 * @param lengthM metres in {@code massG}, 1 to 10 000 m
 * @param massG the grams the length is given for, 1 to 5000 g
 * @param onHandG grams in the basket, where known, 0 to 5000 g
 * @param nylonShare share of nylon or the like, from 0 to 1, where known
 * @param assumed whether nobody named a yarn and the usual one stands in for it
 */
public record Yarn(double lengthM, double massG, OptionalDouble onHandG, OptionalDouble nylonShare, boolean assumed) {
    private static final Limit LENGTH = new Limit(
            "yarn.length.range",
            1,
            10_000,
            Unit.METRES,
            "Metres on the label must be {min} to {max} (you entered {found}).",
            "Copy the metres from the label.");
    private static final Limit MASS = new Limit(
            "yarn.mass.range",
            1,
            5_000,
            Unit.GRAMS,
            "Grams on the label must be {min} to {max} (you entered {found}).",
            "Copy the grams from the label.");
    private static final Limit ON_HAND = new Limit(
            "yarn.on-hand.range",
            0,
            5_000,
            Unit.GRAMS,
            "The yarn you have must be {min} to {max} (you entered {found}).",
            "Weigh the cakes without the bowl.");
    private static final Limit NYLON = new Limit(
            "yarn.nylon.range",
            0,
            1,
            Unit.PERCENT,
            "Nylon must be {min} to {max} (you entered {found}).",
            "Copy the share from the label, or leave it out.");
    private static final double FINEST_TEX = 50;
    private static final double THICKEST_TEX = 2_000;

    public Yarn(double lengthM, double massG, OptionalDouble onHandG) {
        this(lengthM, massG, onHandG, OptionalDouble.empty(), false);
    }

    /** The usual sock yarn, 420 m in 100 g, for a plan in which none is named yet. */
    public static Yarn usual() {
        return new Yarn(420, 100, OptionalDouble.empty(), OptionalDouble.empty(), true);
    }

    public Yarn {
        Problems problems = new Problems();
        problems.checkRange("lengthM", lengthM, LENGTH);
        problems.checkRange("massG", massG, MASS);
        onHandG.ifPresent(grams -> problems.checkRange("onHandG", grams, ON_HAND));
        nylonShare.ifPresent(share -> problems.checkRange("nylonShare", share, NYLON));
        problems.throwIfAny();
        double tex = massG / lengthM * 1000;
        if (tex < FINEST_TEX || tex > THICKEST_TEX) {
            problems.add(new Problem(
                    "yarn.fineness.range",
                    "lengthM",
                    "{length} in {mass} is not a yarn that socks are knitted from: {min} to {max} in 100 g.",
                    "Check that metres and grams are of the same ball.",
                    Map.of(
                            "length", new Amount(lengthM, Unit.METRES),
                            "mass", new Amount(massG, Unit.GRAMS),
                            "min", new Amount(100_000 / THICKEST_TEX, Unit.METRES),
                            "max", new Amount(100_000 / FINEST_TEX, Unit.METRES))));
        }
        problems.throwIfAny();
    }

    public Yarn withOnHand(double grams) {
        return new Yarn(lengthM, massG, OptionalDouble.of(grams), nylonShare, assumed);
    }

    /** Grams in a kilometre, in tex; {@code at} is the path of the yarn in the specification. */
    public Step fineness(String at) {
        return Computed.of(
                "fineness of the yarn",
                Unit.TEX,
                YarnRules.FINENESS.of(
                        label("label mass", massG, Unit.GRAMS, at + ".massG"),
                        label("label length", lengthM, Unit.METRES, at + ".lengthM")));
    }

    /** Grams in the basket, where known. */
    public Optional<Step> atHand(String at) {
        return onHandG.isEmpty()
                ? Optional.empty()
                : Optional.of(Given.measured("the yarn you have", onHandG.getAsDouble(), Unit.GRAMS, at + ".onHandG"));
    }

    /** Share of nylon or the like, where known. */
    public Optional<Step> nylon(String at) {
        return nylonShare.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Given.measured("nylon or similar", nylonShare.getAsDouble(), Unit.PERCENT, at + ".nylonShare"));
    }

    private Given label(String label, double value, Unit unit, String field) {
        return assumed ? Given.choice(label, value, unit, true, field) : Given.measured(label, value, unit, field);
    }
}
