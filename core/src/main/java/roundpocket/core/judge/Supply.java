package roundpocket.core.judge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.RoleYarn;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.swatch.NeedleSize;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.Yarn;

/**
 * Something to have at hand for a pair. What a plan does not use is not listed. Common practice, no source.
 *
 * @param kind what it is
 * @param item the thing itself, as on a list
 * @param note how much of it, which kind, or what for
 */
public record Supply(Kind kind, Sentence item, Sentence note) {
    /** From the ends of a line to the ends of its thread, in millimetres: to hold, and to find it again. */
    private static final double THREAD_ENDS_MM = 300;

    private static final double LONG_NEEDLE_MM = 800;
    private static final double NEEDLE_FOR_BOTH_MM = 1000;
    private static final int TENS = 10;

    /** What there is to bring, in the order in which it is packed. */
    public enum Kind {
        TUBE,
        YARN,
        CONTRAST,
        NEEDLES,
        SECOND_NEEDLES,
        WASTE_YARN,
        HOOK,
        THREADS,
        MARKERS,
        DARNING_NEEDLE,
        SCISSORS,
        SCALE,
        TAPE
    }

    /** Everything for the pair. */
    public static List<Supply> of(SockSpec spec, SockPlan plan) {
        List<Supply> all = new ArrayList<>();
        boolean ready = plan.tube().way() == Way.READY_TUBE;
        if (ready) {
            all.add(supply(Kind.TUBE, "the tube", "Long enough for both socks.", Map.of()));
        }
        for (RoleYarn role : plan.yarn().roles()) {
            if (role.needed().value() > 0) {
                all.add(yarn(role, spec));
            }
        }
        KnitOrder order = spec.choices().order().orElse(KnitOrder.ONE_AFTER_OTHER);
        all.add(needles(spec.swatch().fabric().needleMm(), order == KnitOrder.TWO_AT_A_TIME));
        boolean early = plan.technique().heelWhenTaken() == HeelWhen.AT_ONCE;
        if (!ready && (early || order == KnitOrder.IN_TURN)) {
            String waits =
                    early ? "the tube waits on the first while a heel is knitted." : "one sock waits on the first.";
            all.add(supply(Kind.SECOND_NEEDLES, "a second set of needles", "Of the same size: " + waits, Map.of()));
        }
        wasteYarn(plan, all);
        if (plan.opening().way() == OpeningWay.LIFELINES) {
            all.add(supply(
                    Kind.THREADS,
                    "smooth threads, 2 for each heel",
                    "Thinner than the yarn, {about} each: they hold the sts beside the cut.",
                    Map.of("about", Amount.mm(plan.outline().widthMm() + THREAD_ENDS_MM))));
        }
        if (!ready) {
            all.add(markers(plan));
        }
        all.add(supply(Kind.DARNING_NEEDLE, "a blunt darning needle", closings(plan), Map.of()));
        boolean cuts = plan.opening().way().cuts();
        all.add(supply(
                Kind.SCISSORS,
                cuts ? "small pointed scissors" : "scissors",
                cuts ? "And good light, where the heels are cut open." : "For the ends.",
                Map.of()));
        all.add(supply(
                Kind.SCALE,
                "a kitchen scale",
                ready ? "To see that the yarn lasts." : "To share out the yarn, and to see when the cuff must begin.",
                Map.of()));
        all.add(supply(
                Kind.TAPE,
                "a tape measure",
                ready ? "For the foot and the tube." : "For the gauge, and for the tube as it grows.",
                Map.of()));
        return List.copyOf(all);
    }

    private static Supply supply(Kind kind, String item, String note, Map<String, Amount> amounts) {
        return new Supply(kind, Sentence.of(item), new Sentence(note, amounts));
    }

