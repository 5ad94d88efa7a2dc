package roundpocket.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Tracing;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.Shaping.Width;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.swatch.Gauge;

/**
 * How the toes that could be knitted lie over the traced foot. Both begin at the tip; the sock is stretched as wide as the
 * foot is at the ball. Fabric shifts sideways, so what counts is how wide either is at each depth, not where it lies.
 *
 * @param width straight across the outline at the ball, in millimetres
 * @param tipIn from the inner edge to the tip, in millimetres
 * @param littleBack from the tip back to the little toe, in millimetres
 * @param foot the outline, from the tip backwards
 * @param tries the toes, the planned one first
 * @param closest the method that follows the outline best
 * @param asClose those that the measures cannot tell from it
 */
public record ToeOnFoot(
        Step width,
        Step tipIn,
        Step littleBack,
        List<Place> foot,
        List<Tried> tries,
        ShapingSchool closest,
        List<ShapingSchool> asClose) {
    /** How far apart the places are that are compared, in millimetres. */
    private static final double APART = 5;

    private static final double DRAWN = 2.5;
    /** So near the tip the big toe is too round for that, and is drawn from so much nearer places. */
    private static final double TIP = 2 * DRAWN;

    private static final double DRAWN_AT_TIP = 0.5;

    /**
     * The outline at one depth, in millimetres.
     *
     * @param backMm behind the tip
     * @param leftMm its edge on the big toe's side, from the inner edge of the foot
     * @param rightMm its edge on the little toe's side
     */
    public record Place(double backMm, double leftMm, double rightMm) {}

    /**
     * One toe over the foot.
     *
     * @param school the method
     * @param planned whether it is the one that is planned
     * @param worn how wide it is as it is worn, from the tip backwards
     * @param off how far its width is from the foot's, in millimetres, on average over the toes
     */
    public record Tried(ShapingSchool school, boolean planned, List<Worn> worn, Step off) {
        public Tried {
            worn = List.copyOf(worn);
        }
    }

    /**
     * The width of a toe as it is worn, in millimetres.
     *
     * @param backMm behind the tip
     */
    public record Worn(double backMm, double widthMm) {}

    public ToeOnFoot {
        foot = List.copyOf(foot);
        tries = List.copyOf(tries);
        asClose = List.copyOf(asClose);
    }

    /**
     * Lays toes over a foot.
     *
     * @param toes the planned one first
     * @param half stitches of the sole or the instep
     */
    public static ToeOnFoot of(Tracing tracing, String at, List<Shaping> toes, Step half, Gauge gauge) {
        Step width = tracing.width(at);
        Step tip = tracing.tipIn(at);
        Step back = tracing.littleBack(at);
        double mmPerRound = 100 / gauge.rounds().value();
        double deepest = toes.stream()
                .mapToDouble(toe -> depth(toe, mmPerRound))
                .reduce(Math.max(tracing.littleBackMm(), tracing.tipInMm()), Math::max);
        int places = (int) Math.ceil(deepest / APART);
        List<Tried> tries = new ArrayList<>();
        for (Shaping toe : toes) {
            List<Step> gaps = IntStream.range(0, places)
                    .mapToObj(i -> gap(toe, (i + 0.5) * APART, mmPerRound, half, width, tip, back))
                    .toList();
            Step off = Computed.of("off the outline, on average", Unit.MILLIMETRES, FitRules.MEAN.of(gaps));
            tries.add(new Tried(
                    toe.school(), toe == toes.get(0), worn(toe, mmPerRound, half.value(), tracing.widthMm()), off));
        }
        Tried closest = tries.stream()
                .min(Comparator.comparingDouble((Tried tried) -> tried.off().value()))
                .orElseThrow();
        List<ShapingSchool> asClose = tries.stream()
                .filter(tried -> tried != closest && !apart(closest.off(), tried.off()))
                .map(Tried::school)
                .toList();
        return new ToeOnFoot(width, tip, back, outline(tracing, places * APART), tries, closest.school(), asClose);
    }

    /** Whether one is further off than the other by more than either is unsure. */
    private static boolean apart(Step best, Step other) {
        return other.value() - best.value() > Math.max(best.plusMinus95(), other.plusMinus95());
    }

    private static double depth(Shaping toe, double mmPerRound) {
        return last(toe).rounds() * mmPerRound;
    }

    private static Width last(Shaping toe) {
        return toe.widths().get(toe.widths().size() - 1);
    }

    private static Step gap(Shaping toe, double at, double mmPerRound, Step half, Step width, Step tip, Step back) {
        Given depth = Given.tried("behind the tip", at, Unit.MILLIMETRES);
        Given side = Given.tried("stitches on each needle there", sideAt(toe, at, mmPerRound, half), Unit.STITCHES);
        Step sock = Computed.of("sock, as it is worn", Unit.MILLIMETRES, FitRules.WORN_WIDTH.of(width, side, half));
        Step foot = Computed.of("foot", Unit.MILLIMETRES, FitRules.FOOT_WIDTH.of(depth, tip, width, back));
        return Computed.of("between them", Unit.MILLIMETRES, FitRules.BETWEEN.of(foot, sock));
    }

    /** Stitches on each needle so far behind the tip: between two rounds of a shaping the wider one's. */
    private static double sideAt(Shaping toe, double at, double mmPerRound, Step half) {
        double fromTube = last(toe).rounds() - at / mmPerRound;
        double side = half.value();
        for (Width width : toe.widths()) {
            if (width.rounds() <= fromTube) {
                side = width.side();
            }
        }
        return side;
    }

    private static List<Worn> worn(Shaping toe, double mmPerRound, double half, double wide) {
        List<Worn> worn = new ArrayList<>();
        int all = last(toe).rounds();
        for (int i = toe.widths().size() - 1; i >= 0; i--) {
            Width width = toe.widths().get(i);
            worn.add(new Worn((all - width.rounds()) * mmPerRound, wide * width.side() / half));
        }
        worn.add(new Worn(all * mmPerRound, wide));
        return worn;
    }

    private static List<Place> outline(Tracing tracing, double deep) {
        List<Place> places = new ArrayList<>();
        for (double back = 0; back <= deep; back += back < TIP ? DRAWN_AT_TIP : DRAWN) {
            places.add(new Place(
                    back,
                    FitRules.left(back, tracing.tipInMm()),
                    FitRules.right(back, tracing.tipInMm(), tracing.widthMm(), tracing.littleBackMm())));
        }
        return places;
    }
}
