package roundpocket.core.plan;

import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Way;

/** How many ends of a yarn there are to weave in. */
final class Ends {
    private Ends() {}

    /** The tube has a first end and a last one; heel and a late toe one each beside the tail that closes them. */
    static int count(Yarns yarns, Way way, ToeStart toeStart, YarnRole role) {
        boolean main = role == YarnRole.MAIN;
        int ends = main && way != Way.READY_TUBE ? 2 : 0;
        boolean ownCuff = yarns.of(Section.CUFF) == YarnRole.CONTRAST || way == Way.READY_TUBE;
        if (ownCuff && yarns.of(Section.CUFF) == role) {
            ends += 2;
        }
        if (yarns.of(Section.HEEL) == role) {
            ends += 1;
        }
        boolean toeFirst = way == Way.TOE_UP && toeStart.toeFirst();
        if (toeFirst && yarns.of(Section.TOE) == YarnRole.CONTRAST && !main) {
            ends += 2;
        }
        if (!toeFirst && yarns.of(Section.TOE) == role) {
            ends += 1;
        }
        return ends;
    }
}
