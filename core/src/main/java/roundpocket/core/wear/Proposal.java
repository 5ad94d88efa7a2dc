package roundpocket.core.wear;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Choices;

/**
 * What a note on a worn pair proposes for another plan: a change, or where no number of the plan helps, why.
 *
 * @param said what it would be and what it is; or why nothing is proposed
 * @param changes the choices that make it so; none where nothing is proposed
 */
public record Proposal(Sentence said, List<Change> changes) {
    public Proposal {
        changes = List.copyOf(changes);
    }

    static Proposal nothing(String why) {
        return new Proposal(Sentence.of(why), List.of());
    }

    /** So many choices at once, with nothing said of them. */
    static Proposal of(List<Change> changes) {
        return new Proposal(Sentence.of(""), changes);
    }

    /** Whether there is anything to take. */
    public boolean changes(Choices choices) {
        return !changes.isEmpty() && !taken(choices).equals(choices);
    }

    /** The choices with it taken. */
    public Choices taken(Choices choices) {
        Choices now = choices;
        for (Change change : changes) {
            now = change.setting().with(now, change);
        }
        return now;
    }

    /**
     * One choice.
     *
     * @param setting which
     * @param number what it becomes, where that is a number
     * @param name what it becomes, where that is one of several
     */
    public record Change(Setting setting, OptionalDouble number, Optional<String> name) {
        static Change number(Setting setting, double number) {
            return new Change(setting, OptionalDouble.of(number), Optional.empty());
        }

        static Change name(Setting setting, Enum<?> name) {
            return new Change(setting, OptionalDouble.empty(), Optional.of(name.name()));
        }

        int count() {
            return (int) Math.round(number.orElseThrow());
        }
    }
}
