package roundpocket.core.sock;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.swatch.Gauge;

/**
 * The stitches of the tube. A multiple of four, so that both halves stay even, a 2×2 rib closes and the four decreases of
 * a round come out; only a ready tube has what it has.
 *
 * @param ideal stitches that would fit exactly, seldom whole
 * @param stitches stitches in the tube, 16 to 400
 * @param half stitches of the sole or of the instep
 * @param finishedGirth girth of the tube, in millimetres
 * @param realEase how much smaller than the foot the tube really is, as a ratio
 * @param neighbours the counts next to it, and itself, each with the ease it gives
 */
public record StitchCount(
        Step ideal, Step stitches, Step half, Step finishedGirth, Step realEase, List<Neighbour> neighbours) {
    public static final int FEWEST = 16;
    public static final int MOST = 400;

    /**
     * A stitch count that could be taken.
     *
     * @param stitches a multiple of four
     * @param realEase how much smaller than the foot the tube would be, as a ratio
     */
    public record Neighbour(int stitches, Step realEase) {
        /** A count that could be taken for a foot of that girth. */
        public static Neighbour of(int stitches, Step girth, Gauge gauge) {
            return new Neighbour(stitches, easeOf(stitches, girth, gauge));
        }
    }

    /**
     * Decides the stitch count.
     *
     * @param girth around the ball, in millimetres
     * @param ease how much smaller the sock is to be, as a ratio from 0 to 0.25
     * @param chosen the knitter's own count, or that of a ready tube, which wins over the ease
     */
    public static StitchCount of(Step girth, Step ease, Gauge gauge, Optional<Given> chosen) {
        Step ideal = Computed.of(
                "stitches that would fit exactly",
                Unit.STITCHES,
                SockRules.IDEAL_STITCHES.of(girth, ease, gauge.stitches()));
        Step stitches = chosen.<Step>map(own -> own)
                .orElseGet(() -> Rounded.of(
                        "stitches in the tube",
                        ideal,
                        Rounding.NEAREST_FOUR,
                        "by fours both halves stay even, a 2×2 rib closes and four decreases a round come out"));
        int count = stitches.count();
        refuseUnlessPossible(count);
        Step tube = SockRules.girthOf(stitches, gauge);
        Step realEase = ease(tube, girth);
        List<Neighbour> neighbours = IntStream.of(count - 4, count, count + 4)
                .filter(n -> n >= FEWEST && n <= MOST)
                .mapToObj(n -> n == count ? new Neighbour(n, realEase) : Neighbour.of(n, girth, gauge))
                .toList();
        Step half = Computed.of("stitches of the sole, and of the instep", Unit.STITCHES, SockRules.HALF.of(stitches));
        return new StitchCount(ideal, stitches, half, tube, realEase, neighbours);
    }

    private static Step easeOf(int stitches, Step girth, Gauge gauge) {
        Given count = Given.tried(stitches + " stitches", stitches, Unit.STITCHES);
        return ease(SockRules.girthOf(count, gauge), girth);
    }

    private static Step ease(Step tube, Step girth) {
        return SockRules.easeOf("smaller than the foot by", tube, girth);
    }

    private static void refuseUnlessPossible(int count) {
        if (count < FEWEST || count > MOST) {
            throw new Refusal(List.of(new Problem(
                    "sock.stitches.range",
                    "foot.ballGirthMm",
                    "This girth and gauge ask for {found}; a tube can have {min} to {max}.",
                    "Check the girth and the stitch count of the swatch.",
                    Map.of(
                            "found", Amount.stitches(count),
                            "min", Amount.stitches(FEWEST),
                            "max", Amount.stitches(MOST)))));
        }
    }
}
