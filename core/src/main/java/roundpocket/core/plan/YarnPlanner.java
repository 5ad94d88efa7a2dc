package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.TubeCut;
import roundpocket.core.tube.TubeRules;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.Left;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.Yarn;
import roundpocket.core.yarn.YarnModel;

/** Works out the yarn section by section. */
final class YarnPlanner {
    private final Yarns yarns;
    private final Ends ends;
    private final Map<YarnRole, YarnModel> models = new EnumMap<>(YarnRole.class);
    private final Gauge gauge;
    private final Step stitches;
    private final Step cuff;
    private final Tube tube;
    private final Shaping toe;
    private final Shaping heel;
    /** Grams of the main yarn that are wound off so that the colours come as they are wanted. */
    private final Optional<Step> woundOff;

    /** What the other sock takes, where the two are not alike. */
    private final Optional<YarnNeed> other;

    private final WorkOrder order;
    /** Rounds knitted in the leg: the one that is unpicked at the heel line among them. */
    private final Step legRounds;

    YarnPlanner(
            SockSpec spec,
            Map<YarnRole, YarnModel> models,
            Gauge gauge,
            Step stitches,
            Step cuff,
            Tube tube,
            Shaping toe,
            Shaping heel,
            Optional<Step> woundOff,
            Optional<YarnNeed> other) {
        this.other = other;
        this.yarns = spec.yarns();
        this.ends = Ends.of(spec, tube, heel, toe);
        this.gauge = gauge;
        this.stitches = stitches;
        this.cuff = cuff;
        this.tube = tube;
        this.toe = toe;
        this.heel = heel;
        this.woundOff = woundOff;
        this.order = WorkOrder.of(tube);
        this.legRounds = tube.rounds().sacrificed().value() == 0
                ? tube.rounds().leg()
                : Computed.of(
                        "rounds of the leg, with the one that is unpicked",
                        Unit.ROUNDS,
                        PlanRules.LEG_AND_SACRIFICED.of(
                                tube.rounds().leg(), tube.rounds().sacrificed()));
        this.models.putAll(models);
    }

    /** What a stitch of each yarn takes. */
    static Map<YarnRole, YarnModel> models(SockSpec spec, Gauge gauge, Step stitches) {
        FabricState state = spec.swatch().fabric().state().orElse(FabricState.WASHED);
        Map<YarnRole, YarnModel> models = new EnumMap<>(YarnRole.class);
        YarnModel unweighed = YarnModel.of(spec.yarns().main(), gauge, state, stitches, List.of());
        List<WeighIn> known = new ArrayList<>(spec.weighIns());
        spec.yarns().striping().flatMap(striping -> striping.counted(unweighed)).ifPresent(known::add);
        YarnModel main = YarnModel.of(spec.yarns().main(), gauge, state, stitches, known);
        models.put(YarnRole.MAIN, main);
        spec.yarns()
                .contrast()
                .ifPresent(contrast ->
                        models.put(YarnRole.CONTRAST, main.forContrast(contrast, stitches, spec.weighIns())));
        return models;
    }

    YarnNeed plan() {
        Step heelTail = tail("heel", heel).orElseThrow();
        Optional<Step> toeTail = tail("toe", toe);
        List<SectionYarn> sections = new ArrayList<>(knitted());
        for (YarnRole role : models.keySet()) {
            ends(role, heelTail, toeTail).ifPresent(sections::add);
        }
        Step sockStitches = sum("stitches in one sock", Unit.STITCHES, sections, SectionYarn::stitches);
        Step sockMetres = sum("metres in one sock", Unit.METRES, sections, SectionYarn::metres);
        Step sockGrams = sum("grams in one sock", Unit.GRAMS, sections, SectionYarn::grams);
        List<RoleYarn> roles =
                models.keySet().stream().map(role -> role(role, sections)).toList();
        Step heelGrams = oneHeel(sections, heelTail);
        return new YarnNeed(
                models.get(YarnRole.MAIN).loopLength(),
                models.get(YarnRole.MAIN).factor(),
                sections,
                heelTail,
                toeTail,
                sockStitches,
                sockMetres,
                sockGrams,
                pair("metres in the pair", sockMetres, YarnNeed::sockMetres),
                pair("grams in the pair", sockGrams, YarnNeed::sockGrams),
                roles,
                heelGrams,
                heelReserve(heelGrams),
                models,
                leg(sections));
    }

