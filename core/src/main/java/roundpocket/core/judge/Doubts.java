package roundpocket.core.judge;

import static roundpocket.core.judge.Doubt.Weight.MATTERS;
import static roundpocket.core.judge.Doubt.Weight.STOPS;
import static roundpocket.core.judge.Doubt.Weight.WORTH_KNOWING;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Step;
import roundpocket.core.fit.FitRules;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.fit.Passing;
import roundpocket.core.foot.ToeForm;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.PhasePlan;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.Placing;
import roundpocket.core.tube.TubeCut;

/**
 * Looks a plan over as a careful friend would, heaviest doubts first. The limits are common practice unless a line says
 * otherwise.
 */
public final class Doubts {
    /** A sock's foot may be out by as much as a shoe size is. */
    private static final double FOOT_OUT_MM = 5;

    private static final double LOOSE = 0.05;
    private static final double SNUG = 0.22;
    private static final double TIGHTEST = 0.25;
    private static final double LEAST_HEEL = 0.15;
    private static final double MOST_HEEL = 1 / 3.0;
    private static final double TIGHT_LEG = 0.30;
    /** Half a point more than is easy is within what a tape reads. */
    private static final double HARDLY_TIGHT = 0.005;
    /** Two points more than is easy is felt; less is hardly more than the measure allows. */
    private static final double CLEARLY_TIGHT = 0.02;

    /** Which schools end as wide as the toes do; from the width of their close. */
    private static final Map<ToeForm, Set<ShapingSchool>> SUITS = Map.of(
            ToeForm.ROUND, EnumSet.of(ShapingSchool.WEDGE_THEN_QUICK, ShapingSchool.THREE_SPEED),
            ToeForm.POINTED, EnumSet.of(ShapingSchool.NARROW_WEDGE, ShapingSchool.THREE_SPEED),
            ToeForm.SQUARE, EnumSet.of(ShapingSchool.WEDGE, ShapingSchool.SHORT_ROWS));

    private final SockSpec spec;
    private final SockPlan plan;
    private final List<Doubt> doubts = new ArrayList<>();

    private Doubts(SockSpec spec, SockPlan plan) {
        this.spec = spec;
        this.plan = plan;
    }

    /** The doubts about a plan, heaviest first and within one weight in the order of the work. */
    public static List<Doubt> of(SockSpec spec, SockPlan plan) {
        Doubts all = new Doubts(spec, plan);
        all.feet();
        all.ease();
        all.leg();
        all.heel();
        all.placing();
        all.shapings();
        all.tube();
        all.doubts.addAll(FabricDoubts.of(spec, plan));
        all.doubts.sort(Comparator.comparing(Doubt::weight));
        return List.copyOf(all.doubts);
    }

    private void add(Weight weight, String code, String field, Step figure, String template, String remedy) {
        add(weight, code, field, figure, template, remedy, Map.of());
    }

    private void add(
            Weight weight,
            String code,
            String field,
            Step figure,
            String template,
            String remedy,
            Map<String, Amount> more) {
        doubts.add(doubt(weight, code, field, figure, template, remedy, more));
    }

    static Doubt doubt(
            Weight weight,
            String code,
            String field,
            Step figure,
            String template,
            String remedy,
            Map<String, Amount> more) {
        Map<String, Amount> amounts = new HashMap<>(more);
        amounts.put("found", new Amount(figure.value(), figure.unit()));
        amounts.put("less", new Amount(-figure.value(), figure.unit()));
        return new Doubt(weight, new Problem(code, field, template, remedy, amounts), Optional.of(figure));
    }

    private void feet() {
        if (plan.foot().lengthEstimated()) {
            add(
                    MATTERS,
                    "foot.estimated",
                    "foot.lengthMm",
                    plan.foot().length(),
                    "The length of the foot, {found}, is only estimated from a shoe size, which is good to ±{error}.",
                    "Measure the foot, or try the tube on before the heel is opened.",
                    Map.of("error", Amount.mm(FOOT_OUT_MM)));
        }
        spec.feet()
                .difference()
                .filter(d -> Math.abs(d.value()) >= FOOT_OUT_MM)
                .ifPresent(difference -> add(
                        WORTH_KNOWING,
                        "foot.differ",
                        "planOn",
                        difference,
                        "The two feet differ in length by {apart}; the pair is planned on "
                                + spec.feet().planOn().title() + ".",
                        "Knit each sock for its own foot where that bothers.",
                        Map.of("apart", Amount.mm(Math.abs(difference.value())))));
    }

