package roundpocket.app.log;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FigureView;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.plans.WeighInPart;
import roundpocket.core.wear.Tally;

/** All finished pairs together, as they are handed out. */
public final class TallyViews {
    private TallyViews() {}

    /**
     * What the finished pairs took.
     *
     * @param all of all of them
     * @param yarns of those in each yarn that is on the shelf, the one used last first
     * @param feet what each foot that is on the shelf has had
     * @param predictions how the plans of the yarn came out, of every pair that was weighed on the way, the latest first
     */
    public record TalliesView(
            Tally all, List<YarnTallyView> yarns, List<FootHadView> feet, List<PredictionView> predictions) {}

    /** What the pairs in one yarn took. */
    public record YarnTallyView(UUID yarnId, String name, Tally tally) {}

    /** What a foot has had, the latest first. */
    public record FootHadView(UUID footId, List<HadView> pairs) {}

    /**
     * A pair a foot has had.
     *
     * @param finishedAt when its last step was pressed
     * @param stitches stitches of its tube
     * @param legMm its leg above the heel line
     * @param said what was noted on how it fits and wears, the earliest first
     */
    public record HadView(
            UUID pairId, String name, @Nullable Instant finishedAt, int stitches, double legMm, List<String> said) {}

    /**
     * What is known of a yarn from the pairs that were knitted in it.
     *
     * @param pairs their names, the latest first
     * @param swatch the gauge as it was knitted; left out where all of them came from ready tubes
     * @param stitches its stitches; left out likewise
     * @param rounds its rounds; left out likewise
     * @param measured tubes its rounds were measured on; 0 where they are those of the swatch
     * @param weighIns what was weighed on the way
     */
    public record KnownYarnView(
            UUID yarnId,
            String name,
            List<String> pairs,
            @Nullable SwatchPart swatch,
            @Nullable FigureView stitches,
            @Nullable FigureView rounds,
            int measured,
            List<WeighInPart> weighIns) {}

    /**
     * How a plan of the yarn came out.
     *
     * @param weighedG grams that went between the first and the last weighing of every ball
     * @param plannedG grams that were planned for the very same stitches
     * @param plusMinusG grams within which the two should lie of each other, 19 times in 20
     * @param kept whether they do
     */
    public record PredictionView(
            UUID pairId, String name, double weighedG, double plannedG, double plusMinusG, boolean kept) {}
}
