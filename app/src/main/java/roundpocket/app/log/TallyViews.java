package roundpocket.app.log;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
     * @param said what was noted on how it fits and wears, the earliest first
     */
    public record HadView(
            UUID pairId, String name, @Nullable Instant finishedAt, List<String> said) {}

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
