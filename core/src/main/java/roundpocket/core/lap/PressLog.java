package roundpocket.core.lap;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;

/** For which sock each press of a pair was, so that the last can be taken back whichever sock it was for. */
final class PressLog {
    /** A press that was for both socks. */
    static final int BOTH = 0;

    private final Deque<Integer> pressed = new ArrayDeque<>();

    void pressed(int sock) {
        pressed.push(sock);
    }

    /** Takes the last press out; 0 was for both socks. */
    int pop() {
        return pressed.pop();
    }

    boolean isEmpty() {
        return pressed.isEmpty();
    }

    /** The last press of one sock is taken out; one that was for both is the other's alone from now on. */
    void withdrawn(int sock) {
        Deque<Integer> later = new ArrayDeque<>();
        while (!pressed.isEmpty()) {
            int last = pressed.pop();
            if (last == sock || last == BOTH) {
                if (last == BOTH) {
                    pressed.push(3 - sock);
                }
                break;
            }
            later.push(last);
        }
        while (!later.isEmpty()) {
            pressed.push(later.pop());
        }
    }

    /** For which socks the last presses were, the latest last, at most {@code most}. */
    List<Integer> trail(int most) {
        List<Integer> trail = new ArrayList<>(pressed.stream().limit(most).toList());
        Collections.reverse(trail);
        return trail;
    }
}
