package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.LapColours.ColouredPress;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.StripeRules;
import roundpocket.core.stripe.Thread;
import roundpocket.core.yarn.WeighIn;

/** What a change of colour that was seen says: which band it is, whether that can be, and how much yarn a stitch takes. */
final class Seeing {
    /** Standard uncertainties beyond which a change is doubted. */
    private static final double BELIEVED = 3;

    /** A hair beyond a change, so that it is not found again. */
    private static final double HAIR_M = 1e-6;

    private Seeing() {}

    /**
     * The change that was seen. Refuses where there is nothing to see, and where it cannot be unless she is sure.
     *
     * @param before whether one was seen in this sock before
     */
    static SeenColour of(KnitEvent.ColourSeen seen, LapColours colours, SockWork work, boolean before) {
        ColouredPress here = colours.at(work.position())
                .filter(round -> !work.finished())
                .orElseThrow(() -> refusal(
                        "lap.colour.done",
                        "band",
                        "You’ve finished the striped part.",
                        "Change your place if the counter is behind.",
                        Map.of()));
        Repeat repeat = here.thread().repeat();
        check(seen, repeat, here);
        if (seen.knot()) {
            int band = seen.band().orElse(here.colours().lastBand() + 1) - 1;
            return new SeenColour(seen.id(), seen.sock(), here.position(), band, seen.stitch(), true);
        }
        if (here.colours().lost() && seen.band().isEmpty()) {
            throw refusal(
                    "lap.colour.which",
                    "band",
                    "Behind the knot it is not known which colour comes next.",
                    "Choose the colour that begins.",
                    Map.of());
        }
        double middle = place(here, seen.stitch(), repeat.stitchM());
        double roundM = here.colours().stitches() * repeat.stitchM();
        double sureAt = here.colours().endM() - here.colours().sinceM();
        Thread.Change change = LapColours.nearest(
                        here.thread(),
                        middle,
                        repeat.metres().value() + roundM,
                        OptionalDouble.of(sureAt + HAIR_M),
                        seen.band().isPresent() ? seen.band().getAsInt() - 1 : -1)
                .orElseThrow(() -> refusal(
                        "lap.colour.none",
                        "band",
                        "This yarn has no such colour change.",
                        "Choose the colour that begins.",
                        Map.of()));
        double unsure = Math.hypot(here.colours().unsureRounds() * roundM, roundM / Math.sqrt(6));
        if (!seen.sure() && Math.abs(change.atM() - middle) > BELIEVED * unsure) {
            String name = repeat.striping().bands().get(change.band()).called();
            throw refusal(
                    "lap.colour.unlikely",
                    "band",
                    (before ? "The next change, to " : "The first change, to ")
                            + name
                            + (before
                                    ? ", was due {expected} after the last one; this is {found} after it."
                                    : ", was due {expected} into the yarn; this is {found} into it."),
                    "If it does begin here, say so. If the yarn was knotted, note the knot instead.",
                    Map.of(
                            "expected", Amount.rounds(Math.round((change.atM() - sureAt) / roundM)),
                            "found", Amount.rounds(Math.round((middle - sureAt) / roundM))));
        }
        return new SeenColour(seen.id(), seen.sock(), here.position(), change.band(), seen.stitch(), false);
    }

    private static void check(KnitEvent.ColourSeen seen, Repeat repeat, ColouredPress here) {
        int bands = repeat.bands().size();
        if (seen.band().orElse(1) < 1 || seen.band().orElse(1) > bands) {
            throw refusal(
                    "lap.colour.band",
                    "band",
                    "The yarn has bands 1 to {max} (you entered {found}).",
                    "Choose the colour that begins.",
                    Map.of(
                            "max", Amount.number(bands),
                            "found", Amount.number(seen.band().getAsInt())));
        }
        int stitches = here.colours().stitches();
        if (seen.stitch().orElse(1) < 1 || seen.stitch().orElse(1) > stitches) {
            throw refusal(
                    "lap.colour.stitch",
                    "stitch",
                    "This round has stitches 1 to {max} (you entered {found}).",
                    "Count from the start of the round.",
                    Map.of(
                            "max", Amount.number(stitches),
                            "found", Amount.number(seen.stitch().getAsInt())));
        }
    }

