package roundpocket.core.finish;

/** The moves of a graft: which needle, which way through the loop, and whether the loop comes off. */
public enum Move {
    FRONT_KNITWISE_OFF(Needle.FRONT, true, true),
    FRONT_PURLWISE_STAY(Needle.FRONT, false, false),
    BACK_PURLWISE_OFF(Needle.BACK, false, true),
    BACK_KNITWISE_STAY(Needle.BACK, true, false);

    private final Needle needle;
    private final boolean knitwise;
    private final boolean off;

    Move(Needle needle, boolean knitwise, boolean off) {
        this.needle = needle;
        this.knitwise = knitwise;
        this.off = off;
    }

    public Needle needle() {
        return needle;
    }

    public boolean knitwise() {
        return knitwise;
    }

    public boolean off() {
        return off;
    }

    /** The move in words. */
    public String words() {
        String title = needle.title();
        return Character.toUpperCase(title.charAt(0)) + title.substring(1) + ": " + (knitwise ? "knitwise" : "purlwise")
                + (off ? ", off" : ", leave on");
    }
}
