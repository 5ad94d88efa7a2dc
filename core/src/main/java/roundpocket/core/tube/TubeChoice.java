package roundpocket.core.tube;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
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
 * @param legMm leg, cuff included, 20 to 600 mm; usually 125
 * @param legFrom where the leg is measured from; usually the opening
 */
public record TubeChoice(
        Optional<Way> way,
        Optional<ToeStart> toeStart,
        Optional<ReadyTube> readyTube,
        OptionalDouble legMm,
        Optional<LegFrom> legFrom) {
    public static final double USUAL_LEG_MM = 125;

    private static final Limit LEG = new Limit(
            "choices.leg.range",
            20,
            600,
            Unit.MILLIMETRES,
            "A leg of {found} is outside what can be planned: {min} to {max}.",
            "Measure from where the heel opens to the top of the cuff.");

    public TubeChoice {
        Problems problems = new Problems();
        legMm.ifPresent(value -> problems.checkRange("legMm", value, LEG));
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
                    "Choose the way from a ready tube, or leave the tube out.",
                    Map.of()));
        }
        if (toeStart.isPresent() && way.filter(w -> w != Way.TOE_UP).isPresent()) {
            problems.add(new Problem(
                    "choices.toe-start.unused",
                    "toeStart",
                    "Only a toe-up tube begins at the toe.",
                    "Choose toe-up, or leave the start out.",
                    Map.of()));
        }
        problems.throwIfAny();
    }

    /** Everything as usual. */
    public static TubeChoice usual() {
        return new TubeChoice(
                Optional.empty(), Optional.empty(), Optional.empty(), OptionalDouble.empty(), Optional.empty());
    }

    public TubeChoice withLegMm(double mm) {
        return new TubeChoice(way, toeStart, readyTube, OptionalDouble.of(mm), legFrom);
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

    /** The leg as it was put in, in millimetres. */
    public Step leg() {
        return Given.choice(
                "leg " + legFromTaken().title(),
                legMm.orElse(USUAL_LEG_MM),
                Unit.MILLIMETRES,
                legMm.isEmpty(),
                "choices.tube.legMm");
    }
}
