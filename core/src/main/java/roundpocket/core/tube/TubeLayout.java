package roundpocket.core.tube;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Measures;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;

/**
 * Lays a tube out. Rounds are counted; lengths follow from them.
 *
 * @param choice how one comes by the tube, and its leg
 * @param placing where the heel is to open
 * @param foot the foot
 * @param lengthEase how much shorter than the foot the sock is to be, in millimetres
 * @param cuff rounds of the cuff
 * @param toe the toe
 * @param heel the heel
 * @param sacrificed rounds unpicked at the opening
 * @param gauge the gauge
 */
public record TubeLayout(
        TubeChoice choice,
        PlacingChoice placing,
        Measures foot,
        Step lengthEase,
        Step cuff,
        Shaping toe,
        Shaping heel,
        Step sacrificed,
        Gauge gauge) {

    /** The tube. Refuses where foot or leg have no room. */
    public Tube lay() {
        Step target = Computed.of(
                "length that the sock's foot is to have",
                Unit.MILLIMETRES,
                TubeRules.TARGET,
                foot.length(),
                lengthEase);
        List<Placing> placings =
                Placing.all(new Placing.From(target, foot.shoeLength(), placing.marked(), heel, gauge));
        Placing chosen = placing.chosen(placings);
        Step opening = chosen.openingRound();
        Step footRounds = rounds("rounds between toe and opening", TubeRules.FOOT_ROUNDS, opening, toe.rounds());
        Step legAbove = legAbove();
        Step wanted = rounds(
                "rounds between opening and cuff",
                TubeRules.LEG_ROUNDS,
                TubeRules.wholeRounds("rounds in the leg", legAbove, gauge),
                cuff);
        Optional<ReadyCut> ready =
                choice.readyTube().map(tube -> new ReadyCut(tube, footRounds, wanted, sacrificed, gauge));
        Step legRounds = ready.flatMap(ReadyCut::legWhenHalved).orElse(wanted);
        refuseUnlessRoom(target, legAbove, footRounds, legRounds);
        return put(target, legAbove, chosen, placings, footRounds, legRounds, ready);
    }

    private Step legAbove() {
        return choice.legFromTaken() == LegFrom.OPENING
                ? choice.leg()
                : Computed.of(
                        "leg above the opening",
                        Unit.MILLIMETRES,
                        TubeRules.LEG_ABOVE,
                        choice.leg(),
                        heel.rounds(),
                        gauge.rounds());
    }

    private Tube put(
            Step target,
            Step legAbove,
            Placing chosen,
            List<Placing> placings,
            Step footRounds,
            Step legRounds,
            Optional<ReadyCut> ready) {
        Step opening = chosen.openingRound();
        Step tube = rounds("rounds of the tube", TubeRules.TUBE_ROUNDS, footRounds, legRounds, sacrificed);
        Step all = rounds(
                "rounds from toe tip to cuff edge", TubeRules.ALL_ROUNDS, toe.rounds(), footRounds, legRounds, cuff);
        Step fromCuff = rounds("rounds from the cuff edge to the opening", TubeRules.FROM_CUFF, cuff, legRounds);
        List<Counted> counts = List.of(
                Counted.of(CountFrom.TOE_TIP, opening, gauge),
                Counted.of(CountFrom.END_OF_TOE, footRounds, gauge),
                Counted.of(CountFrom.START_OF_LEG, legRounds, gauge),
                Counted.of(CountFrom.CUFF_EDGE, fromCuff, gauge));
        CountFrom usual = CountFrom.usual(choice.wayTaken(), choice.toeStartTaken());
        Step sockFoot = TubeRules.sockFoot(opening, heel, gauge);
        Step cuffDepth = TubeRules.lengthOf("cuff depth", cuff, gauge);
        return new Tube(
                choice.wayTaken(),
                choice.toeStartTaken(),
                target,
                legAbove,
                chosen,
                placings,
                footRounds,
                opening,
                TubeRules.lengthOf("toe tip to the opening", opening, gauge),
                counts,
                counts.get(usual.ordinal()),
                legRounds,
                sacrificed,
                tube,
                TubeRules.lengthOf("length of the tube", tube, gauge),
                Computed.of(
                        "length of the tube by the trade's rule",
                        Unit.MILLIMETRES,
                        TubeRules.TRADE,
                        target,
                        legAbove,
                        cuffDepth,
                        heel.depth(),
                        toe.depth()),
                cuffDepth,
                all,
                TubeRules.lengthOf("toe tip to cuff edge", all, gauge),
                sockFoot,
                Computed.of("the foot comes out longer by", Unit.MILLIMETRES, TubeRules.OUT_BY, sockFoot, target),
                ready.map(cut -> cut.of(tube)));
    }

    private static Step rounds(String label, Rule rule, Step... inputs) {
        return Computed.of(label, Unit.ROUNDS, rule, inputs);
    }

    /** A ready tube, cut for the pair. */
    private record ReadyCut(ReadyTube tube, Step footRounds, Step wantedLeg, Step sacrificed, Gauge gauge) {
        Step have() {
            if (tube.rounds().isPresent()) {
                return Given.measured(
                        "rounds of the ready tube",
                        tube.rounds().getAsInt(),
                        Unit.ROUNDS,
                        "choices.tube.readyTube.rounds");
            }
            Given length = Given.measured(
                    "length of the ready tube",
                    tube.lengthMm().orElseThrow(),
                    Unit.MILLIMETRES,
                    "choices.tube.readyTube.lengthMm");
            return Rounded.of(
                    "rounds of the ready tube",
                    Computed.of(
                            "rounds of the ready tube, exactly",
                            Unit.ROUNDS,
                            TubeRules.ROUNDS_IN,
                            length,
                            gauge.rounds()),
                    Rounding.DOWN,
                    "a round that is cut through is lost");
        }

        Step spare() {
            return Given.choice(
                    "rounds cut beyond where needed",
                    tube.spareRounds().orElse(ReadyTube.USUAL_SPARE_ROUNDS),
                    Unit.ROUNDS,
                    tube.spareRounds().isEmpty(),
                    "choices.tube.readyTube.spareRounds");
        }

        Step half() {
            return Rounded.of(
                    "rounds of each half",
                    Computed.of("rounds of each half, exactly", Unit.ROUNDS, TubeRules.HALVED, have()),
                    Rounding.DOWN,
                    "only whole rounds count, and one is lost at the cut");
        }

        Optional<Step> legWhenHalved() {
            return tube.cutTaken() == Cut.TO_LENGTH
                    ? Optional.empty()
                    : Optional.of(rounds(
                            "rounds between opening and cuff",
                            TubeRules.LEG_OF_HALF,
                            half(),
                            spare(),
                            footRounds,
                            sacrificed));
        }

        TubeCut of(Step needed) {
            Step piece = rounds("rounds of each piece", TubeRules.PIECE, needed, spare());
            Step remnant = rounds("rounds left of the ready tube", TubeRules.REMNANT, have(), piece);
            return new TubeCut(
                    tube.cutTaken(),
                    have(),
                    spare(),
                    piece,
                    remnant,
                    TubeRules.lengthOf("length left of the ready tube", remnant, gauge));
        }
    }

    private void refuseUnlessRoom(Step target, Step legAbove, Step footRounds, Step legRounds) {
        Problems problems = new Problems();
        if (footRounds.count() < 1) {
            double needed = (toe.rounds().value() + heel.rounds().value() + 1)
                    / gauge.rounds().value()
                    * 100;
            problems.add(new Problem(
                    "tube.foot.no-room",
                    "foot.lengthMm",
                    "A foot of {foot} has no room for a toe of {toe} and a heel of {heel} at this gauge: they need at"
                            + " least {needed} together with one round between them.",
                    "Try fewer plain rounds at heel or toe, or measure again.",
                    Map.of(
                            "foot", Amount.mm(target.value()),
                            "toe", Amount.rounds(toe.rounds().value()),
                            "heel", Amount.rounds(heel.rounds().value()),
                            "needed", Amount.mm(needed))));
        }
        if (legRounds.count() < 1) {
            problems.add(new Problem(
                    "tube.leg.no-room",
                    "choices.tube.legMm",
                    "A leg of {leg} above the opening has no room for a cuff of {cuff} at this gauge.",
                    "Make the leg higher or the cuff shorter.",
                    Map.of("leg", Amount.mm(legAbove.value()), "cuff", Amount.rounds(cuff.value()))));
        }
        problems.throwIfAny();
    }
}
