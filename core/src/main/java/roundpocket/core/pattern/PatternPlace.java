package roundpocket.core.pattern;

import roundpocket.core.explain.Named;

/** Where a pattern stands. Heel, toe and sole are always plain. */
public enum PatternPlace implements Named {
    PLAIN("plain", "plain", "knit every round", "colour that shows, and the quickest sock"),
    LEG("on the leg", "patterned on the leg", "all around the leg", "a foot that is smooth in a shoe"),
    INSTEP(
            "on the instep",
            "patterned on the instep",
            "on the upper half of the foot",
            "something to look at with your feet up"),
    BOTH(
            "on leg and instep",
            "patterned on leg and instep",
            "all around the leg and on the upper half of the foot",
            "a pattern from cuff to toe");

    private final String title;
    private final String phrase;
    private final String description;
    private final String goodFor;

    PatternPlace(String title, String phrase, String description, String goodFor) {
        this.title = title;
        this.phrase = phrase;
        this.description = description;
        this.goodFor = goodFor;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String phrase() {
        return phrase;
    }

    @Override
    public String description() {
        return description;
    }

    @Override
    public String goodFor() {
        return goodFor;
    }

    public boolean onLeg() {
        return this == LEG || this == BOTH;
    }

    public boolean onInstep() {
        return this == INSTEP || this == BOTH;
    }
}
