package roundpocket.core.rescue;

/** What a mishap is drawn as. */
public enum Sketch {
    /** Stitches on a needle, one of them turned. */
    TURNED_STITCH,
    /** A needle that goes through the yarn of a stitch. */
    SPLIT_STITCH,
    /** A needle that wanders into the row above. */
    WANDERING_NEEDLE,
    /** A column that has run down, with a bar for every round. */
    LADDER,
    /** A gap at the end of the opening, and the tail around it. */
    CORNER_GAP,
    /** An open row whose last stitches are out as well. */
    OUT_TO_THE_CORNER,
    /** A stitch whose leg is cut, with a scrap along its path. */
    CUT_LEG,
    /** Decreases at the edge, and the plain rounds above them. */
    EDGE_OF_DECREASES,
    /** The foot seen from its toe: where the decreases belong, and where they are. */
    TOE_FROM_THE_FRONT,
    /** The end of a bound-off edge with its step. */
    EDGE_STEP,
    /** Two needles with a graft between them. */
    GRAFT_SEAM,
    /** Nothing that a drawing would say better. */
    NONE
}