    /** What the pair takes, and the upper end of its 95 % interval. */
    private static Supply yarn(RoleYarn role, SockSpec spec) {
        boolean main = role.role() == YarnRole.MAIN;
        Yarn yarn = main ? spec.yarns().main() : spec.yarns().contrast().orElseThrow();
        double grams = role.needed().value();
        double sure = grams + role.needed().plusMinus95();
        Map<String, Amount> amounts = new LinkedHashMap<>();
        amounts.put("metres", new Amount(grams * yarn.lengthM() / yarn.massG(), Unit.METRES));
        amounts.put("sure", Amount.grams(Math.ceil(sure)));
        return new Supply(
                main ? Kind.YARN : Kind.CONTRAST,
                new Sentence(
                        main ? "{grams} of the main yarn" : "{grams} of the contrast yarn",
                        Map.of("grams", Amount.grams(grams))),
                new Sentence("That is {metres}. With {sure} you are on the safe side.", amounts));
    }

    private static Supply needles(OptionalDouble mm, boolean bothSocks) {
        String size = mm.isEmpty() ? "needles as for your swatch" : "needles of " + size(mm.getAsDouble());
        return supply(
                Kind.NEEDLES,
                size,
                bothSocks
                        ? NeedleKind.told(
                                "Two circular needles, {about} long: both socks are on them.",
                                "One circular needle, {about} long: both socks are on it.",
                                "Five double points for each sock.",
                                "A short circular needle for each sock, and five double points for toe and heel.")
                        : NeedleKind.told(
                                "Two circular needles.",
                                "One circular needle, {about} long.",
                                "Five double points.",
                                "One short circular needle, and five double points for toe and heel."),
                Map.of("about", Amount.mm(bothSocks ? NEEDLE_FOR_BOTH_MM : LONG_NEEDLE_MM)));
    }

    /** A needle's size is told in millimetres everywhere; the US name is beside it where it has one. */
    private static String size(double mm) {
        String number = mm == Math.rint(mm) ? String.valueOf((int) mm) : String.valueOf(mm);
        return number + " mm"
                + NeedleSize.of(mm).map(size -> " (US " + size.us() + ")").orElse("");
    }

    private static void wasteYarn(SockPlan plan, List<Supply> all) {
        boolean begins = plan.tube().way() == Way.TOE_UP && plan.tube().toeStart() != ToeStart.CLOSED;
        OpeningWay way = plan.opening().way();
        boolean lines = way == OpeningWay.WASTE_ONE_LINE || way == OpeningWay.WASTE_TWO_LINES;
        if (begins || lines && plan.tube().way() != Way.READY_TUBE) {
            String what =
                    begins && lines ? "the cast-on and the heel lines" : begins ? "the cast-on" : "the heel lines";
            all.add(supply(
                    Kind.WASTE_YARN,
                    "a few metres of waste yarn",
                    "Smooth, of another colour, no thicker than the yarn: for " + what + ".",
                    Map.of()));
        }
        if (begins && plan.technique().provisionalTaken() == Provisional.CHAIN) {
            all.add(supply(Kind.HOOK, "a crochet hook", "About as thick as the needles, for the chain.", Map.of()));
        }
    }

    private static Supply markers(SockPlan plan) {
        int tens = plan.tube().rounds().tube().count() / TENS;
        boolean snip = plan.opening().way() == OpeningWay.SNIP;
        int all = tens + (snip ? 2 : 1);
        return supply(
                Kind.MARKERS,
                all == 1 ? "a locking marker" : all + " locking markers",
                (tens > 0 ? "{tens} for every tenth round of a tube, one" : "One") + " for where a round begins"
                        + (snip ? ", one for the st to snip." : "."),
                Map.of("tens", Amount.number(tens)));
    }

    private static String closings(SockPlan plan) {
        boolean heel = plan.heel().graft().isPresent();
        boolean toe = plan.toe().graft().isPresent();
        String what = heel && toe
                ? "graft heel and toe"
                : heel ? "graft the heel" : toe ? "graft the toe" : "close the last sts";
        return "To " + what + ", and for the ends.";
    }
}
