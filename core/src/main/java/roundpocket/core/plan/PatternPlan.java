package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Step;
import roundpocket.core.pattern.Patterned;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.sock.StitchCount.Neighbour;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.Way;

/**
 * The pattern of one plan.
 *
 * @param made what is patterned
 * @param around repeats around the leg, where the pattern stands there
 * @param across repeats across the instep, where it stands there
 * @param closes whether whole repeats come out
 * @param below the nearest stitch count below that closes, where this one does not
 * @param above the nearest above
 * @param up repeats up the leg, where the pattern stands there
 * @param longest rounds of the longest leg that the yarn allows and that ends with a whole repeat, where it is to
 * @param onFoot which round of the repeat each round of the foot is, in the order of the work; 0 where it is plain
 * @param onLeg the same of the leg
 * @param onTape the same of every round from the tip of the toe to the cuff's edge
 * @param legBegins stitches of the repeat that come before the first one of a round of the leg
 */
public record PatternPlan(
        Patterned made,
        Optional<Step> around,
        Optional<Step> across,
        boolean closes,
        Optional<Neighbour> below,
        Optional<Neighbour> above,
        Optional<Step> up,
        Optional<Step> longest,
        List<Integer> onFoot,
        List<Integer> onLeg,
        List<Integer> onTape,
        int legBegins) {
    public PatternPlan {
        onFoot = List.copyOf(onFoot);
        onLeg = List.copyOf(onLeg);
        onTape = List.copyOf(onTape);
    }

    static PatternPlan of(
            Patterned made, StitchCount count, Step ballGirth, Tube tube, Optional<LegYarn> yarn, Gauge gauge) {
        int stitches = count.stitches().count();
        int leg = tube.rounds().leg().count();
        int foot = tube.rounds().foot().count();
        boolean legFirst = tube.way() == Way.CUFF_DOWN;
        boolean closes = made.closesOn(stitches);
        boolean onLeg = made.place().onLeg();
        List<Integer> ofFoot = made.onFoot(leg, foot, legFirst);
        List<Integer> ofLeg = made.onLeg(leg, foot, legFirst);
        return new PatternPlan(
                made,
                onLeg ? Optional.of(made.around(count.stitches())) : Optional.empty(),
                made.place().onInstep() ? Optional.of(made.across(count.half())) : Optional.empty(),
                closes,
                closes ? Optional.empty() : neighbour(made.nearest(stitches, false), ballGirth, gauge),
                closes ? Optional.empty() : neighbour(made.nearest(stitches, true), ballGirth, gauge),
                onLeg ? Optional.of(made.legRepeats(leg, foot, legFirst)) : Optional.empty(),
                yarn.filter(known -> made.whole())
                        .flatMap(known -> made.longestWholeLeg(
                                known.longestRounds(), tube.rounds().foot(), legFirst)),
                ofFoot,
                ofLeg,
                onTape(tube, ofFoot, ofLeg, legFirst),
                made.legBegins(stitches));
    }

    /** Foot and leg in the order in which they lie, with the plain rounds of toe and cuff at either end. */
    private static List<Integer> onTape(Tube tube, List<Integer> foot, List<Integer> leg, boolean legFirst) {
        int opening = tube.heelLine().round().count();
        List<Integer> all =
                new ArrayList<>(Collections.nCopies(tube.rounds().all().count(), 0));
        for (int i = 0; i < foot.size(); i++) {
            all.set(legFirst ? opening - 1 - i : opening - foot.size() + i, foot.get(i));
        }
        for (int i = 0; i < leg.size(); i++) {
            all.set(legFirst ? opening + leg.size() - 1 - i : opening + i, leg.get(i));
        }
        return all;
    }

    private static Optional<Neighbour> neighbour(OptionalInt stitches, Step girth, Gauge gauge) {
        return stitches.isPresent() ? Optional.of(Neighbour.of(stitches.getAsInt(), girth, gauge)) : Optional.empty();
    }
}
