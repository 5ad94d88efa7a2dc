package roundpocket.core.wear;

import java.util.Optional;
import java.util.function.Function;
import roundpocket.core.explain.Named;
import roundpocket.core.foot.Feet;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;

/**
 * How a worn sock fits, and what that proposes for the next pair on the same foot. The steps are common practice: one or
 * two plain rounds at a heel, three rounds in a foot; those without a source are from memory.
 */
public enum FitNote implements Named {
    HEEL_TIGHT(
            Topic.HEEL,
            "heel tight",
            "the heel pulls over the instep",
            "Plain rounds before the decreases deepen the heel.",
            next -> next.heelPlain(2, "Tight")),
    HEEL_BAGGY(
            Topic.HEEL,
            "heel baggy",
            "the heel is loose and rubs in the shoe",
            "Fewer plain rounds make the heel shallower.",
            next -> next.heelPlain(-2, "Loose")),
    FOOT_LONG(
            Topic.FOOT,
            "foot long",
            "the sock is longer than the toes",
            "Three rounds fewer between toe and heel.",
            next -> next.footRounds(-3, "Long")),
    FOOT_SHORT(
            Topic.FOOT,
            "foot short",
            "the toes push against the end",
            "Three rounds more between toe and heel.",
            next -> next.footRounds(3, "Short")),
    TUBE_TIGHT(
            Topic.TUBE,
            "tube tight",
            "it is hard to put on, or marks the foot",
            "Less negative ease.",
            next -> next.stitches(4, "Tight")),
    TUBE_LOOSE(
            Topic.TUBE,
            "tube loose",
            "it turns around the foot",
            "More negative ease.",
            next -> next.stitches(-4, "Loose")),
    TOE_TIGHT(
            Topic.TOE,
            "toe tight",
            "the toes are squeezed together",
            "Plain rounds before the decreases give the toes room.",
            next -> next.toePlain(2, "Tight")),
    CUFF_LOOSE(Topic.CUFF, "cuff loose", "it slides down", "A longer rib holds better.", Next::longerCuff),
    CUFF_TIGHT(
            Topic.CUFF,
            "cuff tight",
            "the edge cuts in, or will not go over the heel",
            "It’s the bind-off or the rib, not the rounds: use a stretchier bind-off, or a larger needle for it.",
            Next::looserCuff),
    HOLES_AT_CORNERS(
            Topic.CORNERS,
            "holes at corners",
            "there are gaps where the heel begins",
            "Try the corners another way.",
            Next::otherCorners),
    LEG_LONG(
            Topic.LEG,
            "leg long",
            "it bunches above the ankle",
            "A centimetre less of leg.",
            next -> next.leg(-10, "Long")),
    LEG_SHORT(
            Topic.LEG,
            "leg short",
            "it ends lower than wanted",
            "A centimetre more of leg.",
            next -> next.leg(10, "Short")),
    LEG_TIGHT(
            Topic.LEG_WIDTH,
            "leg tight",
            "it marks the calf, or will not come up",
            "The tube is as wide at the leg as at the foot.",
            next -> next.legWidth("larger", "more")),
    LEG_LOOSE(
            Topic.LEG_WIDTH,
            "leg loose",
            "it stands off above the ankle",
            "The tube is as wide at the leg as at the foot.",
            next -> next.legWidth("smaller", "fewer"));

    /** What a note is about. Of two notes about one thing the later one counts. */
    public enum Topic {
        HEEL,
        FOOT,
        TUBE,
        TOE,
        CUFF,
        CORNERS,
        LEG,
        LEG_WIDTH
    }

    private final Topic topic;
    private final String title;
    private final String description;
    private final String reason;
    private final Function<Next, Optional<Proposal>> change;

    FitNote(Topic topic, String title, String description, String reason, Function<Next, Optional<Proposal>> change) {
        this.topic = topic;
        this.title = title;
        this.description = description;
        this.reason = reason;
        this.change = change;
    }

    public Topic topic() {
        return topic;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }

    /** Why the proposal helps, or what helps where the plan has nothing to change. */
    public String reason() {
        return reason;
    }

    /**
     * Whether what was said of one of two unlike feet says something of socks for both: too large on the foot that they are
     * not planned on is as it has to be.
     *
     * @param foot 1 for the first, 2 for the other
     */
    public boolean counts(Feet feet, int foot) {
        Optional<Feet.At> large =
                switch (this) {
                    case FOOT_LONG -> Optional.of(Feet.At.LENGTH);
                    case HEEL_BAGGY -> Optional.of(Feet.At.HEEL);
                    case TUBE_LOOSE -> Optional.of(Feet.At.BALL);
                    case LEG_LOOSE, CUFF_LOOSE -> Optional.of(Feet.At.LEG);
                    default -> Optional.empty();
                };
        return large.filter(at -> feet.lesser(foot, at)).isEmpty();
    }

    /**
     * What is proposed for a plan as it stands, reckoned from the numbers as they were knitted; empty where the plan has it
     * already. Proposals do not lean on each other: each moves one thing, so that taking one leaves what the others do as it
     * was.
     *
     * @param spec the plan of the next pair
     * @param knitted the sock that it was said of
     */
    public Optional<Proposal> proposal(SockSpec spec, SockPlan knitted) {
        return change.apply(new Next(spec, spec.plan(), knitted));
    }
}
