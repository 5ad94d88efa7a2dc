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

    /**
     * Lays a tube out.
     *
     * @param remnants whether what is left over is cut off where it is long enough
     */
    static Layout of(Rims rims, List<Piece> pieces, int ravelled, boolean remnants) {
        int rounds = rims.tube().rounds();
        List<Piece> sorted =
                pieces.stream().sorted(Comparator.comparingInt(Piece::from)).toList();
        Piece first = sorted.get(0);
        Piece last = sorted.get(sorted.size() - 1);
        Edge toe = new Edge(rims.goneAtToe(ravelled), rims.toeEndLive(ravelled), rims.spare(first.wish()));
        Edge cuff = new Edge(rims.goneAtCuff(ravelled), rims.cuffEndLive(ravelled), rims.spare(last.wish()));
        List<Stretch> out = new ArrayList<>(toe.stretches(first.from(), remnants));
        for (int i = 0; i < sorted.size(); i++) {
            Piece piece = sorted.get(i);
            out.add(new Stretch(Kind.PIECE, piece.from(), piece.to(), piece.wish(), piece.sock()));
            if (i + 1 < sorted.size()) {
                between(out, rims, piece, sorted.get(i + 1), remnants);
            }
        }
        List<Stretch> far = cuff.stretches(rounds - last.to(), remnants);
        // The far end is the near one seen in a mirror.
        for (int i = far.size() - 1; i >= 0; i--) {
            Stretch seen = far.get(i);
            out.add(new Stretch(seen.kind(), rounds - seen.to(), rounds - seen.from(), -1, 0));
        }
        List<Stretch> left = out.stream()
                .filter(s -> s.kind() == Kind.REMNANT)
                .sorted(Comparator.comparingInt(Stretch::rounds).reversed())
                .toList();
        return new Layout(sorted, out, ravelled, left);
    }

    /**
     * An end of the tube.
     *
     * @param gone rounds that are unravelled from it
     * @param live whether a piece that begins there has no cut rim
     * @param spare spare rounds of the piece next to it, where its rim is cut
     */
    private record Edge(int gone, boolean live, int spare) {
        /** What lies between the end and the first piece, so many rounds away. */
        List<Stretch> stretches(int rounds, boolean remnants) {
            List<Stretch> out = new ArrayList<>();
            int free = rounds - gone;
            add(out, Kind.RAVEL, gone);
            int remnant = free - 1 - spare;
            if (remnants && remnant >= SHORTEST_REMNANT) {
                add(out, Kind.REMNANT, remnant);
            } else if (live) {
                add(out, Kind.GIVEN_UP, free);
                return out;
            } else {
                add(out, Kind.GIVEN_UP, remnant);
            }
            add(out, Kind.CUT, 1);
            add(out, Kind.SPARE, spare);
            return out;
        }
    }

    private static void between(List<Stretch> out, Rims rims, Piece before, Piece behind, boolean remnants) {
        int more = behind.from() - before.to() - rims.gap(before.wish(), behind.wish());
        add(out, Kind.SPARE, rims.spare(before.wish()));
        add(out, Kind.CUT, 1);
        if (remnants && more - 1 >= SHORTEST_REMNANT) {
            add(out, Kind.REMNANT, more - 1);
            add(out, Kind.CUT, 1);
        } else {
            add(out, Kind.GIVEN_UP, more);
        }
        add(out, Kind.SPARE, rims.spare(behind.wish()));
    }

    private static void add(List<Stretch> out, Kind kind, int rounds) {
        if (rounds > 0) {
            int from = out.isEmpty() ? 0 : out.get(out.size() - 1).to();
            out.add(Stretch.of(kind, from, rounds));
        }
    }

    /** Rounds of the longest remnant that the tube would give between these pieces, however short. */
    static int longestRemnant(Rims rims, List<Piece> sorted, int ravelled) {
        Piece first = sorted.get(0);
        Piece last = sorted.get(sorted.size() - 1);
        int atToe = first.from() - rims.goneAtToe(ravelled) - rims.spare(first.wish());
        int atCuff = rims.tube().rounds() - last.to() - rims.goneAtCuff(ravelled) - rims.spare(last.wish());
        int between = IntStream.range(1, sorted.size())
                .map(i -> sorted.get(i).from()
                        - sorted.get(i - 1).to()
                        - rims.gap(sorted.get(i - 1).wish(), sorted.get(i).wish()))
                .max()
                .orElse(0);
        return Math.max(0, Math.max(Math.max(atToe, atCuff), between) - 1);
    }
}
