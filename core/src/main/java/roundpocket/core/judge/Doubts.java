package roundpocket.core.judge;

import static roundpocket.core.judge.Checks.beyond;
import static roundpocket.core.judge.Checks.draft;
import static roundpocket.core.judge.Doubt.Weight.MATTERS;
import static roundpocket.core.judge.Doubt.Weight.STOPS;
import static roundpocket.core.judge.Doubt.Weight.WORTH_KNOWING;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Rib;
import roundpocket.core.fit.FitRules;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.judge.Checks.Draft;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.sock.SockRules;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.Placing;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.TubeCut;
import roundpocket.core.tube.Way;

/**
 * Looks a plan over as a careful friend would, heaviest doubts first. Its limits are constants of the almanac. Nothing
 * matters that lies within its own uncertainty, and every remedy that a choice can make is handed out with it.
 */
public final class Doubts {
    private static final String STITCHES = "choices.size.stitches";

    private final SockSpec spec;
    private final SockPlan plan;
    private final Checks checks;
    private final boolean ready;

    private Doubts(SockSpec spec, SockPlan plan) {
        this.spec = spec;
        this.plan = plan;
        this.checks = new Checks(spec, plan);
        this.ready = plan.tube().way() == Way.READY_TUBE;
    }

    /** The doubts about a plan, heaviest first and within one weight in the order of the work. */
    public static List<Doubt> of(SockSpec spec, SockPlan plan) {
        return of(spec, 1, plan);
    }

    /**
     * The doubts about the plan of one sock.
     *
     * @param sock 1 or 2
     */
    public static List<Doubt> of(SockSpec spec, int sock, SockPlan plan) {
        Doubts all = new Doubts(spec.forSock(sock), plan);
        all.estimates();
        all.unlike(spec);
        all.ease();
        all.leg();
        all.passing();
        HeelDoubts.add(all.checks);
        all.placing();
        ShapingDoubts.add(all.checks);
        all.tube();
        PatternDoubts.add(all.checks);
        FabricDoubts.add(all.checks);
        StripeDoubts.add(all.checks);
        all.checks.doubts().sort(Comparator.comparing(Doubt::weight));
        return List.copyOf(all.checks.doubts());
    }

    private void estimates() {
        if (plan.basis().foot().lengthEstimated()) {
            checks.add(draft(
                            MATTERS,
                            "foot.estimated",
                            "foot.lengthMm",
                            plan.basis().foot().length(),
                            "The foot length, {found}, is only estimated from a shoe size: give or take {error}.")
                    .with("error", Amount.mm(JudgeRules.FOOT_OUT.value()))
                    .helps("Measure the foot, or try the tube on before you open the heel."));
        }
        if (plan.basis().foot().ballGuessed()) {
            checks.add(draft(
                            MATTERS,
                            "foot.guessed",
                            "foot.ballGirthMm",
                            plan.basis().foot().ballGirth(),
                            "The ball, {found} around, is only estimated from the length: give or take {error}.")
                    .with("error", Amount.mm(plan.basis().foot().ballGirth().plusMinus95()))
                    .helps("Measure around the ball, or cast on a stitch count that you know fits."));
        }
    }

    /** Feet that differ, where both socks are planned alike. */
    private void unlike(SockSpec pair) {
        pair.feet()
                .difference()
                .filter(d -> Math.abs(d.value()) >= JudgeRules.FOOT_OUT.value())
                .filter(d -> !pair.feet().each())
                .ifPresent(difference -> checks.add(onItsOwn(
                        pair,
                        draft(
                                        WORTH_KNOWING,
                                        "foot.differ",
                                        "planOn",
                                        difference,
                                        "The two feet differ by {apart} in length; the pair is planned on "
                                                + pair.feet().planOn().title() + ".")
                                .with("apart", Amount.mm(Math.abs(difference.value()))))));
    }

    private static Draft onItsOwn(SockSpec pair, Draft draft) {
        return pair.mayDiffer()
                ? draft.helps(
                        "If that bothers you, plan each sock on its own foot.",
                        made -> made.withFeet(
                                new Feet(made.feet().first(), made.feet().other(), PlanOn.EACH)))
                : draft.helps("If that bothers you, knit each sock to its own foot.");
    }

    private void ease() {
        Step ease = plan.stitchCount().realEase();
        if (ease.value() < 0) {
            // Loose within its own ± is still loose enough to be told, but no more than that.
            Weight weight = -ease.value() > ease.plusMinus95() ? MATTERS : WORTH_KNOWING;
            checks.add(usualSize(draft(
                    weight, "ease.loose", STITCHES, ease, "The tube is {less} larger than the foot and will slip.")));
        } else if (ease.value() < JudgeRules.LOOSE.value()) {
            checks.add(usualSize(draft(
                    WORTH_KNOWING,
                    "ease.little",
                    STITCHES,
                    ease,
                    "The tube is only {found} smaller than the foot and will sit loosely.")));
        } else if (ease.value() > JudgeRules.TIGHTEST.value()) {
            checks.add(usualSize(draft(
                    beyond(JudgeRules.TIGHTEST, ease),
                    "ease.tight",
                    STITCHES,
                    ease,
                    "The tube is {found} smaller than the foot; it will strain and wear.")));
        } else if (ease.value() > JudgeRules.SNUG.value()) {
            checks.add(usualSize(draft(
                    WORTH_KNOWING, "ease.snug", STITCHES, ease, "The tube is {found} smaller than the foot: snug.")));
        }
    }

