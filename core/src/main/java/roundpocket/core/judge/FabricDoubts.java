package roundpocket.core.judge;

import static roundpocket.core.judge.Checks.beyond;
import static roundpocket.core.judge.Checks.draft;
import static roundpocket.core.judge.Doubt.Weight.MATTERS;
import static roundpocket.core.judge.Doubt.Weight.STOPS;
import static roundpocket.core.judge.Doubt.Weight.WORTH_KNOWING;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Checks.Draft;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.LegYarn;
import roundpocket.core.plan.RoleYarn;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.plan.Yarns;
import roundpocket.core.swatch.CountedWay;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.GaugeAdvice;
import roundpocket.core.swatch.GaugeRules;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.Enough;
import roundpocket.core.yarn.Left;
import roundpocket.core.yarn.Weighed;
import roundpocket.core.yarn.YarnModel;

/** What a careful friend would say of the swatch and of the yarn. */
final class FabricDoubts {
    private static final int SHORTEST_LEG = 10;

    private final Checks checks;
    private final SockSpec spec;
    private final SockPlan plan;

    private FabricDoubts(Checks checks) {
        this.checks = checks;
        this.spec = checks.spec();
        this.plan = checks.plan();
    }

    static void add(Checks checks) {
        FabricDoubts fabric = new FabricDoubts(checks);
        fabric.swatch();
        fabric.apart(
                CountedWay.STITCHES,
                fabric.spec.swatch().stitches(),
                fabric.spec.swatch().stitchesApart());
        fabric.apart(
                CountedWay.ROUNDS,
                fabric.spec.swatch().rounds(),
                fabric.spec.swatch().roundsApart());
        fabric.ratio();
        fabric.tightness();
        fabric.gauge();
        fabric.weighings();
        for (RoleYarn role : fabric.plan.yarn().roles()) {
            role.left().ifPresent(left -> fabric.enough(role.role(), left));
        }
        fabric.nylon(fabric.spec.yarns().main().nylon(YarnRole.MAIN.path()), YarnRole.MAIN);
        fabric.spec
                .yarns()
                .contrast()
                .ifPresent(yarn -> fabric.nylon(yarn.nylon(YarnRole.CONTRAST.path()), YarnRole.CONTRAST));
    }

    private void swatch() {
        Swatch swatch = spec.swatch();
        double stitchSpan = longest(swatch.stitches());
        double roundSpan = swatch.onTheTube().isPresent() ? JudgeRules.TINY_SPAN.value() : longest(swatch.rounds());
        if (Math.min(stitchSpan, roundSpan) < JudgeRules.TINY_SPAN.value()) {
            checks.add(draft(
                            MATTERS,
                            "swatch.tiny",
                            "swatch",
                            plan.basis().gauge().stitches(),
                            "The gauge, {found}, was counted over less than {span}, where half a stitch counts for"
                                    + " much.")
                    .with("span", Amount.mm(JudgeRules.TINY_SPAN.value()))
                    .helps("Count over a longer span, or in three places."));
        }
        Step foot = plan.tube().lengths().foot();
        if (!plan.instepUnlikeSwatch() && foot.plusMinus95() > JudgeRules.FOOT_UNSURE.value()) {
            checks.add(draft(
                            MATTERS,
                            "swatch.unsure",
                            "swatch",
                            foot,
                            "The gauge leaves the foot length, {found}, unsure by {unsure} either way.")
                    .with("unsure", Amount.mm(foot.plusMinus95()))
                    .helps("Count over a longer span or in more places, or measure the tube once it is a hand’s"
                            + " width long."));
        }
        boolean once = swatch.onTheTube().isEmpty() && swatch.rounds().size() == 1;
        if (once && longest(swatch.rounds()) < JudgeRules.LONG_SPAN.value()) {
            Step rounds = plan.basis().gauge().rounds();
            checks.add(draft(
                            WORTH_KNOWING,
                            "swatch.once",
                            "swatch.rounds",
                            rounds,
                            "The rounds were counted once, over {span}: {found}, give or take {unsure}.")
                    .with("span", Amount.mm(longest(swatch.rounds())))
                    .with("unsure", new Amount(twoDigits(rounds.plusMinus95()), Unit.ROUNDS))
                    .helps("Count in three places: then your own fabric tells how much it varies."));
        }
        if (swatch.fabric().state().filter(s -> s == FabricState.UNWASHED).isPresent()) {
            checks.add(draft(
                            MATTERS,
                            "swatch.unwashed",
                            "swatch.fabric.state",
                            plan.basis().gauge().rounds(),
                            "The swatch, {found}, was not washed; the sock will be, and may change its size.")
                    .helps("Wash and dry the swatch as the sock will be, and count again."));
        }
        if (swatch.fabric().inTheRound().filter(round -> !round).isPresent()) {
            checks.add(draft(
                            WORTH_KNOWING,
                            "swatch.flat",
                            "swatch.fabric.inTheRound",
                            plan.basis().gauge().stitches(),
                            "The swatch, {found}, was worked flat; many knit looser or tighter in the round.")
                    .helps("Measure the tube itself once it is a hand’s width long."));
        }
    }

