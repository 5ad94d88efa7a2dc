package roundpocket.core.judge;

import static roundpocket.core.judge.Doubt.Weight.MATTERS;
import static roundpocket.core.judge.Doubt.Weight.STOPS;
import static roundpocket.core.judge.Doubt.Weight.WORTH_KNOWING;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.RoleYarn;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.GaugeAdvice;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.Enough;
import roundpocket.core.yarn.Left;

/** What a careful friend would say of the swatch and of the yarn. */
final class FabricDoubts {
    private static final double TINY_SPAN_MM = 50;
    private static final double LONG_SPAN_MM = 150;
    private static final double UNSURE_FOOT_MM = 5;
    private static final double LEAST_NYLON = 0.15;
    private static final double USUAL_NYLON = 0.25;

    private final SockSpec spec;
    private final SockPlan plan;
    private final List<Doubt> doubts = new ArrayList<>();

    private FabricDoubts(SockSpec spec, SockPlan plan) {
        this.spec = spec;
        this.plan = plan;
    }

    static List<Doubt> of(SockSpec spec, SockPlan plan) {
        FabricDoubts fabric = new FabricDoubts(spec, plan);
        fabric.swatch();
        fabric.gauge();
        for (RoleYarn role : plan.yarn().roles()) {
            role.left().ifPresent(left -> fabric.enough(role.role(), left));
        }
        fabric.nylon(spec.yarns().main().nylon(YarnRole.MAIN.path()), YarnRole.MAIN);
        spec.yarns()
                .contrast()
                .ifPresent(yarn -> fabric.nylon(yarn.nylon(YarnRole.CONTRAST.path()), YarnRole.CONTRAST));
        return fabric.doubts;
    }

    private void add(Weight weight, String code, String field, Step figure, String template, String remedy) {
        doubts.add(Doubts.doubt(weight, code, field, figure, template, remedy, Map.of()));
    }

    private void swatch() {
        Swatch swatch = spec.swatch();
        double stitchSpan = longest(swatch.stitches());
        double roundSpan = swatch.onTheTube().isPresent() ? TINY_SPAN_MM : longest(swatch.rounds());
        if (Math.min(stitchSpan, roundSpan) < TINY_SPAN_MM) {
            add(
                    MATTERS,
                    "swatch.tiny",
                    "swatch",
                    plan.gauge().stitches(),
                    "The gauge of {found} was counted over less than 5 cm, where half a stitch counts for much.",
                    "Count over 10 cm, or in three places.");
        }
        Step foot = plan.tube().sockFoot();
        if (foot.plusMinus95() > UNSURE_FOOT_MM) {
            doubts.add(Doubts.doubt(
                    MATTERS,
                    "swatch.unsure",
                    "swatch",
                    foot,
                    "The gauge leaves the length of the foot, {found}, unsure by ±{unsure}.",
                    "Count over a longer span or in more places, or measure the tube after 10 cm.",
                    Map.of("unsure", Amount.mm(foot.plusMinus95()))));
        }
        boolean once = swatch.onTheTube().isEmpty() && swatch.rounds().size() == 1;
        if (once && longest(swatch.rounds()) < LONG_SPAN_MM) {
            Step rounds = plan.gauge().rounds();
            doubts.add(Doubts.doubt(
                    WORTH_KNOWING,
                    "swatch.once",
                    "swatch.rounds",
                    rounds,
                    "The rounds were counted once, over {span}: {found}, good to ±{unsure}.",
                    "Over twice the span they would be good to half of that.",
                    Map.of(
                            "span",
                            Amount.mm(longest(swatch.rounds())),
                            "unsure",
                            new Amount(rounds.plusMinus95(), Unit.ROUNDS_PER_10CM))));
        }
        if (swatch.fabric().state().filter(s -> s == FabricState.UNWASHED).isPresent()) {
            add(
                    MATTERS,
                    "swatch.unwashed",
                    "swatch.fabric.state",
                    plan.gauge().rounds(),
                    "The swatch, {found}, was not washed; the sock will be, and may change its size.",
                    "Wash and dry the swatch as the sock will be, and count again.");
        }
        if (swatch.fabric().inTheRound().filter(round -> !round).isPresent()) {
            add(
                    WORTH_KNOWING,
                    "swatch.flat",
                    "swatch.fabric.inTheRound",
                    plan.gauge().stitches(),
                    "The swatch, {found}, was worked flat; many knit looser or tighter in the round.",
                    "Measure the tube itself after 10 cm.");
        }
    }

    private static double longest(List<Reading> readings) {
        return readings.stream().mapToDouble(Reading::spanMm).max().orElse(0);
    }

    private void gauge() {
        plan.gaugeAdvice()
                .filter(advice -> advice.verdict() != GaugeAdvice.Verdict.ON_GAUGE)
                .ifPresent(advice -> add(
                        WORTH_KNOWING,
                        "swatch.off-gauge",
                        "swatch.fabric.wantedStitches",
                        advice.offBy(),
                        "The swatch is off the gauge that was hoped for by {found}.",
                        sentence(advice)));
    }

    private static String sentence(GaugeAdvice advice) {
        String needle = advice.tryNext()
                .map(size -> " Next is " + size.mm() + " mm, US " + size.us() + ".")
                .orElse("");
        String words = advice.verdict().words();
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + "." + needle;
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
        String what = role == YarnRole.MAIN ? "The yarn" : "The contrast yarn";
        add(
                weight,
                "yarn." + left.enough().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                role.path() + ".onHandG",
                left.left(),
                left.left().value() < 0
                        ? what + " is not enough: {less} are missing."
                        : what + " will " + (left.enough() == Enough.LIKELY ? "likely do" : "do only with luck")
                                + ": {found} would be left.",
                "Make the leg shorter, knit heels, toes and cuffs in another yarn, or weigh after the first"
                        + " centimetres to be surer.");
    }

    private void nylon(Optional<Step> share, YarnRole role) {
        share.filter(s -> s.value() < USUAL_NYLON).ifPresent(s -> {
            boolean low = s.value() < LEAST_NYLON;
            add(
                    low ? MATTERS : WORTH_KNOWING,
                    "yarn.nylon",
                    role.path() + ".nylonShare",
                    s,
                    "The " + role.title() + " has {found} nylon or the like; "
                            + (low ? "pure wool wears through at toe and heel." : "25 % is usual for hard wear."),
                    "Knit heels and toes in a stronger yarn, or reckon with replacing the heel.");
        });
    }
}
