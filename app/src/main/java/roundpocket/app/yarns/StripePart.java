package roundpocket.app.yarns;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.BandPart;
import roundpocket.app.plans.Colours;

/**
 * One stripe of a yarn that changes colour, as far as it is known. How long it is is told in metres, in rounds, or
 * both.
 *
 * @param name what the colour is called, at most 40 characters
 * @param colour its colour as #rrggbb
 * @param lengthM metres of yarn in it, where known, 0.1 to 1000 m
 * @param rounds rounds it takes, where those were counted, 0.25 to 400
 * @param stitches stitches of the tube in which they were counted, 8 to 400
 */
public record StripePart(
        @Nullable String name,
        String colour,
        @Nullable Double lengthM,
        @Nullable Double rounds,
        @Nullable Integer stitches) {
    /** A stripe without a name, measured along the yarn where that was done. */
    public StripePart(String colour, @Nullable Double lengthM) {
        this(null, colour, lengthM, null, null);
    }

    /** Whether its length is known. */
    boolean measured() {
        return lengthM != null || rounds != null;
    }

    /** The same as the bands of a plan. */
    static List<BandPart> bands(List<StripePart> stripes) {
        return stripes.stream()
                .map(one -> new BandPart(one.name, one.colour, one.lengthM, one.rounds, one.stitches))
                .toList();
    }

    /** Whether anybody said how long it is. */
    private boolean known() {
        return lengthM != null || rounds != null || stitches != null;
    }

    /** The stripe, tidied; refused where it cannot be. One whose length nobody said is checked with one that can be. */
    StripePart checked() {
        new BandPart(name, colour, known() ? lengthM : Double.valueOf(1), rounds, stitches).toCore();
        String called = name == null || name.isBlank() ? null : name.strip();
        return new StripePart(called, Colours.checked(colour), lengthM, rounds, stitches);
    }
}
