package roundpocket.core.plan;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntSupplier;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.stripe.Winding;
import roundpocket.core.yarn.YarnModel;

/** What is wound off before a heel or a toe that is begun anew, and what each of its ends takes. */
public final class ColourWindOff {
    private static final double MM = 1000;

    private ColourWindOff() {}

    /** Metres of one end that is woven in. */
    public static double endM() {
        return YarnModel.wovenTails("an end", PlanRules.ONE_END.step()).value() / MM;
    }

    /**
     * Winds off so that the first stitch, behind its tail, has the band that is wanted, and says how much; empty where the
     * colour is taken as it comes.
     *
     * @param chosen the band that is chosen, from 1
     * @param beside the band beside the heel or the toe
     */
    public static Optional<Winding> before(
            String label, ColourStart start, OptionalInt chosen, IntSupplier beside, Walk walk) {
        Thread thread = walk.thread();
        if (start == ColourStart.AS_IT_COMES || thread.repeat().striping().oneColour()) {
            return Optional.empty();
        }
        int wanted = start == ColourStart.BAND ? chosen.orElse(1) - 1 : nextOther(thread.repeat(), beside.getAsInt());
        return walk.winding(label, thread.beginOf(wanted), endM());
    }

    /** The next band of another colour. */
    private static int nextOther(Repeat repeat, int band) {
        int bands = repeat.bands().size();
        String colour = repeat.striping().bands().get(band).colour();
        int next = (band + 1) % bands;
        while (repeat.striping().bands().get(next).colour().equals(colour) && next != band) {
            next = (next + 1) % bands;
        }
        return next;
    }
}
