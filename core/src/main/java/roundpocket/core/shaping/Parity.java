package roundpocket.core.shaping;

import roundpocket.core.explain.Named;

/** Which of two counts to close at that lie equally near to the wanted one; where one is nearer, it is taken. */
public enum Parity implements Named {
    BELOW("go one pair further", "one decrease round more"),
    ABOVE("stop one pair earlier", "one decrease round fewer");

    private final String title;
    private final String description;

    Parity(String title, String description) {
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
