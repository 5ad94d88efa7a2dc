package roundpocket.core.wear;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.Rib;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.Way;
import roundpocket.core.wear.Proposal.Change;

/**
 * The plan of the next pair as it stands, and what a note on an earlier one would change of it.
 *
 * @param spec what it is planned from
 * @param plan the plan
 * @param knitted the earlier one as it was knitted
 */
record Next(SockSpec spec, SockPlan plan, SockPlan knitted) {
    private static final int MOST_PLAIN = 30;
    private static final int LONGER_CUFF = 4;
    private static final int MOST_CUFF = 120;
    private static final int EXTRA_AT_A_HOLE = 4;
    private static final double PER = 100;
    /** Rounds by which a foot may be off what was wanted: only whole ones are knitted, on either side of the line. */
    private static final int WITHIN = 1;

    private static double rounds(SockPlan of) {
        return of.basis().gauge().rounds().value();
    }

    private static double stitches(SockPlan of) {
        return of.basis().gauge().stitches().value();
    }

    /** Rounds of the next pair that are as long as so many of the one that was knitted. */
    private int asLong(int knittedRounds) {
        return (int) Math.round(knittedRounds * rounds(plan) / rounds(knitted));
    }

    /** Whether a plan has what is wanted, or more of it than that. */
    private static boolean has(double now, double wanted, int by) {
        return by > 0 ? now >= wanted : now <= wanted;
    }

    private static String instead(int now, int was) {
        return now == was ? "" : " instead of " + now;
    }

    Optional<Proposal> heelPlain(int by, String how) {
        int was = knitted.heel().shaping().plainRounds().count();
        int now = plan.heel().shaping().plainRounds().count();
        int wanted = asLong(was + by);
        if (has(now, wanted, by) && was + by >= 0) {
            return Optional.empty();
        }
        return Optional.of(heelPlainTo(
                wanted,
                how + " at " + was + " plain " + rounds(was) + ": try {then} at the heel" + instead(now, was) + "."));
    }

    /**
     * So many plain rounds at the heel.
     *
     * @param words what is said, with {@code {then}} where the number goes that can be had
     */
    Proposal heelPlainTo(int wanted, String words) {
        int now = plan.heel().shaping().plainRounds().count();
        int then = Math.max(forCorners(), Math.min(MOST_PLAIN, wanted));
        if (then == now) {
            return Proposal.nothing(
                    wanted < now
                            ? "The heel has no plain rounds to leave out. A shaping that closes sooner makes it shallower."
                            : "The heel has as many plain rounds as can be planned. Try more stitches.");
        }
        List<Change> heel = List.of(Change.number(Setting.HEEL_PLAIN, then));
        // A line that is kept where it was marked would make the foot longer by what the heel is deeper.
        List<Change> line = fixed() ? line(now - then) : List.of();
        return planned(
                words.replace("{then}", String.valueOf(then)),
                Stream.concat(heel.stream(), line.stream()).toList());
    }

    /** Plain rounds that the extra stitches of the corners need in any case. */
    private int forCorners() {
        return plan.opening().counts().size() - 1;
    }

    Optional<Proposal> toePlain(int by, String how) {
        int was = knitted.toe().shaping().plainRounds().count();
        int now = plan.toe().shaping().plainRounds().count();
        int wanted = asLong(was + by);
        if (has(now, wanted, by)) {
            return Optional.empty();
        }
        int then = Math.min(MOST_PLAIN, wanted);
        return Optional.of(
                then == now
                        ? Proposal.nothing("The toe has as many plain rounds as can be planned. Try more stitches.")
                        : planned(
                                how + " at " + was + " plain " + rounds(was) + ": try " + then + " at the toe"
                                        + instead(now, was) + ".",
                                List.of(Change.number(Setting.TOE_PLAIN, then))));
    }

    /** The foot so many rounds longer or shorter than it was knitted. */
    Optional<Proposal> footRounds(int by, String how) {
        double was = knitted.tube().lengths().foot().value();
        double now = plan.tube().lengths().foot().value();
        int more = (int) Math.round((was - now) * rounds(plan) / PER) + asLong(by);
        if (has(0, more, by) || Math.abs(more) <= WITHIN) {
            return Optional.empty();
        }
        return Optional.of(footRoundsBy(
                more,
                how + " at {was}: knit {then} between toe and heel line, not {now}.",
                Map.of("was", Amount.mm(was))));
    }

    /**
     * The heel line so many rounds nearer to the toe or further from it, told from where this knitter counts.
     *
     * @param words what is said, with {@code {then}} and {@code {now}} where rounds of the foot go
     */
    Proposal footRoundsBy(int by, String words, Map<String, Amount> amounts) {
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
        Map<String, Amount> all = new HashMap<>(amounts);
        all.put("then", Amount.rounds(now + by));
        all.put("now", new Amount(now, Unit.NUMBER));
        return planned(new Sentence(words, all), changes);
    }

