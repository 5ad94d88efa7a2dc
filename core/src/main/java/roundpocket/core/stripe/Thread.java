package roundpocket.core.stripe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import roundpocket.core.explain.Step;

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

    /**
     * The yarn between two knots.
     *
     * @param fromM where it begins, in metres from the end of the cake
     * @param place the place of the repeat there
     * @param known whether that is known, or only guessed as if there were no knot
     */
    private record Piece(double fromM, double place, boolean known) {}

    private Thread(Repeat repeat, List<Piece> pieces, boolean backwards, double toM) {
        this.repeat = repeat;
        this.pieces = pieces;
        this.backwards = backwards;
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
        List<Piece> pieces = new ArrayList<>();
        pieces.add(new Piece(0, startM, true));
        for (Knot knot : knots) {
            if (knot.atM() <= 0 || knot.atM() >= toM) {
                continue;
            }
            Piece before = pieces.get(pieces.size() - 1);
            double asBefore = before.place() + knot.atM() - before.fromM();
            OptionalDouble goesOn = knot.goesOnM();
            pieces.add(new Piece(knot.atM(), goesOn.orElse(asBefore), goesOn.isPresent()));
        }
        return new Thread(repeat, pieces, false, toM);
    }

    /** The cake from its other end on, where {@code startM} is the place of the repeat that it ends with. */
    public static Thread backwards(Repeat repeat, double startM, double toM) {
        return new Thread(repeat, List.of(new Piece(0, startM, true)), true, toM);
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

    /** Where the stretch of colour at a place ends, in metres; empty where it is not reached. */
    public OptionalDouble endOfBand(double x) {
        int next = stretchAt(x) + 1;
        return next < from.length ? OptionalDouble.of(from[next]) : OptionalDouble.empty();
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

    /** Whether the order of the bands is known at a place, or broken by a knot behind which nobody looked. */
    public boolean knownAt(double x) {
        return pieceAt(x).known();
    }

    /** Metres to wind off at a place until this band begins, as this cake is used. */
    public Step windOffTo(String label, int wanted, double x) {
        double now = placeAt(x);
        if (!backwards) {
            return repeat.windOff(label, repeat.startOf(wanted), now);
        }
        double end = repeat.startOf(wanted) + repeat.bands().get(wanted).value();
        return repeat.windOff(label, now, end);
    }

    public Repeat repeat() {
        return repeat;
    }
}
