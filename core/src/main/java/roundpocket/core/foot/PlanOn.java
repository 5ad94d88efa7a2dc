package roundpocket.core.foot;

import roundpocket.core.explain.Named;

/** Which of two unlike feet a pair is planned on. */
public enum PlanOn implements Named {
    LONGER_AND_WIDER("the longer and the wider", "both socks alike, on the longer length and the wider girths"),
    FIRST("the first foot", "both socks on the foot that was entered first"),
    OTHER("the other foot", "both socks on the other foot"),
    EACH("each foot its own", "the first sock on the first foot, the second on the other, each with rounds of its own");

    private final String title;
    private final String description;

    PlanOn(String title, String description) {
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
