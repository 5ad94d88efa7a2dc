package roundpocket.core.shaping;

import roundpocket.core.explain.Named;

/** How the last loops are closed. */
public enum Close implements Named {
    GRAFT("graft", "the stitches of both needles are sewn together so that the seam looks knitted"),
    DRAW_THROUGH("cinch", "the tail goes through the last stitches and is pulled tight like a purse string");

    private final String title;
    private final String description;

    Close(String title, String description) {
        this.title = title;
        this.description = description;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String phrase() {
        return this == GRAFT ? "grafted" : "cinched";
    }

    @Override
    public String description() {
        return description;
    }
}
