package roundpocket.core.plan;

import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.pattern.PatternChart;
import roundpocket.core.pattern.PatternChoice;
import roundpocket.core.pattern.Patterned;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

/**
 * What the knitter decides, part by part. What is left empty in a part is as usual.
 *
 * @param size how large the sock is to be
 * @param tube how one comes by the tube, and its leg
 * @param heel how the heel is shaped
 * @param toe how the toe is shaped
 * @param placing where the heel opens
 * @param opening how the opening is made
 * @param finish cuff and graft
 * @param colour what is done about the bands of a striping yarn
 * @param order in which order the two socks are knitted; usually one after the other
 * @param pattern what is patterned; usually nothing
 * @param technique how the hands do what can be done in several ways
 */
public record Choices(
        SizeChoice size,
        TubeChoice tube,
        ShapingChoice heel,
        ShapingChoice toe,
        PlacingChoice placing,
        OpeningChoice opening,
        FinishChoice finish,
        ColourChoice colour,
        Optional<KnitOrder> order,
        PatternChoice pattern,
        TechniqueChoice technique) {
    public static final int USUAL_PLAIN_ROUNDS = 4;

    public Choices {
        Problems problems = new Problems();
        boolean ready = tube.wayTaken() == Way.READY_TUBE;
        whatNoReadyTubeHas(tube.wayTaken(), size, opening, order, pattern, technique, problems);
        OpeningWay way = opening.wayTaken(ready);
        if (opening.way().isEmpty() && !opening.cornersTaken(way).goesWith(way)) {
            problems.add(problem(
                    "opening.corners.waste",
                    "opening.corners",
                    "Waste yarn comes out whole: stitches left in at the corners would stay in the sock.",
                    "Pick up extra stitches at the corners, or close them later with the tail."));
        }
        if (tube.toeFirst()
                && toe.close().filter(close -> close == Close.DRAW_THROUGH).isPresent()) {
            problems.add(problem(
                    "choices.toe.close",
                    "toe.close",
                    "A toe begun at its tip can’t be cinched.",
                    "Choose no close, or begin on waste yarn and knit the toe last."));
        }
        boolean shortStart = startsInShortRows(tube);
        if (tube.toeFirst()
                && toe.school()
                        .filter(school -> shortStart != (school == ShapingSchool.SHORT_ROWS))
                        .isPresent()) {
            problems.add(problem(
                    "choices.toe.start",
                    "toe.school",
                    shortStart
                            ? "A short-row start makes a short-row toe."
                            : "A short-row toe does not begin at a closed tip.",
                    "Choose the start and the toe that belong together."));
        }
        problems.throwIfAny();
    }

    /** A tube that is there already is as it was knitted. */
    private static void whatNoReadyTubeHas(
            Way way,
            SizeChoice size,
            OpeningChoice opening,
            Optional<KnitOrder> order,
            PatternChoice pattern,
            TechniqueChoice technique,
            Problems problems) {
        if (way != Way.READY_TUBE) {
            return;
        }
        if (size.stitches().isPresent()) {
            problems.add(problem(
                    "choices.stitches.ready",
                    "size.stitches",
                    "A ready tube’s stitches can’t change.",
                    "Remove the stitch count."));
        }
        if (!opening.wayTaken(true).afterwards()) {
            problems.add(problem(
                    "choices.opening.ready",
                    "opening.way",
                    Sentence.capital(opening.wayTaken(true).title())
                            + ": that is done while you knit, so not on a ready tube.",
                    "Snip it afterwards."));
        }
        order.map(wanted -> wanted.notNow(true))
                .filter(why -> !why.isEmpty())
                .ifPresent(why -> problems.add(
                        problem("choices.order.ready", "order", why, "Knit them in turn, section by section.")));
        technique
                .heelWhen()
                .map(wanted -> wanted.notNow(way))
                .filter(why -> !why.isEmpty())
                .ifPresent(why -> problems.add(problem(
                        "choices.heel-when.ready",
                        "technique.heelWhen",
                        why,
                        "Knit the heel after the tube, or last of all.")));
        if (pattern.patterned()) {
            problems.add(problem(
                    "choices.pattern.ready",
                    "pattern.place",
                    "A ready tube is as it was knitted: no pattern can be put on it.",
                    "Choose no pattern."));
        }
    }

    private static boolean startsInShortRows(TubeChoice tube) {
        return tube.toeFirst() && tube.toeStartTaken() == ToeStart.SHORT_ROWS;
    }

    private static Problem problem(String code, String field, String template, String remedy) {
        return new Problem(code, field, template, remedy, Map.of());
    }

    /** Every choice left at its usual value. */
    public static Choices usual() {
        return new Choices(
                SizeChoice.usual(),
                TubeChoice.usual(),
                ShapingChoice.usual(),
                ShapingChoice.usual(),
                PlacingChoice.usual(),
                OpeningChoice.usual(),
                FinishChoice.usual(),
                ColourChoice.usual(),
                Optional.empty(),
                PatternChoice.usual(),
                TechniqueChoice.usual());
    }

    public Choices withSize(SizeChoice other) {
        return new Choices(other, tube, heel, toe, placing, opening, finish, colour, order, pattern, technique);
    }

    public Choices withTube(TubeChoice other) {
        return new Choices(size, other, heel, toe, placing, opening, finish, colour, order, pattern, technique);
    }

    public Choices withHeel(ShapingChoice other) {
        return new Choices(size, tube, other, toe, placing, opening, finish, colour, order, pattern, technique);
    }

    public Choices withToe(ShapingChoice other) {
        return new Choices(size, tube, heel, other, placing, opening, finish, colour, order, pattern, technique);
    }

    public Choices withPlacing(PlacingChoice other) {
        return new Choices(size, tube, heel, toe, other, opening, finish, colour, order, pattern, technique);
    }

    public Choices withOpening(OpeningChoice other) {
        return new Choices(size, tube, heel, toe, placing, other, finish, colour, order, pattern, technique);
    }

    public Choices withFinish(FinishChoice other) {
        return new Choices(size, tube, heel, toe, placing, opening, other, colour, order, pattern, technique);
    }

    public Choices withColour(ColourChoice other) {
        return new Choices(size, tube, heel, toe, placing, opening, finish, other, order, pattern, technique);
    }

    public Choices withOrder(KnitOrder other) {
        return new Choices(
                size, tube, heel, toe, placing, opening, finish, colour, Optional.of(other), pattern, technique);
    }

    public Choices withPattern(PatternChoice other) {
        return new Choices(size, tube, heel, toe, placing, opening, finish, colour, order, other, technique);
    }

    public Choices withTechnique(TechniqueChoice other) {
        return new Choices(size, tube, heel, toe, placing, opening, finish, colour, order, pattern, other);
    }

    /** The pattern, where there is one; a rib on the leg is the cuff's. */
    Optional<Patterned> patternTaken() {
        return Patterned.of(pattern, PatternChart.rib(finish.ribTaken().repeat() / 2));
    }

    /** What was chosen of the colours, as far as it can be in this order of the socks. */
    public ColourChoice colourTaken() {
        return colour.whileKnitted(orderTaken());
    }

    public KnitOrder orderTaken() {
        return order.orElse(KnitOrder.ONE_AFTER_OTHER);
    }

    /** Stitches that the knitter or a ready tube sets. */
    Optional<Given> stitchesStep() {
        return tube.readyTube()
                .map(ready -> Given.measured(
                        "stitches of the ready tube",
                        ready.stitches(),
                        Unit.STITCHES,
                        "choices.tube.readyTube.stitches"))
                .or(size::stitchesStep);
    }

    /** Plain rounds of the heel; {@code usual} where the knitter chose none. */
    Step heelPlain(int usual) {
        return plain("heel", heel, usual);
    }

    /** The toe as it is taken: a tube that begins in short rows has a toe of short rows. */
    ShapingChoice toeTaken() {
        return startsInShortRows(tube) ? toe.withSchool(ShapingSchool.SHORT_ROWS) : toe;
    }

    Step toePlain() {
        return plain("toe", toe, usualPlain(toeTaken()));
    }

    /** Short rows usually have no plain rounds before them. */
    static int usualPlain(ShapingChoice choice) {
        return choice.schoolTaken().inRounds() ? USUAL_PLAIN_ROUNDS : 0;
    }

    private static Step plain(String name, ShapingChoice choice, int usual) {
        return Given.choice(
                "plain rounds at the " + name,
                choice.plainRounds().orElse(usual),
                Unit.ROUNDS,
                choice.plainRounds().isEmpty(),
                "choices." + name + ".plainRounds");
    }
}
