package roundpocket.core.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.ShoeSize;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;

/**
 * Where the heel opens for every shoe size, with one knitter's gauge, toe and heel: for the wall.
 *
 * @param school how the heel is placed; where the plan's method is bound to one foot, by the heel's own depth
 * @param gauge the gauge it is made for
 * @param rows smallest first
 */
public record SizeChart(PlacingSchool school, Gauge gauge, List<Row> rows) {
    private static final int SMALLEST = 18;
    private static final int LARGEST = 50;
    private static final double CLOSE = 4;

    public SizeChart {
        rows = List.copyOf(rows);
    }

    /**
     * One size. Sizes of other systems are the nearest halves; empty where the system has none.
     *
     * @param eu EU size
     * @param mondopoint the length that it stands for, to the nearest 5 mm
     * @param length length of the foot, in millimetres, good to ±5
     * @param fromTip from the tip of the toe to the heel line, in millimetres
     * @param roundsFromTip rounds there
     * @param fromToe from where the toe ends to the heel line, in millimetres
     * @param roundsFromToe rounds there, at least 1
     */
    public record Row(
            int eu,
            OptionalDouble uk,
            OptionalDouble usMen,
            OptionalDouble usWomen,
            int mondopoint,
            Step length,
            Step fromTip,
            Step roundsFromTip,
            Step fromToe,
            Step roundsFromToe) {}

    /**
     * The chart.
     *
     * @param placing how the heel is placed
     * @param lengthEase how much shorter than the foot the sock is to be, in millimetres
     */
    public static SizeChart of(PlacingChoice placing, Step lengthEase, Shaping toe, Shaping heel, Gauge gauge) {
        PlacingSchool school =
                switch (placing.schoolTaken()) {
                    case OWN_DISTANCE, ON_THE_FOOT, AT_COLOUR, BY_SHOE_SIZE -> PlacingSchool.OWN_HEEL;
                    default -> placing.schoolTaken();
                };
        List<Row> rows = new ArrayList<>();
        for (int eu = SMALLEST; eu <= LARGEST; eu++) {
            Step length = new ShoeSize(ShoeSystem.EU, eu).length("size");
            Step target = Computed.of("target foot length", Unit.MILLIMETRES, TubeRules.TARGET.of(length, lengthEase));
            Placing placed = Placing.of(
                            school, new Placing.From(target, Optional.empty(), PlacingChoice.usual(), toe, heel, gauge))
                    .orElseThrow();
            Step fromToe = Computed.of(
                    "rounds between toe and heel line",
                    Unit.ROUNDS,
                    TubeRules.FOOT_ROUNDS.of(placed.openingRound(), toe.rounds()));
            // A foot that has no room for this toe and this heel has no row.
            if (fromToe.count() >= 1) {
                rows.add(row(eu, length, placed.openingRound(), fromToe, gauge));
            }
        }
        return new SizeChart(school, gauge, rows);
    }

    private static Row row(int eu, Step length, Step tip, Step toe, Gauge gauge) {
        double mm = length.value();
        return new Row(
                eu,
                nearest(ShoeSystem.UK, mm),
                nearest(ShoeSystem.US_MEN, mm),
                nearest(ShoeSystem.US_WOMEN, mm),
                (int) Math.round(mm / 5) * 5,
                length,
                TubeRules.lengthOf("toe tip to the heel line", tip, gauge),
                tip,
                TubeRules.lengthOf("end of the toe to the heel line", toe, gauge),
                toe);
    }

    /** The half size whose foot is nearest to that length. */
    private static OptionalDouble nearest(ShoeSystem system, double mm) {
        if (mm < system.rule().apply(new double[] {0})) {
            return OptionalDouble.empty(); // a foot shorter than the smallest size has none
        }
        double best = 0;
        double off = Double.MAX_VALUE;
        for (double size = 0; size <= 20; size += 0.5) {
            double apart = Math.abs(system.rule().apply(new double[] {size}) - mm);
            if (apart < off) {
                off = apart;
                best = size;
            }
        }
        return off <= CLOSE ? OptionalDouble.of(best) : OptionalDouble.empty();
    }
}
