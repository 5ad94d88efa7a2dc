package roundpocket.core.lap;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import roundpocket.core.pattern.PatternRow;
import roundpocket.core.pattern.Patterned;
import roundpocket.core.plan.PatternPlan;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.RoundStart;

/** What is said for each round of leg and foot: plain, or which round of the pattern is due and how it goes. */
final class PatternWords {
    private static final String PLAIN = "Knit.";

    /**
     * One round.
     *
     * @param words how it goes
     * @param pattern which round of the pattern it is, from 1; 0 where it is plain
     */
    record Due(String words, int pattern) {}

    private final Optional<PatternPlan> pattern;
    private final int stitches;

    PatternWords(SockPlan plan) {
        this.pattern = plan.pattern();
        this.stitches = plan.stitchCount().stitches().count();
    }

    /** What is due in rounds {@code from} to {@code to} of a section, foot or leg, counted from 0 in the order of the work. */
    List<Due> of(Section section, RoundStart begins, int from, int to) {
        List<Integer> rounds = pattern.map(plan -> section == Section.LEG ? plan.onLeg() : plan.onFoot())
                .orElse(List.of());
        return IntStream.range(from, to)
                .mapToObj(i -> due(section, begins, i < rounds.size() ? rounds.get(i) : 0, rounds))
                .toList();
    }

    private Due due(Section section, RoundStart start, int round, List<Integer> rounds) {
        if (round > 0) {
            PatternPlan plan = pattern.orElseThrow();
            String words = section == Section.LEG ? leg(plan, start, round) : foot(plan, start, round);
            return new Due(words, round);
        }
        boolean pauses = rounds.stream().anyMatch(other -> other > 0);
        return new Due(pauses ? "Knit: plain by the heel line." : PLAIN, 0);
    }

    private String leg(PatternPlan plan, RoundStart where, int round) {
        Patterned made = plan.made();
        String due = due(made, round);
        if (made.chart().isEmpty()) {
            return due + " all around.";
        }
        int begins =
                (plan.legBegins() + where.before(stitches / 2)) % made.width().count();
        String start = begins > 0 ? ", beginning with its stitch " + (begins + 1) : "";
        return due + start + ": " + repeated(made, round, stitches) + ".";
    }

    private String foot(PatternPlan plan, RoundStart where, int round) {
        Patterned made = plan.made();
        int half = stitches / 2;
        String sole = "Sole: knit " + (where == RoundStart.MIDDLE ? half / 2 : half) + ".";
        String before = where == RoundStart.INSTEP ? "Instep: " : sole + " Instep: ";
        String behind = where == RoundStart.SOLE ? "." : ". " + sole;
        int edge = made.edge().count();
        if (made.chart().isEmpty()) {
            String at = edge > 0 ? ", with " + edge + " knit at either edge" : "";
            return before + lower(due(made, round)) + at + behind;
        }
        String knit = edge > 0 ? "k" + edge + ", " : "";
        String after = edge > 0 ? ", k" + edge : "";
        return before + lower(due(made, round)) + ": " + knit + repeated(made, round, half - 2 * edge) + after + behind;
    }

    private static String due(Patterned made, int round) {
        int height = made.height().count();
        return height == 1 ? "In pattern" : "Pattern round " + round + " of " + height;
    }

    private static String lower(String words) {
        return words.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + words.substring(1);
    }

    /** The row as often as it goes into so many stitches, and what is left over plain. */
    private static String repeated(Patterned made, int round, int across) {
        PatternRow row = made.chart().orElseThrow().rows().get(round - 1);
        int width = made.width().count();
        int times = Math.max(0, across) / width;
        int left = Math.max(0, across) % width;
        boolean plain = row.words().equals("k" + width);
        if (plain) {
            return "k" + across;
        }
        String all = times == 1 ? row.words() : "(" + row.words() + ") × " + times;
        String rest = left == 0 ? "" : "k" + left;
        return times == 0 ? rest : left == 0 ? all : all + ", " + rest;
    }
}
