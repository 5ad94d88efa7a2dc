package roundpocket.core.wear;

import roundpocket.core.explain.Named;

/** What becomes of a place of a sock as it is worn. */
public enum WearNote implements Named {
    PILLED("pilled", "rough surface, still sound"),
    THIN("thin", "the light comes through: darn it, or reinforce it, before it goes"),
    HOLE("a hole", "stop wearing it until it is mended; stitches run"),
    MENDED("mended", "darned, or knitted over"),
    HEEL_REPLACED("heel replaced", "cut off and knitted new"),
    FELTED("felted", "it has become shorter and thicker in the wash");

    private final String title;
    private final String description;

    WearNote(String title, String description) {
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
