package roundpocket.core.wear;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A change that is proposed for a plan.
 *
 * @param words what it would be, and what it is
 * @param changes the choices that make it so
 */
public record Proposal(String words, List<Change> changes) {
    public Proposal {
        changes = List.copyOf(changes);
    }

    /**
     * One choice.
     *
     * @param choice the part it belongs to and its name, such as {@code heel.plainRounds}
     * @param number what it becomes, where that is a number
     * @param name what it becomes, where that is one of several
     */
    public record Change(String choice, OptionalDouble number, Optional<String> name) {
        static Change number(String choice, double number) {
            return new Change(choice, OptionalDouble.of(number), Optional.empty());
        }

        static Change name(String choice, String name) {
            return new Change(choice, OptionalDouble.empty(), Optional.of(name));
        }
    }
}
