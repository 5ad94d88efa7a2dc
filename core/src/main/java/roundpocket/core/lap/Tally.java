package roundpocket.core.lap;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.function.IntUnaryOperator;

/**
 * Where a knitter is on one sock, counted from everything that was pressed. Presses are only ever added: taking one back
 * is a press of its own, so that two devices that counted apart come to the same place once both are heard.
 */
public final class Tally {
    private final int last;
    private final Deque<Integer> before = new ArrayDeque<>();
    private int position;

    /** A tally of a sock with so many presses, at its beginning. */
    public Tally(int presses) {
        this.last = presses;
    }

    /** One more is done. Beyond the last there is nothing: it counts for nothing. */
    public boolean done() {
        return position < last && moveTo(position + 1);
    }

    /** Takes back the last press that stands; where none does, nothing. */
    public boolean undone() {
        if (before.isEmpty()) {
            return false;
        }
        position = before.pop();
        return true;
    }

    /** Goes to a position, from 0 to all presses; anything else counts for nothing. */
    public boolean jumped(int to) {
        return to >= 0 && to <= last && moveTo(to);
    }

    private boolean moveTo(int to) {
        before.push(position);
        position = to;
        return true;
    }

    /** The same presses in another plan; {@code to} says where a position of this one lies in it. */
    Tally carried(int presses, IntUnaryOperator to) {
        Tally other = new Tally(presses);
        other.position = to.applyAsInt(position);
        before.forEach(at -> other.before.addLast(to.applyAsInt(at)));
        return other;
    }

    /** Presses that are done. */
    public int position() {
        return position;
    }

    /** The positions that undoing leads back to, the nearest last, at most {@code most}. */
    public List<Integer> trail(int most) {
        List<Integer> trail = new ArrayList<>(before.stream().limit(most).toList());
        Collections.reverse(trail);
        return trail;
    }
}
