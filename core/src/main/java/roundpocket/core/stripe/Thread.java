package roundpocket.core.stripe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import roundpocket.core.explain.Computed;

/**
 * One cake of a striping yarn from the end at which it is begun: which band stands at every metre, knots included. Places on
 * it are counted in metres from that end.
 */
public final class Thread {
    private final Repeat repeat;
    /** Where each stretch begins; the first at 0. */
    private final double[] from;
    /** The band of each stretch; neighbours of one colour are one stretch. */
    private final int[] band;

    private final List<Piece> pieces;
    private final boolean backwards;
    private final double toM;
    private final boolean allKnown;

    /**
     * The yarn between two knots.
     *
     * @param fromM where it begins, in metres from the end of the cake
     * @param place the place of the repeat there
     * @param known whether that is known, or only drawn as if there were no knot
     */
    private record Piece(double fromM, double place, boolean known) {}

    private Thread(Repeat repeat, List<Piece> pieces, boolean backwards, double toM) {
        this.repeat = repeat;
        this.pieces = pieces;
        this.backwards = backwards;
        this.toM = toM;
        this.allKnown = pieces.stream().allMatch(Piece::known);
        Stretches stretches = new Stretches();
        for (int i = 0; i < pieces.size(); i++) {
            double end = i + 1 < pieces.size() ? pieces.get(i + 1).fromM() : toM;
            lay(stretches, pieces.get(i), end);
        }
        this.from = Arrays.copyOf(stretches.from, stretches.count);
        this.band = Arrays.copyOf(stretches.band, stretches.count);
    }

    /** The cake from its outer end on, for at least {@code toM} metres. */
    public static Thread forwards(Repeat repeat, double startM, List<Knot> knots, double toM) {
        return new Thread(repeat, pieces(startM, knots, false, toM), false, toM);
    }

    /**
     * The cake from its other end on, where {@code startM} is the place of the repeat that it ends with. Knots are counted
     * from that end too, and go on at the place that lies before them in the order of the cake.
     */
    public static Thread backwards(Repeat repeat, double startM, List<Knot> knots, double toM) {
        return new Thread(repeat, pieces(startM, knots, true, toM), true, toM);
    }

    private static List<Piece> pieces(double startM, List<Knot> knots, boolean backwards, double toM) {
        List<Piece> pieces = new ArrayList<>();
        pieces.add(new Piece(0, startM, true));
        for (Knot knot : knots) {
            if (knot.atM() <= 0 || knot.atM() >= toM) {
                continue;
            }
            Piece before = pieces.get(pieces.size() - 1);
            double along = knot.atM() - before.fromM();
            double asBefore = before.place() + (backwards ? -along : along);
            OptionalDouble goesOn = knot.goesOnM();
            pieces.add(new Piece(knot.atM(), goesOn.orElse(asBefore), goesOn.isPresent()));
        }
        return pieces;
    }

    /** The same cake, at whose place {@code x} this place of the repeat is at hand, up to the next knot. */
    Thread knownFrom(double x, double place) {
        List<Piece> all = new ArrayList<>();
        pieces.stream().filter(piece -> piece.fromM() < x).forEach(all::add);
        all.add(new Piece(x, place, true));
        pieces.stream().filter(piece -> piece.fromM() > x).forEach(all::add);
        return new Thread(repeat, all, backwards, toM);
    }

    /** The same cake, where it was seen which place of the repeat comes at {@code x}: back to the last knot, that is. */
    Thread seen(double x, double place) {
        double knotM = pieceAt(x).fromM();
        return knownFrom(knotM, before(place, x - knotM));
    }

    /** Whether nobody knows which band comes at a place, since a knot lies before it; not so where one was seen since. */
    public boolean lostAt(double x, double seenAt) {
        if (allKnown) {
            return false;
        }
        Piece piece = pieceAt(x);
        return !piece.known() && piece.fromM() >= seenAt;
    }

    /** Whether no knot lies between two places. */
    public boolean inOrder(double x, double y) {
        return pieceAt(x) == pieceAt(y);
    }

