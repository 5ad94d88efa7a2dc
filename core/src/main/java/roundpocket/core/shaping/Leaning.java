package roundpocket.core.shaping;

import roundpocket.core.explain.Named;

/** Which way the decreases lean. */
public enum Leaning implements Named {
    TOWARDS_MIDDLE(
            "towards the middle",
            "ssk first and k2tog last: the decreases lean in, away from the edge",
            "ssk",
            "k2tog"),
    ALONG_EDGE("along the edge", "k2tog first and ssk last: the decreases run out along the edge", "k2tog", "ssk");

    private final String title;
    private final String description;
    private final String first;
    private final String last;

    Leaning(String title, String description, String first, String last) {
        this.title = title;
        this.description = description;
        this.first = first;
        this.last = last;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String phrase() {
        return this == ALONG_EDGE ? "leaning along the edge" : "leaning inwards";
    }

    @Override
    public String description() {
        return description;
    }

    String first() {
        return first;
    }

    String last() {
        return last;
    }
}