    private static double place(ColouredPress here, OptionalInt stitch, double stitchM) {
        return stitch.isPresent()
                ? here.colours().endM() - (here.colours().stitches() - stitch.getAsInt()) * stitchM
                : LapColours.middleM(here, stitchM);
    }

    /** Stitches knitted in one go before a change that was seen. */
    private record Counted(SeenColour seen, double stitches, int round) {}

    /**
     * What the changes of one sock say of the yarn in a stitch: of each piece knitted in one go the first and the last
     * change, since neighbours share an end. Bands that were counted in rounds say nothing of it.
     *
     * @param fineness grams in a kilometre
     */
    static List<WeighIn> observed(LapColours colours, List<SeenColour> seen, double fineness) {
        List<WeighIn> observed = new ArrayList<>();
        List<Counted> here = new ArrayList<>();
        double stitches = 0;
        ColouredPress before = null;
        for (ColouredPress press : colours.rounds()) {
            boolean goesOn = before != null && before.goesOnWith(press);
            if (!goesOn) {
                between(here, before, fineness).ifPresent(observed::add);
                here.clear();
                stitches = 0;
            }
            int round = press.colours().stitches();
            double soFar = stitches;
            seen.stream()
                    .filter(one -> one.position() == press.position() && !one.knot())
                    .reduce((one, later) -> later)
                    .ifPresent(one -> here.add(new Counted(
                            one,
                            soFar + (one.stitch().isPresent() ? one.stitch().getAsInt() : round / 2.0),
                            round)));
            stitches += round;
            before = press;
        }
        between(here, before, fineness).ifPresent(observed::add);
        return observed;
    }

    private static Optional<WeighIn> between(List<Counted> here, ColouredPress press, double fineness) {
        if (here.size() < 2 || press == null) {
            return Optional.empty();
        }
        Repeat repeat = press.thread().repeat();
        if (repeat.countedAlone()) {
            return Optional.empty();
        }
        Counted first = here.get(0);
        Counted last = here.get(here.size() - 1);
        double stitches = last.stitches() - first.stitches();
        double bands = metres(repeat, first.seen().band(), last.seen().band(), stitches * repeat.stitchM());
        double unsure = Math.hypot(
                StripeRules.BAND_TRUE.value() * bands, Math.hypot(rounding(first, repeat), rounding(last, repeat)));
        return stitches < 1
                ? Optional.empty()
                : Optional.of(new WeighIn(
                        OptionalDouble.of(stitches),
                        OptionalInt.empty(),
                        bands * fineness / 1000,
                        OptionalDouble.of(unsure * fineness / 1000),
                        false));
    }

    /** Of a change whose stitch was not said, the whole round is as likely: rectangular, √12. */
    private static double rounding(Counted one, Repeat repeat) {
        return one.seen().stitch().isPresent() ? 0 : one.round() * repeat.stitchM() / Math.sqrt(12);
    }

    /** Metres of bands from the start of one to the start of another, over as many repeats as come nearest to what went. */
    private static double metres(Repeat repeat, int from, int to, double aboutM) {
        double once = repeat.startOf(to) - repeat.startOf(from);
        double whole = repeat.metres().value();
        double repeats = Math.max(once > 0 ? 0 : 1, Math.rint((aboutM - once) / whole));
        return once + repeats * whole;
    }

    /** Grams in a kilometre of the striping yarn. */
    static double fineness(Course course) {
        return course.plan().yarn().models().get(YarnRole.MAIN).fineness().value();
    }

    private static Refusal refusal(
            String code, String field, String template, String remedy, Map<String, Amount> amounts) {
        return new Refusal(List.of(new Problem(code, field, template, remedy, amounts)));
    }
}
