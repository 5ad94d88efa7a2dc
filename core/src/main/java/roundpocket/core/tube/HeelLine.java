package roundpocket.core.tube;

import java.util.List;
import roundpocket.core.explain.Step;

/**
 * Where the heel opens.
 *
 * @param placing the round by the chosen school
 * @param placings the round by every school
 * @param round rounds from the tip of the toe to the opening
 * @param fromToe millimetres from the tip of the toe to the opening
 * @param counts the opening, counted from every place that knitters count from
 * @param count the opening, counted from where this knitter counts
 */
public record HeelLine(
        Placing placing, List<Placing> placings, Step round, Step fromToe, List<Counted> counts, Counted count) {

    public HeelLine {
        placings = List.copyOf(placings);
        counts = List.copyOf(counts);
    }

    /** The opening, counted from {@code place}. */
    public Counted countedFrom(CountFrom place) {
        return counts.stream().filter(c -> c.from() == place).findFirst().orElseThrow();
    }
}
