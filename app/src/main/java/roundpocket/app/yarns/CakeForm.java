package roundpocket.app.yarns;

/** How a yarn lies on the shelf. */
public enum CakeForm {
    /** As it was sold. */
    SKEIN,
    /** Wound into a ball. */
    CAKE,
    /** What is left of one. */
    REMNANT
}