    private void ease() {
        Step ease = plan.stitchCount().realEase();
        if (ease.value() < 0) {
            add(
                    MATTERS,
                    "ease.loose",
                    "choices.size.stitches",
                    ease,
                    "The tube is {less} larger than the foot and will slip.",
                    "Take fewer stitches; 10 to 20 % smaller is usual.");
        } else if (ease.value() < LOOSE) {
            add(
                    WORTH_KNOWING,
                    "ease.little",
                    "choices.size.stitches",
                    ease,
                    "The tube is only {found} smaller than the foot; it will sit loosely.",
                    "10 to 20 % smaller is usual.");
        } else if (ease.value() > TIGHTEST) {
            add(
                    MATTERS,
                    "ease.tight",
                    "choices.size.stitches",
                    ease,
                    "The tube is {found} smaller than the foot; it will strain and wear.",
                    "Take more stitches; 10 to 20 % smaller is usual.");
        } else if (ease.value() > SNUG) {
            add(
                    WORTH_KNOWING,
                    "ease.snug",
                    "choices.size.stitches",
                    ease,
                    "The tube is {found} smaller than the foot; that is snug.",
                    "10 to 20 % smaller is usual.");
        }
    }

    private void leg() {
        plan.fit().easeAtLeg().ifPresent(ease -> {
            if (ease.value() > TIGHT_LEG) {
                add(
                        MATTERS,
                        "leg.tight",
                        "choices.size.stitches",
                        ease,
                        "The cuff is {found} smaller than the leg and will leave its mark.",
                        "Increase towards the cuff, take a 2×2 rib, or make the leg shorter.");
            } else if (ease.value() < 0) {
                add(
                        WORTH_KNOWING,
                        "leg.loose",
                        "choices.tube.legMm",
                        ease,
                        "The cuff is {less} larger than the leg and will slide down.",
                        "Decrease towards the cuff, or make the leg shorter.");
            }
        });
    }

    private void heel() {
        HeelRoom room = plan.fit().heelRoom();
        Step passing = plan.fit().passing().ratio();
        if (plan.fit().passing().verdict() == Passing.Verdict.NOT_WEARABLE) {
            add(
                    STOPS,
                    "heel.not-wearable",
                    "choices.size.stitches",
                    passing,
                    "The tube must stretch to {found} times its girth to pass the heel: it will not go on.",
                    "Take more stitches.");
        } else if (plan.fit().passing().verdict() == Passing.Verdict.TIGHT) {
            add(
                    MATTERS,
                    "heel.passes-tightly",
                    "choices.size.stitches",
                    passing,
                    "The tube must stretch to {found} times its girth to pass the heel.",
                    "Take more stitches, and a very stretchy bind-off in any case.");
        }
        if (room.stretch().value() > room.limit().value() + HARDLY_TIGHT) {
            Map<String, Amount> more = Map.of(
                    "limit",
                    new Amount(room.limit().value(), Unit.PERCENT),
                    "advised",
                    Amount.rounds(room.advised().orElse(HeelRoom.MOST_ADVISED)));
            add(
                    room.stretch().value() > room.limit().value() + CLEARLY_TIGHT ? MATTERS : WORTH_KNOWING,
                    "heel.tight",
                    "choices.heel.plainRounds",
                    room.stretch(),
                    "The heel stretches by {found} over the ankle, and {limit} is easy.",
                    room.advised().isPresent()
                            ? "With {advised} plain before its first decrease it sits easily."
                            : "Even {advised} plain do not do: take more stitches or a wider close.",
                    more);
        }
        if (plan.foot().diagonalEstimated()) {
            add(
                    WORTH_KNOWING,
                    "heel.estimated",
                    "foot.heelDiagonalMm",
                    plan.foot().heelDiagonal(),
                    "The heel diagonal, {found}, is only estimated from the ball; the room at the heel rests on it.",
                    "Measure from under the heel over the front of the ankle.");
        }
        Step share = FitRules.heelShare(plan.heel().depth(), plan.foot().length());
        if (share.value() < LEAST_HEEL || share.value() > MOST_HEEL) {
            add(
                    WORTH_KNOWING,
                    "heel.share",
                    "choices.heel.plainRounds",
                    share,
                    "The heel takes {found} of the foot; a quarter to a third is common.",
                    "Change its plain rounds or its school.");
        }
    }

