package roundpocket.core.foot;

import roundpocket.core.explain.Named;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** How shoe sizes are counted. */
public enum ShoeSystem implements Named {
    EU("EU, Paris points", 17, 53, FootRules.SHOE_EU),
    UK("UK adult", -1, 19, FootRules.SHOE_UK),
    US_MEN("US men", 0, 20, FootRules.SHOE_US_MEN),
    US_WOMEN("US women", 1, 21, FootRules.SHOE_US_WOMEN),
    MONDOPOINT("Mondopoint, millimetres", 100, 360, FootRules.SHOE_MONDOPOINT);

    private final String title;
    private final Limit limit;
    private final Rule.Of1 rule;

    ShoeSystem(String title, double smallest, double largest, Rule.Of1 rule) {
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

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return rule.formula();
    }

    @Override
    public Source source() {
        return rule.source();
    }

    Limit limit() {
        return limit;
    }

    /** The length of the foot from the size. */
    public Rule.Of1 rule() {
        return rule;
    }
}
