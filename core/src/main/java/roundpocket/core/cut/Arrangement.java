package roundpocket.core.cut;

import java.util.Arrays;

/**
 * An order of pieces along a tube.
 *
 * @param order the pair of each piece
 * @param givenUp rounds given up before each piece; before the first none
 */
record Arrangement(int[] order, int[] givenUp) {
    int givenUpInAll() {
        return Arrays.stream(givenUp).sum();
    }
}
