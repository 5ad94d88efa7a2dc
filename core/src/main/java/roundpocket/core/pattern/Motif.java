package roundpocket.core.pattern;

import roundpocket.core.explain.Named;

/** What is repeated. */
public enum Motif implements Named {
    RIB("cuff rib", "cuff rib", "the rib goes on from cuff to heel line", "a leg that stays up by itself"),
    OWN(
            "a repeat of your own",
            "a repeat",
            "so many stitches wide and rounds high; written out if you like",
            "any pattern");

    private final String title;
    private final String phrase;
    private final String description;
    private final String goodFor;

    Motif(String title, String phrase, String description, String goodFor) {
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
}