    /** The remedy for a size: a ready tube has what it has, any other can have the usual count. */
    private Draft usualSize(Draft draft) {
        if (ready) {
            Step fits = SockRules.girthFor(plan.stitchCount().finishedGirth(), SizeChoice.usualEase());
            return draft.with("fits", Amount.mm(fits.value()))
                    .helps("A ready tube’s stitches can’t change: it suits a foot {fits} around the ball.");
        }
        StitchCount usual = StitchCount.of(
                plan.basis().foot().ballGirth(),
                SizeChoice.usualEase(),
                plan.basis().gauge(),
                Optional.empty());
        int now = plan.stitchCount().stitches().count();
        boolean loose = plan.stitchCount().realEase().value() < JudgeRules.LOOSE.value();
        // By fours the usual count may be the one that is taken; then the next one is on offer.
        int other = usual.stitches().count() != now ? usual.stitches().count() : now + (loose ? -4 : 4);
        return draft.with("other", Amount.stitches(other))
                .helps(
                        "Take {other}; 10 to 20 % smaller than the foot is usual.",
                        made -> made.withChoices(made.choices().withSize(SizeChoice.ofStitches(other))));
    }

    private void leg() {
        Step ease = plan.fit().easeAtLeg();
        boolean tight = ease.value() > FitRules.MOST_AT_LEG.value();
        boolean loose = ease.value() < FitRules.LEAST_AT_LEG.value();
        Weight weight = beyond(tight ? FitRules.MOST_AT_LEG : FitRules.LEAST_AT_LEG, ease);
        boolean onlyEstimated = plan.fit().legEstimated();
        if (!tight && !loose || onlyEstimated && weight == WORTH_KNOWING) {
            return;
        }
        Rib rib = plan.cuff().rib();
        String leg = onlyEstimated ? "the leg, which is only estimated," : "the leg";
        Draft draft = draft(
                onlyEstimated || loose ? WORTH_KNOWING : weight,
                tight ? "leg.tight" : "leg.loose",
                "choices.finish.rib",
                ease,
                tight
                        ? "The cuff’s edge is {found} smaller than " + leg + " and will leave its mark."
                        : ease.value() < 0
                                ? "The cuff’s edge is {less} larger than " + leg + " and will slide down."
                                : "The cuff’s edge is only {found} smaller than " + leg + " and will slide down.");
        Rib other = tight ? Rib.ONE_BY_ONE : Rib.TWO_BY_TWO;
        if (rib != other && other.closesOn(plan.stitchCount().stitches().count())) {
            checks.add(draft.helps(
                    "Use " + other.title() + ": it draws in " + (tight ? "less." : "more."),
                    made -> made.withChoices(made.choices().withFinish(withRib(made, other)))));
        } else {
            checks.add(draft.helps(
                    tight
                            ? "Increase in the cuff’s first round, or end the leg where it is thinner."
                            : "Decrease in the cuff’s first round, or end the leg where it is thicker."));
        }
    }

    private static FinishChoice withRib(SockSpec spec, Rib rib) {
        FinishChoice finish = spec.choices().finish();
        return new FinishChoice(finish.cuffRounds(), Optional.of(rib), finish.graftSetUp(), finish.yarnAt());
    }

    private void passing() {
        Step ratio = plan.fit().passing().ratio();
        switch (plan.fit().passing().verdict()) {
            case NOT_WEARABLE ->
                checks.add(wider(
                        draft(
                                STOPS,
                                "heel.not-wearable",
                                STITCHES,
                                ratio,
                                "The tube must stretch to {found} times its girth to get over the heel: it won’t go"
                                        + " on."),
                        ""));
            case TIGHT ->
                checks.add(wider(
                        draft(
                                beyond(FitRules.TIGHT, ratio),
                                "heel.passes-tightly",
                                STITCHES,
                                ratio,
                                "The tube must stretch to {found} times its girth to get over the heel."),
                        "Use a very stretchy bind-off and test it on the heel."));
            default -> {
                // nothing to say
            }
        }
    }

