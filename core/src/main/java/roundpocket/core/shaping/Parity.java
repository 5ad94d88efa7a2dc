package roundpocket.core.shaping;

/** Which of two counts to close at that lie equally near to the wanted one; where one is nearer, it is taken. */
public enum Parity {
    BELOW("the count below", "one decrease round more than would do"),
    ABOVE("the count above", "one decrease round fewer");

    private final String title;
    private final String description;

    Parity(String title, String description) {
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