    /** The leg so many millimetres longer or shorter than it was knitted. */
    Optional<Proposal> leg(int byMm, String how) {
        double was = knitted.tube().wanted().legAbove().value();
        double now = plan.tube().wanted().legAbove().value();
        double then = Math.round(was + byMm);
        if (has(now, then, byMm)) {
            return Optional.empty();
        }
        boolean result = plan.tube().wanted().legIsResult();
        boolean otherwise = spec.choices().tube().legRounds().isPresent()
                || spec.choices().tube().legFromTaken() != LegFrom.OPENING;
        if (result || otherwise) {
            return Optional.of(
                    Proposal.nothing(
                            result
                                    ? "The leg is what the tube leaves: take a longer piece, or a shorter one."
                                    : "The leg is not planned as a length above the heel line: change its rounds, or its height."));
        }
        return Optional.of(planned(
                new Sentence(
                        how + " at {was}: try a leg of {then}" + (Math.abs(now - was) < 1 ? "." : " instead of {now}."),
                        Map.of("was", Amount.mm(was), "then", Amount.mm(then), "now", Amount.mm(now))),
                List.of(Change.number(Setting.LEG_MM, then))));
    }

    Optional<Proposal> legWidth(String needle, String stitches) {
        return Optional.of(Proposal.nothing("Nothing in the plan changes the leg alone: try a " + needle
                + " needle above the ankle, or a tube with " + stitches + " sts."));
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

    /** A tube that is so many stitches wider or narrower than it was knitted, whatever the gauge is now. */
    Optional<Proposal> stitches(int by, String how) {
        int was = knitted.stitchCount().stitches().count();
        int now = plan.stitchCount().stitches().count();
        double exactly = (was + by) * stitches(plan) / stitches(knitted);
        int then = Math.abs(exactly - was - by) < 1 ? was + by : (int) (4 * Math.round(exactly / 4));
        if (has(now, then, by)) {
            return Optional.empty();
        }
        if (plan.tube().way() == Way.READY_TUBE) {
            return Optional.of(Proposal.nothing("A ready tube’s stitches can’t change: take a "
                    + (by > 0 ? "wider" : "narrower") + " one for this foot."));
        }
        boolean possible = then >= StitchCount.FEWEST && then <= StitchCount.MOST;
        return Optional.of(
                possible
                        ? planned(
                                new Sentence(
                                        how + " at {girth} around: try " + then + " sts instead of " + now + ".",
                                        Map.of("girth", Amount.mm(was / stitches(knitted) * PER))),
                                List.of(Change.number(Setting.STITCHES, then)))
                        : Proposal.nothing("No tube can have more or fewer stitches than this one."));
    }

    Optional<Proposal> longerCuff() {
        int was = knitted.cuff().rounds().count();
        int now = plan.cuff().rounds().count();
        int wanted = asLong(was + LONGER_CUFF);
        if (has(now, wanted, 1)) {
            return Optional.empty();
        }
        int then = Math.min(MOST_CUFF, wanted);
        return Optional.of(
                then == now
                        ? Proposal.nothing("The cuff is as long as can be planned. Try fewer stitches.")
                        : planned(
                                "Loose at " + was + " rounds of rib: try " + then + instead(now, was) + ".",
                                List.of(Change.number(Setting.CUFF_ROUNDS, then))));
    }

    Optional<Proposal> looserCuff() {
        if (plan.cuff().rib() != Rib.ONE_BY_ONE) {
            return Optional.of(planned(
                    "Try 1×1 rib instead of 2×2: it draws in less.",
                    List.of(Change.name(Setting.RIB, Rib.ONE_BY_ONE))));
        }
        return knitted.cuff().rib() == Rib.ONE_BY_ONE
                ? Optional.of(Proposal.nothing(
                        "Nothing in the plan loosens it further: use a stretchier bind-off, or a larger needle."))
                : Optional.empty();
    }

    Optional<Proposal> otherCorners() {
        OpeningChoice choice = spec.choices().opening();
        boolean picked = plan.opening().corners() == Corners.PICK_UP;
        boolean wasPicked = knitted.opening().corners() == Corners.PICK_UP;
        int extra = choice.extraLoops().orElse(OpeningChoice.USUAL_EXTRA);
        if (!picked) {
            return Optional.of(planned(
                    "Pick up " + extra + " extra sts at each corner.",
                    List.of(Change.name(Setting.CORNERS, Corners.PICK_UP))));
        }
        if (!wasPicked
                || plan.opening().live().count() - 2 * plan.stitchCount().half().count()
                        > knitted.opening().live().count()
                                - 2 * knitted.stitchCount().half().count()) {
            return Optional.empty();
        }
        return Optional.of(
                extra == EXTRA_AT_A_HOLE
                        ? Proposal.nothing(
                                "You already pick up 4 at each corner. Close what is left with the joining tail, round and"
                                        + " round the gap from inside.")
                        : planned(
                                "Pick up " + EXTRA_AT_A_HOLE + " extra sts at each corner instead of " + extra + ".",
                                List.of(Change.number(Setting.EXTRA_LOOPS, EXTRA_AT_A_HOLE))));
    }

    private static String rounds(int number) {
        return number == 1 ? "round" : "rounds";
    }

    private Proposal planned(String words, List<Change> changes) {
        return planned(Sentence.of(words), changes);
    }

    /** The proposal, if such a sock has room. */
    private Proposal planned(Sentence said, List<Change> changes) {
        Proposal proposal = new Proposal(said, changes);
        try {
            spec.withChoices(proposal.taken(spec.choices())).plan();
            return proposal;
        } catch (Refusal noRoom) {
            return Proposal.nothing("This sock has no room for it. Measure the foot again, or change heel or toe.");
        }
    }
}
