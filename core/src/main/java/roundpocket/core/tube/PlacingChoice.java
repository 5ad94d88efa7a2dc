package roundpocket.core.tube;

import java.util.List;
import java.util.Map;
import java.util.Optional;
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
 * @param markedRound rounds from the tip of the toe that were marked with the tube on the foot, 1 to 1000
 */
public record PlacingChoice(Optional<PlacingSchool> school, OptionalInt markedRound) {
    private static final Limit MARKED = new Limit(
            "choices.marked-round.range",
            1,
            1000,
            Unit.ROUNDS,
            "A mark after {found} cannot be: {min} to {max}.",
            "Count the rounds from the tip of the toe to the mark.");

    public PlacingChoice {
        Problems problems = new Problems();
        markedRound.ifPresent(round -> problems.checkRange("markedRound", round, MARKED));
        if (school.filter(s -> s == PlacingSchool.ON_THE_FOOT).isPresent() && markedRound.isEmpty()) {
            problems.add(new Problem(
                    "choices.marked-round.missing",
                    "markedRound",
                    "The heel is to open where the tube was marked on the foot, and no round is given.",
                    "Try the tube on, mark the round at the front of the ankle and count to it.",
                    Map.of()));
        }
        problems.throwIfAny();
    }

    /** By your own heel. */
    public static PlacingChoice usual() {
        return new PlacingChoice(Optional.empty(), OptionalInt.empty());
    }

    public static PlacingChoice of(PlacingSchool school) {
        return new PlacingChoice(Optional.of(school), OptionalInt.empty());
    }

    public PlacingSchool schoolTaken() {
        return school.orElse(PlacingSchool.OWN_HEEL);
    }

    Optional<Step> marked() {
        return markedRound.isEmpty()
                ? Optional.empty()
                : Optional.of(Given.choice(
                        "round marked on the foot",
                        markedRound.getAsInt(),
                        Unit.ROUNDS,
                        false,
                        "choices.placing.markedRound"));
    }

    /** The placing of the chosen school. Refuses where what it looks at is not known. */
    Placing chosen(List<Placing> all) {
        return all.stream()
                .filter(placing -> placing.school() == schoolTaken())
                .findFirst()
                .orElseThrow(() -> new Refusal(List.of(new Problem(
                        "choices.placing.shoe",
                        "choices.placing.school",
                        "The heel is to be placed by shoe size, and no shoe size is given.",
                        "Give the size with its system, or place the heel in another way.",
                        Map.of()))));
    }
}
