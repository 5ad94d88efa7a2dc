package roundpocket.core.explain;

/** Who put a given value in. */
public enum Origin {
    MEASURED("measured"),
    CHOSEN("chosen"),
    DEFAULT("default"),
    TRIED("tried out"),
    CONSTANT("constant");

    private final String word;

    Origin(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
