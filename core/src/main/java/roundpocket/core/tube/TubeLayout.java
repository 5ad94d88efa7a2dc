package roundpocket.core.tube;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Measures;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.pattern.Patterned;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.yarn.YarnModel;

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
 * @param sacrificed rounds unpicked at the heel line
 * @param gauge the gauge of the foot
 * @param legGauge the gauge of the leg, which a pattern makes less sure
 * @param pattern what is patterned, where anything is
 * @param stitches stitches of the tube
 * @param yarn what a stitch of the main yarn takes
 * @param ravelled rounds that are ravelled from a ready tube for heels, toes and cuffs, where they are
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
        Gauge gauge,
        Gauge legGauge,
        Optional<Patterned> pattern,
        Step stitches,
        YarnModel yarn,
        Optional<Step> ravelled) {

    /** The tube. Refuses where foot or leg have no room. */
    public Tube lay() {
        Step target = target(foot.length());
        List<Placing> placings =
                Placing.all(new Placing.From(target, foot.shoeLength().map(this::target), placing, toe, heel, gauge));
        Placing chosen = placing.chosen(placings);
        Step opening = chosen.openingRound();
        Step footRounds = rounds("rounds between toe and heel line", TubeRules.FOOT_ROUNDS.of(opening, toe.rounds()));
        Optional<ReadyCut> ready = choice.readyTube().map(tube -> new ReadyCut(tube, stitches, gauge, yarn, ravelled));
        Optional<Step> given =
                ready.flatMap(cut -> cut.leg(footRounds, sacrificed)).or(this::markedLeg);
        Optional<Step> whole = given.isPresent() ? Optional.empty() : wholeRepeats(footRounds);
        Step legRounds = given.or(() -> whole).orElseGet(this::wishedLegRounds);
        // A leg that the half of a tube or a mark on the foot leaves is a result, whatever was wished for; and a leg of
        // whole repeats comes only near to the wish.
        Step legAbove = given.or(() -> whole)
                .<Step>map(leg -> TubeRules.lengthOf(
                        "leg above the heel line, cuff included",
                        rounds("rounds above the heel line", TubeRules.FROM_CUFF.of(cuff, leg)),
                        legGauge))
                .orElseGet(this::wantedLeg);
        refuseUnlessRoom(target, legAbove, footRounds, legRounds);
        TubeWanted wanted = new TubeWanted(target, legAbove, given.isPresent());
        return put(wanted, chosen, placings, footRounds, legRounds, ready);
    }

    private Step wishedLegRounds() {
        return rounds("rounds between heel line and cuff", TubeRules.LEG_ROUNDS.of(wantedLegRounds(), cuff));
    }

    /** Rounds of a leg that is to end with a whole repeat of its pattern. */
    private Optional<Step> wholeRepeats(Step footRounds) {
        boolean legFirst = choice.wayTaken() == Way.CUFF_DOWN;
        Step wished = wishedLegRounds();
        return pattern.filter(made -> made.whole() && made.place().onLeg() && wished.count() > 0)
                .map(made -> made.wholeLeg(wished, footRounds, legFirst));
    }

    private Step target(Step length) {
        return Computed.of("target foot length", Unit.MILLIMETRES, TubeRules.TARGET.of(length, lengthEase));
    }

    /** The leg above the heel line as it is wished for, in millimetres. */
    private Step wantedLeg() {
        Step leg = choice.leg(foot.length());
        if (leg.unit() == Unit.ROUNDS) {
            return TubeRules.lengthOf("leg above the heel line", wantedLegRounds(), legGauge);
        }
        return choice.legFromTaken() == LegFrom.OPENING
                ? leg
                : Computed.of(
                        "leg above the heel line",
                        Unit.MILLIMETRES,
                        TubeRules.LEG_ABOVE.of(leg, heel.rounds(), gauge.rounds()));
    }

    /** The same in rounds, cuff included. */
    private Step wantedLegRounds() {
        Step leg = choice.leg(foot.length());
        if (leg.unit() != Unit.ROUNDS) {
            return TubeRules.wholeRounds("rounds in the leg", wantedLeg(), legGauge);
        }
        return choice.legFromTaken() == LegFrom.OPENING
                ? leg
                : rounds("rounds of the leg above the heel line", TubeRules.LESS_HEEL_ROUNDS.of(leg, heel.rounds()));
    }

    /** Rounds of the leg where the tube was marked on the foot and the mark counted from the leg's end. */
    private Optional<Step> markedLeg() {
        if (!placing.marksTheLeg()) {
            return Optional.empty();
        }
        Step marked = placing.markedRounds()
                .orElseGet(() -> TubeRules.wholeRounds(
                        "rounds to the mark", placing.markedLength().orElseThrow(), legGauge));
        return Optional.of(
                placing.fromTaken() == CountFrom.START_OF_LEG
                        ? marked
                        : rounds("rounds between heel line and cuff", TubeRules.LEG_ROUNDS.of(marked, cuff)));
    }

    private Tube put(
            TubeWanted wanted,
            Placing chosen,
            List<Placing> placings,
            Step footRounds,
            Step legRounds,
            Optional<ReadyCut> ready) {
        Step tube = rounds("rounds of the tube", TubeRules.TUBE_ROUNDS.of(footRounds, legRounds, sacrificed));
        Step all = rounds(
                "rounds from toe tip to cuff edge", TubeRules.ALL_ROUNDS.of(toe.rounds(), footRounds, legRounds, cuff));
        return new Tube(
                choice.wayTaken(),
                choice.toeStartTaken(),
                wanted,
                heelLine(chosen, placings, footRounds, legRounds),
                new TubeRounds(footRounds, legRounds, sacrificed, tube, all),
                lengths(wanted, chosen.openingRound(), tube, all),
                ready.map(cut -> cut.of(tube)));
    }

    private HeelLine heelLine(Placing chosen, List<Placing> placings, Step footRounds, Step legRounds) {
        Step opening = chosen.openingRound();
        Step fromCuff = rounds("rounds from the cuff edge to the heel line", TubeRules.FROM_CUFF.of(cuff, legRounds));
        List<Counted> counts = List.of(
                Counted.of(CountFrom.TOE_TIP, opening, gauge),
                Counted.of(CountFrom.END_OF_TOE, footRounds, gauge),
                Counted.of(CountFrom.START_OF_LEG, legRounds, gauge),
                Counted.of(CountFrom.CUFF_EDGE, fromCuff, gauge));
        CountFrom usual = CountFrom.usual(choice.wayTaken(), choice.toeStartTaken());
        return new HeelLine(
                chosen,
                placings,
                opening,
                TubeRules.lengthOf("toe tip to the heel line", opening, gauge),
                counts,
                counts.get(usual.ordinal()));
    }

    private TubeLengths lengths(TubeWanted wanted, Step opening, Step tube, Step all) {
        Step cuffDepth = TubeRules.lengthOf("cuff depth", cuff, gauge);
        Step sockFoot = TubeRules.sockFoot(opening, heel, gauge);
        return new TubeLengths(
                TubeRules.lengthOf("length of the tube", tube, unsurer()),
                Computed.of(
                        "length of the tube by the trade’s rule",
                        Unit.MILLIMETRES,
                        TubeRules.TRADE.of(wanted.foot(), wanted.legAbove(), cuffDepth, heel.depth(), toe.depth())),
                cuffDepth,
                TubeRules.lengthOf("toe tip to cuff edge", all, unsurer()),
                sockFoot,
                Computed.of("longer than the foot by", Unit.MILLIMETRES, TubeRules.OUT_BY.of(sockFoot, wanted.foot())));
    }

    /** For what lies partly on the foot and partly on the leg: the gauge that says less. */
    private Gauge unsurer() {
        return pattern.filter(made -> made.place().onLeg()).isPresent() ? legGauge : gauge;
    }

    private static Step rounds(String label, Rule.Applied applied) {
        return Computed.of(label, Unit.ROUNDS, applied);
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
                    "A foot of {foot} is too short for a toe of {toe} and a heel of {heel}: they alone take {needed}.",
                    "Try fewer plain rounds at heel or toe, a shaping that closes sooner, or measure again.",
                    Map.of(
                            "foot", Amount.mm(target.value()),
                            "toe", Amount.rounds(toe.rounds().value()),
                            "heel", Amount.rounds(heel.rounds().value()),
                            "needed", Amount.mm(needed))));
        }
        boolean halved = choice.readyTube()
                .filter(tube -> tube.cutTaken() != Cut.TO_LENGTH)
                .isPresent();
        boolean pieces =
                choice.readyTube().filter(tube -> tube.cutTaken() == Cut.PIECES).isPresent();
        if (legRounds.count() < 1 && halved) {
            problems.add(new Problem(
                    "tube.half.no-room",
                    "choices.tube.readyTube",
                    (pieces ? "A piece of this tube" : "Half of this tube")
                            + " has no room for a foot of {foot} and a leg: {missing} are missing.",
                    pieces
                            ? "Plan it for a smaller foot."
                            : "Plan it for a smaller foot, or take one sock from the tube.",
                    Map.of(
                            "foot", Amount.rounds(footRounds.value()),
                            "missing", Amount.rounds(1 - legRounds.value()))));
        } else if (legRounds.count() < 1) {
            problems.add(new Problem(
                    "tube.leg.no-room",
                    "choices.tube.legMm",
                    "A leg of {leg} is too short for a cuff of {cuff}.",
                    "Make the leg higher or the cuff shorter.",
                    Map.of("leg", Amount.mm(legAbove.value()), "cuff", Amount.rounds(cuff.value()))));
        }
        problems.throwIfAny();
    }
}
