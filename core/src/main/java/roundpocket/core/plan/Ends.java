package roundpocket.core.plan;

import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Graft;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.Way;

/**
 * The ends of yarn there are to weave in, beside the tails that close heel and toe. The heel is taken to be knitted before a
 * toe that comes after the tube, as most do.
 *
 * @param yarns which section is of which yarn
 * @param way how one comes by the tube
 * @param toeFirst whether the tube is begun at the toe’s tip
 * @param newColour whether a toe after the tube begins with a colour that is waited for
 * @param heelLength whether the heel is grafted with a length of its own
 * @param toeLength whether the toe is
 */
record Ends(Yarns yarns, Way way, boolean toeFirst, boolean newColour, boolean heelLength, boolean toeLength) {
    static Ends of(SockSpec spec, Way way, ToeStart toeStart, Shaping heel, Shaping toe) {
        return new Ends(
                spec.yarns(),
                way,
                way == Way.TOE_UP && toeStart.toeFirst(),
                spec.yarns()
                        .striping()
                        .filter(striping -> !striping.oneColour())
                        .filter(any -> spec.choices().colour().toeTaken() != ColourStart.AS_IT_COMES)
                        .isPresent(),
                ownLength(spec, heel),
                ownLength(spec, toe));
    }

    static Ends of(SockSpec spec, Tube tube, Shaping heel, Shaping toe) {
        return of(spec, tube.way(), tube.toeStart(), heel, toe);
    }

    private static boolean ownLength(SockSpec spec, Shaping part) {
        FinishChoice finish = spec.choices().finish();
        return part.grafted()
                && Graft.ownLength(
                        finish.setUpTaken(), finish.yarnAtTaken(), part.school().inRounds());
    }

    /** Whether the toe goes on with the yarn that the tube was knitted with, which is cut nowhere between. */
    boolean toeGoesOn() {
        return way == Way.CUFF_DOWN
                && yarns.of(Section.TOE) == YarnRole.MAIN
                && yarns.of(Section.HEEL) != YarnRole.MAIN
                && !newColour;
    }

    /** How many there are of a yarn: the tube has a first and a last one; heel and a late toe have one each. */
    int count(YarnRole role) {
        boolean main = role == YarnRole.MAIN;
        int ends = main && way != Way.READY_TUBE ? 2 : 0;
        boolean ownCuff = yarns.of(Section.CUFF) == YarnRole.CONTRAST || way == Way.READY_TUBE;
        if (ownCuff && yarns.of(Section.CUFF) == role) {
            ends += 2;
        }
        if (yarns.of(Section.HEEL) == role) {
            ends += heelLength ? 2 : 1;
        }
        if (toeFirst && yarns.of(Section.TOE) == YarnRole.CONTRAST && !main) {
            ends += 2;
        }
        if (!toeFirst && yarns.of(Section.TOE) == role) {
            ends += toeLength ? 2 : 1;
        }
        return main && toeGoesOn() ? ends - 2 : ends;
    }
}
