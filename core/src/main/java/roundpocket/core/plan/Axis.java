package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import roundpocket.core.explain.Step;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.tube.Tube;

/** Lays the rounds along the tape, toe tip at 0. */
final class Axis {
    private Axis() {}

    static List<AxisRound> of(Tube tube, Step cuff, Shaping toe, YarnNeed yarn) {
        double mmPerRound = tube.allLength().value() / tube.allRounds().value();
        int toeRounds = toe.rounds().count();
        int opening = tube.openingRound().count();
        int cuffStart = opening + tube.legRounds().count();
        int all = tube.allRounds().count();

        List<AxisRound> axis = new ArrayList<>(all);
        double used = 0;
        for (int round = toeRounds + 1; round <= all; round++) {
            Section section = round <= opening ? Section.FOOT : round <= cuffStart ? Section.LEG : Section.CUFF;
            used += gramsPerRound(section, tube, cuff, yarn);
            axis.add(new AxisRound(round, round - toeRounds, section, round * mmPerRound, used));
        }
        List<AxisRound> toeAxis =
                toeRounds(toe, yarn, used + yarn.of(Section.HEEL).grams().value(), mmPerRound);
        toeAxis.addAll(axis);
        return toeAxis;
    }

    private static double gramsPerRound(Section section, Tube tube, Step cuff, YarnNeed yarn) {
        Step rounds =
                switch (section) {
                    case FOOT -> tube.footRounds();
                    case LEG -> tube.legRounds();
                    default -> cuff;
                };
        return yarn.of(section).grams().value() / rounds.value();
    }

    /** The toe is worked last and from its pick-up to its tip, so its first round lies farthest from the tip. */
    private static List<AxisRound> toeRounds(Shaping toe, YarnNeed yarn, double before, double mmPerRound) {
        double perStitch =
                yarn.of(Section.TOE).grams().value() / toe.stitchesWorked().value();
        List<AxisRound> rounds = new ArrayList<>();
        double used = before;
        for (ShapingRound worked : toe.list()) {
            used += worked.stitches() * perStitch;
            int fromTip = toe.list().size() - worked.number() + 1;
            rounds.add(new AxisRound(fromTip, worked.number(), Section.TOE, fromTip * mmPerRound, used));
        }
        Collections.reverse(rounds);
        return rounds;
    }
}