    /** The next knot behind a place; at infinity where there is none. */
    double knotBehind(double x) {
        return pieces.stream()
                .mapToDouble(Piece::fromM)
                .filter(from -> from > x)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Where a place of the repeat comes on a cake that is so long, but for its very start; only where the order is known. */
    public List<Double> comings(double place, double lengthM) {
        List<Double> comings = new ArrayList<>();
        double length = repeat.lengthM();
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            double end = i + 1 < pieces.size() ? pieces.get(i + 1).fromM() : Math.nextUp(lengthM);
            double first = piece.fromM() + StripeRules.mod(place - piece.place(), length);
            for (int n = 0; piece.known() && first + n * length < end; n++) {
                if (first + n * length > 0) {
                    comings.add(first + n * length);
                }
            }
        }
        return comings;
    }

    /** The knots as they come from the other end of a cake that is so long, with what lies before each. */
    public List<Knot> knotsFromBehind(double lengthM) {
        List<Knot> knots = new ArrayList<>();
        for (int i = pieces.size() - 1; i > 0; i--) {
            Piece before = pieces.get(i - 1);
            double atM = pieces.get(i).fromM();
            double place = StripeRules.mod(before.place() + atM - before.fromM(), repeat.lengthM());
            knots.add(new Knot(lengthM - atM, before.known() ? OptionalDouble.of(place) : OptionalDouble.empty()));
        }
        return knots;
    }

    /** The cake from a place on, of which nobody knows what comes; drawn as if this place of the repeat did. */
    public static Thread lost(Repeat repeat, double asIfM, List<Knot> knots, double toM) {
        List<Piece> pieces = new ArrayList<>(pieces(asIfM, knots, false, toM));
        pieces.set(0, new Piece(0, asIfM, false));
        return new Thread(repeat, pieces, false, toM);
    }

    /** What follows where a knot was met, begun at a place of the repeat and used the same way. */
    public Thread tiedOn(double place, List<Knot> knots) {
        return new Thread(repeat, pieces(place, knots, backwards, toM), backwards, toM);
    }

    /** The knots further on than a place, counted from there. */
    public static List<Knot> beyond(List<Knot> knots, double x) {
        return knots.stream()
                .filter(knot -> knot.atM() > x)
                .map(knot -> new Knot(knot.atM() - x, knot.goesOnM()))
                .toList();
    }

    /** Band after band of one piece, appended to what stands there already. */
    private void lay(Stretches stretches, Piece piece, double end) {
        List<Integer> changes = repeat.changes();
        double length = repeat.lengthM();
        int first = backwards ? bandBefore(piece.place()) : repeat.bandAt(piece.place());
        append(stretches, piece.fromM(), repeat.run(first));
        if (changes.isEmpty()) {
            return;
        }
        // The places of all changes, repeat after repeat, so that no sum of many small numbers is ever made.
        double origin = Math.floor(piece.place() / length) * length;
        int step = backwards ? -1 : 1;
        int at = backwards ? changes.size() - 1 : 0;
        double base = origin;
        while (true) {
            int change = changes.get(at);
            double place = base + repeat.startOf(change);
            double x = piece.fromM() + step * (place - piece.place());
            if (x >= end) {
                return;
            }
            if (x > piece.fromM()) {
                int before = Math.floorMod(change - 1, repeat.bands().size());
                append(stretches, x, backwards ? repeat.run(before) : change);
            }
            at += step;
            if (at < 0 || at == changes.size()) {
                base += step * length;
                at = backwards ? changes.size() - 1 : 0;
            }
        }
    }

    /** The band that is seen to begin at a place of the repeat, or that it lies in, for who comes from this end. */
    int seenFrom(double place) {
        return firstOfColour(backwards ? bandBefore(place) : repeat.bandAt(place));
    }

    /** The band that comes before another, for who comes from this end of the cake. */
    int bandAhead(int of) {
        return Math.floorMod(of + (backwards ? 1 : -1), repeat.bands().size());
    }

    /** Metres of a band that have gone at a place of the repeat, for who comes from this end. */
    double into(int of, double place) {
        double gone = backwards ? beginOf(of) - place : place - beginOf(of);
        return StripeRules.mod(gone, repeat.lengthM());
    }

    /** The last knot up to {@code toM} and behind {@code fromM}, in metres from there; 0 where there is none. */
    double lastKnot(double fromM, double toM) {
        return pieces.stream()
                .mapToDouble(Piece::fromM)
                .filter(knot -> knot > fromM && knot <= toM)
                .map(knot -> knot - fromM)
                .max()
                .orElse(0);
    }

