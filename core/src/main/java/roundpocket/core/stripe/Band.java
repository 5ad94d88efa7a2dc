package roundpocket.core.stripe;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.yarn.YarnModel;

/**
 * One band of colour in a repeat. How long it is was measured along the yarn or counted in a fabric. Where both were
 * done the metres are its length, and the count says how much yarn a stitch takes.
 *
 * @param name what the colour is called, up to 40 characters; empty where only the colour itself is known
 * @param colour the colour as #rrggbb in sRGB
 * @param lengthM metres of yarn in it, 0.1 to 1000 m
 * @param rounds rounds it takes in a tube of {@code stitches}, 0.25 to 400
 * @param stitches stitches of the tube in which the rounds were counted, 8 to 400
 */
public record Band(String name, String colour, OptionalDouble lengthM, OptionalDouble rounds, OptionalInt stitches) {
    /** The most characters in a name. */
    public static final int MOST_IN_NAME = 40;

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");
    private static final Limit LENGTH = new Limit(
            "stripe.length.range",
            0.1,
            1_000,
            Unit.METRES,
            "A band must be {min} to {max} of yarn (you entered {found}).",
            "Measure one band along the yarn.");
    private static final Limit ROUNDS = new Limit(
            "stripe.rounds.range",
            0.25,
            400,
            Unit.ROUNDS,
            "A band must take {min} to {max} (you entered {found}).",
            "Count the rounds of one band in a swatch or a sock.");
    private static final Limit STITCHES = new Limit(
            "stripe.stitches.range",
            8,
            400,
            Unit.STITCHES,
            "Rounds of a band must be counted on {min} to {max} (you entered {found}).",
            "Count the stitches of one round.");

    public Band {
        name = name.strip();
        Problems problems = new Problems();
        if (name.length() > MOST_IN_NAME) {
            problems.add(new Problem(
                    "stripe.name.length",
                    "name",
                    "A colour’s name can have {max} characters (this has {found}).",
                    "Shorten it.",
                    Map.of(
                            "found", new Amount(name.length(), Unit.NUMBER),
                            "max", new Amount(MOST_IN_NAME, Unit.NUMBER))));
        }
        if (!COLOUR.matcher(colour).matches()) {
            problems.add(problem("stripe.colour", "colour", "This is not a colour.", "Pick one, as in #a8322a."));
        }
        lengthM.ifPresent(metres -> problems.checkRange("lengthM", metres, LENGTH));
        rounds.ifPresent(counted -> problems.checkRange("rounds", counted, ROUNDS));
        stitches.ifPresent(counted -> problems.checkRange("stitches", counted, STITCHES));
        if (lengthM.isEmpty() && rounds.isEmpty()) {
            problems.add(problem(
                    "stripe.extent",
                    "lengthM",
                    "How long a band is must be given: in metres of yarn, in rounds, or both.",
                    "Metres are measured along the yarn; rounds are counted in something knitted."));
        }
        if (rounds.isPresent() != stitches.isPresent()) {
            problems.add(problem(
                    "stripe.rounds.stitches",
                    "stitches",
                    "Rounds of a band say nothing without the stitches of a round.",
                    "Enter how many stitches the tube had in which you counted."));
        }
        problems.throwIfAny();
    }

    private static Problem problem(String code, String field, String template, String remedy) {
        return new Problem(code, field, template, remedy, Map.of());
    }

    /** A band measured along the yarn. */
    public static Band ofMetres(String name, String colour, double metres) {
        return new Band(name, colour, OptionalDouble.of(metres), OptionalDouble.empty(), OptionalInt.empty());
    }

    /** A band counted in a tube of so many stitches. */
    public static Band ofRounds(String name, String colour, double rounds, int stitches) {
        return new Band(name, colour, OptionalDouble.empty(), OptionalDouble.of(rounds), OptionalInt.of(stitches));
    }

    /** What it is called: its name, without what would be taken for an amount or a side; else what such a colour is called. */
    public String called() {
        return name.isEmpty()
                ? ColourName.of(colour)
                : name.replaceAll("[{\\[]", "(").replaceAll("[}\\]]", ")");
    }

    /** A band measured along the yarn and counted in a tube of so many stitches as well. */
    public static Band ofBoth(String name, String colour, double metres, double rounds, int stitches) {
        return new Band(name, colour, OptionalDouble.of(metres), OptionalDouble.of(rounds), OptionalInt.of(stitches));
    }

    /** Whether it was counted alone: then it keeps its stitches, whatever a stitch takes. */
    boolean countedAlone() {
        return lengthM.isEmpty();
    }

    /** Whether it was measured and counted: then it says how much yarn a stitch takes. */
    boolean measuredAndCounted() {
        return lengthM.isPresent() && rounds.isPresent();
    }

    /** Its metres of yarn; one that was counted keeps its stitches, whatever a stitch takes. */
    Step metres(int number, YarnModel model) {
        String at = "striping.bands[" + number + "]";
        String label = called() + " band";
        if (lengthM.isPresent()) {
            return Given.measured(label, lengthM.getAsDouble(), Unit.METRES, at + ".lengthM");
        }
        Step worked = Computed.of(
                label + ", stitches",
                Unit.STITCHES,
                StripeRules.BAND_STITCHES.of(
                        Given.measured(label + ", rounds", rounds.orElseThrow(), Unit.ROUNDS, at + ".rounds"),
                        Given.measured(
                                "stitches of the tube it was counted in",
                                stitches.orElseThrow(),
                                Unit.STITCHES,
                                at + ".stitches")));
        return model.metresOf(label, worked);
    }
}
