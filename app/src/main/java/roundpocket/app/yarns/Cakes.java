package roundpocket.app.yarns;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.KnotPart;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.store.Names;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/** What a cake may be. */
final class Cakes {
    static final int MOST_IN_FIBRE = 120;

    private Cakes() {}

    /** The cake, tidied; refused where something in it cannot be. */
    static CakePart checked(@Nullable CakePart cake) {
        if (cake == null) {
            return CakePart.UNTOLD;
        }
        Problems problems = new Problems();
        List<StripePart> stripes = SpecPart.each(problems, "stripes", cake.stripesOrNone(), StripePart::checked);
        SpecPart.each(problems, "knots", cake.knotsOrNone(), KnotPart::toCore);
        if (stripes.size() == cake.stripesOrNone().size()) {
            Optional.ofNullable(cake.striping()).ifPresent(whole -> problems.collect("", whole::toCore));
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
        List<KnotPart> knots = cake.knotsOrNone().stream()
                .sorted(Comparator.comparingDouble(KnotPart::atM))
                .toList();
        return new CakePart(
                cake.form(),
                fibre.isEmpty() ? null : fibre,
                stripes.isEmpty() ? null : stripes,
                cake.startM(),
                knots.isEmpty() ? null : knots,
                Names.notes(cake.notes(), "notes"));
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
