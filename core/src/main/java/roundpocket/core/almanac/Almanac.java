package roundpocket.core.almanac;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import roundpocket.core.cut.CutAim;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Spread;
import roundpocket.core.finish.Rib;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.foot.ToeForm;
import roundpocket.core.judge.Caution;
import roundpocket.core.judge.JudgeRules;
import roundpocket.core.lap.LapRules;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Unit;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.pattern.Motif;
import roundpocket.core.pattern.PatternPlace;
import roundpocket.core.pattern.PatternStitch;
import roundpocket.core.plan.ColourStart;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.KnotWay;
import roundpocket.core.plan.PlanRules;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.ready.ReadyRules;
import roundpocket.core.rescue.Mishap;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Leaning;
import roundpocket.core.shaping.Parity;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.shaping.Turning;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.NeedleSize;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Way;

/** Everything that plans are made by. */
public final class Almanac {

    private Almanac() {}

    /** What an entry is. */
    public enum Kind {
        RULE("rule"),
        SCHOOL("method"),
        CONSTANT("constant"),
        MISHAP("when something is wrong"),
        CAUTION("caution");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /**
     * One entry.
     *
     * @param kind what it is
     * @param id stable name for programs
     * @param chapter where it stands
     * @param title its name
     * @param text the formula, the description, the value or the caution
     * @param goodFor what a school is good for; empty for anything else
     * @param source where it comes from
     */
    public record Entry(
            Kind kind, String id, Chapter chapter, String title, String text, String goodFor, Source source) {}

    /** Every entry, chapter by chapter: methods, rules, constants and cautions in each. */
    public static List<Entry> entries() {
        return Stream.of(schools(), rules(), constants(), mishaps(), cautions())
                .flatMap(entries -> entries)
                .sorted(Comparator.comparing(Entry::chapter))
                .toList();
    }

    /** The rule of that name; empty where there is none, or none that is asked by numbers. */
    public static Optional<Rule> rule(String id) {
        return everyRule().filter(rule -> rule.id().equals(id)).findFirst();
    }

    private static Stream<Rule> everyRule() {
        return Stream.of(PlanRules.EVERY, ReadyRules.ALL, JudgeRules.ALL, LapRules.ALL)
                .flatMap(List::stream);
    }

    private static Stream<Entry> rules() {
        Stream<Entry> rules = everyRule().map(Almanac::entry);
        Entry propagation = new Entry(
                Kind.RULE,
                "explain.propagation",
                Chapter.of("explain"),
                "uncertainty of a computed value",
                "square root of the sum of (slope × uncertainty of the input)², each input once",
                "",
                Spread.SOURCE);
        return Stream.concat(rules, Stream.of(propagation));
    }

    private static Entry entry(Rule rule) {
        return new Entry(Kind.RULE, rule.id(), chapter(rule.id()), rule.title(), rule.formula(), "", rule.source());
    }

    private static Stream<Entry> constants() {
        Stream<Entry> constants = Stream.of(
                        PlanRules.CONSTANTS, ReadyRules.CONSTANTS, JudgeRules.CONSTANTS, LapRules.CONSTANTS)
                .flatMap(List::stream)
                .map(Almanac::entry);
        Stream<Entry> needles = Arrays.stream(NeedleSize.values())
                .map(size -> new Entry(
                        Kind.CONSTANT,
                        "swatch.needle." + size.mm(),
                        Chapter.of("swatch"),
                        "needle of " + size.mm() + " mm",
                        "US " + size.us(),
                        "",
                        NeedleSize.SOURCE));
        return Stream.concat(constants, needles);
    }

    private static Entry entry(Constant constant) {
        String unsure = constant.u() > 0 ? " ± " + text(constant.u(), constant.unit()) + " (standard uncertainty)" : "";
        String text = text(constant.value(), constant.unit()) + unsure;
        return new Entry(
                Kind.CONSTANT, constant.id(), chapter(constant.id()), constant.label(), text, "", constant.source());
    }

    /** A value as a reader sees it: a share in per cent, a count with its noun, anything else to four digits. */
    private static String text(double value, Unit unit) {
        return switch (unit) {
            case PERCENT, STITCHES, ROUNDS, TENS -> new Amount(value, unit).text(LengthUnit.CM);
            default -> {
                String number = new BigDecimal(value)
                        .round(new MathContext(4))
                        .stripTrailingZeros()
                        .toPlainString();
                yield (number + " " + unit.symbol()).strip();
            }
        };
    }

    private static Chapter chapter(String id) {
        return id.startsWith("tube.placing.") ? Chapter.HEEL_LINE : Chapter.of(id.substring(0, id.indexOf('.')));
    }

    private static Stream<Entry> mishaps() {
        return Arrays.stream(Mishap.values())
                .map(mishap -> new Entry(
                        Kind.MISHAP,
                        "mishap." + slug(mishap),
                        Chapter.of("mishaps"),
                        mishap.title(),
                        Stream.concat(
                                        Stream.of(mishap.description(), mishap.why()),
                                        mishap.cure().stream().map(move -> move.text(LengthUnit.CM)))
                                .collect(Collectors.joining(" ")),
                        "",
                        mishap.source()));
    }

    private static Stream<Entry> cautions() {
        return Arrays.stream(Caution.values())
                .map(caution -> new Entry(
                        Kind.CAUTION,
                        "caution." + slug(caution),
                        Chapter.of("cautions"),
                        caution.title(),
                        caution.description(),
                        "",
                        caution.source()));
    }

    private static Stream<Entry> schools() {
        return Stream.of(
                        of("ways to come by the tube", Way.values()),
                        of("starts of a toe-up tube", ToeStart.values()),
                        of("cutting a ready tube", Cut.values()),
                        of("aims of a cut", CutAim.values()),
                        of("measuring the leg", LegFrom.values()),
                        of("planning on two feet", PlanOn.values()),
                        of("toe shapes", ToeForm.values()),
                        of("shoe sizes", ShoeSystem.values()),
                        of("state of the fabric", FabricState.values()),
                        of("shaping heel and toe", ShapingSchool.values()),
                        of("turning short rows", Turning.values()),
                        of("beginning with live stitches", Provisional.values()),
                        of("where a round begins", RoundStart.values()),
                        of("leaning of the decreases", Leaning.values()),
                        of("parity", Parity.values()),
                        of("closing", Close.values()),
                        of("placing the heel", PlacingSchool.values()),
                        of("colours of heel and toe", ColourStart.values()),
                        of("the second sock’s colours", SecondSock.values()),
                        of("knots in the yarn", KnotWay.values()),
                        of("where a pattern stands", PatternPlace.values()),
                        of("what is repeated", Motif.values()),
                        of("stitches of a pattern", PatternStitch.values()),
                        of("opening the heel", OpeningWay.values()),
                        of("corners of the opening", Corners.values()),
                        of("ribbing", Rib.values()),
                        of("the order of the two socks", KnitOrder.values()),
                        of("when the heel is knitted", HeelWhen.values()),
                        of("how it is done", Technique.values()))
                .flatMap(entries -> entries);
    }

    private static <E extends Enum<E> & Named> Stream<Entry> of(String group, E[] constants) {
        return Arrays.stream(constants)
                .map(school -> new Entry(
                        Kind.SCHOOL,
                        "school." + school.getDeclaringClass().getSimpleName() + "." + school.name(),
                        Chapter.of(group),
                        school.title(),
                        school.description(),
                        school.goodFor(),
                        school.source()));
    }

    private static String slug(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
