package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import roundpocket.core.finish.Graft;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.finish.Needle;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;

/** Writes steps one after the other, and keeps count of the live loops while it does. */
class StepWriter {
    private final int stitches;
    private final int half;
    private int loops;

    private final List<LapStep> steps = new ArrayList<>();

    StepWriter(SockPlan plan) {
        this.stitches = plan.stitchCount().stitches().count();
        this.half = plan.stitchCount().half().count();
    }

    /** Live loops on the needles by now. */
    final int loops() {
        return loops;
    }

    final List<LapStep> written() {
        return steps;
    }

    final void begin(String instruction, int cast) {
        add(step(
                "begin",
                Doing.BEGIN,
                "Begin",
                instruction,
                List.of(new Press(cast + " loops are on", cast)),
                Stage.KNIT));
    }

    final void rounds(String id, String title, int number, String words) {
        if (number > 0) {
            add(step(id, Doing.ROUNDS, title, words, repeated(number, words), Stage.KNIT));
        }
    }

    final List<Press> repeated(int number, String words) {
        return IntStream.range(0, number)
                .mapToObj(i -> new Press(words, loops, loops))
                .toList();
    }

    final void hold(String id, String title) {
        add(step(
                id,
                Doing.HOLD,
                title,
                "Run a thread through all " + loops + " loops and leave them.",
                List.of(new Press("They wait on a thread", 0)),
                Stage.KNIT));
    }

    final void resume(String id, String title) {
        pickUp(id, title, "Put the " + stitches + " waiting loops back on the needles.", stitches);
    }

    final void pickUp(String id, String title, String instruction, int number) {
        int now = loops + number;
        add(new LapStep(
                id,
                Doing.PICK_UP,
                title,
                instruction,
                loops,
                List.of(new Press(now + " loops are on", now)),
                now == stitches ? OptionalInt.of(half) : OptionalInt.empty(),
                false,
                Optional.empty()));
    }

    /** The rounds of a heel or a toe; {@code corners} are the loops after the first rounds, while extra ones go. */
    final void shape(String id, String title, Shaping shaping, List<ShapingRound> rounds, List<Integer> corners) {
        List<Press> presses = new ArrayList<>();
        int live = loops;
        // The rounds of a toe that begins in short rows come after its rows, which are counted already.
        int before = rounds.isEmpty() ? 0 : shaping.list().indexOf(rounds.get(0));
        int worked = before <= 0 ? 0 : shaping.list().get(before - 1).cumulative();
        for (ShapingRound round : rounds) {
            boolean row = round.kind() == ShapingRound.Kind.SHORT_ROW;
            boolean corner = presses.size() < corners.size();
            live = row ? live : corner ? corners.get(presses.size()) : round.stitches();
            String words = row
                    ? round.instruction()
                    : round.kind() == ShapingRound.Kind.PLAIN
                            ? corner ? "Knit; decrease the extra loops at the corners." : "Knit."
                            : "On each side: " + round.instruction() + ".";
            presses.add(new Press(words, live, round.cumulative() - worked));
            worked = round.cumulative();
        }
        String all = shaping.choice().schoolTaken().title()
                + "; a marker at the beginning of the round, equal sides before the" + " first shaped round.";
        add(step(
                id,
                Doing.SHAPE,
                title,
                all.substring(0, 1).toUpperCase(Locale.ROOT) + all.substring(1),
                presses,
                Stage.KNIT));
    }

    final void close(String id, Shaping shaping, Optional<Graft> graft) {
        if (shaping.choice().closeTaken() == Close.DRAW_THROUGH || graft.isEmpty()) {
            add(step(
                    id + "-draw",
                    Doing.CLOSE,
                    "Draw together",
                    "Run the tail through the " + loops + " loops twice and draw in.",
                    List.of(new Press("Closed", 0)),
                    Stage.FINISH));
            return;
        }
        List<Press> moves = new ArrayList<>();
        int live = loops;
        for (GraftMove move : graft.get().list()) {
            live -= move.move().off() ? 1 : 0;
            moves.add(new Press(move.move().words(), live));
        }
        add(step(
                id + "-graft",
                Doing.GRAFT,
                "Graft",
                "Two needles with " + loops / 2 + " loops each, the yarn at the "
                        + graft.get().yarnAt().title() + ". " + setUp(graft.get()) + " Do not stop half way.",
                moves,
                Stage.GRAFT));
        one(
                Doing.FINISH,
                id + "-ear",
                "Close the corners",
                graft.get().setUp()
                        ? "Pull the ear at either corner inside with the tail, and draw each stitch of the graft to the size"
                                + " of its neighbours."
                        : "Draw each stitch of the graft to the size of its neighbours, from the beginning to the tail.",
                Stage.GRAFT);
    }

    private static String setUp(Graft graft) {
        if (!graft.setUp()) {
            return "No set-up: the corner gets no ear.";
        }
        return graft.yarnAt() == Needle.BACK
                ? "The first two moves set it up; the last two take the last loops off."
                : "The first move sets it up, on the back needle only; the last two take the last loops off.";
    }

    final void one(Doing doing, String id, String title, String instruction, Stage stage) {
        add(step(id, doing, title, instruction, List.of(new Press("Done", loops)), stage));
    }

    final LapStep step(String id, Doing doing, String title, String instruction, List<Press> presses, Stage stage) {
        return new LapStep(
                id, doing, title, instruction, loops, presses, OptionalInt.empty(), false, Optional.of(stage));
    }

    final void add(LapStep step) {
        steps.add(step);
        loops = step.after();
    }
}
