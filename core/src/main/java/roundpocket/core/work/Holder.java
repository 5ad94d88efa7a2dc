package roundpocket.core.work;

import roundpocket.core.measure.NeedleKind;

/** What keeps loops from running. */
public enum Holder {
    NEEDLE("on the " + NeedleKind.ALL),
    THREAD("on a thread"),
    WASTE("on waste yarn");

    private final String place;

    Holder(String place) {
        this.place = place;
    }

    /** Where they are, in words. */
    public String place() {
        return place;
    }
}
