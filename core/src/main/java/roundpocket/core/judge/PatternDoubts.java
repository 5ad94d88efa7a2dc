package roundpocket.core.judge;

import static roundpocket.core.judge.Checks.draft;
import static roundpocket.core.judge.Doubt.Weight.MATTERS;
import static roundpocket.core.judge.Doubt.Weight.STOPS;
import static roundpocket.core.judge.Doubt.Weight.WORTH_KNOWING;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Checks.Draft;
import roundpocket.core.measure.Amount;
import roundpocket.core.pattern.Motif;
import roundpocket.core.pattern.PatternChoice;
import roundpocket.core.pattern.Patterned;
import roundpocket.core.plan.PatternPlan;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.sock.StitchCount.Neighbour;

/** What a careful friend would say of a pattern. */
final class PatternDoubts {
    private final Checks checks;
    private final SockPlan plan;
    private final PatternPlan pattern;
    private final Patterned made;

    private PatternDoubts(Checks checks, PatternPlan pattern) {
        this.checks = checks;
        this.plan = checks.plan();
        this.pattern = pattern;
        this.made = pattern.made();
    }

    static void add(Checks checks) {
        checks.plan().pattern().ifPresent(pattern -> {
            PatternDoubts doubts = new PatternDoubts(checks, pattern);
            doubts.count();
            doubts.gauge();
            doubts.room();
        });
    }

    private void count() {
        if (pattern.closes()) {
            return;
        }
        Step stitches = plan.stitchCount().stitches();
        String width = made.width().count() + (made.width().count() == 1 ? " stitch" : " stitches");
        String where = made.place().onLeg()
                ? made.place().onInstep() ? "around the leg and across the instep" : "around the leg"
                : "across the instep";
        Draft draft = draft(
                STOPS,
                "pattern.count",
                "choices.size.stitches",
                stitches,
                "Repeats of " + width + " don’t come out whole " + where + " with {found}.");
        List<Neighbour> counts = countsThatClose();
        if (!counts.isEmpty()) {
            Neighbour first = counts.get(0);
            Optional<Neighbour> other = counts.stream().skip(1).findFirst();
            other.ifPresent(also -> draft.with("also", Amount.stitches(also.stitches()))
                    .with("alsoEase", Amount.share(Math.abs(also.realEase().value()))));
            checks.add(draft.with("take", Amount.stitches(first.stitches()))
                    .with("ease", Amount.share(Math.abs(first.realEase().value())))
                    .helps(
                            "Take {take}, {ease} " + sizeOf(first) + " than the foot"
                                    + other.map(also -> ", or {also}, {alsoEase} " + sizeOf(also) + ".")
                                            .orElse("."),
                            spec -> spec.withChoices(
                                    spec.choices().withSize(SizeChoice.ofStitches(first.stitches())))));
            return;
        }
        Optional<Integer> edge = edgeThatCloses(stitches.count());
        checks.add(
                edge.isPresent()
                        ? draft.with("edge", Amount.stitches(edge.get()))
                                .helps(
                                        "With {edge} at either edge of the instep they do.",
                                        spec -> spec.withChoices(spec.choices()
                                                .withPattern(
                                                        spec.choices().pattern().withEdge(edge.get()))))
                        : draft.helps("No stitch count does it here: choose another repeat, or only leg or instep."));
    }

    private static String sizeOf(Neighbour count) {
        return count.realEase().value() < 0 ? "larger" : "smaller";
    }

    /** The counts on which it closes and that a sock can have, the one whose ease is nearer to what was wished for first. */
    private List<Neighbour> countsThatClose() {
        return Stream.of(pattern.below(), pattern.above())
                .flatMap(Optional::stream)
                .filter(this::canBeKnitted)
                .sorted(Comparator.comparingDouble(this::out))
                .toList();
    }

    private boolean canBeKnitted(Neighbour count) {
        try {
            checks.spec()
                    .withChoices(checks.spec().choices().withSize(SizeChoice.ofStitches(count.stitches())))
                    .plan();
            return true;
        } catch (Refusal noSockComesOfIt) {
            return false;
        }
    }

    private double out(Neighbour neighbour) {
        return Math.abs(neighbour.realEase().value() - plan.basis().ease().value());
    }

    /** Fewest edge stitches with which whole repeats come out on this count. */
    private Optional<Integer> edgeThatCloses(int stitches) {
        if (!made.place().onInstep()) {
            return Optional.empty();
        }
        PatternChoice choice = checks.spec().choices().pattern();
        return IntStream.rangeClosed(0, (int) PatternChoice.edgeLimit().max())
                .filter(edge -> Patterned.of(choice.withEdge(edge), made.chart().orElse(null))
                        .filter(other -> other.closesOn(stitches))
                        .isPresent())
                .boxed()
                .findFirst();
    }

    private void gauge() {
        if (made.swatched()) {
            return;
        }
        boolean foot = made.place().onInstep() && made.motif() == Motif.OWN;
        checks.add(draft(
                        foot ? MATTERS : WORTH_KNOWING,
                        "pattern.gauge",
                        "choices.pattern.swatched",
                        plan.basis().gauge().stitches(),
                        "The gauge, {found}, is that of plain fabric; a pattern has a gauge of its own, so "
                                + (foot ? "the foot is" : "these figures are") + " less sure.")
                .helps(
                        foot
                                ? "Knit a swatch in the pattern, or measure the tube once it is a hand’s width long."
                                : "Knit a swatch in the pattern if the leg must come out just so."));
    }

    /** A leg that is too short for its pattern to be seen. */
    private void room() {
        pattern.up()
                .filter(up -> up.value() < 1)
                .ifPresent(up -> checks.add(draft(
                                WORTH_KNOWING,
                                "pattern.short",
                                "choices.tube.legMm",
                                made.height(),
                                "The leg is too short for one whole repeat of {found}.")
                        .helps("Make the leg higher, or choose a repeat of fewer rounds.")));
    }
}
