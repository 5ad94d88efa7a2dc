package roundpocket.core.lap;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Striping;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.stripe.Winding;
import roundpocket.core.tube.Way;

/**
 * The colours of one sock in the order in which it is really knitted, with the changes that were seen.
 *
 * @param stretches bands one after the other, by the presses they take
 * @param rounds every round of the striping yarn, in the order of the knitting
 * @param knots knots that were told of, where they come up in it
 * @param tied knots that were met in it
 * @param windings what is wound off before heel and toe, where it is due
 * @param endPlace the place of the repeat that the yarn is at when the sock is done
 * @param knittedM metres knitted by then since the last change that was seen
 * @param unsureM how sure it was where that yarn was begun, in metres
 * @param lost whether that is only as if there had been no knot, since nobody knows how the yarn went on behind it
 * @param ahead the knots that are still to come then, counted from there
 */
public record LapColours(
        List<Stretch> stretches,
        List<ColouredPress> rounds,
        List<KnotAt> knots,
        List<Tied> tied,
        List<WindingAt> windings,
        double endPlace,
        double knittedM,
        double unsureM,
        boolean lost,
        List<Knot> ahead) {
    public LapColours {
        stretches = List.copyOf(stretches);
        rounds = List.copyOf(rounds);
        knots = List.copyOf(knots);
        tied = List.copyOf(tied);
        windings = List.copyOf(windings);
        ahead = List.copyOf(ahead);
    }

    /** The yarn from the end of the sock on, and how sure it is what comes. */
    Walk walkOnwards(Repeat repeat, double reachM) {
        return new Walk(onwards(repeat, reachM), 0, unsureM, knittedM);
    }

    /** The yarn from the end of the sock on. */
    Thread onwards(Repeat repeat, double reachM) {
        return lost ? Thread.lost(repeat, endPlace, ahead, reachM) : Thread.forwards(repeat, endPlace, ahead, reachM);
    }

    /**
     * Rounds of one band.
     *
     * @param from presses done before its first round
     * @param to presses done after its last
     * @param band the band, from 0
     * @param nth how often its colour has come in this sock by now, from 1
     * @param unsureRounds how far its end may come early or late, as a standard uncertainty in rounds
     * @param lost whether the band is only a guess: nobody looked how the yarn goes on behind the last knot
     */
    public record Stretch(int from, int to, int band, int nth, double unsureRounds, boolean lost) {}

    /**
     * A knot that comes up.
     *
     * @param position presses done before the round in which it comes
     * @param unsureRounds how far it may come early or late, as a standard uncertainty in rounds
     */
    public record KnotAt(int position, double unsureRounds) {}

    /**
     * What is wound off.
     *
     * @param position presses done before it is
     */
    public record WindingAt(int position, Winding winding) {}

    /**
     * A knot that was met.
     *
     * @param position presses done before the round in which it came
     * @param band the band with which the yarn goes on, somewhere in it
     * @param inOrderM the place of the repeat that would have come; empty where that was not known
     * @param told whether it is one that was told of, so that it is in the plan whatever is noted here
     */
    public record Tied(int position, int band, OptionalDouble inOrderM, boolean told) {}

    /**
     * A round with its colours.
     *
     * @param position presses done before it
     * @param group which go of knitting it belongs to: the tube, the heel, a late toe
     * @param colours its colours
     * @param thread the cake it is knitted from
     */
    public record ColouredPress(int position, Group group, StripedRound colours, Thread thread) {
        /** Whether the next one is knitted in one go with this, and the bands follow each other in their order. */
        boolean goesOnWith(ColouredPress next) {
            return group == next.group && thread == next.thread && thread.inOrder(colours.endM(), next.colours.endM());
        }
    }

    /** What is knitted in one go. */
    public enum Group {
        TUBE,
        HEEL,
        TOE
    }

    /**
     * The colours of a sock of a course; empty where the yarn has one colour, or the tube was there already and nothing is
     * knitted to it of its own yarn.
     */
    static Optional<LapColours> of(
            Course course, ColourChoice choice, Optional<LapColours> first, List<SeenColour> seen) {
        Optional<Striping> striping = course.spec().yarns().striping();
        boolean lies = course.plan().tube().way() == Way.READY_TUBE;
        if (striping.isEmpty()) {
            return Optional.empty();
        }
        Repeat repeat = Repeat.of(striping.get(), course.plan().yarn().models().get(YarnRole.MAIN));
        if (lies && Beginning.ravelled(repeat, course).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new ColourWalk(course, repeat, Beginning.of(repeat, course, choice, first), seen).colours());
    }

    /** The round that is knitted next at a position, or the last before it where that one is of no striping yarn. */
    Optional<ColouredPress> at(int position) {
        return rounds.stream()
                .filter(round -> round.position() >= position)
                .findFirst()
                .or(() -> rounds.isEmpty() ? Optional.empty() : Optional.of(rounds.get(rounds.size() - 1)));
    }

    /** Where on the cake the middle of a round comes, as far as is known. */
    static double middleM(ColouredPress press, double stitchM) {
        return press.colours().endM() - press.colours().stitches() * stitchM / 2;
    }

    /** The change nearest to a place, of any band or of the one that is said; empty where there is none. */
    static Optional<Thread.Change> nearest(Thread thread, double atM, double reachM, OptionalDouble afterM, int band) {
        return thread.changes(Math.max(afterM.orElse(-1), atM - reachM), atM + reachM).stream()
                .filter(change -> band < 0 || change.band() == band)
                .min((one, other) -> Double.compare(Math.abs(one.atM() - atM), Math.abs(other.atM() - atM)));
    }
}
