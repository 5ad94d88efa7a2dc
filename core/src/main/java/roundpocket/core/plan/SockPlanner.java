package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.fit.FitRules;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.fit.Passing;
import roundpocket.core.fit.ToeOnFoot;
import roundpocket.core.foot.Measures;
import roundpocket.core.measure.Unit;
import roundpocket.core.opening.Opening;
import roundpocket.core.pattern.PatternPlace;
import roundpocket.core.pattern.Patterned;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.Shaping.Start;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.sock.SockRules;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.tube.Counted;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.TubeLayout;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.YarnModel;

/** Puts a plan together, part by part in the order in which each needs the ones before. */
final class SockPlanner {
    private final SockSpec spec;
    private final Choices choices;
    private final Measures foot;

    /** What a stitch takes, where it is known from the other sock. */
    private final Optional<Map<YarnRole, YarnModel>> models;

    /** What the other sock takes, where it is planned on a foot of its own. */
    private final Optional<YarnNeed> other;

    private SockPlanner(SockSpec spec, Optional<Map<YarnRole, YarnModel>> models, Optional<YarnNeed> other) {
        this.spec = spec;
        this.models = models;
        this.other = other;
        this.choices = spec.choices();
        this.foot = spec.feet().measures();
    }

    static SockPlan plan(SockSpec pair, int sock) {
        if (!pair.feet().each()) {
            return new SockPlanner(pair, Optional.empty(), Optional.empty()).plan();
        }
        refuseUnlike(pair);
        // One yarn and one hand: what is unsure of a stitch is the same in both socks, and adds up.
        Optional<Map<YarnRole, YarnModel>> models =
                Optional.of(new SockPlanner(pair.forSock(1), Optional.empty(), Optional.empty())
                        .plan()
                        .yarn()
                        .models());
        YarnNeed other = new SockPlanner(pair.forSock(3 - sock), models, Optional.empty())
                .plan()
                .yarn();
        return new SockPlanner(pair.forSock(sock), models, Optional.of(other)).plan();
    }

    /** Refuses what only socks that are alike can be. */
    private static void refuseUnlike(SockSpec pair) {
        boolean ready = pair.choices().tube().wayTaken() == Way.READY_TUBE;
        if (!pair.mayDiffer()) {
            throw new Refusal(List.of(new Problem(
                    "feet.each",
                    "planOn",
                    ready
                            ? "A ready tube is cut for two socks alike."
                            : pair.yarns().striping().isPresent()
                                    ? "In a yarn that changes colour the two socks are planned alike."
                                    : "Two at a time are knitted alike, round by round.",
                    "Plan both on the longer and the wider foot, or on one of them.",
                    Map.of())));
        }
    }

    /** All that lies along the tape for one gauge. */
    private record Laid(
            StitchCount count,
            Opening opening,
            Shaping toe,
            Shaping heel,
            Tube tube,
            Map<YarnRole, YarnModel> models) {}

    private SockPlan plan() {
        Gauge gauge = spec.swatch().gauge();
        Step cuff = spec.cuff();
        Laid laid = lay(gauge, cuff);
        StitchCount count = laid.count();
        Tube tube = laid.tube();
        Optional<StripePlan> stripes = stripes(laid, cuff, gauge);
        YarnNeed yarn = new YarnPlanner(
                        spec,
                        laid.models(),
                        gauge,
                        count.stitches(),
                        cuff,
                        tube,
                        laid.toe(),
                        laid.heel(),
                        stripes.flatMap(StripePlan::woundOffGrams),
                        other)
                .plan();
        return new SockPlan(
                new Basis(
                        foot,
                        choices.size().easeStep(),
                        leg(tube),
                        gauge,
                        spec.swatch().advice(gauge)),
                count,
                ShapedPart.of("toe", laid.toe(), choices.finish(), yarn.of(Section.TOE)),
                ShapedPart.of("heel", laid.heel(), choices.finish(), yarn.of(Section.HEEL)),
                fit(laid, gauge),
                tube,
                laid.opening(),
                cuff(cuff, count),
                yarn,
                spec.swatch().onTheTube().map(reading -> replan(reading, laid, cuff)),
                Outline.of(count.half(), cuff, tube, laid.toe(), laid.heel(), gauge),
                Axis.of(tube, cuff, laid.toe(), yarn),
                stripes.map(colours ->
                        colours.judged(yarn.of(YarnRole.MAIN), laid.models().get(YarnRole.MAIN))),
                choices.patternTaken()
                        .map(made -> PatternPlan.of(
                                made,
                                count,
                                foot.ballGirth(),
                                tube,
                                yarn.leg(),
                                in(Optional.of(made), gauge, PatternPlace::onInstep))),
                toeOnFoot(laid, gauge),
                choices.technique());
    }

