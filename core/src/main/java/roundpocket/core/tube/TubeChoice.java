package roundpocket.core.tube;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * How one comes by the tube and how high its leg is. What is left empty is as usual.
 *
 * @param way toe-up, cuff-down or from a ready tube; usually toe-up
 * @param toeStart how a toe-up tube begins; usually on waste yarn
 * @param readyTube the tube that is there already; needed for that way and for no other
 * @param legMm leg, cuff included, 20 to 600 mm; usually 125, but at most 0.55 of the foot
 * @param legRounds the same in rounds instead, 10 to 600; 20, 40 and 60 are usual
 * @param legFrom where the leg is measured from; usually the opening
 */
public record TubeChoice(
        Optional<Way> way,
        Optional<ToeStart> toeStart,
        Optional<ReadyTube> readyTube,
        OptionalDouble legMm,
        OptionalInt legRounds,
        Optional<LegFrom> legFrom) {
    private static final Limit LEG = new Limit(
            "choices.leg.range",
            20,
            600,
            Unit.MILLIMETRES,
            "Leg must be {min} to {max} (you entered {found}).",
            "Measure from the heel line to the top of the cuff.");
    private static final Limit LEG_ROUNDS = new Limit(
            "choices.leg-rounds.range",
            10,
            600,
            Unit.ROUNDS,
            "Leg must be {min} to {max}, cuff included (you entered {found}).",
            "20, 40 or 60 are usual.");

    public TubeChoice {
        Problems problems = new Problems();
        legMm.ifPresent(value -> problems.checkRange("legMm", value, LEG));
        legRounds.ifPresent(value -> problems.checkRange("legRounds", value, LEG_ROUNDS));
        if (legMm.isPresent() && legRounds.isPresent()) {
            problems.add(new Problem(
                    "choices.leg.twice",
                    "legRounds",
                    "The leg is given twice: as a length and in rounds.",
                    "Give one of the two.",
                    Map.of()));
        }
        boolean ready = way.filter(w -> w == Way.READY_TUBE).isPresent();
        if (ready && readyTube.isEmpty()) {
            problems.add(new Problem(
                    "choices.ready-tube.missing",
                    "readyTube",
                    "A sock from a ready tube needs the tube: its stitches, and its rounds or its length.",
                    "Count it, or choose toe-up or cuff-down.",
                    Map.of()));
        }
        if (!ready && readyTube.isPresent()) {
            problems.add(new Problem(
                    "choices.ready-tube.unused",
                    "readyTube",
                    "A ready tube is given, but the sock is to be knitted.",
                    "Choose the way from a ready tube, or remove the tube.",
                    Map.of()));
        }
        if (toeStart.isPresent() && way.filter(w -> w != Way.TOE_UP).isPresent()) {
            problems.add(new Problem(
                    "choices.toe-start.unused",
                    "toeStart",
                    "Only a toe-up tube begins at the toe.",
                    "Choose toe-up, or remove the start.",
                    Map.of()));
        }
        problems.throwIfAny();
    }

    /** A leg in millimetres, cuff included. */
    public static Limit legLimit() {
        return LEG;
    }

    /** Everything as usual. */
    public static TubeChoice usual() {
        return new TubeChoice(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                Optional.empty());
    }

    public TubeChoice withLegMm(double mm) {
        return new TubeChoice(way, toeStart, readyTube, OptionalDouble.of(mm), OptionalInt.empty(), legFrom);
    }

    public TubeChoice withLegFrom(LegFrom from) {
        return new TubeChoice(way, toeStart, readyTube, legMm, legRounds, Optional.of(from));
    }

    /** The same with a leg of so many rounds, cuff included. */
    public TubeChoice withLegRounds(int rounds) {
        return new TubeChoice(way, toeStart, readyTube, OptionalDouble.empty(), OptionalInt.of(rounds), legFrom);
    }

    public TubeChoice withReadyTube(ReadyTube tube) {
        return new TubeChoice(
                Optional.of(Way.READY_TUBE), Optional.empty(), Optional.of(tube), legMm, legRounds, legFrom);
    }

    public Way wayTaken() {
        return way.orElse(Way.TOE_UP);
    }

    public ToeStart toeStartTaken() {
        return toeStart.orElse(ToeStart.WASTE_YARN);
    }

    public LegFrom legFromTaken() {
        return legFrom.orElse(LegFrom.OPENING);
    }

    /** Whether the toe is knitted before the tube. */
    public boolean toeFirst() {
        return wayTaken() == Way.TOE_UP && toeStartTaken().toeFirst();
    }

    /** The leg as it was put in, in millimetres or in rounds; the usual one goes by the foot. */
    public Step leg(Step foot) {
        String label = "leg " + legFromTaken().title();
        if (legRounds.isPresent()) {
            return Given.choice(label, legRounds.getAsInt(), Unit.ROUNDS, false, "choices.tube.legRounds");
        }
        return legMm.isPresent()
                ? Given.choice(label, legMm.getAsDouble(), Unit.MILLIMETRES, false, "choices.tube.legMm")
                : Computed.of(
                        label,
                        Unit.MILLIMETRES,
                        TubeRules.USUAL_LEG.of(TubeRules.USUAL_LEG_MM.step(), TubeRules.MOST_LEG_SHARE.step(), foot));
    }
}
