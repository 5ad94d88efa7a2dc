package roundpocket.app.plans;

import roundpocket.core.stripe.Ravelled;

/**
 * Yarn that was unravelled from a striped tube, wound into a ball as it came off and knitted from the outside of that.
 *
 * @param startM the place in the repeat of its outer end, in metres from the start of the first band; 0 or more
 * @param backwards whether it shows the bands in the opposite order: what came off the toes' end does
 * @param each whether there is such a ball for either sock, as of two tubes alike; else the second goes on with the first's
 */
public record RavelledPart(double startM, boolean backwards, boolean each) {
    public static RavelledPart of(Ravelled yarn) {
        return new RavelledPart(yarn.startM(), yarn.backwards(), yarn.each());
    }

    Ravelled toCore() {
        return new Ravelled(startM, backwards, each);
    }
}
