package roundpocket.core.stripe;

import java.util.List;
import roundpocket.core.explain.Problems;

/**
 * Yarn that was unravelled from the tube it stripes, wound into a ball as it came off and knitted from the outside of that.
 *
 * @param startM the place in the repeat of its outer end, in metres from the start of the first band; 0 or more
 * @param backwards whether it shows the bands in the opposite order: what came off the toes’ end does
 * @param each whether there is such a ball for either sock, as of two tubes alike; else the second goes on with the first’s
 */
public record Ravelled(double startM, boolean backwards, boolean each) {
    public Ravelled {
        Problems problems = new Problems();
        problems.checkRange("startM", startM, Striping.START);
        problems.throwIfAny();
    }

    /** What came off the cuffs’ end of a tube: so many rounds from its toes’ end begin the ball, and both socks knit from it. */
    public static Ravelled offTheEnd(Repeat repeat, double after, double roundM) {
        double placeM = (repeat.startM() + after * roundM) % repeat.metres().value();
        return new Ravelled(placeM, false, false);
    }

    /** The ball from a place of the repeat on, for at least {@code toM} metres. */
    public Thread thread(Repeat repeat, double placeM, double toM) {
        return backwards
                ? Thread.backwards(repeat, placeM, List.of(), toM)
                : Thread.forwards(repeat, placeM, List.of(), toM);
    }
}
