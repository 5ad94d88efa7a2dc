package roundpocket.core.foot;

import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Rule;
import roundpocket.core.measure.Unit;

/** How shoe sizes are counted. */
public enum ShoeSystem {
    EU("EU, Paris points", 17, 53, FootRules.SHOE_EU),
    UK("UK adult", -1, 19, FootRules.SHOE_UK),
    US_MEN("US men", 0, 20, FootRules.SHOE_US_MEN),
    US_WOMEN("US women", 1, 21, FootRules.SHOE_US_WOMEN),
    MONDOPOINT("Mondopoint, millimetres", 100, 360, FootRules.SHOE_MONDOPOINT);

    private final String title;
    private final Limit limit;
    private final Rule rule;

    ShoeSystem(String title, double smallest, double largest, Rule rule) {
        this.title = title;
        this.rule = rule;
        this.limit = new Limit(
                "foot.shoe.range",
                smallest,
                largest,
                Unit.NUMBER,
                "A shoe size in " + title + " must be {min} to {max} (you entered {found}).",
                "Check which system the size is in, or measure the foot.");
    }

    public String title() {
        return title;
    }

    Limit limit() {
        return limit;
    }

    /** The length of the foot from the size. */
    public Rule rule() {
        return rule;
    }
}