    /** The sections that are knitted, in the order of the sock; a ready tube has its foot and leg already. */
    private List<SectionYarn> knitted() {
        List<SectionYarn> sections = new ArrayList<>();
        sections.add(section(Section.TOE, toe.stitchesWorked()));
        if (tube.way() != Way.READY_TUBE) {
            sections.add(fullRounds(Section.FOOT, tube.rounds().foot()));
        }
        sections.add(section(Section.HEEL, heel.stitchesWorked()));
        if (tube.way() != Way.READY_TUBE) {
            sections.add(fullRounds(Section.LEG, legRounds));
        }
        sections.add(fullRounds(Section.CUFF, cuff));
        return sections;
    }

    private static Step sum(String label, Unit unit, List<SectionYarn> sections, Function<SectionYarn, Step> what) {
        return YarnModel.sum(label, unit, sections.stream().map(what).toList());
    }

    private static List<SectionYarn> in(List<SectionYarn> sections, YarnRole role) {
        return sections.stream().filter(s -> s.role() == role).toList();
    }

    private Optional<Step> tail(String name, Shaping shaping) {
        return tail(name, shaping, gauge);
    }

    /** The tail that closes a heel or a toe, in millimetres; none where it is begun at its tip. */
    static Optional<Step> tail(String name, Shaping shaping, Gauge gauge) {
        String label = "tail for closing the " + name;
        return shaping.graftLoops()
                .map(loops -> shaping.close() == Close.DRAW_THROUGH
                        ? YarnModel.drawThroughTail()
                        : YarnModel.graftTail(label, loops, gauge));
    }

    private RoleYarn role(YarnRole role, List<SectionYarn> sections) {
        String of = models.size() == 1 ? "" : " of the " + role.title();
        Step sock = sum("grams" + of + " in one sock", Unit.GRAMS, in(sections, role), SectionYarn::grams);
        Step pair =
                pair("grams" + of + " in the pair", sock, need -> need.of(role).sockGrams());
        Yarn yarn = role == YarnRole.MAIN ? yarns.main() : yarns.contrast().orElseThrow();
        // Of a yarn that nothing is knitted from, nothing is said to be left: the margin would be without end.
        // What is ravelled from the tube itself is counted in its rounds.
        boolean fromTheTube =
                role == YarnRole.MAIN && tube.cut().flatMap(TubeCut::ravelled).isPresent();
        Optional<Step> atHand = yarn.atHand(role.path()).filter(grams -> sock.value() > 0 && !fromTheTube);
        Optional<Step> lost = woundOff.filter(grams -> role == YarnRole.MAIN);
        Step gone = lost.<Step>map(grams -> YarnModel.sum(
                        "grams" + of + " in the pair, and what is wound off", Unit.GRAMS, List.of(pair, grams)))
                .orElse(pair);
        return new RoleYarn(
                role,
                sock,
                pair,
                lost,
                atHand.map(grams -> Left.of("left when the pair is done" + of, grams, gone)),
                atHand.map(grams -> Left.of("left after two pairs" + of, grams, YarnModel.pairs(2, pair))));
    }

    /** Both socks together. */
    private Step pair(String label, Step sock, Function<YarnNeed, Step> ofTheOther) {
        return other.map(need -> YarnModel.sum(label, sock.unit(), List.of(sock, ofTheOther.apply(need))))
                .orElseGet(() -> YarnModel.pair(label, sock));
    }

    private Step heelReserve(Step one) {
        return YarnModel.stopWeight(
                "to set aside for both heels", pair("both heels with their tails", one, YarnNeed::heelGrams));
    }

    private Step oneHeel(List<SectionYarn> sections, Step heelTail) {
        YarnModel model = models.get(yarns.of(Section.HEEL));
        Step ends = tailGrams(
                model,
                "heel tails",
                List.of(YarnModel.wovenTails("end of the heel", PlanRules.ONE_END.step()), heelTail));
        SectionYarn knitted = sections.stream()
                .filter(s -> s.section() == Section.HEEL)
                .findFirst()
                .orElseThrow();
        return YarnModel.sum("one heel with its tails", Unit.GRAMS, List.of(knitted.grams(), ends));
    }

    private static Step tailGrams(YarnModel model, String label, List<Step> lengths) {
        Step length = YarnModel.sum(label + ", length", Unit.MILLIMETRES, lengths);
        return model.gramsOf(label + ", grams", YarnModel.metresOfTails(label + ", metres", length));
    }

