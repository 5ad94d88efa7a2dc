package roundpocket.core.shaping;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.ShapingRound.Kind;

/** Writes a shaping out round by round. */
final class Rounds {
    private static final int EDGE = 2;
    private static final int BOTH_DECREASES = 4;

    private final Leaning leaning;
    private final int edge;
    private final boolean inSections;
    private final List<ShapingRound> list = new ArrayList<>();
    private int cumulative;

    private Rounds(ShapingChoice choice) {
        this.leaning = choice.leaningTaken();
        this.edge = choice.edgeTaken() ? EDGE : 0;
        this.inSections = choice.schoolTaken().inSections();
    }

    /** From the pick-up to the close; {@code extra} stitches of the corners go in the first of the plain rounds. */
    static List<ShapingRound> decreasing(
            ShapingChoice choice, int side, int plain, int extra, List<PhasePlan> phases, boolean last) {
        Rounds rounds = new Rounds(choice);
        rounds.plain(plain - rounds.corners(side, extra), side);
        int now = side;
        for (int i = 0; i < phases.size(); i++) {
            PhasePlan phase = phases.get(i);
            for (int k = 0; k < phase.decreases().count(); k++) {
                rounds.decrease(now);
                now -= 2;
                boolean dropped = !last
                        && i == phases.size() - 1
                        && k == phase.decreases().count() - 1;
                rounds.plain(dropped ? 0 : phase.every().count() - 1, now);
            }
        }
        return List.copyOf(rounds.list);
    }

    /** From a closed start to the full side: the same rhythms the other way about. */
    static List<ShapingRound> increasing(
            ShapingChoice choice, int side, int plain, List<PhasePlan> phases, boolean last) {
        Rounds rounds = new Rounds(choice);
        int now = phases.get(phases.size() - 1).side().count();
        for (int i = phases.size() - 1; i >= 0; i--) {
            PhasePlan phase = phases.get(i);
            for (int k = 0; k < phase.decreases().count(); k++) {
                boolean dropped = !last && i == phases.size() - 1 && k == 0;
                rounds.plain(dropped ? 0 : phase.every().count() - 1, now);
                rounds.increase(now);
                now += 2;
            }
        }
        rounds.plain(plain, side);
        return List.copyOf(rounds.list);
    }

    /** One side in rows that stop one stitch earlier each, and back. */
    static List<ShapingRound> shortRows(ShapingChoice choice, int side, int plain, int extra, int tip) {
        Rounds rounds = new Rounds(choice);
        rounds.plain(plain - rounds.corners(side, extra), side);
        for (int worked = side - 1; worked >= tip; worked--) {
            rounds.row(worked);
        }
        for (int worked = tip + 1; worked <= side; worked++) {
            rounds.row(worked);
        }
        return List.copyOf(rounds.list);
    }

    private void add(Kind kind, int side, int stitches, String instruction) {
        cumulative += stitches;
        list.add(new ShapingRound(list.size() + 1, kind, side, stitches, cumulative, instruction));
    }

    /** The rounds in which the corners' extra stitches go; how many they are. */
    private int corners(int side, int extra) {
        int rounds = 0;
        for (int left = extra; left > 0; rounds++) {
            int gone = Math.min(ShapingRules.CORNERS_IN_A_ROUND, left);
            left -= gone;
            int stitches = 2 * side + left;
            add(
                    Kind.CORNERS,
                    stitches / 2,
                    stitches,
                    gone == 2
                            ? "knit, decreasing 1 extra st at each corner: ssk the first two sts of each half"
                            : "knit, decreasing " + gone / 2
                                    + " extra sts at each corner: on each half ssk the first two sts and k2tog the"
                                    + " last two");
        }
        return rounds;
    }

    private void plain(int rounds, int side) {
        for (int i = 0; i < rounds; i++) {
            add(Kind.PLAIN, side, 2 * side, "knit");
        }
    }

    private void decrease(int before) {
        if (inSections) {
            if (before < BOTH_DECREASES) {
                throw tooFar(before);
            }
            int first = (before + 1) / 2;
            add(
                    Kind.DECREASE,
                    before - 2,
                    2 * (before - 2),
                    knit(first - 2) + "k2tog, " + knit(before - first - 2) + "k2tog");
            return;
        }
        int between = before - edge - BOTH_DECREASES;
        if (between < 0) {
            throw tooFar(before);
        }
        String decreases = leaning.first() + ", " + knit(between) + leaning.last();
        add(Kind.DECREASE, before - 2, 2 * (before - 2), edge == 0 ? decreases : "k1, " + decreases + ", k1");
    }

    private static String knit(int stitches) {
        return stitches == 0 ? "" : "k" + stitches + ", ";
    }

    private void increase(int before) {
        if (inSections) {
            int first = (before + 1) / 2;
            add(Kind.INCREASE, before + 2, 2 * (before + 2), knit(first) + "m1, " + knit(before - first) + "m1");
            return;
        }
        int between = before - edge;
        String increases = "m1, " + knit(between) + "m1";
        add(Kind.INCREASE, before + 2, 2 * (before + 2), edge == 0 ? increases : "k1, " + increases + ", k1");
    }

    private void row(int worked) {
        boolean knit = list.stream().filter(r -> r.kind() == Kind.SHORT_ROW).count() % 2 == 0;
        add(Kind.SHORT_ROW, worked, worked, (knit ? "knit " : "purl ") + worked + ", turn");
    }

    private Refusal tooFar(int before) {
        return new Refusal(List.of(new Problem(
                "shaping.too-far",
                "",
                "{found} on each needle are too few for two decreases: {needed} are needed.",
                "Stop earlier, leave out the edge stitch, or take more stitches in the tube.",
                Map.of(
                        "found", new Amount(before, Unit.STITCHES),
                        "needed", new Amount(edge + (double) BOTH_DECREASES, Unit.STITCHES)))));
    }
}