    private void placing() {
        Placing placing = plan.tube().placing();
        if (Math.abs(placing.outBy().value()) > FOOT_OUT_MM) {
            boolean shorter = placing.outBy().value() < 0;
            add(
                    MATTERS,
                    "placing.out",
                    "choices.placing.school",
                    placing.outBy(),
                    "Placed " + placing.school().title()
                            + ", the heel suits one of {suits}; yours has {has}, so the foot" + " comes out "
                            + (shorter ? "{less} short." : "{found} long."),
                    "Place it by your own heel, or change the heel's rounds.",
                    Map.of(
                            "suits", Amount.rounds(placing.assumedHeel().value()),
                            "has", Amount.rounds(plan.heel().rounds().value())));
        }
    }

    private void shapings() {
        parity("heel", plan.heel());
        parity("toe", plan.toe());
        plan.foot().toeForm().ifPresent(this::toeForm);
        if (!plan.toe().begun()) {
            add(
                    WORTH_KNOWING,
                    "toe.in-line",
                    "choices.toe.school",
                    plan.stitchCount().half(),
                    "The toe is picked up later: its decreases must sit at the sides, in line with the corners of the"
                            + " opening, {found} on each half.",
                    "Keep to one column of stitches from the heel to the toe and mark both sides.");
        }
    }

    private void toeForm(ToeForm form) {
        ShapingSchool school = plan.toe().school();
        if (school == ShapingSchool.OWN || SUITS.get(form).contains(school)) {
            return;
        }
        String better =
                SUITS.get(form).stream().map(ShapingSchool::title).sorted().collect(Collectors.joining(" or the "));
        add(
                WORTH_KNOWING,
                "toe.form",
                "choices.toe.school",
                plan.toe().closingSide(),
                "The toe ends with {found} on each side, and the toes are " + form.title() + ".",
                "The " + better + " follows such toes more closely.");
    }

    private void parity(String name, Shaping shaping) {
        PhasePlan last = shaping.phases().get(shaping.phases().size() - 1);
        last.otherSide()
                .ifPresent(other -> add(
                        WORTH_KNOWING,
                        name + ".parity",
                        "choices." + name + ".parity",
                        last.side(),
                        "The " + name
                                + " would close at {wanted} a side, which twos do not reach; it closes at {found}.",
                        "{other} would do as well.",
                        Map.of(
                                "wanted",
                                        Amount.stitches(
                                                last.target().orElseThrow().value()),
                                "other", Amount.stitches(other))));
    }

    private void tube() {
        plan.tube()
                .cut()
                .map(TubeCut::remnantRounds)
                .filter(left -> left.value() < 0)
                .ifPresent(left -> add(
                        STOPS,
                        "tube.too-short",
                        "choices.tube.legMm",
                        left,
                        "The ready tube is {less} too short for two such socks.",
                        "Make the leg shorter, or cut it in half."));
        plan.replan()
                .filter(replan -> replan.left().value() < 0)
                .ifPresent(replan -> add(
                        STOPS,
                        "tube.opening-passed",
                        "tubeReading.roundsDone",
                        replan.left(),
                        "By the gauge of the tube the opening should have come {less} ago.",
                        "Rip back to it, or snip it there afterwards."));
        if (!plan.cuff().closes()) {
            add(
                    MATTERS,
                    "cuff.rib",
                    "choices.finish.rib",
                    plan.stitchCount().stitches(),
                    "{found} do not come out even in " + plan.cuff().rib().title() + ".",
                    "Take a 1×1 rib, or increase or decrease in the cuff's first round.");
        }
    }
}
