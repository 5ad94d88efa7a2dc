package roundpocket.core.plan;

import roundpocket.core.explain.Named;

/** How the second sock's colours go with the first's. */
public enum SecondSock implements Named {
    SAME_CAKE(
            "matching, from the same cake",
            "wind off until the yarn is where the first sock began",
            "two socks alike with no cutting"),
    TWO_CAKES(
            "matching, from two cakes",
            "the skein is cut between two whole repeats, and each sock has its own half",
            "knitting both socks without winding off"),
    CARRIED_ON("carried on", "the second sock begins where the first ended", "using every metre"),
    OTHER_END(
            "from the other end",
            "the second sock meets the colours the other way around",
            "a pair that belongs together without matching"),
    OWN_BAND("begun with another band", "wind off until a band you choose", "a pair that is unlike on purpose");

    private final String title;
    private final String description;
    private final String goodFor;

    SecondSock(String title, String description, String goodFor) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
    }

    /** Why it cannot be taken for socks that are knitted in this order; empty where it can. */
    public String notNow(KnitOrder order) {
        boolean oneEnd = this == SAME_CAKE || this == CARRIED_ON || this == OWN_BAND;
        return oneEnd && order == KnitOrder.TWO_AT_A_TIME ? "Two socks at a time need an end of yarn each." : "";
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

    /** After “The second sock”. */
    @Override
    public String phrase() {
        return switch (this) {
            case SAME_CAKE -> "matches the first, from the same cake";
            case TWO_CAKES -> "matches the first, from a cake of its own";
            case OWN_BAND -> "begins with another band";
            case CARRIED_ON -> "begins where the first ended";
            case OTHER_END -> "comes from the other end of the cake";
        };
    }
}
