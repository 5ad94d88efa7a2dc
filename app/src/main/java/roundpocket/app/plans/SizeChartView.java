package roundpocket.app.plans;

import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import roundpocket.core.tube.SizeChart;

/**
 * Where the heel opens for every shoe size, with one knitter's gauge, toe and heel.
 *
 * @param school how the heel is placed, in words
 * @param stitches stitches per 10 cm that it is made for
 * @param rounds rounds per 10 cm
 * @param rows smallest first
 */
public record SizeChartView(String school, double stitches, double rounds, List<Row> rows) {
    /**
     * One size. Sizes of other systems are the nearest halves; left out where the system has none.
     *
     * @param eu EU size
     * @param mondopoint the length that it stands for, to the nearest 5 mm
     * @param lengthMm length of the foot, good to ±5 mm
     * @param fromTipMm from the tip of the toe to the heel line
     * @param roundsFromTip rounds there
     * @param fromToeMm from where the toe ends to the heel line
     * @param roundsFromToe rounds there
     */
    public record Row(
            int eu,
            @Nullable Double uk,
            @Nullable Double usMen,
            @Nullable Double usWomen,
            int mondopoint,
            double lengthMm,
            double fromTipMm,
            int roundsFromTip,
            double fromToeMm,
            int roundsFromToe) {
        static Row of(SizeChart.Row row) {
            return new Row(
                    row.eu(),
                    orNull(row.uk()),
                    orNull(row.usMen()),
                    orNull(row.usWomen()),
                    row.mondopoint(),
                    row.length().value(),
                    row.fromTip().value(),
                    row.roundsFromTip().count(),
                    row.fromToe().value(),
                    row.roundsFromToe().count());
        }

        private static @Nullable Double orNull(OptionalDouble size) {
            return size.isPresent() ? size.getAsDouble() : null;
        }
    }

    static SizeChartView of(SizeChart chart) {
        return new SizeChartView(
                chart.school().title(),
                chart.gauge().stitches().value(),
                chart.gauge().rounds().value(),
                chart.rows().stream().map(Row::of).toList());
    }
}
