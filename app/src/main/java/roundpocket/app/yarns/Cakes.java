package roundpocket.app.yarns;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import roundpocket.app.kept.Names;
import roundpocket.app.kept.Required;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/** What a cake may be. */
final class Cakes {
    static final int MOST_IN_FIBRE = 120;
    private static final int MOST_IN_LIST = 24;
    private static final Limit STRIPE = new Limit(
            "stripe.length.range",
            0.01,
            1_000,
            Unit.METRES,
            "{found} of yarn in a stripe is outside what is dyed: {min} to {max}.",
            "Measure one stripe along the yarn, or leave it out.");
    private static final Limit KNOT = new Limit(
            "knot.range",
            0,
            10_000,
            Unit.METRES,
            "A knot {found} from the outer end cannot be: {min} to {max}.",
            "Guess it, or leave it out.");

    private Cakes() {}

    /** The cake, tidied; refused where something in it cannot be. */
    static CakePart checked(@Nullable CakePart cake) {
        if (cake == null) {
            return CakePart.UNTOLD;
        }
        Problems problems = new Problems();
        List<StripePart> stripes = cake.stripesOrNone();
        List<Double> knots = cake.knotsOrNone();
        few(problems, "stripes", stripes.size());
        few(problems, "knotsM", knots.size());
        for (int i = 0; i < stripes.size(); i++) {
            String field = "stripes[" + i + "]";
            StripePart stripe = stripes.get(i);
            problems.collect(field, () -> Required.part(stripe))
                    .map(StripePart::lengthM)
                    .ifPresent(lengthM -> problems.checkRange(field + ".lengthM", lengthM, STRIPE));
        }
        for (int i = 0; i < knots.size(); i++) {
            problems.checkRange("knotsM[" + i + "]", Objects.requireNonNullElse(knots.get(i), -1.0), KNOT);
        }
        String fibre = cake.fibre() == null ? "" : cake.fibre().strip();
        if (fibre.length() > MOST_IN_FIBRE) {
            problems.add(tooMuch(
                    "fibre.length",
                    "fibre",
                    "This has {found} characters; {max} are kept.",
                    fibre.length(),
                    MOST_IN_FIBRE));
        }
        problems.throwIfAny();
        return new CakePart(
                cake.form(),
                fibre.isEmpty() ? null : fibre,
                stripes.stream()
                        .map(stripe -> new StripePart(Colours.checked(stripe.colour()), stripe.lengthM()))
                        .toList(),
                knots.stream().sorted().toList(),
                Names.notes(cake.notes(), "notes"));
    }

    private static void few(Problems problems, String field, int found) {
        if (found > MOST_IN_LIST) {
            problems.add(tooMuch("list.length", field, "These are {found}; {max} are kept.", found, MOST_IN_LIST));
        }
    }

    private static Problem tooMuch(String code, String field, String template, int found, int max) {
        return new Problem(
                code,
                field,
                template,
                "Leave some out.",
                Map.of("found", new Amount(found, Unit.NUMBER), "max", new Amount(max, Unit.NUMBER)));
    }
}