    /** An uncertainty has two digits at most. */
    private static double twoDigits(double value) {
        double step = Math.pow(10, Math.floor(Math.log10(Math.max(value, 1e-9))) - 1);
        return Math.round(value / step) * step;
    }

    private static double longest(List<Reading> readings) {
        return readings.stream().mapToDouble(Reading::spanMm).max().orElse(0);
    }

    private void apart(CountedWay way, List<Reading> readings, Optional<Step> apart) {
        apart.filter(by -> by.value() > GaugeRules.MOST_APART.value()).ifPresent(by -> {
            double least = readings.stream().mapToDouble(Reading::per10cm).min().orElseThrow();
            double most = readings.stream().mapToDouble(Reading::per10cm).max().orElseThrow();
            checks.add(draft(
                            MATTERS,
                            "swatch.apart",
                            "swatch." + way.things(),
                            by,
                            "The counts of " + way.things() + " differ: from {least} to {most}.")
                    .with("least", new Amount(least, way.rate()))
                    .with("most", new Amount(most, way.rate()))
                    .helps("Count in a third place; or the wash was uneven."));
        });
    }

    private void ratio() {
        Step ratio = spec.swatch().roundsPerStitch();
        double least = GaugeRules.LEAST_RATIO.value();
        double most = GaugeRules.MOST_RATIO.value();
        if (ratio.value() >= least && ratio.value() <= most) {
            return;
        }
        double swapped = 1 / ratio.value();
        boolean swap = swapped >= least && swapped <= most;
        Draft draft = draft(
                        swap
                                ? MATTERS
                                : beyond(ratio.value() < least ? GaugeRules.LEAST_RATIO : GaugeRules.MOST_RATIO, ratio),
                        "swatch.ratio",
                        "swatch",
                        ratio,
                        "There are {found} rounds to a stitch; plain knitting has {least} to {most}.")
                .with("least", Amount.number(least))
                .with("most", Amount.number(most));
        checks.add(
                swap
                        ? draft.helps(
                                "Are stitches and rounds swapped?",
                                made -> made.withSwatch(made.swatch().swapped()))
                        : draft.helps("Count both again."));
    }

