package roundpocket.app.yarns;

import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.StripingPart;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.store.Document;

/**
 * A yarn on its shelf.
 *
 * @param colour its colour as #rrggbb
 * @param yarn what the label says
 * @param cake what else is known of it; left out where that is nothing
 */
public record YarnKept(
        String colour, YarnPart yarn, @Nullable CakePart cake) {
    /** How it changes colour, where that is known of every stripe. */
    public @Nullable StripingPart striping() {
        return cake == null ? null : cake.striping();
    }

    /** The same with grams put to what is there, or taken off; what is not known stays so, and no ball weighs less than nothing. */
    YarnKept settled(double grams) {
        Double onHand = yarn.onHandG();
        return onHand == null
                ? this
                : new YarnKept(colour, yarn.withOnHandG(Math.max(0, Math.round((onHand + grams) * 10) / 10.0)), cake);
    }

    /** How it is stored. */
    static class Stored extends Document<YarnKept> {
        Stored() {
            super(YarnKept.class);
        }
    }
}
