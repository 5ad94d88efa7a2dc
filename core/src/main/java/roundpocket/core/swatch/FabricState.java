package roundpocket.core.swatch;

import java.util.Locale;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** What the fabric had been through when it was counted. It decides how dense a loop of one length lies. */
public enum FabricState implements Named {
    UNWASHED(
            "measured before washing",
            "off the needles and rested; it will still move when washed",
            19.0,
            "dry-relaxed"),
    WASHED("washed", "washed and dried flat, as the sock will be", 21.6, "wet-relaxed"),
    WASHED_OFTEN("washed and tumbled", "through several washes with movement; it has settled", 23.1, "fully relaxed");

    private final String title;
    private final String description;
    private final Constant ks;

    FabricState(String title, String description, double ks, String state) {
        this.title = title;
        this.description = description;
        this.ks = Constant.of(
                "swatch.ks-" + name().toLowerCase(Locale.ROOT).replace('_', '-'),
                "Ks of plain knitting, " + state,
                ks,
                Unit.NUMBER,
                Source.memory("for Munden’s formula, in the " + state + " state"));
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }

    /** Stitches on a square of one loop's length, after Munden. */
    public Constant ks() {
        return ks;
    }
}
