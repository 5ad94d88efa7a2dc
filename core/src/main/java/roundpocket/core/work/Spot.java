package roundpocket.core.work;

import roundpocket.core.measure.NeedleKind;

/** Half of the loops of an edge: what one needle of two holds. */
public enum Spot {
    CUFF_SOLE("sole"),
    CUFF_INSTEP("instep"),
    TOE_SOLE("sole"),
    TOE_INSTEP("instep"),
    LOWER("lower " + NeedleKind.HALF),
    UPPER("upper " + NeedleKind.HALF),
    NEAR_RIM("edge of the piece"),
    FAR_RIM("edge of the tube");

    private final String title;

    Spot(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