    /** The leg as it was wished for; where it is what a half leaves or a mark says, that. */
    private Step leg(Tube tube) {
        return tube.wanted().legIsResult()
                ? tube.wanted().legAbove()
                : choices.tube().leg(foot.length());
    }

    private Laid lay(Gauge gauge, Step cuff) {
        boolean ready = choices.tube().wayTaken() == Way.READY_TUBE;
        Optional<Patterned> pattern = choices.patternTaken();
        Gauge onFoot = in(pattern, gauge, PatternPlace::onInstep);
        StitchCount count = StitchCount.of(foot.ballGirth(), choices.size().easeStep(), onFoot, choices.stitchesStep());
        Opening opening = Opening.of(choices.opening(), count.half(), ready);
        Problems problems = new Problems();
        Optional<Shaping> toe = problems.collect("choices.toe", () -> toe(count, gauge));
        Optional<Shaping> heel = problems.collect("choices.heel", () -> heel(count, opening, gauge));
        problems.throwIfAny();
        Map<YarnRole, YarnModel> known = models.orElseGet(() -> YarnPlanner.models(spec, gauge, count.stitches()));
        YarnModel main = known.get(YarnRole.MAIN);
        Tube tube = new TubeLayout(
                        choices.tube(),
                        choices.placing(),
                        foot,
                        choices.size().lengthEaseStep(),
                        cuff,
                        toe.orElseThrow(),
                        heel.orElseThrow(),
                        opening.way().lost().step(),
                        onFoot,
                        in(pattern, gauge, PatternPlace::onLeg),
                        pattern,
                        count.stitches(),
                        main,
                        Ravel.rounds(spec, gauge, count.stitches(), toe.orElseThrow(), heel.orElseThrow(), main))
                .lay();
        return new Laid(count, opening, toe.orElseThrow(), heel.orElseThrow(), tube, known);
    }

    /** The gauge of a part: that of the pattern where it stands there. A tube is measured where it is begun. */
    private Gauge in(Optional<Patterned> pattern, Gauge plain, Predicate<PatternPlace> there) {
        boolean begunPatterned = choices.tube().wayTaken() == Way.CUFF_DOWN
                ? pattern.filter(made -> made.place().onLeg()).isPresent()
                : pattern.filter(made -> made.place().onInstep()).isPresent();
        boolean measured = spec.swatch().onTheTube().isPresent() && begunPatterned;
        return pattern.filter(made -> there.test(made.place()))
                .map(made -> made.gauge(plain, measured))
                .orElse(plain);
    }

    private Shaping toe(StitchCount count, Gauge gauge) {
        Start start = !choices.tube().toeFirst()
                ? Start.LIVE_LOOPS
                : choices.tube().toeStartTaken() == ToeStart.SHORT_ROWS ? Start.WAITING_LOOPS : Start.CLOSED_TIP;
        return Shaping.of("toe", choices.toeTaken(), start, count.half(), choices.toePlain(), gauge);
    }

    private Optional<StripePlan> stripes(Laid laid, Step cuff, Gauge gauge) {
        return StripePlanner.plan(
                spec,
                new StripedSock(
                        Ends.of(spec, laid.tube(), laid.heel(), laid.toe()),
                        laid.models().get(YarnRole.MAIN),
                        laid.count().stitches(),
                        cuff,
                        laid.tube(),
                        laid.toe(),
                        laid.heel(),
                        gauge));
    }

