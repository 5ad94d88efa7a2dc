package roundpocket.core.cut;

import java.util.List;

/**
 * What lies at the rims of the pieces: rounds that are unpicked, and the spare ones beside them.
 *
 * @param tube the tube
 * @param wishes what it is to give, as pieces number them
 */
record Rims(CutTube tube, List<CutWish> wishes) {
    /** Spare rounds at each cut rim of a piece for this wish. */
    int spare(int wish) {
        return wishes.get(wish).spareRounds().orElse(tube.spareRounds());
    }

    /** Rounds from rim to rim of two neighbours: one that is unpicked, and the spare ones on either side of it. */
    int gap(int wish, int other) {
        return spare(wish) + 1 + spare(other);
    }

    /** Rounds that have to be free before the first piece, which is for this wish. */
    int before(int wish, int ravelled) {
        return toeEndLive(ravelled) ? goneAtToe(ravelled) : 1 + spare(wish);
    }

    /** Rounds that have to be free behind the last piece, which is for this wish. */
    int behind(int wish, int ravelled) {
        return cuffEndLive(ravelled) ? goneAtCuff(ravelled) : 1 + spare(wish);
    }

    /** Whether the stitches at the toes’ end are live, so that a piece that begins there has no cut rim. */
    boolean toeEndLive(int ravelled) {
        return tube.toeEndHeld() || atToe(ravelled) > 0;
    }

    /** The same at the other end. */
    boolean cuffEndLive(int ravelled) {
        return tube.cuffEndHeld() || atCuff(ravelled) > 0;
    }

    /** Rounds that come off the toes’ end by unravelling. */
    int goneAtToe(int ravelled) {
        return unravelled(tube.toeEndHeld(), atToe(ravelled));
    }

    /** The same at the other end. */
    int goneAtCuff(int ravelled) {
        return unravelled(tube.cuffEndHeld(), atCuff(ravelled));
    }

    private int atToe(int ravelled) {
        return tube.ravelledAtToe() ? ravelled : 0;
    }

    private int atCuff(int ravelled) {
        return tube.ravelledAtToe() ? 0 : ravelled;
    }

    /** The edge of an end that is not on a thread comes off with what is unravelled. */
    private static int unravelled(boolean held, int ravelled) {
        return ravelled + (ravelled > 0 && !held ? 1 : 0);
    }
}
