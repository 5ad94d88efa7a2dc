package roundpocket.core.wear;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import roundpocket.core.opening.Corners;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;

/**
 * How a worn sock fits, and what that proposes for the next pair on the same foot. The steps are common practice: one or
 * two plain rounds at a heel, three rounds in a foot; those without a source are from memory.
 */
public enum FitNote {
    HEEL_TIGHT(
            "heel tight",
            "the heel pulls over the instep",
            "Plain rounds before the decreases deepen the heel.",
            next -> number("heel.plainRounds", next.heelPlain(), 2, 0, 30, "plain rounds at the heel")),
    HEEL_BAGGY(
            "heel baggy",
            "the heel stands off and rubs in the shoe",
            "Fewer plain rounds make the heel shallower.",
            next -> number("heel.plainRounds", next.heelPlain(), -2, 0, 30, "plain rounds at the heel")),
    FOOT_LONG(
            "foot long",
            "there is fabric beyond the toes",
            "Three rounds fewer between toe and heel.",
            next -> number("placing.markedRound", next.opening(), -3, 1, 1000, "rounds to the opening")),
    FOOT_SHORT(
            "foot short",
            "the toes push against the end",
            "Three rounds more between toe and heel.",
            next -> number("placing.markedRound", next.opening(), 3, 1, 1000, "rounds to the opening")),
    TUBE_TIGHT(
            "tube tight",
            "it is hard to put on, or marks the foot",
            "A tube that is less small than the foot.",
            next -> ratio(next.ease(), -0.03)),
    TUBE_LOOSE(
            "tube loose",
            "it turns round the foot",
            "A tube that is a little smaller than the foot.",
            next -> ratio(next.ease(), 0.03)),
    TOE_TIGHT(
            "toe tight",
            "the toes are squeezed together",
            "Plain rounds before the decreases give the toes room.",
            next -> number("toe.plainRounds", next.toePlain(), 2, 0, 30, "plain rounds at the toe")),
    CUFF_LOOSE(
            "cuff loose",
            "it slides down",
            "A longer rib holds better.",
            next -> number("finish.cuffRounds", next.cuff(), 4, 4, 120, "rounds of the cuff")),
    CUFF_TIGHT(
            "cuff tight",
            "the edge cuts in, or will not pass the heel",
            "The edge and not the rounds: bind off with a stretchier bind-off, or on a larger needle.",
            next -> Optional.empty()),
    HOLES_AT_CORNERS(
            "holes at corners",
            "there are gaps where the heel begins",
            "The other way at the corners.",
            FitNote::otherCorners);

    /** What a change would do to a part of a plan; the plan's own values go into it. */
    private record Next(SockSpec spec, SockPlan plan) {
        int heelPlain() {
            return plan.heel().plainRounds().count();
        }

        int toePlain() {
            return plan.toe().plainRounds().count();
        }

        int opening() {
            return plan.tube().openingRound().count();
        }

        int cuff() {
            return plan.cuff().rounds().count();
        }

        double ease() {
            return plan.ease().value();
        }
    }

    private final String title;
    private final String description;
    private final String reason;
    private final Function<Next, Optional<Proposal>> change;

    FitNote(String title, String description, String reason, Function<Next, Optional<Proposal>> change) {
        this.title = title;
        this.description = description;
        this.reason = reason;
        this.change = change;
    }

    public String title() {
        return title;
    }

    public String description() {
        return description;
    }

    /** Why the proposal helps, or what helps where the plan has nothing to change. */
    public String reason() {
        return reason;
    }

    /** What is proposed for a plan; empty where its limits leave no room, or where no number of the plan helps. */
    public Optional<Proposal> proposal(SockSpec spec) {
        return change.apply(new Next(spec, spec.plan()));
    }

    private static Optional<Proposal> number(String choice, int now, int by, int least, int most, String what) {
        int then = Math.max(least, Math.min(most, now + by));
        if (then == now) {
            return Optional.empty();
        }
        String words = "%s: %d, not %d".formatted(what, then, now);
        List<Proposal.Change> changes = choice.equals("placing.markedRound")
                ? List.of(Proposal.Change.name("placing.school", "ON_THE_FOOT"), Proposal.Change.number(choice, then))
                : List.of(Proposal.Change.number(choice, then));
        return Optional.of(new Proposal(words, changes));
    }

    private static Optional<Proposal> ratio(double now, double by) {
        double then = Math.round(Math.max(0, Math.min(0.25, now + by)) * 1000) / 1000.0;
        return then == now
                ? Optional.empty()
                : Optional.of(new Proposal(
                        "smaller than the foot: %s %%, not %s %%".formatted(perCent(then), perCent(now)),
                        List.of(Proposal.Change.number("size.ease", then))));
    }

    private static String perCent(double ratio) {
        double value = Math.round(ratio * 1000) / 10.0;
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private static Optional<Proposal> otherCorners(Next next) {
        Choices choices = next.spec().choices();
        Corners now = next.plan().opening().corners();
        boolean room = next.heelPlain() >= 4;
        Corners then = now == Corners.PICK_UP || !room ? Corners.LEAVE_TWO : Corners.PICK_UP;
        return then == now || choices.opening().keepFour().isPresent()
                ? Optional.empty()
                : Optional.of(new Proposal(
                        "at the corners: " + then.title() + ", not " + now.title(),
                        List.of(Proposal.Change.name("opening.corners", then.name()))));
    }
}
