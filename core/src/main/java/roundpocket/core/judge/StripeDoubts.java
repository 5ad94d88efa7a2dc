package roundpocket.core.judge;

import static roundpocket.core.judge.Checks.draft;
import static roundpocket.core.judge.Doubt.Weight.MATTERS;
import static roundpocket.core.judge.Doubt.Weight.WORTH_KNOWING;

import java.util.Optional;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.KnotWay;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Striping;

/** What a careful friend would say of a yarn that changes colour. */
final class StripeDoubts {
    private final Checks checks;
    private final SockSpec spec;
    private final SockPlan plan;
    private final Striping striping;
    private final StripePlan stripes;

    private StripeDoubts(Checks checks, Striping striping, StripePlan stripes) {
        this.checks = checks;
        this.spec = checks.spec();
        this.plan = checks.plan();
        this.striping = striping;
        this.stripes = stripes;
    }

    static void add(Checks checks) {
        checks.plan().stripes().ifPresent(stripes -> new StripeDoubts(
                        checks, checks.spec().yarns().striping().orElseThrow(), stripes)
                .all());
    }

    private void all() {
        if (striping.oneColour()) {
            checks.add(draft(
                            WORTH_KNOWING,
                            "stripes.one-colour",
                            "striping.bands",
                            stripes.repeat(),
                            "All bands of this yarn have the same colour, so no stripes will show.")
                    .helps("Pick a colour for each band, or remove the bands."));
            return;
        }
        if (plan.tube().cut().isPresent()) {
            return; // the stripes of a tube are there to be seen
        }
        yarnAtHandMetres().ifPresent(this::skein);
        second();
        knots();
        unsure();
    }

    /** Metres of the yarn that is there, where it was weighed. */
    private Optional<Double> yarnAtHandMetres() {
        double tex = plan.yarn().models().get(YarnRole.MAIN).fineness().value();
        return spec.yarns().main().atHand(YarnRole.MAIN.path()).map(grams -> grams.value() / tex * 1000);
    }

    private void skein(double metres) {
        if (stripes.repeat().value() > metres) {
            checks.add(draft(
                            MATTERS,
                            "stripes.repeat-long",
                            "striping.bands",
                            stripes.repeat(),
                            "One repeat takes {found}, and the yarn you have is {most}: not every colour will come.")
                    .with("most", new Amount(metres, Unit.METRES))
                    .helps("Check the metres of the bands."));
        }
        for (int i = 0; i < striping.knots().size(); i++) {
            Knot knot = striping.knots().get(i);
            if (knot.atM() > metres) {
                Step at = Given.measured("knot", knot.atM(), Unit.METRES, "striping.knots[" + i + "].atM");
                checks.add(draft(
                                WORTH_KNOWING,
                                "stripes.knot-beyond",
                                "striping.knots",
                                at,
                                "The knot at {found} lies beyond the end of the yarn you have, {most}.")
                        .with("most", new Amount(metres, Unit.METRES))
                        .helps("Measure to it again, or remove it if it was in what you have used."));
            }
        }
    }

    private void second() {
        SecondSock how = spec.choices().colourTaken().secondTaken();
        boolean tooShort = stripes.cut().filter(cut -> !cut.enough()).isPresent();
        if (how == SecondSock.TWO_CAKES && tooShort) {
            checks.add(draft(
                            MATTERS,
                            "stripes.cut-short",
                            "choices.colour.second",
                            stripes.cut().orElseThrow().second(),
                            "Cut between two repeats, one half of the skein is not enough for a sock.")
                    .helps("Knit both socks from one cake, or choose another way for the second sock."));
        } else if (how == SecondSock.TWO_CAKES
                && stripes.cut().isEmpty()
                && yarnAtHandMetres().isPresent()
                && stripes.knots().stream().anyMatch(knot -> !knot.goesOnKnown())) {
            checks.add(draft(
                            MATTERS,
                            "stripes.cut-behind-knot",
                            "striping.knots",
                            stripes.repeat(),
                            "Where to cut the skein is not known: it lies behind a knot.")
                    .helps("Look behind it, and enter with the yarn where in the repeat it goes on."));
        } else if (how == SecondSock.TWO_CAKES && stripes.cut().isEmpty()) {
            checks.add(draft(
                            WORTH_KNOWING,
                            "stripes.cut-where",
                            "choices.colour.second",
                            stripes.repeat(),
                            "Where to cut the skein is not known.")
                    .helps("Enter the weight of the yarn you have; a skein of less than one repeat cannot be cut so."));
        }
        if (how == SecondSock.OTHER_END && spec.choices().colour().secondBand().isEmpty()) {
            checks.add(draft(
                            MATTERS,
                            "stripes.other-end",
                            "choices.colour.second",
                            stripes.repeat(),
                            "Which colour shows at the other end of the cake is not known.")
                    .helps("Look, and choose it."));
        }
    }

    private void knots() {
        for (StripePlan.KnotMet knot : stripes.knots()) {
            if (knot.taken() != KnotWay.KNIT_ON) {
                continue;
            }
            String comes = "A knot comes in the " + (knot.sock() == 1 ? "first" : "second") + " sock, in the "
                    + knot.section().title();
            checks.add(draft(
                            MATTERS,
                            "stripes.knot",
                            "striping.knots",
                            Given.tried("knot", knot.atM(), Unit.METRES),
                            comes
                                    + (knot.goesOnKnown()
                                            ? ": the stripe order breaks there."
                                            : ". How the stripes go on behind it is not known."))
                    .helps(
                            knot.goesOnKnown()
                                    ? "Your choices are under the picture of the pair."
                                    : "Look behind it, and enter with the yarn where in the repeat it goes on."));
        }
    }

    private void unsure() {
        Step unsure = stripes.socks().get(0).unsureAtHeelLine();
        double widest = stripes.bands().stream()
                .mapToDouble(band -> band.rounds().value())
                .max()
                .orElse(0);
        if (unsure.value() > widest / 2) {
            checks.add(draft(
                            WORTH_KNOWING,
                            "stripes.unsure",
                            "striping.bands",
                            unsure,
                            "Where the stripes lie at the heel line is only a guess: give or take {found}, and the"
                                    + " widest band has {widest}.")
                    .with("widest", Amount.rounds(Math.round(widest)))
                    .helps("Note each new colour as you knit: after two changes the rest is sure."));
        }
    }
}
