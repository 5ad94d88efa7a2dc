package roundpocket.core.tube;

import java.util.Map;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;

/**
 * The tube of a toe-up sock, started on waste yarn, with the heel placed by its own depth and its line of waste yarn
 * worked while knitting, so that no round is sacrificed.
 *
 * @param footRounds rounds between toe and opening, counted from the start of the tube
 * @param openingRound rounds from the tip of the toe to the opening
 * @param openingFromStart millimetres from the start of the tube to the opening
 * @param openingFromToe millimetres from the tip of the toe to the opening
 * @param markersBeforeOpening ten-round markers set before the opening, from the start of the tube
 * @param legRounds rounds between opening and cuff
 * @param tubeRounds rounds of foot and leg
 * @param tubeLength millimetres of foot and leg
 * @param cuffDepth millimetres of the cuff
 * @param allRounds rounds from the tip of the toe to the edge of the cuff
 * @param allLength millimetres of them
 * @param sockFoot millimetres from toe tip to the back of the heel, as the whole rounds give it
 */
public record Tube(
        Step footRounds,
        Step openingRound,
        Step openingFromStart,
        Step openingFromToe,
        Step markersBeforeOpening,
        Step legRounds,
        Step tubeRounds,
        Step tubeLength,
        Step cuffDepth,
        Step allRounds,
        Step allLength,
        Step sockFoot) {

    /**
     * Lays the tube out.
     *
     * @param footLength target length of the sock's foot, in millimetres
     * @param leg height above the opening, cuff included, in millimetres
     * @param cuff rounds of the cuff
     */
    public static Tube toeUp(Step footLength, Step leg, Step cuff, Shaping toe, Shaping heel, Gauge gauge) {
        Step wholeFoot = wholeRounds("rounds in the foot's length", footLength, gauge);
        Step wholeLeg = wholeRounds("rounds in the leg", leg, gauge);
        Step foot = Computed.of(
                "rounds between toe and opening",
                Unit.ROUNDS,
                TubeRules.FOOT_ROUNDS,
                wholeFoot,
                toe.rounds(),
                heel.rounds());
        Step legRounds =
                Computed.of("rounds between opening and cuff", Unit.ROUNDS, TubeRules.LEG_ROUNDS, wholeLeg, cuff);
        refuseUnlessRoom(footLength, leg, foot, legRounds, toe, heel, cuff);

        Step opening = Computed.of(
                "rounds from the toe tip to the opening", Unit.ROUNDS, TubeRules.OPENING_ROUND, toe.rounds(), foot);
        Step tube = Computed.of("rounds of the tube", Unit.ROUNDS, TubeRules.TUBE_ROUNDS, foot, legRounds);
        Step all = Computed.of(
                "rounds from toe tip to cuff edge", Unit.ROUNDS, TubeRules.ALL_ROUNDS, toe.rounds(), tube, cuff);
        return new Tube(
                foot,
                opening,
                lengthOf("start of the tube to the opening", foot, gauge),
                lengthOf("toe tip to the opening", opening, gauge),
                Rounded.of(
                        "ten-round markers before the opening",
                        Computed.of("tens of rounds before the opening", Unit.TENS, TubeRules.TENS, foot),
                        Rounding.DOWN,
                        "a marker is set when its ten rounds are done"),
                legRounds,
                tube,
                lengthOf("length of the tube", tube, gauge),
                lengthOf("cuff depth", cuff, gauge),
                all,
                lengthOf("toe tip to cuff edge", all, gauge),
                Computed.of(
                        "length of the sock's foot",
                        Unit.MILLIMETRES,
                        TubeRules.SOCK_FOOT,
                        opening,
                        heel.rounds(),
                        gauge.rounds()));
    }

    private static Step wholeRounds(String label, Step length, Gauge gauge) {
        return Rounded.of(
                label,
                Computed.of(label + ", exactly", Unit.ROUNDS, TubeRules.ROUNDS_IN, length, gauge.rounds()),
                Rounding.NEAREST,
                "only whole rounds can be knitted");
    }

    private static Step lengthOf(String label, Step rounds, Gauge gauge) {
        return Computed.of(label, Unit.MILLIMETRES, TubeRules.LENGTH_OF, rounds, gauge.rounds());
    }

    private static void refuseUnlessRoom(
            Step footLength, Step leg, Step foot, Step legRounds, Shaping toe, Shaping heel, Step cuff) {
        Problems problems = new Problems();
        if (foot.count() < 1) {
            problems.add(new Problem(
                    "tube.foot.no-room",
                    "foot.lengthMm",
                    "A foot of {foot} has no room for a toe of {toe} and a heel of {heel} at this gauge: they need at"
                            + " least {needed} together with one round between them.",
                    "Try fewer plain rounds at heel or toe, or measure again.",
                    Map.of(
                            "foot", Amount.mm(footLength.value()),
                            "toe", Amount.rounds(toe.rounds().value()),
                            "heel", Amount.rounds(heel.rounds().value()),
                            "needed",
                                    Amount.mm((toe.rounds().value()
                                                    + heel.rounds().value()
                                                    + 1)
                                            * toe.depth().value()
                                            / toe.rounds().value()))));
        }
        if (legRounds.count() < 1) {
            problems.add(new Problem(
                    "tube.leg.no-room",
                    "choices.legMm",
                    "A leg of {leg} above the opening has no room for a cuff of {cuff} at this gauge.",
                    "Make the leg higher or the cuff shorter.",
                    Map.of("leg", Amount.mm(leg.value()), "cuff", Amount.rounds(cuff.value()))));
        }
        problems.throwIfAny();
    }
}
