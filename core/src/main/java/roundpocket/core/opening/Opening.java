package roundpocket.core.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.ShapingRules;

/**
 * The heel's opening: what is picked up, what comes out, and what is live in the first rounds.
 *
 * @param way how it is made
 * @param corners what is done at its corners
 * @param line stitches of its row
 * @param below loops picked up below it
 * @param above loops picked up above it
 * @param live live loops once all are picked up, the corners' extra ones among them
 * @param cornerStitches stitches of the row left in at each corner, where any are
 * @param comesOut stitches that come out, of the row or of both rows
 * @param snip which stitch of the row is cut, counted from its first, where the fabric is cut
 * @param extraToGo extra loops that are decreased away again, both corners together; empty where there are none
 * @param heelSide stitches on each side when the heel's shaping begins
 * @param counts live loops at the pick-up and after each of the first rounds until they stay
 */
public record Opening(
        OpeningWay way,
        Corners corners,
        Step line,
        Step below,
        Step above,
        Step live,
        Optional<Step> cornerStitches,
        Step comesOut,
        Optional<Step> snip,
        Optional<Step> extraToGo,
        Step heelSide,
        List<LiveCount> counts) {
    /** Live loops after so many rounds of the heel; 0 is the pick-up. */
    public record LiveCount(int round, int stitches) {}

    public Opening {
        counts = List.copyOf(counts);
    }

    /**
     * The opening of a tube whose sole has {@code half} stitches.
     *
     * @param ready whether the tube is there already
     */
    public static Opening of(OpeningChoice choice, Step half, boolean ready) {
        OpeningWay way = choice.wayTaken(ready);
        Corners corners = choice.cornersTaken(way);
        Step below = Computed.of("stitches to pick up below", Unit.STITCHES, OpeningRules.PICK_UP.of(half));
        Step above = Computed.of("stitches to pick up above", Unit.STITCHES, OpeningRules.PICK_UP.of(half));
        boolean picksUp = corners == Corners.PICK_UP;
        Step live = picksUp
                ? loops("stitches in the heel’s first round", OpeningRules.LIVE_EXTRA.of(below, above, choice.extra()))
                : loops("stitches in the heel’s first round", OpeningRules.LIVE.of(below, above));
        Step heelSide = picksUp
                ? loops("stitches on each needle of the heel", OpeningRules.HEEL_SIDE.of(half, choice.kept()))
                : half;
        Optional<Step> left = corners.left().map(constant -> constant.step());
        Step comesOut = left.map(corner -> loops("stitches that come out", OpeningRules.COMES_OUT.of(half, corner)))
                .orElseGet(() -> loops(
                        "stitches that come out",
                        OpeningRules.ALL_COMES_OUT.of(half, way.rows().step())));
        return new Opening(
                way,
                corners,
                half,
                below,
                above,
                live,
                left,
                comesOut,
                way.cuts() ? Optional.of(middle(half)) : Optional.empty(),
                live.count() > 2 * heelSide.count()
                        ? Optional.of(
                                loops("extra stitches to decrease away", OpeningRules.EXTRA_TO_GO.of(live, heelSide)))
                        : Optional.empty(),
                heelSide,
                counts(live.count(), 2 * heelSide.count()));
    }

    private static Step loops(String label, Rule.Applied applied) {
        return Computed.of(label, Unit.STITCHES, applied);
    }

    private static Step middle(Step half) {
        return Rounded.of(
                "stitch to snip",
                loops("middle of the row", OpeningRules.MIDDLE.of(half)),
                Rounding.UP,
                "it is a whole stitch");
    }

    private static List<LiveCount> counts(int live, int staying) {
        List<LiveCount> counts = new ArrayList<>();
        int now = live;
        counts.add(new LiveCount(0, now));
        int rounds = ShapingRules.cornerRounds(live - staying);
        for (int round = 1; round <= rounds; round++) {
            now -= Math.min(ShapingRules.CORNERS_IN_A_ROUND, now - staying);
            counts.add(new LiveCount(round, now));
        }
        return counts;
    }
}
