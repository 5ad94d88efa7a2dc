package roundpocket.core.lap;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.judge.Stage;

/**
 * One step of the work on one sock.
 *
 * @param id stable name, unique within the sock, such as {@code foot} or {@code heel-graft}
 * @param doing what is done in it
 * @param title short name, as it stands above the count
 * @param instruction what to do, in a sentence or two
 * @param before live loops on the needles before it
 * @param presses what is pressed once it is done, one by one: rounds, moves, or the step itself
 * @param expected loops that each of two needles must hold, where they are counted
 * @param forGood whether it cannot be undone
 * @param stage the stage whose cautions belong to it, where it has any
 */
public record LapStep(
        String id,
        Doing doing,
        String title,
        String instruction,
        int before,
        List<Press> presses,
        OptionalInt expected,
        boolean forGood,
        Optional<Stage> stage) {

    /**
     * One press.
     *
     * @param words what is done for it
     * @param loops live loops on the needles after it
     */
    public record Press(String words, int loops) {}

    public LapStep {
        presses = List.copyOf(presses);
    }

    /** Live loops on the needles after it. */
    public int after() {
        return presses.get(presses.size() - 1).loops();
    }
}
