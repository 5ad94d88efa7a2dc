package roundpocket.core.tube;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * Where the heel is to open.
 *
 * @param school the school; usually by your own heel
 * @param markedRound rounds to the mark that was made with the tube on the foot, or to a change of colour, 1 to 1000
 * @param markedMm the tape's reading at that mark instead, 20 to 1000 mm
 * @param distanceMm a distance of the knitter's own, 20 to 400 mm
 * @param from where mark or distance are counted from; usually the tip of the toe. A distance is counted from there or
 *     from the end of the toe
 */
public record PlacingChoice(
        Optional<PlacingSchool> school,
        OptionalInt markedRound,
        OptionalDouble markedMm,
        OptionalDouble distanceMm,
        Optional<CountFrom> from) {
    private static final Limit MARKED = new Limit(
            "choices.marked-round.range",
            1,
            1000,
            Unit.ROUNDS,
            "The mark must be after {min} to {max} (you entered {found}).",
            "Count the rounds to the mark.");
    private static final Limit MARKED_MM = new Limit(
            "choices.marked-mm.range",
            20,
            1000,
            Unit.MILLIMETRES,
            "The mark must be {min} to {max} along the tape (you entered {found}).",
            "Lay the tube flat, unstretched, and read the tape at the mark.");
    private static final Limit DISTANCE = new Limit(
            "choices.distance.range",
            20,
            400,
            Unit.MILLIMETRES,
            "The heel line must be {min} to {max} away (you entered {found}).",
            "Measure from the tip of the toe, or from where the toe begins, to the front of the ankle.");

    public PlacingChoice {
        Problems problems = new Problems();
        markedRound.ifPresent(round -> problems.checkRange("markedRound", round, MARKED));
        markedMm.ifPresent(mm -> problems.checkRange("markedMm", mm, MARKED_MM));
        distanceMm.ifPresent(mm -> problems.checkRange("distanceMm", mm, DISTANCE));
        boolean onTheFoot = school.filter(s -> s == PlacingSchool.ON_THE_FOOT).isPresent();
        if (onTheFoot && markedRound.isEmpty() && markedMm.isEmpty()) {
            problems.add(problem(
                    "choices.marked-round.missing",
                    "markedRound",
                    "The heel line is to be where you marked the tube on the foot, and no mark is given.",
                    "Try the tube on, mark the round at the front of the ankle, and count or measure to it."));
        }
        boolean atColour = school.filter(s -> s == PlacingSchool.AT_COLOUR).isPresent();
        if (atColour && markedRound.isEmpty()) {
            problems.add(problem(
                    "choices.colour-round.missing",
                    "markedRound",
                    "The heel line is to be at a colour change, and no round is given.",
                    "Choose one of the places under Stripes, or enter the round."));
        }
        if (markedRound.isPresent() && markedMm.isPresent()) {
            problems.add(problem(
                    "choices.marked-round.twice",
                    "markedMm",
                    "The mark is given twice: in rounds and on the tape.",
                    "Give one of the two; rounds are surer."));
        }
        boolean ownDistance =
                school.filter(s -> s == PlacingSchool.OWN_DISTANCE).isPresent();
        if (ownDistance && distanceMm.isEmpty()) {
            problems.add(problem(
                    "choices.distance.missing",
                    "distanceMm",
                    "The heel line is to be at your own distance, and none is given.",
                    "Enter it, from the tip of the toe or from where the toe begins."));
        }
        if (ownDistance && from.filter(f -> !f.atTheToe()).isPresent()) {
            problems.add(problem(
                    "choices.distance.from",
                    "from",
                    "A distance of your own is measured from the tip of the toe or from where the toe begins.",
                    "Choose one of the two."));
        }
        problems.throwIfAny();
    }

    private static Problem problem(String code, String field, String template, String remedy) {
        return new Problem(code, field, template, remedy, Map.of());
    }

    /** By your own heel. */
    public static PlacingChoice usual() {
        return of(Optional.empty());
    }

    public static PlacingChoice of(PlacingSchool school) {
        return of(Optional.of(school));
    }

    private static PlacingChoice of(Optional<PlacingSchool> school) {
        return new PlacingChoice(
                school, OptionalInt.empty(), OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());
    }

    /** At the round that was marked on the foot, counted from {@code from}. */
    public static PlacingChoice marked(int round, CountFrom from) {
        return new PlacingChoice(
                Optional.of(PlacingSchool.ON_THE_FOOT),
                OptionalInt.of(round),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(from));
    }

    /** At a change of colour after so many rounds, counted from {@code from}. */
    public static PlacingChoice atColour(int round, CountFrom from) {
        return new PlacingChoice(
                Optional.of(PlacingSchool.AT_COLOUR),
                OptionalInt.of(round),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(from));
    }

    /** At the tape's reading where the tube was marked on the foot, counted from {@code from}. */
    public static PlacingChoice markedAt(double mm, CountFrom from) {
        return new PlacingChoice(
                Optional.of(PlacingSchool.ON_THE_FOOT),
                OptionalInt.empty(),
                OptionalDouble.of(mm),
                OptionalDouble.empty(),
                Optional.of(from));
    }

    /** At a distance of the knitter's own. */
    public static PlacingChoice distance(double mm, CountFrom from) {
        return new PlacingChoice(
                Optional.of(PlacingSchool.OWN_DISTANCE),
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(mm),
                Optional.of(from));
    }

    public PlacingSchool schoolTaken() {
        return school.orElse(PlacingSchool.OWN_HEEL);
    }

    public CountFrom fromTaken() {
        return from.orElse(CountFrom.TOE_TIP);
    }

    /** Whether the mark was counted from the leg's end, so that it says how long the leg is and not the foot. */
    public boolean marksTheLeg() {
        return schoolTaken().marked() && !fromTaken().atTheToe();
    }

    Optional<Step> markedRounds() {
        return markedRound.isEmpty()
                ? Optional.empty()
                : Optional.of(Given.choice(
                        (schoolTaken() == PlacingSchool.AT_COLOUR
                                        ? "round of the colour change"
                                        : "round marked on the foot")
                                + ", from " + fromTaken().title(),
                        markedRound.getAsInt(),
                        Unit.ROUNDS,
                        false,
                        "choices.placing.markedRound"));
    }

    Optional<Step> markedLength() {
        return length("tape’s reading at the mark, from " + fromTaken().title(), markedMm, "markedMm");
    }

    Optional<Step> ownDistance() {
        return length("your own distance, from " + fromTaken().title(), distanceMm, "distanceMm");
    }

    private static Optional<Step> length(String label, OptionalDouble mm, String field) {
        return mm.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Given.choice(label, mm.getAsDouble(), Unit.MILLIMETRES, false, "choices.placing." + field));
    }

    /** The placing of the chosen school. Refuses where what it looks at is not known. */
    Placing chosen(List<Placing> all) {
        return all.stream()
                .filter(placing -> placing.school() == schoolTaken())
                .findFirst()
                .orElseThrow(() -> new Refusal(List.of(problem(
                        "choices.placing.shoe",
                        "choices.placing.school",
                        "The heel is to be placed by shoe size, and no shoe size is given.",
                        "Enter the size with its system, or place the heel in another way."))));
    }
}
