package roundpocket.core.cut;

import roundpocket.core.explain.Named;

/** What a way of cutting looks to once the pairs are settled. */
public enum CutAim implements Named {
    BEST("best", "the most pairs, in the order of your list; then matching stripes, longer legs, one long left-over"),
    LONGEST_LEGS("longest legs", "legs as long as you wished, whether or not the stripes of a pair match"),
    ALL_USED("everything used", "what would be left over goes into the legs, the same for every pair"),
    FEWEST_CUTS("fewest cuts", "nothing is cut off: what is left over is unravelled and wound up");

    private final String title;
    private final String description;

    CutAim(String title, String description) {
        this.title = title;
        this.description = description;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }
}
