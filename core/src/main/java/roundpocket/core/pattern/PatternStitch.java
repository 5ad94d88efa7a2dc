package roundpocket.core.pattern;

import roundpocket.core.explain.Named;

/**
 * What a repeat is made of. Each takes stitches from the needle and leaves some; a decrease leaves fewer, a yarn over more.
 */
public enum PatternStitch implements Named {
    KNIT("k", "knit", 1, 1, true),
    PURL("p", "purl", 1, 1, true),
    TWISTED("ktbl", "knit through the back, so that the stitch twists", 1, 1, true),
    SLIP("sl", "slip purlwise, yarn behind", 1, 1, true),
    YARN_OVER("yo", "yarn over", 0, 1, false),
    SSK("ssk", "slip, slip, knit the two together through the back", 2, 1, false),
    K2TOG("k2tog", "knit 2 together", 2, 1, false),
    P2TOG("p2tog", "purl 2 together", 2, 1, false),
    SK2P("sk2p", "slip 1, knit 2 together, pass the slipped one over", 3, 1, false);

    private final String token;
    private final String words;
    private final int takes;
    private final int leaves;
    private final boolean counted;

    PatternStitch(String token, String words, int takes, int leaves, boolean counted) {
        this.token = token;
        this.words = words;
        this.takes = takes;
        this.leaves = leaves;
        this.counted = counted;
    }

    /** The short word it is written by. */
    public String token() {
        return token;
    }

    @Override
    public String title() {
        return token;
    }

    @Override
    public String description() {
        return words;
    }

    /** Stitches it takes from the needle. */
    public int takes() {
        return takes;
    }

    /** Stitches it leaves on the needle. */
    public int leaves() {
        return leaves;
    }

    /** Several of it in a row are written with their number: k3. */
    boolean counted() {
        return counted;
    }
}
