package roundpocket.core.judge;

import static roundpocket.core.judge.Checks.draft;
import static roundpocket.core.judge.Doubt.Weight.MATTERS;
import static roundpocket.core.judge.Doubt.Weight.WORTH_KNOWING;

import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.fit.FitRules;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.fit.HeelRoom.Sits;
import roundpocket.core.judge.Checks.Draft;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;

/** What a careful friend would say of the heel. */
final class HeelDoubts {
    private static final String PLAIN = "choices.heel.plainRounds";
    private static final int MOST_PLAIN = 30;

    private final Checks checks;
    private final SockPlan plan;

    private HeelDoubts(Checks checks) {
        this.checks = checks;
        this.plan = checks.plan();
    }

    static void add(Checks checks) {
        HeelDoubts heel = new HeelDoubts(checks);
        heel.tight();
        heel.estimated();
        heel.share();
        heel.corners();
    }

    private void tight() {
        HeelRoom room = plan.fit().heelRoom();
        Sits sits = room.sits();
        if (sits != Sits.TIGHT && sits != Sits.ON_THE_LIMIT) {
            return;
        }
        Draft draft = draft(
                        sits == Sits.TIGHT ? MATTERS : WORTH_KNOWING,
                        "heel.tight",
                        PLAIN,
                        room.stretch(),
                        sits == Sits.TIGHT
                                ? "The heel must stretch {found} over the ankle; up to {limit} is comfortable."
                                : "The heel must stretch about {found} over the ankle; up to {limit} is"
                                        + " comfortable, and the"
                                        + " measures cannot tell the two apart.")
                .with("limit", Amount.share(room.limit().value()))
                .with("advised", Amount.rounds(room.advised()));
        int plainNow = plan.heel().shaping().plainRounds().count();
        if (Checks.planned(() -> plain(checks.spec(), room.advised())).isEmpty()) {
            // A leg measured from the floor has the heel within it.
            checks.add(draft.helps("Knit {advised} before the first decrease, and make the leg higher for them."));
        } else if (room.advisedDo()) {
            checks.add(draft.helps("Knit {advised} before the first decrease.", made -> plain(made, room.advised())));
        } else if (plainNow < room.advised()) {
            Step then = room.options().get(room.advised()).stretch();
            checks.add(draft.with("then", Amount.share(then.value()))
                    .helps(
                            "Knit {advised} before the first decrease: it still stretches {then}. More stitches help"
                                    + " further.",
                            made -> plain(made, room.advised())));
        } else {
            checks.add(draft.helps("Take more stitches, or a shaping that closes wider."));
        }
    }

    private static SockSpec plain(SockSpec spec, int rounds) {
        return spec.withChoices(spec.choices().withHeel(spec.choices().heel().withPlainRounds(rounds)));
    }

    private void estimated() {
        if (plan.basis().foot().diagonalEstimated()) {
            checks.add(draft(
                            WORTH_KNOWING,
                            "heel.estimated",
                            "foot.heelDiagonalMm",
                            plan.basis().foot().heelDiagonal(),
                            "The heel diagonal, {found}, is only an estimate from the ball; measure it and the heel’s"
                                    + " fit is surer.")
                    .helps("Measure from under the heel over the front of the ankle."));
        }
    }

    private void share() {
        Step share = FitRules.heelShare(
                plan.heel().shaping().depth(), plan.basis().foot().length());
        boolean little = share.value() < JudgeRules.LEAST_HEEL.value();
        if (!little && share.value() <= JudgeRules.MOST_HEEL.value()) {
            return;
        }
        Draft draft = draft(
                WORTH_KNOWING,
                "heel.share",
                PLAIN,
                share,
                "The heel takes {found} of the foot; a fifth to a third is common.");
        Optional<ShapingChoice> other = within(little);
        checks.add(other.map(choice -> {
                    int rounds = choice.plainRounds().orElse(0);
                    String shape = choice.schoolTaken() == plan.heel().shaping().school()
                            ? ""
                            : "Shape it as " + choice.schoolTaken().phrase() + ". ";
                    return draft.with("plain", Amount.rounds(rounds))
                            .helps(
                                    shape
                                            + (rounds == 0
                                                    ? "Decrease from the first round on."
                                                    : "Knit {plain} before the first decrease."),
                                    made -> made.withChoices(made.choices().withHeel(choice)));
                })
                .orElseGet(
                        () -> draft.helps(little ? "Knit more plain rounds at the heel." : "Measure the foot again.")));
    }

    /** A heel of the usual share: other plain rounds, or where those cannot do it the wedge. */
    private Optional<ShapingChoice> within(boolean little) {
        ShapingChoice now = checks.spec().choices().heel();
        int plainNow = plan.heel().shaping().plainRounds().count();
        int by = little ? 1 : -1;
        for (ShapingChoice choice : new ShapingChoice[] {now, ShapingChoice.of(ShapingSchool.WEDGE, plainNow)}) {
            for (int p = plainNow; p >= 0 && p <= MOST_PLAIN; p += by) {
                ShapingChoice tried = choice.withPlainRounds(p);
                Optional<SockPlan> other = Checks.planned(
                        () -> checks.spec().withChoices(checks.spec().choices().withHeel(tried)));
                if (other.filter(HeelDoubts::usualShare).isPresent()) {
                    return Optional.of(tried);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean usualShare(SockPlan plan) {
        double share = FitRules.heelShare(
                        plan.heel().shaping().depth(), plan.basis().foot().length())
                .value();
        return share >= JudgeRules.LEAST_HEEL.value() && share <= JudgeRules.MOST_HEEL.value();
    }

    /** Plain rounds that were added, since the extra stitches of the corners go in them. */
    private void corners() {
        // Where nobody chose how many, nobody misses any.
        int has = plan.heel().shaping().plainRounds().count();
        int wanted = checks.spec().choices().heel().plainRounds().orElse(has);
        if (has > wanted) {
            checks.add(draft(
                            WORTH_KNOWING,
                            "heel.corners",
                            PLAIN,
                            plan.heel().shaping().plainRounds(),
                            "The heel has {found} before its decreases, "
                                    + (wanted == 0 ? "though you chose none" : "not {wanted}")
                                    + ": the extra stitches at its corners are decreased in them.")
                    .with("wanted", Amount.rounds(wanted))
                    .helps(
                            "Pick up fewer at the corners if you want fewer plain rounds.",
                            made -> made.withChoices(made.choices()
                                    .withOpening(made.choices().opening().closingLater()))));
        }
    }
}
