package roundpocket.app.yarns;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is known of the yarn on the shelf besides its label.
 *
 * @param form as sold, wound, or what is left
 * @param fibre what it is spun from, in words, at most 120 characters
 * @param stripes its stripes in their order, where it changes colour; at most 24
 * @param knotsM where it is knotted, in metres from the outer end; at most 24
 * @param notes anything else, at most 2000 characters
 */
public record CakePart(
        @Nullable CakeForm form,
        @Nullable String fibre,
        @Nullable List<StripePart> stripes,
        @Nullable List<Double> knotsM,
        @Nullable String notes) {
    static final CakePart UNTOLD = new CakePart(null, null, null, null, null);

    List<StripePart> stripesOrNone() {
        return stripes == null ? List.of() : stripes;
    }

    List<Double> knotsOrNone() {
        return knotsM == null ? List.of() : knotsM;
    }
}
