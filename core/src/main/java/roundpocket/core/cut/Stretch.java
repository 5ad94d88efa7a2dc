package roundpocket.core.cut;

import roundpocket.core.explain.Named;

/**
 * Rounds of a tube that become one thing.
 *
 * @param kind what becomes of them
 * @param from rounds of the tube before them, counted from the toes' end
 * @param to rounds of the tube up to their end
 * @param wish the wish they belong to, from 0; −1 where they belong to none
 * @param sock which of its socks, 0 or 1
 */
public record Stretch(Kind kind, int from, int to, int wish, int sock) {
    /** What becomes of rounds of a tube. */
    public enum Kind implements Named {
        PIECE("piece"),
        SPARE("spare rounds"),
        CUT("cut here"),
        GIVEN_UP("unravelled"),
        RAVEL("unravelled for heels, toes and cuffs"),
        REMNANT("left over");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        @Override
        public String title() {
            return title;
        }
    }

    static Stretch of(Kind kind, int from, int rounds) {
        return new Stretch(kind, from, from + rounds, -1, 0);
    }

    public int rounds() {
        return to - from;
    }
}
