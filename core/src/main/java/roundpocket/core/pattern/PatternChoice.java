package roundpocket.core.pattern;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * What is patterned. What is left empty is as usual.
 *
 * @param place where the pattern stands; usually nowhere
 * @param motif what is repeated; usually the cuff's rib
 * @param width stitches of a repeat of one's own, 1 to 60; left out where it is written out
 * @param height rounds of it, 1 to 120; left out where it is written out
 * @param chart the repeat written out
 * @param edge plain stitches at either edge of the instep, 0 to 8; usually 1, and none where the leg's pattern goes on
 * @param pause plain rounds from the heel line on, 1 to 3; usually 2
 * @param whole whether the leg ends with a whole repeat; usually it is as long as wished
 * @param swatched whether the swatch was knitted in the pattern; usually it was plain
 */
public record PatternChoice(
        Optional<PatternPlace> place,
        Optional<Motif> motif,
        OptionalInt width,
        OptionalInt height,
        Optional<PatternChart> chart,
        OptionalInt edge,
        OptionalInt pause,
        Optional<Boolean> whole,
        Optional<Boolean> swatched) {
    public static final int USUAL_PAUSE = 2;

    private static final Limit WIDTH = new Limit(
            "pattern.width.range",
            1,
            PatternChart.WIDEST,
            Unit.STITCHES,
            "A repeat must be {min} to {max} wide (you entered {found}).",
            "Enter the stitches of one repeat, without edge stitches.");
    private static final Limit HEIGHT = new Limit(
            "pattern.height.range",
            1,
            PatternChart.HIGHEST,
            Unit.ROUNDS,
            "A repeat must be {min} to {max} high (you entered {found}).",
            "Enter the rounds of one repeat.");
    private static final Limit EDGE = new Limit(
            "pattern.edge.range",
            0,
            8,
            Unit.STITCHES,
            "Edge stitches must be {min} to {max} (you entered {found}).",
            "One is usual.");
    private static final Limit PAUSE = new Limit(
            "pattern.pause.range",
            1,
            3,
            Unit.ROUNDS,
            "Plain rounds at the heel line must be {min} to {max} (you entered {found}).",
            "Two are usual: the row can then be read when the heel is picked up.");

    public PatternChoice {
        Problems problems = new Problems();
        width.ifPresent(value -> problems.checkRange("width", value, WIDTH));
        height.ifPresent(value -> problems.checkRange("height", value, HEIGHT));
        edge.ifPresent(value -> problems.checkRange("edge", value, EDGE));
        pause.ifPresent(value -> problems.checkRange("pause", value, PAUSE));
        boolean patterned = place.filter(p -> p != PatternPlace.PLAIN).isPresent();
        boolean own = motifOf(motif, chart, width, height) == Motif.OWN;
        if (patterned && own && chart.isEmpty() && (width.isEmpty() || height.isEmpty())) {
            problems.add(new Problem(
                    "pattern.size.missing",
                    width.isEmpty() ? "width" : "height",
                    "How wide and how high is the repeat?",
                    "Enter its stitches and its rounds, or write it out.",
                    Map.of()));
        }
        chart.filter(c -> unlike(width, c.width()) || unlike(height, c.height()))
                .ifPresent(c -> problems.add(new Problem(
                        "pattern.size.unlike",
                        "rows",
                        "The repeat that is written out has " + c.width() + " sts and " + c.height()
                                + " rounds, and another size is entered.",
                        "Leave width and height out: they are counted.",
                        Map.of())));
        problems.throwIfAny();
    }

    private static Motif motifOf(
            Optional<Motif> motif, Optional<PatternChart> chart, OptionalInt width, OptionalInt height) {
        boolean said = chart.isPresent() || width.isPresent() || height.isPresent();
        return motif.orElse(said ? Motif.OWN : Motif.RIB);
    }

    private static boolean unlike(OptionalInt said, int counted) {
        return said.isPresent() && said.getAsInt() != counted;
    }

    /** Stitches of a repeat. */
    public static Limit widthLimit() {
        return WIDTH;
    }

    /** Rounds of a repeat. */
    public static Limit heightLimit() {
        return HEIGHT;
    }

    /** Plain stitches at either edge of the instep. */
    public static Limit edgeLimit() {
        return EDGE;
    }

    /** Plain rounds from the heel line on. */
    public static Limit pauseLimit() {
        return PAUSE;
    }

    /** Plain all over. */
    public static PatternChoice usual() {
        return on(Optional.empty(), Optional.empty());
    }

    /** The cuff's rib, there. */
    public static PatternChoice rib(PatternPlace place) {
        return on(Optional.of(place), Optional.of(Motif.RIB));
    }

    private static PatternChoice on(Optional<PatternPlace> place, Optional<Motif> motif) {
        return new PatternChoice(
                place,
                motif,
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** A repeat of which only the size is known. */
    public static PatternChoice sized(PatternPlace place, int width, int height) {
        return new PatternChoice(
                Optional.of(place),
                Optional.of(Motif.OWN),
                OptionalInt.of(width),
                OptionalInt.of(height),
                Optional.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** A repeat that is written out. */
    public static PatternChoice written(PatternPlace place, PatternChart chart) {
        return new PatternChoice(
                Optional.of(place),
                Optional.of(Motif.OWN),
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.of(chart),
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public PatternChoice withEdge(int stitches) {
        return new PatternChoice(place, motif, width, height, chart, OptionalInt.of(stitches), pause, whole, swatched);
    }

    public PatternChoice withPause(int rounds) {
        return new PatternChoice(place, motif, width, height, chart, edge, OptionalInt.of(rounds), whole, swatched);
    }

    /** Whether the leg is to end with a whole repeat. */
    public PatternChoice withWhole(boolean ends) {
        return new PatternChoice(place, motif, width, height, chart, edge, pause, Optional.of(ends), swatched);
    }

    /** Whether the swatch was knitted in the pattern. */
    public PatternChoice withSwatched(boolean inPattern) {
        return new PatternChoice(place, motif, width, height, chart, edge, pause, whole, Optional.of(inPattern));
    }

    public PatternPlace placeTaken() {
        return place.orElse(PatternPlace.PLAIN);
    }

    public boolean patterned() {
        return placeTaken() != PatternPlace.PLAIN;
    }

    public Motif motifTaken() {
        return motifOf(motif, chart, width, height);
    }

    public boolean wholeTaken() {
        return whole.orElse(false);
    }

    public boolean swatchedTaken() {
        return swatched.orElse(false);
    }

    /** The repeat written out, where it is; {@code rib} is the cuff's. */
    public Optional<PatternChart> chartTaken(PatternChart rib) {
        return motifTaken() == Motif.RIB ? Optional.of(rib) : chart;
    }

    /** Stitches of a repeat. */
    Step widthStep(PatternChart rib) {
        int taken = chartTaken(rib).map(PatternChart::width).orElseGet(() -> width.orElse(1));
        return Given.choice("stitches of a repeat", taken, Unit.STITCHES, false, "choices.pattern.width");
    }

    /** Rounds of a repeat. */
    Step heightStep(PatternChart rib) {
        int taken = chartTaken(rib).map(PatternChart::height).orElseGet(() -> height.orElse(1));
        return Given.choice("rounds of a repeat", taken, Unit.ROUNDS, false, "choices.pattern.height");
    }

    /** On the instep alone one stitch sets it off; a leg's pattern goes on over the instep's edges. */
    public int usualEdge() {
        return placeTaken() == PatternPlace.INSTEP ? 1 : 0;
    }

    Step edgeStep() {
        return Given.choice(
                "plain stitches at either edge of the instep",
                edge.orElse(usualEdge()),
                Unit.STITCHES,
                edge.isEmpty(),
                "choices.pattern.edge");
    }

    Step pauseStep() {
        return Given.choice(
                "plain rounds from the heel line on",
                pause.orElse(USUAL_PAUSE),
                Unit.ROUNDS,
                pause.isEmpty(),
                "choices.pattern.pause");
    }
}
