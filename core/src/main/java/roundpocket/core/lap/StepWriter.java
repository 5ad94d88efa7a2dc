package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import roundpocket.core.finish.Graft;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.finish.Needle;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.shaping.Turning;
import roundpocket.core.yarn.YarnModel;

/** Writes steps one after the other, and keeps count of the live loops while it does. */
final class StepWriter {
    private static final Map<String, Amount> JOIN = Map.of("join", Amount.mm(YarnModel.JOIN_TAIL.value()));

    private final int stitches;
    private final int half;
    private int loops;
    private final List<LapStep> steps = new ArrayList<>();
    private final InHand yarn;
    private final Turning turning;
    private Optional<Sharing> through = Optional.empty();

    StepWriter(SockPlan plan) {
        this.stitches = plan.stitchCount().stitches().count();
        this.half = plan.stitchCount().half().count();
        this.yarn = new InHand(plan);
        this.turning = plan.technique().turningTaken();
    }

    /** Live loops on the needles by now. */
    int loops() {
        return loops;
    }

    List<LapStep> written() {
        return steps;
    }

    void begin(String title, String instruction, int cast, Section first) {
        yarn.cast(first);
        add(step(
                StepName.BEGIN,
                Doing.BEGIN,
                title,
                instruction,
                List.of(new Press(cast + " sts are on", cast)),
                Stage.KNIT));
    }

    /** Rounds of foot or leg. */
    void rounds(StepName name, String title, List<Press> presses) {
        if (!presses.isEmpty()) {
            boolean plain = presses.stream().allMatch(press -> press.pattern() == 0);
            add(step(
                    name,
                    Doing.ROUNDS,
                    title,
                    plain ? "Knit." : "Work in pattern.",
                    joining(name, presses),
                    Stage.KNIT));
        }
    }

    /** The presses of a section, the first of them with the yarn that is joined for it. */
    List<Press> joining(StepName name, List<Press> presses) {
        String first = name.section().map(yarn::join).orElse("");
        if (first.isEmpty() || presses.isEmpty()) {
            return presses;
        }
        List<Press> all = new ArrayList<>(presses);
        Press press = all.get(0);
        all.set(0, new Press(first + press.words(), press.loops(), press.stitches(), press.pattern()));
        return all;
    }

    /** The yarn is cut: what comes next is begun with a new end. */
    void yarnCut() {
        yarn.cut();
    }

    List<Press> repeated(int number, String words) {
        return IntStream.range(0, number)
                .mapToObj(i -> new Press(words, loops, loops))
                .toList();
    }

    void hold(StepName name, String title) {
        yarn.hold();
        add(step(
                name,
                Doing.HOLD,
                title,
                "Run a thread through all " + loops + " live sts and leave them.",
                List.of(new Press("They are on a thread", 0)),
                Stage.KNIT));
    }

    void resume(StepName name, String title) {
        yarn.resume();
        pickUp(name, title, "Put the " + stitches + " waiting sts back on the needles.", stitches);
    }

    void pickUp(StepName name, String title, String instruction, int number) {
        int now = loops + number;
        add(new LapStep(
                name,
                Doing.PICK_UP,
                title,
                instruction,
                Map.of(),
                loops,
                List.of(new Press(now + " sts are on", now)),
                now == stitches ? OptionalInt.of(half) : OptionalInt.empty(),
                false,
                Optional.empty(),
                Sharing.EACH));
    }

    /** A count before the work goes on; {@code each} sts on each of two needles. */
    void check(StepName name, String title, String instruction, int each, Stage stage) {
        add(new LapStep(
                name,
                Doing.CHECK,
                title,
                instruction,
                Map.of(),
                loops,
                List.of(new Press(each + " and " + each, loops)),
                OptionalInt.of(each),
                false,
                Optional.of(stage),
                Sharing.EACH));
    }

    /** A cut, which cannot be undone. */
    void cut(StepName name, String title, String instruction, String done, int each) {
        add(new LapStep(
                name,
                Doing.CUT,
                title,
                instruction,
                Map.of(),
                loops,
                List.of(new Press(done, loops)),
                OptionalInt.of(each),
                true,
                Optional.of(Stage.OPEN),
                Sharing.EACH));
    }

    /** The rounds of a heel or a toe. */
    void shape(StepName name, String title, Shaping shaping, List<ShapingRound> rounds) {
        int rows = (int) rounds.stream()
                .filter(round -> round.kind() == ShapingRound.Kind.SHORT_ROW)
                .count();
        int row = 0;
        List<Press> presses = new ArrayList<>();
        int live = loops;
        // The rounds of a toe that begins in short rows come after its rows, which are counted already.
        int before = rounds.isEmpty() ? 0 : shaping.list().indexOf(rounds.get(0));
        int worked = before <= 0 ? 0 : shaping.list().get(before - 1).cumulative();
        for (ShapingRound round : rounds) {
            live = round.kind() == ShapingRound.Kind.SHORT_ROW ? live : round.stitches();
            boolean turned = round.kind() == ShapingRound.Kind.SHORT_ROW;
            row += turned ? 1 : 0;
            String words =
                    turned ? turning.words(new Turning.Row(row, round.side(), widest(rounds), rows)) : words(round);
            presses.add(new Press(words, live, round.cumulative() - worked));
            worked = round.cumulative();
        }
        add(step(name, Doing.SHAPE, title, beforeShaping(name, shaping, rounds), joining(name, presses), Stage.KNIT));
    }

