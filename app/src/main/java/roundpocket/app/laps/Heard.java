package roundpocket.app.laps;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import roundpocket.app.laps.LapViews.DifferenceView;
import roundpocket.app.laps.LapViews.LapNoteView;
import roundpocket.app.laps.LapViews.LapSockView;
import roundpocket.core.lap.PairWork;

/**
 * Everything that was heard of a pair, for who sums it up.
 *
 * @param begunAt when it was begun
 * @param lastAt when something was last pressed; null where nothing was
 * @param presses presses of both socks that stand
 * @param notes what was noted
 * @param differences the figures of the first sock that are otherwise than planned
 * @param work what it comes to
 */
public record Heard(
        Instant begunAt,
        @Nullable Instant lastAt,
        int presses,
        List<LapNoteView> notes,
        List<DifferenceView> differences,
        PairWork work) {
    static Heard of(LapRow row, Knitting knitting) {
        PairWork work = knitting.work();
        List<LapSockView> socks = knitting.socks();
        return new Heard(
                knitting.begunAt(row.startedAt()),
                socks.stream()
                        .map(LapSockView::lastAt)
                        .filter(Objects::nonNull)
                        .max(Comparator.naturalOrder())
                        .orElse(null),
                socks.stream().mapToInt(LapSockView::position).sum(),
                knitting.notes(),
                DifferenceView.between(
                        work.begun().plan(), work.sock(1).course().plan()),
                work);
    }
}
