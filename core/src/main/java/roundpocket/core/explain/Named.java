package roundpocket.core.explain;

/** One of a few, with its name for the knitter: a school, a way, a verdict. Its identity is the name of its constant. */
public interface Named {
    /** The constant's name, as the compiler knows it. */
    String name();

    /** Its name in the knitter's words. */
    String title();

    /** What it is called in the middle of a sentence of the recipe. */
    default String phrase() {
        return title();
    }

    /** What it is; empty where the title says it all. */
    default String description() {
        return "";
    }

    /** What it is good for; empty where there is nothing to choose by. */
    default String goodFor() {
        return "";
    }

    /** Where it comes from; common knowledge unless it says otherwise. */
    default Source source() {
        return Source.COMMON_KNOWLEDGE;
    }
}
