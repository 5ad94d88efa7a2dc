package roundpocket.core.practice;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.swatch.Gauge;

/**
 * A heel or toe half knitted, whose marker is lost: which round was the last with decreases, and is the next one of them?
 * The rounds are those of a real shaping.
 *
 * @param school how it is shaped
 * @param rows its last rounds so far, at most eleven, the earliest at the bottom
 * @param nextDecrease whether the round to come decreases
 */
public record ReadingDrill(ShapingSchool school, List<Row> rows, boolean nextDecrease) {
    private static final List<ShapingSchool> SCHOOLS = List.of(ShapingSchool.WEDGE, ShapingSchool.WEDGE_THEN_QUICK);
    private static final int FEWEST_ROWS = 5;
    private static final int MOST_ROWS = 11;

    public ReadingDrill {
        rows = List.copyOf(rows);
    }

    /**
     * A round of it.
     *
     * @param stitches stitches on the side that is seen
     * @param decrease whether it has decreases at both ends
     */
    public record Row(int stitches, boolean decrease) {}

    /** A piece; {@code seed} decides its shape and how far it is. */
    public static ReadingDrill of(long seed, Gauge gauge) {
        long chance = Mixed.of(seed);
        ShapingSchool school = SCHOOLS.get((int) Math.floorMod(chance, (long) SCHOOLS.size()));
        int side = 16 + 2 * (int) Math.floorMod(chance >> 4, 4L);
        Step loops = Given.tried("stitches on a side", side, Unit.STITCHES);
        Step plain = Given.tried("plain rounds", 1 + Math.floorMod(chance >> 12, 3L), Unit.ROUNDS);
        List<ShapingRound> rounds = Shaping.of("piece", ShapingChoice.of(school, plain.count()), loops, plain, gauge)
                .list();
        int made = FEWEST_ROWS + (int) Math.floorMod(chance >> 20, (long) (rounds.size() - FEWEST_ROWS));
        while (rounds.subList(0, made).stream().noneMatch(ShapingRound::decrease)) {
            made++;
        }
        List<Row> rows = new ArrayList<>();
        for (ShapingRound round : rounds.subList(Math.max(0, made - MOST_ROWS), made)) {
            rows.add(new Row(round.side(), round.decrease()));
        }
        return new ReadingDrill(school, rows, rounds.get(made).decrease());
    }

    /** The last round with decreases, from 0 at the bottom. */
    public int lastDecrease() {
        int last = 0;
        for (int i = 0; i < rows.size(); i++) {
            last = rows.get(i).decrease() ? i : last;
        }
        return last;
    }

    /** What it is worth to take a round for the last with decreases. */
    public Verdict judgeLast(int row) {
        int since = rows.size() - 1 - lastDecrease();
        if (row == lastDecrease()) {
            return new Verdict(
                    true,
                    since == 0
                            ? "Yes: at both ends two stitches lie in one, right under the needle."
                            : "Yes: two stitches lie in one there, and " + since
                                    + (since == 1 ? " plain round follows." : " plain rounds follow."));
        }
        boolean decrease = row >= 0 && row < rows.size() && rows.get(row).decrease();
        return new Verdict(
                false,
                decrease
                        ? "That one decreases, but a later one does too. Look from the needle downwards."
                        : "In that round every stitch stands on one of its own. Look for two that lie in one at the edge.");
    }

    /** What it is worth to take the next round for one with decreases, or for a plain one. */
    public Verdict judgeNext(boolean decrease) {
        int since = rows.size() - 1 - lastDecrease();
        String done = since == 0
                ? "The last round decreased"
                : since + (since == 1 ? " plain round was" : " plain rounds were") + " knitted since the last decrease";
        String next = nextDecrease ? "the next one decreases" : "the next one is plain";
        return new Verdict(decrease == nextDecrease, done + ": by " + school.title() + ", " + next + ".");
    }
}
