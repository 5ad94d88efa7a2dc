package roundpocket.core.wear;

import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.Rib;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.Way;
import roundpocket.core.wear.Proposal.Change;

/** The plan of the next pair as it stands, and what a note on an earlier one would change of it. */
record Next(SockSpec spec, SockPlan plan) {
    private static final int MOST_PLAIN = 30;
    private static final int LONGER_CUFF = 4;
    private static final int MOST_CUFF = 120;
    private static final int EXTRA_AT_A_HOLE = 4;

    Proposal heelPlain(int by) {
        int now = plan.heel().shaping().plainRounds().count();
        int then = Math.max(forCorners(), Math.min(MOST_PLAIN, now + by));
        if (then == now) {
            return Proposal.nothing(
                    by < 0
                            ? "The heel has no plain rounds to leave out. A shaping that closes sooner makes it shallower."
                            : "The heel has as many plain rounds as can be planned. Try more stitches.");
        }
        List<Change> heel = List.of(Change.number(Setting.HEEL_PLAIN, then));
        // A line that is kept where it was marked would make the foot longer by what the heel is deeper.
        List<Change> line = fixed() ? line(now - then) : List.of();
        return planned(
                "Try " + then + " plain " + rounds(then) + " at the heel instead of " + now + ".",
                Stream.concat(heel.stream(), line.stream()).toList());
    }

    /** Plain rounds that the extra stitches of the corners need in any case. */
    private int forCorners() {
        return plan.opening().counts().size() - 1;
    }

    Proposal toePlain(int by) {
        int now = plan.toe().shaping().plainRounds().count();
        int then = Math.min(MOST_PLAIN, now + by);
        return then == now
                ? Proposal.nothing("The toe has as many plain rounds as can be planned. Try more stitches.")
                : planned(
                        "Try " + then + " plain " + rounds(then) + " at the toe instead of " + now + ".",
                        List.of(Change.number(Setting.TOE_PLAIN, then)));
    }

    /** The heel line so many rounds nearer to the toe or further from it, told from where this knitter counts. */
    Proposal footRounds(int by) {
        if (spec.choices().placing().schoolTaken().marked()
                && !spec.choices().placing().fromTaken().atTheToe()) {
            return Proposal.nothing("The heel line was marked, counted from the leg: mark it again.");
        }
        List<Change> changes = line(by);
        if (changes.isEmpty()) {
            return Proposal.nothing(
                    by > 0
                            ? "That is the longest we can plan for this foot. Measure it again."
                            : "The sock is as much shorter than the foot as can be planned. Measure the foot again.");
        }
        int now = plan.tube().rounds().foot().count();
        return planned("Knit " + (now + by) + " rounds between toe and heel line instead of " + now + ".", changes);
    }

    /** Whether the line stays where it is whatever the heel is like. */
    private boolean fixed() {
        PlacingChoice placing = spec.choices().placing();
        return switch (placing.schoolTaken()) {
            case ON_THE_FOOT, AT_COLOUR -> placing.fromTaken().atTheToe();
            case OWN_DISTANCE -> true;
            default -> false;
        };
    }

    private List<Change> line(int by) {
        PlacingChoice placing = spec.choices().placing();
        double mm = by / plan.basis().gauge().rounds().value() * 100;
        if (placing.schoolTaken().marked()) {
            return placing.markedRound().isPresent()
                    ? List.of(Change.number(
                            Setting.MARKED_ROUND,
                            Math.max(1, placing.markedRound().getAsInt() + by)))
                    : List.of(Change.number(
                            Setting.MARKED_MM, tenth(placing.markedMm().orElseThrow() + mm)));
        }
        if (placing.schoolTaken() == PlacingSchool.OWN_DISTANCE) {
            return List.of(
                    Change.number(Setting.DISTANCE, tenth(placing.distanceMm().orElseThrow() + mm)));
        }
        double now = spec.choices().size().lengthEaseMm().orElse(0);
        // where the heel opens at a share of the foot, the foot must change by more than the line does
        double ofFoot = mm / placing.schoolTaken().footShare();
        double then = Math.max(
                SizeChoice.lengthEaseLimit().min(),
                Math.min(SizeChoice.lengthEaseLimit().max(), tenth(now - ofFoot)));
        return then == now ? List.of() : List.of(Change.number(Setting.LENGTH_EASE, then));
    }

    private static double tenth(double mm) {
        return Math.round(mm * 10) / 10.0;
    }

    Proposal stitches(int by) {
        if (plan.tube().way() == Way.READY_TUBE) {
            return Proposal.nothing("A ready tube’s stitches can’t change: take a " + (by > 0 ? "wider" : "narrower")
                    + " one for this foot.");
        }
        int now = plan.stitchCount().stitches().count();
        int then = now + by;
        return then < StitchCount.FEWEST || then > StitchCount.MOST
                ? Proposal.nothing("No tube can have more or fewer stitches than this one.")
                : planned(
                        "Try " + then + " sts instead of " + now + ".", List.of(Change.number(Setting.STITCHES, then)));
    }

    Proposal longerCuff() {
        int now = plan.cuff().rounds().count();
        int then = Math.min(MOST_CUFF, now + LONGER_CUFF);
        return then == now
                ? Proposal.nothing("The cuff is as long as can be planned. Try fewer stitches.")
                : planned(
                        "Try " + then + " rounds of rib instead of " + now + ".",
                        List.of(Change.number(Setting.CUFF_ROUNDS, then)));
    }

    Proposal looserCuff() {
        return plan.cuff().rib() == Rib.ONE_BY_ONE
                ? Proposal.nothing(
                        "Nothing in the plan loosens it further: use a stretchier bind-off, or a larger needle.")
                : planned(
                        "Try 1×1 rib instead of 2×2: it draws in less.",
                        List.of(Change.name(Setting.RIB, Rib.ONE_BY_ONE)));
    }

    Proposal otherCorners() {
        OpeningChoice choice = spec.choices().opening();
        Corners now = plan.opening().corners();
        int extra = choice.extraLoops().orElse(OpeningChoice.USUAL_EXTRA);
        if (now != Corners.PICK_UP) {
            return planned(
                    "Pick up " + extra + " extra sts at each corner.",
                    List.of(Change.name(Setting.CORNERS, Corners.PICK_UP)));
        }
        return extra == EXTRA_AT_A_HOLE
                ? Proposal.nothing(
                        "You already pick up 4 at each corner. Close what is left with the joining tail, round and round the"
                                + " gap from inside.")
                : planned(
                        "Pick up " + EXTRA_AT_A_HOLE + " extra sts at each corner instead of " + extra + ".",
                        List.of(Change.number(Setting.EXTRA_LOOPS, EXTRA_AT_A_HOLE)));
    }

    private static String rounds(int number) {
        return number == 1 ? "round" : "rounds";
    }

    /** The proposal, if such a sock has room. */
    private Proposal planned(String words, List<Change> changes) {
        Proposal proposal = new Proposal(words, changes);
        try {
            spec.withChoices(proposal.taken(spec.choices())).plan();
            return proposal;
        } catch (Refusal noRoom) {
            return Proposal.nothing("This sock has no room for it. Measure the foot again, or change heel or toe.");
        }
    }
}
