package roundpocket.core.explain;

/** Where a rule, a constant or a school comes from. */
public enum Provenance {
    PUBLISHED("P", "published source"),
    COMMON_PRACTICE("C", "common practice, no source"),
    MEMORY("M", "rule of thumb, approximate"),
    DERIVED("D", "derived here from geometry or arithmetic");

    private final String mark;
    private final String meaning;

    Provenance(String mark, String meaning) {
        this.mark = mark;
        this.meaning = meaning;
    }

    /** The one-letter mark: P, C, M or D. */
    public String mark() {
        return mark;
    }

    public String meaning() {
        return meaning;
    }
}
