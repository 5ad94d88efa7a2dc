package roundpocket.core.tube;

import roundpocket.core.explain.Named;

/** How a ready tube is cut for a pair. */
public enum Cut implements Named {
    TO_LENGTH("to length", "two pieces as long as the plan says; what is left is a remnant"),
    HALVE("in half", "two pieces as long as the tube gives, nothing left over; the leg is what that leaves"),
    PIECES(
            "already, into two pieces",
            "each as long as you counted, spare rounds left out; the leg is what a piece leaves");

    private final String title;
    private final String description;

    Cut(String title, String description) {
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
