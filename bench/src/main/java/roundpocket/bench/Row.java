package roundpocket.bench;

/**
 * One line of the table.
 *
 * @param what what is compared with what
 * @param ours the measured value of Round Pocket, with its unit
 * @param other what it is compared with, with its unit
 * @param ratio ours over other, or empty where nothing is compared
 * @param wanted the bound that was set, in words
 */
record Row(String what, String ours, String other, String ratio, String wanted) {
    static Row of(String what, String unit, double ours, double other, String wanted) {
        return new Row(
                what,
                "%.2f %s".formatted(ours, unit),
                "%.2f %s".formatted(other, unit),
                "%.2f".formatted(ours / other),
                wanted);
    }

    String markdown() {
        return "| %s | %s | %s | %s | %s |".formatted(what, ours, other, ratio, wanted);
    }
}
