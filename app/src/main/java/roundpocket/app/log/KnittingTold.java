package roundpocket.app.log;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.app.laps.Heard;
import roundpocket.app.laps.LapViews.DifferenceView;
import roundpocket.app.laps.LapViews.LapNoteView;
import roundpocket.app.log.LogViews.SectionView;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.PairWork;
import roundpocket.core.lap.Used;

/** What the log says of the knitting of a pair: the part of an entry that stays once the pair is finished. */
record KnittingTold(
        Instant begunAt,
        @Nullable Instant lastAt,
        int presses,
        @Nullable Double hours,
        List<SectionView> sections,
        List<DifferenceView> differences,
        Optional<Used> used,
        double plannedG,
        List<LapNoteView> notes) {
    static KnittingTold of(Heard heard) {
        PairWork work = heard.work();
        return new KnittingTold(
                heard.begunAt(),
                heard.lastAt(),
                heard.presses(),
                work.hours().isPresent() ? work.hours().getAsDouble() : null,
                sections(work),
                heard.differences(),
                work.used(),
                work.begun().plan().yarn().pairGrams().value(),
                heard.notes());
    }

    private static List<SectionView> sections(PairWork work) {
        LapPlan first = work.sock(1).course().lap();
        LapPlan second = work.sock(2).course().lap();
        return work.begun().lap().progress(0).entrySet().stream()
                .map(entry -> new SectionView(
                        entry.getKey(),
                        entry.getKey().title(),
                        entry.getValue().all(),
                        first.progress(0).get(entry.getKey()).all(),
                        second.progress(0).get(entry.getKey()).all()))
                .toList();
    }
}
