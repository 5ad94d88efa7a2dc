package roundpocket.core.tube;

import roundpocket.core.explain.Named;

/** Where the wanted height of the leg is measured from. */
public enum LegFrom implements Named {
    OPENING("tall, measured from the heel line", "from the heel line to the top of the cuff"),
    FLOOR("tall, measured from the floor", "from under the heel to the top of the cuff");

    private final String title;
    private final String description;

    LegFrom(String title, String description) {
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
