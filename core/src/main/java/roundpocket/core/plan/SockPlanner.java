package roundpocket.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Graft;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.fit.Passing;
import roundpocket.core.foot.Measures;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.opening.Opening;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.Shaping.Start;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.sock.SockRules;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.tube.Counted;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.TubeLayout;
import roundpocket.core.tube.Way;

/** Puts a plan together, part by part in the order in which each needs the ones before. */
final class SockPlanner {
    private final SockSpec spec;
    private final Choices choices;
    private final Measures foot;

    private SockPlanner(SockSpec spec) {
        this.spec = spec;
        this.choices = spec.choices();
        this.foot = spec.feet().measures();
    }

    static SockPlan plan(SockSpec spec) {
        return new SockPlanner(spec).plan();
    }

    /** All that lies along the tape for one gauge. */
    private record Laid(StitchCount count, Opening opening, Shaping toe, Shaping heel, Tube tube) {}

    private SockPlan plan() {
        Gauge gauge = spec.swatch().gauge();
        Step cuff = choices.finish().cuff();
        Laid laid = lay(gauge, cuff);
        StitchCount count = laid.count();
        Tube tube = laid.tube();
        YarnNeed yarn = new YarnPlanner(spec, gauge, count.stitches(), cuff, tube, laid.toe(), laid.heel()).plan();
        return new SockPlan(
                foot,
                choices.size().easeStep(),
                choices.tube().leg(),
                gauge,
                spec.swatch().advice(gauge),
                count,
                laid.toe(),
                laid.heel(),
                fit(laid, gauge),
                tube,
                laid.opening(),
                cuff(cuff, count),
                graft("heel", laid.heel()),
                graft("toe", laid.toe()),
                yarn,
                WorkedRound.of(laid.toe(), yarn.of(Section.TOE)),
                WorkedRound.of(laid.heel(), yarn.of(Section.HEEL)),
                spec.swatch().onTheTube().map(reading -> replan(reading, laid, cuff)),
                Outline.of(count.half(), cuff, tube, laid.toe(), laid.heel(), gauge),
                Axis.of(tube, cuff, laid.toe(), yarn));
    }

    private Laid lay(Gauge gauge, Step cuff) {
        boolean ready = choices.tube().wayTaken() == Way.READY_TUBE;
        StitchCount count = StitchCount.of(foot.ballGirth(), choices.size().easeStep(), gauge, choices.stitchesStep());
        Opening opening = Opening.of(choices.opening(), count.half(), ready);
        Problems problems = new Problems();
        Optional<Shaping> toe = problems.collect("choices.toe", () -> toe(count, gauge));
        Optional<Shaping> heel = problems.collect("choices.heel", () -> heel(count, opening, gauge));
        problems.throwIfAny();
        refuseUnlessCornersFit(opening, heel.orElseThrow());
        Tube tube = new TubeLayout(
                        choices.tube(),
                        choices.placing(),
                        foot,
                        choices.size().lengthEaseStep(),
                        cuff,
                        toe.orElseThrow(),
                        heel.orElseThrow(),
                        opening.way().lost().step(),
                        gauge)
                .lay();
        return new Laid(count, opening, toe.orElseThrow(), heel.orElseThrow(), tube);
    }

    private Shaping toe(StitchCount count, Gauge gauge) {
        Start start = !choices.tube().toeFirst()
                ? Start.LIVE_LOOPS
                : choices.tube().toeStartTaken() == ToeStart.SHORT_ROWS ? Start.WAITING_LOOPS : Start.CLOSED_TIP;
        return Shaping.of("toe", choices.toeTaken(), start, count.half(), choices.toePlain(), gauge);
    }

    /** The heel; where its diagonal was measured and no plain rounds were chosen, with those that are advised. */
    private Shaping heel(StitchCount count, Opening opening, Gauge gauge) {
        ShapingChoice choice = choices.heel();
        Supplier<Shaping> usual = () -> heel(opening, Choices.usualPlain(choice), gauge);
        if (choice.plainRounds().isPresent() || foot.diagonalEstimated()) {
            return usual.get();
        }
        Shaping first = usual.get();
        return HeelRoom.of(first, opening.heelSide(), count.finishedGirth(), foot, gauge).advised().stream()
                .mapToObj(advised -> heel(opening, advised, gauge))
                .findFirst()
                .orElse(first);
    }

    private Shaping heel(Opening opening, int usualPlain, Gauge gauge) {
        return Shaping.of("heel", choices.heel(), opening.heelSide(), choices.heelPlain(usualPlain), gauge);
    }

    private static void refuseUnlessCornersFit(Opening opening, Shaping heel) {
        if (opening.cornerRounds() > heel.plainRounds().count()) {
            throw new Refusal(List.of(new Problem(
                    "opening.corners.no-room",
                    "choices.heel.plainRounds",
                    "Decreasing the extra loops of the corners away takes {needed} plain; the heel has {found}.",
                    "Give the heel as many plain rounds, or leave two stitches in at the corners.",
                    Map.of(
                            "needed", Amount.rounds(opening.cornerRounds()),
                            "found", Amount.rounds(heel.plainRounds().value())))));
        }
    }

    private Fit fit(Laid laid, Gauge gauge) {
        Step tube = laid.count().finishedGirth();
        return new Fit(
                HeelRoom.of(laid.heel(), laid.opening().heelSide(), tube, foot, gauge),
                Passing.of(foot.heelDiagonal(), tube),
                foot.legGirth().map(leg -> SockRules.easeOf("smaller than the leg by", tube, leg)));
    }

    private CuffPlan cuff(Step rounds, StitchCount count) {
        FinishChoice finish = choices.finish();
        return new CuffPlan(
                rounds,
                finish.ribTaken(),
                finish.ribTaken().closesOn(count.stitches().count()),
                spec.yarns().of(Section.CUFF) == YarnRole.CONTRAST);
    }

    private Optional<Graft> graft(String name, Shaping shaping) {
        return shaping.close() == Close.DRAW_THROUGH
                ? Optional.empty()
                : shaping.graftLoops().map(loops -> Graft.of(name, loops, choices.finish()));
    }

    private Replan replan(TubeReading reading, Laid now, Step cuff) {
        Gauge own = spec.swatch().ownGauge();
        Laid before = lay(own, cuff);
        Counted counted = now.tube().count();
        Step done = Given.measured(
                "rounds of the tube that are knitted", reading.roundsDone(), Unit.ROUNDS, "tubeReading.roundsDone");
        return new Replan(
                own.rounds(),
                before.tube().count().rounds(),
                counted.rounds(),
                before.tube().tubeRounds(),
                now.tube().tubeRounds(),
                done,
                Computed.of("rounds left to the opening", Unit.ROUNDS, PlanRules.ROUNDS_LEFT, counted.rounds(), done));
    }
}
