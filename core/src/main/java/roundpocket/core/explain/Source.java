package roundpocket.core.explain;

/**
 * A provenance mark with the words that go with it.
 *
 * @param provenance the kind of source
 * @param text author, year and place when published; the derivation in a line when derived; what is meant otherwise
 */
public record Source(Provenance provenance, String text) {
    /** What knitters tell one another. */
    public static final Source COMMON_KNOWLEDGE = practice("common knowledge among knitters");

    public static Source published(String text) {
        return new Source(Provenance.PUBLISHED, text);
    }

    public static Source practice(String text) {
        return new Source(Provenance.COMMON_PRACTICE, text);
    }

    public static Source memory(String text) {
        return new Source(Provenance.MEMORY, text);
    }

    public static Source derived(String text) {
        return new Source(Provenance.DERIVED, text);
    }
}
