package roundpocket.app.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.laps.LapViews.DifferenceView;
import roundpocket.app.laps.LapViews.LapNoteView;
import roundpocket.app.pairs.PairView.GistView;
import roundpocket.app.pairs.PairView.LinkView;
import roundpocket.app.pairs.PairView.YarnLinkView;
import roundpocket.app.plans.FigureView;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Section;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.Proposal;
import roundpocket.core.wear.WearNote;

/** The log as it is handed out. */
public final class LogViews {
    private LogViews() {}

    /**
     * A finished pair.
     *
     * @param foot whose feet it is for, where they are on the shelf
     * @param yarn its yarn, where it is on the shelf
     * @param gist what it looks like; left out where today’s limits refuse its plan
     * @param begunAt when it was begun
     * @param finishedAt when its last step was pressed
     * @param presses presses of both socks
     * @param hours hours of knitting, at the pace at which rounds were pressed; left out where that is not known
     * @param sections what was planned and what was knitted, section by section
     * @param differences the figures of the first sock that are otherwise than planned
     * @param usedG grams that went between the first and the last weighing of every ball; left out where nothing was weighed
     *     twice
     * @param usedPlannedG grams that were planned for the very same stitches; left out likewise
     * @param usedPlusMinusG grams within which the two should lie of each other, 19 times in 20; left out likewise
     * @param predictionKept whether they do; left out likewise
     * @param plannedG grams that were planned for the pair
     * @param lapNotes what was noted while it was knitted
     * @param notes what was noted since
     */
    public record LogEntryView(
            UUID pairId,
            String name,
            @Nullable LinkView foot,
            @Nullable YarnLinkView yarn,
            @Nullable GistView gist,
            Instant begunAt,
            @Nullable Instant finishedAt,
            int presses,
            @Nullable Double hours,
            List<SectionView> sections,
            List<DifferenceView> differences,
            @Nullable Double usedG,
            @Nullable Double usedPlannedG,
            @Nullable Double usedPlusMinusG,
            @Nullable Boolean predictionKept,
            double plannedG,
            List<LapNoteView> lapNotes,
            List<LogNoteView> notes) {}

    /**
     * The log.
     *
     * @param entries the latest pairs
     * @param inAll how many are finished
     */
    public record LogView(List<LogEntryView> entries, int inAll) {}

    /** Rounds of a section: as planned, and as knitted on either sock. */
    public record SectionView(Section section, String title, int planned, int first, int second) {}

    /**
     * A note on a worn pair.
     *
     * @param section where it wears, of a note on that
     * @param sock on which sock, 1 or 2, or of the fit on which foot; left out where it is on both
     * @param title what it says, in words
     * @param advice what helps, of a note on how it fits or wears
     */
    public record LogNoteView(
            UUID id,
            LogNoteKind kind,
            @Nullable FitNote fit,
            @Nullable WearNote wear,
            @Nullable Section section,
            @Nullable Integer sock,
            String title,
            String words,
            String advice,
            LocalDate on) {
        static LogNoteView of(LogNoteRow row) {
            FitNote fit = row.fit();
            WearNote wear = row.wear();
            Section section = row.section();
            // A heel that was replaced says where.
            String where = section == null || wear == WearNote.HEEL_REPLACED ? "" : section.title() + ": ";
            return new LogNoteView(
                    row.id(),
                    row.kind(),
                    fit,
                    wear,
                    section,
                    row.sock(),
                    fit != null ? fit.title() : wear != null ? where + wear.title() : "",
                    row.words(),
                    fit != null ? fit.reason() : wear != null ? wear.description() : "",
                    row.notedOn());
        }
    }

    /** One of several things that can be noted. */
    public record NoteChoiceView(String code, String title, String description) {}

    /** What can be noted on how a pair fits, and on how it wears. */
    public record NoteChoicesView(List<NoteChoiceView> fit, List<NoteChoiceView> wear) {}

    /**
     * A change that is proposed for a pair by how another one fits on the same foot.
     *
     * @param noteId the note that it comes from
     * @param from the pair that was worn
     * @param on when that was noted
     * @param said what was noted
     * @param reason why the change helps
     * @param words what it would be, and what it is; or why nothing is proposed
     * @param changes the choices that make it so; none where nothing is proposed
     */
    public record ProposalView(
            UUID noteId,
            String from,
            LocalDate on,
            String said,
            String reason,
            Sentence words,
            List<ChangeView> changes) {}

    /** One choice: its path, and what it becomes, as a number or as one of several. */
    public record ChangeView(
            String choice,
            @Nullable Double number,
            @Nullable String name) {
        static ChangeView of(Proposal.Change change) {
            return new ChangeView(
                    change.setting().path(),
                    change.number().isPresent() ? change.number().getAsDouble() : null,
                    change.name().orElse(null));
        }
    }

    /** A heel knitted new: what is done, and the yarn to have for both. */
    public record RepairView(List<RepairStepView> steps, FigureView yarn) {}

    /** A step of it. */
    public record RepairStepView(String title, Sentence said, int presses, boolean forGood) {}
}
