package roundpocket.core.plan;

import roundpocket.core.explain.Named;

/** With which colour a heel or a toe that is put in later begins. */
public enum ColourStart implements Named {
    AS_IT_COMES("as it comes", "the colour that the yarn has reached", "not wasting any yarn"),
    FOLLOWING(
            "the next band",
            "the band after the one beside it, so that the order goes on",
            "a heel that looks as if it had grown there"),
    BAND("a band you choose", "wind off until it comes", "heels and toes that match");

    private final String title;
    private final String description;
    private final String goodFor;

    ColourStart(String title, String description, String goodFor) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }

    @Override
    public String goodFor() {
        return goodFor;
    }

    /** After “the heel begins”. */
    @Override
    public String phrase() {
        return switch (this) {
            case AS_IT_COMES -> "with whatever colour comes next";
            case FOLLOWING -> "with the next band";
            case BAND -> "with a band of its own";
        };
    }
}