    private void tightness() {
        if (spec.yarns().main().assumed()) {
            return;
        }
        YarnModel main = plan.yarn().models().get(YarnRole.MAIN);
        Step tightness = JudgeRules.tightness(main.fineness(), main.loopLength());
        boolean flimsy = tightness.value() < JudgeRules.FLIMSY.value();
        boolean jamming = tightness.value() > JudgeRules.JAMMING.value();
        Weight weight = beyond(flimsy ? JudgeRules.FLIMSY : JudgeRules.JAMMING, tightness);
        if ((flimsy || jamming) && weight == MATTERS) {
            checks.add(draft(
                            WORTH_KNOWING,
                            flimsy ? "swatch.flimsy" : "swatch.jamming",
                            "swatch.fabric.needleMm",
                            tightness,
                            flimsy
                                    ? "At this gauge the yarn makes a flimsy fabric: tightness {found}, where"
                                            + " {least} to {most}"
                                            + " wears well."
                                    : "At this gauge the fabric is near jamming: tightness {found}, where {least}"
                                            + " to {most}"
                                            + " wears well.")
                    .with("least", Amount.number(JudgeRules.FLIMSY.value()))
                    .with("most", Amount.number(JudgeRules.JAMMING.value()))
                    .helps((flimsy ? "A thinner needle" : "A thicker needle")
                            + " helps; or check metres and grams on the label."));
        }
    }

    private void gauge() {
        plan.basis()
                .gaugeAdvice()
                .filter(advice -> advice.verdict() != GaugeAdvice.Verdict.ON_GAUGE)
                .ifPresent(advice -> checks.add(draft(
                                WORTH_KNOWING,
                                "swatch.off-gauge",
                                "swatch.fabric.wantedStitches",
                                advice.offBy(),
                                "The swatch is {apart} off the target gauge.")
                        .with("apart", Amount.share(Math.abs(advice.offBy().value())))
                        .helps(sentence(advice))));
    }

    private static String sentence(GaugeAdvice advice) {
        String needle = advice.tryNext()
                .map(size -> " Next is " + size.mm() + " mm, US " + size.us() + ".")
                .orElse("");
        String words = advice.verdict().title();
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + "." + needle;
    }

    private void weighings() {
        for (YarnRole role : YarnRole.values()) {
            YarnModel model = plan.yarn().models().get(role);
            if (model == null) {
                continue;
            }
            long byScale = spec.weighIns().stream()
                    .filter(each -> each.contrast() == (role == YarnRole.CONTRAST))
                    .count();
            for (Weighed weighed : model.weighed()) {
                // What comes behind the weighings was counted of the yarn's bands.
                if (--byScale < 0 && !weighed.believable()) {
                    checks.add(draft(
                                    MATTERS,
                                    "stripes.counted",
                                    "striping.bands",
                                    weighed.used(),
                                    "The bands you counted are {found} of yarn by their metres; about {expected} was"
                                            + " expected for those rounds.")
                            .with("expected", Amount.grams(weighed.predicted().value()))
                            .helps("Count again, and check the stitches they were counted on."));
                } else if (!weighed.believable()) {
                    checks.add(draft(
                                    MATTERS,
                                    "yarn.weigh-in",
                                    "weighIns",
                                    weighed.used(),
                                    "A weighing says {found}; about {expected} was expected for what was knitted.")
                            .with("expected", Amount.grams(weighed.predicted().value()))
                            .helps("Weigh again, and check how much was knitted in between."));
                }
            }
        }
    }

    private void enough(YarnRole role, Left left) {
        if (left.enough() == Enough.SURE) {
            return;
        }
        Weight weight =
                switch (left.enough()) {
                    case NOT_ENOUGH -> STOPS;
                    case GAMBLE -> MATTERS;
                    default -> WORTH_KNOWING;
                };
        String yarn = role == YarnRole.MAIN ? "yarn" : "contrast yarn";
        double unsure = left.needed().plusMinus95();
        String words = left.left().value() < 0
                ? "Not enough " + yarn + ": {less} short, give or take {unsure}."
                : left.enough() == Enough.GAMBLE
                        ? "Just enough " + yarn + ", give or take {unsure}: risky."
                        : "Probably enough " + yarn + ": {found} left over, give or take {unsure}.";
        Draft draft = draft(
                        weight,
                        "yarn." + left.enough().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        role.path() + ".onHandG",
                        left.left(),
                        words)
                .with("unsure", Amount.grams(unsure));
        checks.add(role == YarnRole.MAIN ? lessMain(draft) : lessContrast(draft));
    }

