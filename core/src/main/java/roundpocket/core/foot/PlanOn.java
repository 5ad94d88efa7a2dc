package roundpocket.core.foot;

/** Which of two unlike feet a pair is planned on. */
public enum PlanOn {
    LONGER_AND_WIDER("the longer and the wider", "both socks alike, on the longer length and the wider girths"),
    FIRST("the first foot", "both socks on the foot that was entered first"),
    OTHER("the other foot", "both socks on the other foot");

    private final String title;
    private final String description;

    PlanOn(String title, String description) {
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