    private Optional<LegYarn> leg(List<SectionYarn> sections) {
        Optional<Step> atHand = yarns.main().atHand(YarnRole.MAIN.path());
        if (atHand.isEmpty() || tube.way() == Way.READY_TUBE) {
            return Optional.empty();
        }
        List<SectionYarn> main = in(sections, YarnRole.MAIN);
        Step cake = YarnModel.split(atHand.get());
        Step after = sum(
                "still to be knitted after the leg",
                Unit.GRAMS,
                main.stream().filter(s -> order.afterLeg(s.section())).toList(),
                SectionYarn::grams);
        Step stop = YarnModel.stopWeight(
                tube.way() == Way.CUFF_DOWN
                        ? "make the heel line when the yarn weighs"
                        : "start the cuff when the yarn weighs",
                after);
        List<Step> kept = new ArrayList<>(List.of(stop));
        main.stream()
                .filter(s -> order.beforeLeg(s.section()))
                .map(SectionYarn::grams)
                .forEach(kept::add);
        SectionYarn leg = main.stream()
                .filter(s -> s.section() == Section.LEG)
                .findFirst()
                .orElseThrow();
        Step perRound = YarnModel.perRound("grams in a round of the leg", leg.grams(), legRounds);
        if (tube.rounds().sacrificed().value() > 0) {
            kept.add(YarnModel.ofRounds(
                    "the round that is unpicked at the heel line", tube.rounds().sacrificed(), perRound));
        }
        Step rounds = YarnModel.roundsFrom(
                "rounds of leg that the cake allows",
                cake,
                YarnModel.sum("all but the leg, and the reserve", Unit.GRAMS, kept),
                perRound);
        Step high = Computed.of(
                "rounds of leg and cuff that the cake allows", Unit.ROUNDS, PlanRules.LEG_AND_CUFF.of(rounds, cuff));
        return Optional.of(new LegYarn(
                cake, stop, perRound, rounds, TubeRules.lengthOf("longest leg that the cake allows", high, gauge)));
    }

    private SectionYarn fullRounds(Section section, Step rounds) {
        String label = section.title() + " stitches worked";
        return section(section, Computed.of(label, Unit.STITCHES, PlanRules.SECTION_STITCHES.of(rounds, stitches)));
    }

    private SectionYarn section(Section section, Step worked) {
        YarnRole role = yarns.of(section);
        Step metres = models.get(role).metresOf(section.title() + " metres", worked);
        return weighed(section, role, worked, metres);
    }

    /** The first or last edge of the tube, and all tails, as far as they are of this yarn. */
    private Optional<SectionYarn> ends(YarnRole role, Step heelTail, Optional<Step> toeTail) {
        YarnModel model = models.get(role);
        List<Step> lengths = new ArrayList<>();
        Constant number = PlanRules.ENDS.get(ends.count(role));
        if (number.value() > 0) {
            lengths.add(YarnModel.wovenTails("ends to weave in", number.step()));
        }
        if (yarns.of(Section.HEEL) == role) {
            lengths.add(heelTail);
        }
        if (yarns.of(Section.TOE) == role) {
            toeTail.ifPresent(lengths::add);
        }
        if (lengths.isEmpty()) {
            return Optional.empty();
        }
        boolean edge = yarns.of(Section.CUFF) == role;
        Section section = role == YarnRole.MAIN ? Section.ENDS : Section.CONTRAST_ENDS;
        Step tails = YarnModel.metresOfTails("tails", YarnModel.sum("tails, length", Unit.MILLIMETRES, lengths));
        Step edgeStitches = Computed.of(
                "stitches of the bind-off",
                Unit.STITCHES,
                (edge ? PlanRules.BIND_OFF : PlanRules.NO_BIND_OFF).of(stitches));
        Step metres = edge
                ? Computed.of(
                        "metres of " + section.title(),
                        Unit.METRES,
                        PlanRules.ENDS_METRES.of(model.metresOf("metres of the bind-off", edgeStitches), tails))
                : tails;
        return Optional.of(weighed(section, role, edgeStitches, metres));
    }

    private SectionYarn weighed(Section section, YarnRole role, Step worked, Step metres) {
        return new SectionYarn(
                section, role, worked, metres, models.get(role).gramsOf(section.title() + " grams", metres));
    }

    static List<Constant> endConstants(int most) {
        Constant[] constants = new Constant[most + 1];
        for (int i = 0; i <= most; i++) {
            constants[i] = Constant.of(
                    "plan.ends." + i,
                    i + (i == 1 ? " end to weave in" : " ends to weave in"),
                    i,
                    Unit.NUMBER,
                    Source.practice(
                            "the tube has a first and a last end; heel, late toe and each colour have their own"));
        }
        return Arrays.asList(constants);
    }
}
