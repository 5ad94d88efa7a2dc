package roundpocket.core.work;

import java.util.Map;
import java.util.Optional;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;

/**
 * One thing done at the needles: what it needs of the work, what it makes of it, and how it is told.
 *
 * <p>Sides stand in what is told as {@code [right]} and {@code [left]}, for {@link roundpocket.core.measure.Hand#says}.
 */
public sealed interface Operation
        permits BeginWork, TubeWork, LineWork, YarnWork, OpeningWork, ShapeWork, FinishWork, ReadyWork {
    /** The work once it is done. Throws {@link NotPossible} where it cannot be done. */
    Work on(Work before);

    /** What is said to have it done; empty where what is said before it says it too. */
    Sentence told(Work before);

    /** What yarn it takes beside rounds and rows; empty for none. */
    default Optional<Taken> taken() {
        return Optional.empty();
    }

    /** What is drawn of it; empty where words do. */
    default Optional<Picture> picture(Work before) {
        return Optional.empty();
    }

    /** What is said of it, without an amount. */
    static Sentence say(String words) {
        return Sentence.of(words);
    }

    /** What is said of it, with one length in it. */
    static Sentence say(String words, String name, Amount amount) {
        return new Sentence(words, Map.of(name, amount));
    }
}