    private Optional<ToeOnFoot> toeOnFoot(Laid laid, Gauge gauge) {
        return foot.tracing()
                .map(traced -> ToeOnFoot.of(
                        traced, "foot.tracing", toes(laid, gauge), laid.count().half(), gauge));
    }

    /** The planned toe, and with it those that could be knitted instead on a tube that begins like this one. */
    private List<Shaping> toes(Laid laid, Gauge gauge) {
        List<Shaping> toes = new ArrayList<>(List.of(laid.toe()));
        boolean rounds = laid.toe().school().inRounds();
        for (ShapingSchool school : ShapingSchool.values()) {
            boolean goes = !choices.tube().toeFirst() || school.inRounds() == rounds;
            if (goes && school != ShapingSchool.OWN && school != laid.toe().school()) {
                ShapingChoice other = ShapingChoice.of(school, 0);
                Problems.tried(() -> Shaping.of(
                                "toe", other, laid.count().half(), Given.tried("plain rounds", 0, Unit.ROUNDS), gauge))
                        .ifPresent(toes::add);
            }
        }
        return toes;
    }

    /**
     * The heel. Where no plain rounds were chosen it gets those that are advised for the measured diagonal, or those that
     * go with the ball.
     */
    private Shaping heel(StitchCount count, Opening opening, Gauge gauge) {
        ShapingChoice choice = choices.heel();
        Shaping first = heel(opening, choices.heelPlain(0), gauge);
        if (choice.plainRounds().isPresent()) {
            return first;
        }
        if (foot.diagonalEstimated()) {
            return heel(opening, HeelRoom.usualPlain(foot.ballGirth(), first, gauge), gauge);
        }
        int advised = HeelRoom.of(first, count.half(), opening.heelSide(), count.finishedGirth(), foot, gauge)
                .advised();
        return heel(opening, choices.heelPlain(advised), gauge);
    }

    private Shaping heel(Opening opening, Step plain, Gauge gauge) {
        return Shaping.heel(choices.heel(), opening.heelSide(), opening.extraToGo(), plain, gauge);
    }

    private Fit fit(Laid laid, Gauge gauge) {
        Step tube = laid.count().finishedGirth();
        boolean legInPattern =
                choices.patternTaken().filter(made -> made.place().onLeg()).isPresent();
        Step leg = legInPattern
                ? SockRules.girthOf(laid.count().stitches(), in(choices.patternTaken(), gauge, PatternPlace::onLeg))
                : tube;
        Step edge = FitRules.edgeGirth(tube, choices.finish().ribTaken().width());
        return new Fit(
                HeelRoom.of(laid.heel(), laid.count().half(), laid.opening().heelSide(), tube, foot, gauge),
                Passing.of(foot.heelDiagonal(), leg),
                edge,
                SockRules.easeOf("cuff’s edge smaller than the leg by", edge, foot.legGirth()),
                foot.legEstimated());
    }

    private CuffPlan cuff(Step rounds, StitchCount count) {
        FinishChoice finish = choices.finish();
        return new CuffPlan(
                rounds,
                finish.ribTaken(),
                finish.ribTaken().closesOn(count.stitches().count()),
                spec.yarns().of(Section.CUFF) == YarnRole.CONTRAST
                        || choices.tube().wayTaken() == Way.READY_TUBE);
    }

    private Replan replan(TubeReading reading, Laid now, Step cuff) {
        Gauge own = spec.swatch().ownGauge();
        Laid before = lay(own, cuff);
        Counted counted = now.tube().heelLine().count();
        Step done = Given.measured(
                "rounds of the tube that are knitted", reading.roundsDone(), Unit.ROUNDS, "tubeReading.roundsDone");
        return new Replan(
                own.rounds(),
                before.tube().heelLine().count().rounds(),
                counted.rounds(),
                before.tube().rounds().tube(),
                now.tube().rounds().tube(),
                done,
                Computed.of(
                        "rounds left to the heel line", Unit.ROUNDS, PlanRules.ROUNDS_LEFT.of(counted.rounds(), done)));
    }
}
