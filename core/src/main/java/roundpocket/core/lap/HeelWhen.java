package roundpocket.core.lap;

/** When the heel is knitted. */
public enum HeelWhen {
    AFTER_TUBE("after the tube", "the tube is whole before anything is opened; a toe that was left open comes last"),
    LAST("last", "toe and all else first; the heel closes the sock"),
    AT_ONCE("at once", "soon after its line, while the rest of the tube waits: the sock can be tried on early");

    private final String title;
    private final String description;

    HeelWhen(String title, String description) {
        this.title = title;
        this.description = description;
    }

    public String title() {
        return title;
    }

    public String description() {
        return description;
    }
}
