package roundpocket.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import roundpocket.core.cut.Stretch.Kind;

/**
 * A tube from end to end: every round of it belongs to one stretch.
 *
 * @param pieces the pieces, from the toes' end
 * @param stretches everything in its order, without a gap
 * @param ravelled rounds unravelled for heels, toes and cuffs
 * @param remnants the remnants, the longest first
 */
public record Layout(List<Piece> pieces, List<Stretch> stretches, int ravelled, List<Stretch> remnants) {
    /** A remnant that is shorter is not worth a cut: it is unravelled. */
    static final int SHORTEST_REMNANT = 10;

    public Layout {
        pieces = List.copyOf(pieces);
        stretches = List.copyOf(stretches);
        remnants = List.copyOf(remnants);
    }

    /** How often the tube is cut. */
    public int cuts() {
        return (int) stretches.stream().filter(s -> s.kind() == Kind.CUT).count();
    }

    /** Rounds of one kind. */
    public int rounds(Kind kind) {
        return stretches.stream()
                .filter(s -> s.kind() == kind)
                .mapToInt(Stretch::rounds)
                .sum();
    }

    /** Rounds that have to be free before the first piece. */
    static int before(CutTube tube, int ravelled) {
        int atToe = tube.ravelledAtToe() ? ravelled : 0;
        return end(tube, tube.toeEndHeld(), atToe);
    }

    /** Rounds that have to be free behind the last piece. */
    static int behind(CutTube tube, int ravelled) {
        int atCuff = tube.ravelledAtToe() ? 0 : ravelled;
        return end(tube, tube.cuffEndHeld(), atCuff);
    }

    /** An end that is not on a thread loses a round, and a piece that begins there has a cut rim. */
    private static int end(CutTube tube, boolean held, int ravelled) {
        return ravelled > 0 || held ? unravelled(held, ravelled) : 1 + tube.spareRounds();
    }

    /** Rounds unravelled from an end; the edge of one that is not on a thread comes off with them. */
    private static int unravelled(boolean held, int ravelled) {
        return ravelled + (ravelled > 0 && !held ? 1 : 0);
    }

    /**
     * Lays a tube out.
     *
     * @param remnants whether what is left over is cut off where it is long enough
     */
    static Layout of(CutTube tube, List<Piece> pieces, int ravelled, boolean remnants) {
        List<Piece> sorted =
                pieces.stream().sorted(Comparator.comparingInt(Piece::from)).toList();
        List<Stretch> out = new ArrayList<>();
        int atToe = tube.ravelledAtToe() ? ravelled : 0;
        int atCuff = ravelled - atToe;
        edge(out, tube, tube.toeEndHeld(), atToe, sorted.get(0).from(), remnants);
        for (int i = 0; i < sorted.size(); i++) {
            Piece piece = sorted.get(i);
            out.add(new Stretch(Kind.PIECE, piece.from(), piece.to(), piece.wish(), piece.sock()));
            if (i + 1 < sorted.size()) {
                between(out, tube, piece.to(), sorted.get(i + 1).from(), remnants);
            }
        }
        List<Stretch> far = new ArrayList<>();
        int end = sorted.get(sorted.size() - 1).to();
        edge(far, tube, tube.cuffEndHeld(), atCuff, tube.rounds() - end, remnants);
        // The far end is the near one seen in a mirror.
        for (int i = far.size() - 1; i >= 0; i--) {
            Stretch seen = far.get(i);
            out.add(new Stretch(seen.kind(), tube.rounds() - seen.to(), tube.rounds() - seen.from(), -1, 0));
        }
        List<Stretch> left = out.stream()
                .filter(s -> s.kind() == Kind.REMNANT)
                .sorted(Comparator.comparingInt(Stretch::rounds).reversed())
                .toList();
        return new Layout(sorted, out, ravelled, left);
    }

    /** What lies between the end of the tube and the first piece. */
    private static void edge(
            List<Stretch> out, CutTube tube, boolean held, int ravelled, int rounds, boolean remnants) {
        int spare = tube.spareRounds();
        int gone = unravelled(held, ravelled);
        int free = rounds - gone;
        boolean live = held || ravelled > 0;
        add(out, Kind.RAVEL, gone);
        int remnant = free - 1 - spare;
        if (remnants && remnant >= SHORTEST_REMNANT) {
            add(out, Kind.REMNANT, remnant);
        } else if (live) {
            add(out, Kind.GIVEN_UP, free);
            return;
        } else {
            add(out, Kind.GIVEN_UP, remnant);
        }
        add(out, Kind.CUT, 1);
        add(out, Kind.SPARE, spare);
    }

    private static void between(List<Stretch> out, CutTube tube, int from, int to, boolean remnants) {
        int spare = tube.spareRounds();
        int more = to - from - tube.gap();
        add(out, Kind.SPARE, spare);
        add(out, Kind.CUT, 1);
        if (remnants && more - 1 >= SHORTEST_REMNANT) {
            add(out, Kind.REMNANT, more - 1);
            add(out, Kind.CUT, 1);
        } else {
            add(out, Kind.GIVEN_UP, more);
        }
        add(out, Kind.SPARE, spare);
    }

    private static void add(List<Stretch> out, Kind kind, int rounds) {
        if (rounds > 0) {
            int from = out.isEmpty() ? 0 : out.get(out.size() - 1).to();
            out.add(Stretch.of(kind, from, rounds));
        }
    }

    /** Rounds of the longest remnant that the tube would give between these pieces, however short. */
    static int longestRemnant(CutTube tube, List<Piece> sorted, int ravelled) {
        int atToe = tube.ravelledAtToe() ? ravelled : 0;
        int first = sorted.get(0).from() - unravelled(tube.toeEndHeld(), atToe);
        int last =
                tube.rounds() - sorted.get(sorted.size() - 1).to() - unravelled(tube.cuffEndHeld(), ravelled - atToe);
        int ends = Math.max(first, last) - 1 - tube.spareRounds();
        int between = IntStream.range(1, sorted.size())
                .map(i -> sorted.get(i).from() - sorted.get(i - 1).to() - tube.gap() - 1)
                .max()
                .orElse(0);
        return Math.max(0, Math.max(ends, between));
    }
}
