package roundpocket.core.judge;

import static roundpocket.core.judge.Checks.draft;
import static roundpocket.core.judge.Doubt.Weight.WORTH_KNOWING;

import java.util.List;
import java.util.Optional;
import roundpocket.core.foot.ToeForm;
import roundpocket.core.judge.Checks.Draft;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Parity;
import roundpocket.core.shaping.Phase;
import roundpocket.core.shaping.PhasePlan;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.Way;

/** What a careful friend would say of how heel and toe close. */
final class ShapingDoubts {
    /** Schools in the order in which they are proposed for a toe. */
    private static final List<ShapingSchool> FOR_TOES = List.of(
            ShapingSchool.WEDGE, ShapingSchool.NARROW_WEDGE, ShapingSchool.WEDGE_THEN_QUICK, ShapingSchool.THREE_SPEED);

    private final Checks checks;
    private final SockPlan plan;

    private ShapingDoubts(Checks checks) {
        this.checks = checks;
        this.plan = checks.plan();
    }

    static void add(Checks checks) {
        ShapingDoubts shapings = new ShapingDoubts(checks);
        shapings.parity(true, shapings.plan.heel().shaping());
        shapings.parity(false, shapings.plan.toe().shaping());
        shapings.plan.basis().foot().toeForm().ifPresent(shapings::toeForm);
        shapings.inLine();
    }

    private void parity(boolean heel, Shaping shaping) {
        String name = heel ? "heel" : "toe";
        PhasePlan last = shaping.phases().get(shaping.phases().size() - 1);
        last.otherSide()
                .ifPresent(other -> checks.add(draft(
                                WORTH_KNOWING,
                                name + ".parity",
                                "choices." + name + ".parity",
                                last.side(),
                                "The " + name
                                        + " is to close at {wanted} on each needle; decreasing by twos it closes at"
                                        + " {found}.")
                        .with(
                                "wanted",
                                Amount.stitches(last.target().orElseThrow().value()))
                        .with("other", Amount.stitches(other))
                        .helps("{other} are as near.", made -> otherParity(made, heel))));
    }

    private static SockSpec otherParity(SockSpec spec, boolean heel) {
        Choices choices = spec.choices();
        ShapingChoice now = heel ? choices.heel() : choices.toe();
        ShapingChoice other = new ShapingChoice(
                now.school(),
                now.plainRounds(),
                now.leaning(),
                now.edgeStitch(),
                now.phases(),
                now.plainBeforeClose(),
                now.close(),
                Optional.of(now.parity().orElse(Parity.BELOW) == Parity.BELOW ? Parity.ABOVE : Parity.BELOW));
        return spec.withChoices(heel ? choices.withHeel(other) : choices.withToe(other));
    }

    private void toeForm(ToeForm wanted) {
        ToeForm form = form(plan);
        if (form == wanted) {
            return;
        }
        Draft draft = draft(
                WORTH_KNOWING,
                "toe.form",
                "choices.toe.school",
                JudgeRules.closeShare(
                        plan.toe().shaping().closingSide(), plan.stitchCount().half()),
                "The toe ends " + form.title() + ", {found} as wide as it starts; the toes are " + wanted.title()
                        + ".");
        ShapingChoice now = checks.spec().choices().toe();
        Optional<ShapingChoice> better = FOR_TOES.stream()
                .map(school -> ShapingChoice.of(
                        school, plan.toe().shaping().plainRounds().count()))
                .filter(choice -> ends(choice, wanted))
                .findFirst();
        if (better.isPresent()) {
            checks.add(draft.helps(
                    Sentence.capital(better.get().schoolTaken().phrase()) + " follows such toes more closely.",
                    made -> made.withChoices(made.choices().withToe(better.get()))));
            return;
        }
        int side = own(wanted);
        ShapingChoice own = ShapingChoice.own(
                plan.toe().shaping().plainRounds().count(), true, Close.GRAFT, List.of(Phase.until(2, side)));
        if (ends(own, wanted) && now.schoolTaken() != ShapingSchool.SHORT_ROWS) {
            checks.add(draft.with("side", Amount.stitches(side))
                    .helps(
                            "Decrease every 2nd round to {side} on each needle: it follows such toes more closely.",
                            made -> made.withChoices(made.choices().withToe(own))));
        } else {
            checks.add(draft.helps("Try it on before you close it."));
        }
    }

    /** Stitches to stop at for toes of a form, from half the tube by twos. */
    private int own(ToeForm wanted) {
        int half = plan.stitchCount().half().count();
        int side = half;
        double most = wanted == ToeForm.POINTED ? JudgeRules.POINTED.value() : JudgeRules.SQUARE.value() + 0.05;
        while (side > 4 && side - 2 > 0 && (double) side / half > most) {
            side -= 2;
        }
        return side;
    }

    private boolean ends(ShapingChoice choice, ToeForm wanted) {
        SockSpec spec = checks.spec();
        return Checks.planned(() -> spec.withChoices(spec.choices().withToe(choice)))
                .filter(other -> form(other) == wanted)
                .isPresent();
    }

    /** How a toe ends: by the width of its close, beside its start; a rhythm of every round rounds it off. */
    static ToeForm form(SockPlan plan) {
        double share = JudgeRules.closeShare(
                        plan.toe().shaping().closingSide(), plan.stitchCount().half())
                .value();
        boolean quick = plan.toe().shaping().phases().stream()
                .anyMatch(phase -> phase.every().count() == 1);
        if (share <= JudgeRules.POINTED.value() && !quick) {
            return ToeForm.POINTED;
        }
        return share > JudgeRules.SQUARE.value() ? ToeForm.SQUARE : ToeForm.ROUND;
    }

    private void inLine() {
        if (plan.toe().shaping().begun() || plan.toe().shaping().school().inSections()) {
            return;
        }
        boolean knittedOn = plan.tube().way() == Way.CUFF_DOWN;
        checks.add(draft(
                        WORTH_KNOWING,
                        "toe.in-line",
                        "choices.toe.school",
                        plan.stitchCount().half(),
                        (knittedOn ? "The toe is knitted on at the end of the foot" : "The toe is picked up later")
                                + ": its decreases must sit at the sides, in line with the corners of the heel, {found} apart.")
                .helps("Keep to one column of sts from the heel to the toe and mark both sides."));
    }
}