    private static String words(ShapingRound round) {
        return switch (round.kind()) {
            case PLAIN, CORNERS, SHORT_ROW -> sentence(round.instruction());
            case DECREASE, INCREASE -> "On each needle: " + round.instruction() + ".";
        };
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1) + ".";
    }

    /** Stitches of the longest row, which works all of them. */
    private static int widest(List<ShapingRound> rounds) {
        return rounds.stream()
                .filter(round -> round.kind() == ShapingRound.Kind.SHORT_ROW)
                .mapToInt(ShapingRound::side)
                .max()
                .orElse(0);
    }

    private String beforeShaping(StepName name, Shaping shaping, List<ShapingRound> rounds) {
        boolean rows = rounds.stream().anyMatch(round -> round.kind() == ShapingRound.Kind.SHORT_ROW);
        return rows
                ? worked(name, shaping, ", each a st shorter than the one before, then each a st longer again; ")
                        + turning.beforehand()
                : named(shaping)
                        + "Place a marker at the start of the round, at one side. Both needles must have the same"
                        + " number of"
                        + " sts.";
    }

    /** Which half is worked in short rows, and which one waits. */
    private static String worked(StepName name, Shaping shaping, String rows) {
        if (name == StepName.HEEL) {
            return "Short rows on the lower needle" + rows + "the sts on the upper needle wait and are grafted to it. ";
        }
        return shaping.begun()
                ? "Short rows on the instep’s half" + rows + "the sole’s half is still on its waste yarn. "
                : "Short rows on the sole’s half" + rows + "the instep’s half waits and is grafted to it. ";
    }

    /** The shape's name, where it is known by one; the plain rounds after short rows go without. */
    private static String named(Shaping shaping) {
        return switch (shaping.choice().schoolTaken()) {
            case OWN, SHORT_ROWS -> "";
            default -> sentence(shaping.choice().schoolTaken().title()) + " ";
        };
    }

    /** Closes a heel or a toe; {@code tail} is what must hang from it. */
    void close(Section part, Shaping shaping, Optional<Graft> graft, Amount tail) {
        yarn.cut();
        if (shaping.choice().closeTaken() == Close.DRAW_THROUGH || graft.isEmpty()) {
            add(step(
                            part == Section.HEEL ? StepName.HEEL_DRAW : StepName.TOE_DRAW,
                            Doing.CLOSE,
                            "Cinch",
                            "Cut a tail of {tail}. Thread it through the " + loops + " sts twice and pull tight.",
                            List.of(new Press("Closed", 0)),
                            Stage.FINISH)
                    .with(Map.of("tail", tail)));
            return;
        }
        List<Press> moves = new ArrayList<>();
        int live = loops;
        for (GraftMove move : graft.get().list()) {
            live -= move.move().off() ? 1 : 0;
            moves.add(new Press(move.move().words(), live));
        }
        add(step(
                        part == Section.HEEL ? StepName.HEEL_GRAFT : StepName.TOE_GRAFT,
                        Doing.GRAFT,
                        "Graft (Kitchener stitch)",
                        loops / 2
                                + " sts on each needle; front needle = lower, back needle = upper. Cut a tail of"
                                + " {tail} and"
                                + " let it hang at the "
                                + graft.get().yarnAt().title() + ". " + setUp(graft.get()) + " Finish in one go.",
                        moves,
                        Stage.GRAFT)
                .with(Map.of("tail", tail)));
        one(
                Doing.FINISH,
                part == Section.HEEL ? StepName.HEEL_EAR : StepName.TOE_EAR,
                "Close the corners",
                graft.get().setUp()
                        ? "Use the tail to pull the ear at each corner to the inside; even out the grafted sts."
                        : "Even out the grafted sts, from the start to the tail.",
                Stage.GRAFT);
    }

    private static String setUp(Graft graft) {
        if (!graft.setUp()) {
            return "There is no set-up, so the corner gets no ear. The last two moves take off the final sts.";
        }
        return graft.yarnAt() == Needle.BACK
                ? "Moves 1 and 2 are the set-up; the last two take off the final sts."
                : "Move 1 is the set-up, on the back needle only; the last two take off the final sts.";
    }

    void one(Doing doing, StepName name, String title, String instruction, Stage stage) {
        add(step(name, doing, title, instruction, List.of(new Press("Done", loops)), stage));
    }

    LapStep step(StepName name, Doing doing, String title, String instruction, List<Press> presses, Stage stage) {
        return new LapStep(
                name,
                doing,
                title,
                instruction,
                joined(presses) ? JOIN : Map.of(),
                loops,
                presses,
                OptionalInt.empty(),
                false,
                Optional.of(stage),
                Sharing.EACH);
    }

    private static boolean joined(List<Press> presses) {
        return presses.stream().anyMatch(press -> press.words().contains("{join}"));
    }

    /** What comes next is one sock's to its end, before the other's. */
    void through(Sharing part) {
        through = Optional.of(part);
    }

    void inCommon() {
        through = Optional.empty();
    }

    void add(LapStep step) {
        steps.add(step.shared(through.orElse(step.doing().onBoth() ? Sharing.BOTH : Sharing.EACH)));
        loops = step.after();
    }
}
