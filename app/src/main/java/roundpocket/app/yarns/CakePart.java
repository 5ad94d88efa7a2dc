package roundpocket.app.yarns;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.KnotPart;
import roundpocket.app.plans.StripingPart;

/**
 * What is known of the yarn on the shelf besides its label.
 *
 * @param form as sold, wound, or what is left
 * @param fibre what it is spun from, in words, at most 120 characters
 * @param stripes its stripes in their order, where it changes colour; at most 40
 * @param startM where in the repeat of its stripes the cake begins, in metres
 * @param knots where it is knotted; at most 24
 * @param notes anything else, at most 2000 characters
 */
public record CakePart(
        @Nullable CakeForm form,
        @Nullable String fibre,
        @Nullable List<StripePart> stripes,
        @Nullable Double startM,
        @Nullable List<KnotPart> knots,
        @Nullable String notes) {
    /** Nothing but its label. */
    public static final CakePart UNTOLD = new CakePart(null, null, null, null, null, null);

    /** How it changes colour, where that is known of every stripe. */
    @Nullable
    StripingPart striping() {
        List<StripePart> known = stripesOrNone();
        boolean measured = known.stream().allMatch(StripePart::measured);
        return known.isEmpty() || !measured ? null : new StripingPart(StripePart.bands(known), startM, knots, null);
    }

    List<StripePart> stripesOrNone() {
        return stripes == null ? List.of() : stripes;
    }

    List<KnotPart> knotsOrNone() {
        return knots == null ? List.of() : knots;
    }
}