    /** The fewest stitches that get over the heel easily, and what they do to the ease. */
    private Draft wider(Draft draft, String besides) {
        if (ready) {
            return draft.helps((besides + " This tube is narrow for the foot: it suits a smaller one.").strip());
        }
        int stitches = plan.stitchCount().stitches().count();
        int enough = (int) Math.ceil(plan.fit().passing().ratio().value() / FitRules.TIGHT.value() * stitches / 4) * 4;
        SockSpec wide = spec.withChoices(spec.choices().withSize(SizeChoice.ofStitches(enough)));
        return Checks.planned(() -> wide)
                .map(other -> {
                    double ease = other.stitchCount().realEase().value();
                    String sits = ease > 0 ? "the negative ease is then {ease}." : "there is then no negative ease.";
                    return draft.with("enough", Amount.stitches(enough))
                            .with("ease", Amount.share(ease))
                            .helps(
                                    (besides + " With {enough} it goes on easily; " + sits).strip(),
                                    made -> made.withChoices(made.choices().withSize(SizeChoice.ofStitches(enough))));
                })
                .orElseGet(() -> draft.helps((besides + " Take more stitches.").strip()));
    }

    private void placing() {
        Placing placing = plan.tube().heelLine().placing();
        Step out = placing.outBy();
        if (Math.abs(out.value()) <= JudgeRules.FOOT_OUT.value() || placing.school() == PlacingSchool.OWN_HEEL) {
            return;
        }
        boolean shorter = out.value() < 0;
        boolean sure = Math.abs(out.value()) - JudgeRules.FOOT_OUT.value() > out.plusMinus95();
        Draft draft = draft(
                        sure ? MATTERS : WORTH_KNOWING,
                        "placing.out",
                        "choices.placing.school",
                        out,
                        (placing.assumedHeel().value() > 0
                                        ? "There the heel line suits a heel of {suits}; yours has {has}, so the"
                                                + " foot comes"
                                                + " out "
                                        : "There the heel line is past the end of the foot, so the foot comes out ")
                                + (shorter ? "{less} too short." : "{found} too long."))
                .with("suits", Amount.rounds(placing.assumedHeel().value()))
                .with("has", Amount.rounds(plan.heel().shaping().rounds().value()));
        SockSpec usual = spec.withChoices(spec.choices().withPlacing(PlacingChoice.usual()));
        checks.add(
                Checks.planned(() -> usual).isPresent()
                        ? draft.helps("Place the heel line by the heel’s depth, or change its rounds.", made -> usual)
                        : draft.helps("Knit fewer rounds at the heel, or measure the foot again."));
    }

    private void tube() {
        plan.tube()
                .cut()
                .map(TubeCut::remnantRounds)
                .filter(left -> left.value() < 0)
                .ifPresent(left -> checks.add(shorterLeg(draft(
                        STOPS,
                        "tube.too-short",
                        "choices.tube.legMm",
                        left,
                        "The ready tube is {less} too short for two such socks."))));
        plan.replan()
                .filter(replan -> replan.left().value() < 0)
                .ifPresent(replan -> checks.add(draft(
                                STOPS,
                                "tube.opening-passed",
                                "tubeReading.roundsDone",
                                replan.left(),
                                "By the gauge of the tube the heel line should have come {less} ago.")
                        .helps("Rip back to it, or snip it there afterwards.")));
        if (!plan.cuff().closes()) {
            checks.add(draft(
                            MATTERS,
                            "cuff.rib",
                            "choices.finish.rib",
                            plan.stitchCount().stitches(),
                            "{found} do not come out even in "
                                    + plan.cuff().rib().title() + ".")
                    .helps(
                            "Use 1×1 rib, or increase or decrease in the cuff’s first round.",
                            made -> made.withChoices(made.choices().withFinish(withRib(made, Rib.ONE_BY_ONE)))));
        }
    }

    /** The longest leg that the tube leaves; or halves, where that is longer than nothing. */
    private Draft shorterLeg(Draft draft) {
        int missing = -plan.tube().cut().orElseThrow().remnantRounds().count();
        int leg = plan.tube().rounds().leg().count() - (missing + 1) / 2;
        int whole = leg + plan.cuff().rounds().count();
        if (leg >= 1 && whole >= 10 && !plan.tube().wanted().legIsResult()) {
            Step rounds = plan.tube().rounds().leg();
            double perRound = plan.tube().lengths().all().value()
                    / plan.tube().rounds().all().value();
            return draft.with("leg", Amount.mm(whole * perRound))
                    .with("rounds", Amount.rounds(rounds.value() - leg))
                    .helps(
                            "Make the leg {rounds} shorter: {leg} above the heel line, cuff included.",
                            made -> made.withChoices(made.choices()
                                    .withTube(made.choices()
                                            .tube()
                                            .withLegFrom(roundpocket.core.tube.LegFrom.OPENING)
                                            .withLegRounds(whole))));
        }
        SockSpec halved = spec.withChoices(spec.choices()
                .withTube(spec.choices()
                        .tube()
                        .withReadyTube(
                                spec.choices().tube().readyTube().orElseThrow().with(Cut.HALVE))));
        return Checks.planned(() -> halved).isPresent()
                ? draft.helps("Cut it in half: the leg is then what is left.", made -> halved)
                : draft.helps("Take one sock from it, or plan it for a smaller foot.");
    }
}
