package roundpocket.app.laps;

import java.util.List;
import roundpocket.core.measure.Sentence;
import roundpocket.core.rescue.Mishap;
import roundpocket.core.rescue.Sketch;

/**
 * Something that can go wrong, and how it is put right.
 *
 * @param looks how it looks
 * @param why why it happens
 * @param cure what to do, move by move
 * @param sketch what it is drawn as
 */
public record MishapView(Mishap id, String title, String looks, String why, List<Sentence> cure, Sketch sketch) {
    static MishapView of(Mishap mishap) {
        return new MishapView(mishap, mishap.title(), mishap.looks(), mishap.why(), mishap.cure(), mishap.sketch());
    }
}