    private Draft lessMain(Draft draft) {
        Optional<LegYarn> leg = plan.yarn().leg();
        int cuff = plan.cuff().rounds().count();
        if (leg.isPresent() && !plan.tube().wanted().legIsResult()) {
            int allowed = leg.get().longestRounds().count();
            int longest = longestOfWholeRepeats().orElse(allowed);
            int whole = longest + cuff;
            if (longest >= 1
                    && whole >= SHORTEST_LEG
                    && longest < plan.tube().rounds().leg().count()) {
                double perRound = leg.get().longestLeg().value() / (allowed + cuff);
                return draft.with("leg", Amount.mm(whole * perRound))
                        .helps(
                                "Make the leg {leg} at most, knit heels, toes and cuffs in another yarn, or weigh"
                                        + " after the"
                                        + " first rounds to be surer.",
                                made -> made.withChoices(made.choices()
                                        .withTube(made.choices()
                                                .tube()
                                                .withLegFrom(LegFrom.OPENING)
                                                .withLegRounds(whole))));
            }
        }
        // Pieces that are cut already have nothing to give.
        boolean whole = spec.choices()
                .tube()
                .readyTube()
                .filter(tube -> tube.cutTaken() != Cut.PIECES)
                .isPresent();
        if (whole && plan.tube().way() == Way.READY_TUBE) {
            return draft.helps(
                    "Unravel the yarn from the tube itself.",
                    made -> made.withChoices(made.choices()
                            .withTube(made.choices()
                                    .tube()
                                    .withReadyTube(made.choices()
                                            .tube()
                                            .readyTube()
                                            .orElseThrow()
                                            .ravelling()))));
        }
        return draft.helps("Knit heels, toes and cuffs in another yarn, or find more of this one.");
    }

    /** Rounds of the longest leg that there is yarn for, where it is to end with a whole repeat; none where not one ends on it. */
    private OptionalInt longestOfWholeRepeats() {
        return plan.pattern()
                .filter(pattern ->
                        pattern.made().whole() && pattern.made().place().onLeg())
                .map(pattern ->
                        OptionalInt.of(pattern.longest().map(Step::count).orElse(0)))
                .orElseGet(OptionalInt::empty);
    }

    /** Of the contrast's sections the one that takes most is knitted in the main yarn. */
    private Draft lessContrast(Draft draft) {
        Set<Section> now = spec.yarns().contrastSections();
        Section most = now.stream()
                .max(java.util.Comparator.comparingDouble(
                        section -> plan.yarn().of(section).grams().value()))
                .orElseThrow();
        Set<Section> fewer = EnumSet.copyOf(now);
        fewer.remove(most);
        UnaryOperator<SockSpec> inMain = made -> made.withYarns(new Yarns(
                made.yarns().main(),
                made.yarns().contrast().filter(any -> !fewer.isEmpty()),
                fewer,
                made.yarns().striping()));
        boolean cuffs = now.contains(Section.CUFF) && most != Section.CUFF;
        // What is ravelled for them as well may leave a ready tube too short.
        return Checks.planned(() -> inMain.apply(spec)).isPresent()
                ? draft.helps(
                        "Knit the " + most.title() + "s in the main yarn"
                                + (cuffs ? ", or make the cuffs shorter." : "."),
                        inMain)
                : draft.helps("Find more of it" + (cuffs ? ", or make the cuffs shorter." : "."));
    }

    private void nylon(Optional<Step> share, YarnRole role) {
        share.filter(s -> s.value() < JudgeRules.USUAL_NYLON.value()).ifPresent(s -> {
            boolean low = s.value() < JudgeRules.LEAST_NYLON.value();
            checks.add(draft(
                            low ? MATTERS : WORTH_KNOWING,
                            "yarn.nylon",
                            role.path() + ".nylonShare",
                            s,
                            "The " + role.title() + " has {found} nylon or similar; "
                                    + (low
                                            ? "pure wool wears through at toe and heel."
                                            : "25 % is usual for hard wear."))
                    .helps("Knit heels and toes in a stronger yarn, or expect to replace the heel."));
        });
    }
}