    /** The band that ends at a place of the repeat or runs through it. */
    private int bandBefore(double place) {
        int here = repeat.bandAt(place);
        return StripeRules.mod(place, repeat.lengthM()) > repeat.startOf(here)
                ? here
                : Math.floorMod(here - 1, repeat.bands().size());
    }

    private void append(Stretches stretches, double x, int which) {
        boolean same = stretches.count > 0
                && repeat.colourOf(stretches.band[stretches.count - 1]).equals(repeat.colourOf(which));
        if (!same) {
            stretches.add(x, which);
        }
    }

    /** Stretches as they are laid; a cake has hundreds. */
    private static final class Stretches {
        private double[] from = new double[64];
        private int[] band = new int[64];
        private int count;

        void add(double x, int which) {
            if (count == from.length) {
                from = Arrays.copyOf(from, 2 * count);
                band = Arrays.copyOf(band, 2 * count);
            }
            from[count] = x;
            band[count++] = which;
        }
    }

    /** The number of the stretch at a place on the cake, from 0. */
    private int stretchAt(double x) {
        int low = 0;
        int high = from.length - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (from[middle] <= x) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** The same, where it is most likely {@code near} or the one behind it: who knits goes from one to the next. */
    int stretchAt(double x, int near) {
        int last = from.length - 1;
        if (from[near] <= x && (near == last || from[near + 1] > x)) {
            return near;
        }
        boolean next = near < last && from[near + 1] <= x && (near + 1 == last || from[near + 2] > x);
        return next ? near + 1 : stretchAt(x);
    }

    int bandOf(int stretch) {
        return band[stretch];
    }

    /** The band at a place on the cake, in metres; beyond its end the last one. */
    public int bandAt(double x) {
        return band[stretchAt(x)];
    }

    /** A change of colour at {@code atM} metres, to {@code band}. */
    public record Change(double atM, int band) {}

    /** The changes of colour after {@code afterM} and up to {@code toM}, both in metres. */
    public List<Change> changes(double afterM, double toM) {
        return changes(stretchAt(afterM), toM);
    }

    /** The changes of colour behind a stretch and up to {@code toM} metres. */
    List<Change> changes(int stretch, double toM) {
        int first = stretch + 1;
        if (first >= from.length || from[first] > toM) {
            return List.of(); // most rounds have none
        }
        List<Change> changes = new ArrayList<>();
        for (int i = first; i < from.length && from[i] <= toM; i++) {
            changes.add(new Change(from[i], band[i]));
        }
        return changes;
    }

    private Piece pieceAt(double x) {
        Piece piece = pieces.get(0);
        for (Piece later : pieces) {
            if (later.fromM() <= x) {
                piece = later;
            }
        }
        return piece;
    }

    /** The place of the repeat at a place on the cake. */
    public double placeAt(double x) {
        Piece piece = pieceAt(x);
        double along = x - piece.fromM();
        return StripeRules.mod(piece.place() + (backwards ? -along : along), repeat.lengthM());
    }

    /** Metres to wind off at {@code x} until a place of the repeat comes, as this cake is used. */
    Computed windOffTo(String label, double wanted, double x) {
        double now = placeAt(x);
        return backwards ? repeat.windOff(label, now, wanted) : repeat.windOff(label, wanted, now);
    }

    /** The place at which a band begins for who comes from this end of the cake. */
    public double beginOf(int band) {
        return repeat.startOf(band) + (backwards ? repeat.bands().get(band).value() : 0);
    }

    /** The place at which a change to a band is seen: neighbours of one colour are one band to the eye. */
    double seenAt(int band) {
        return beginOf(firstOfColour(band));
    }

    /** The first of neighbours of one colour, for who comes from this end. */
    private int firstOfColour(int band) {
        int first = repeat.run(band);
        int bands = repeat.bands().size();
        for (int i = 1; backwards && i < bands && repeat.run((first + 1) % bands) == repeat.run(band); i++) {
            first = (first + 1) % bands;
        }
        return first;
    }

    /** The place so many metres before another, for who comes from this end. */
    double before(double place, double metres) {
        return backwards ? place + metres : place - metres;
    }

    public Repeat repeat() {
        return repeat;
    }
}
