package roundpocket.core.measure;

/** The hand that leads: for the left one everything at the needles is mirrored. */
public enum Hand {
    RIGHT,
    LEFT;

    private static final String[][] SIDES = {{"[right]", "right", "left"}, {"[left]", "left", "right"}};

    /** Words with the sides put in, which stand in them as {@code [right]} and {@code [left]} as a right-hander has them. */
    public String says(String words) {
        String said = words;
        for (String[] side : SIDES) {
            said = said.replace(side[0], side[this == RIGHT ? 1 : 2]);
        }
        return said;
    }
}
