package roundpocket.app.log;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.laps.LapViews.LapView;
import roundpocket.app.laps.Laps;
import roundpocket.app.log.LogViews.ChangeView;
import roundpocket.app.log.LogViews.LogEntryView;
import roundpocket.app.log.LogViews.LogNoteView;
import roundpocket.app.log.LogViews.LogView;
import roundpocket.app.log.LogViews.ProposalView;
import roundpocket.app.log.LogViews.RepairStepView;
import roundpocket.app.log.LogViews.RepairView;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.Workings;
import roundpocket.app.store.NotStoredException;
import roundpocket.core.explain.Refusal;
import roundpocket.core.foot.Feet;
import roundpocket.core.lap.Used;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.HeelRepair;
import roundpocket.core.wear.Proposal;

/** Finished pairs and what they teach. */
@Service
@Transactional
public class Log {
    private final Laps laps;
    private final PairsShelf pairs;
    private final LogNoteRepository notes;
    private final LogAnswerRepository answers;
    private final Clock clock;

    Log(Laps laps, PairsShelf pairs, LogNoteRepository notes, LogAnswerRepository answers, Clock clock) {
        this.laps = laps;
        this.pairs = pairs;
        this.notes = notes;
        this.answers = answers;
        this.clock = clock;
    }

    /** The finished pairs, the latest first: so many of those whose own, whose foot's or whose yarn's name has these words. */
    @Transactional(readOnly = true)
    public LogView entries(int most, String words) {
        List<UUID> finished = laps.finished();
        if (!words.isBlank()) {
            Set<UUID> named = pairs.named(words);
            finished = finished.stream().filter(named::contains).toList();
        }
        List<UUID> shown = finished.subList(0, Math.min(most, finished.size()));
        Map<UUID, List<LogNoteView>> noted = notes.findByPairIdInOrderByNotedOnAscWrittenAtAsc(shown).stream()
                .collect(Collectors.groupingBy(
                        LogNoteRow::pairId, Collectors.mapping(LogNoteView::of, Collectors.toList())));
        return new LogView(
                pairs.list(shown).stream()
                        .map(pair -> entry(pair, noted.getOrDefault(pair.id(), List.of())))
                        .toList(),
                finished.size());
    }

    private LogEntryView entry(PairView pair, List<LogNoteView> noted) {
        KnittingTold knitted = laps.summary(pair.id(), KnittingTold.class, KnittingTold::of);
        Optional<Used> used = knitted.used();
        return new LogEntryView(
                pair.id(),
                pair.name(),
                pair.foot(),
                pair.yarn(),
                pair.gist(),
                knitted.begunAt(),
                knitted.lastAt(),
                knitted.presses(),
                knitted.hours(),
                knitted.sections(),
                knitted.differences(),
                used.map(Used::weighedG).orElse(null),
                used.map(Used::plannedG).orElse(null),
                used.map(Used::plusMinusG).orElse(null),
                used.map(Used::kept).orElse(null),
                knitted.plannedG(),
                knitted.notes(),
                noted);
    }

    /** Notes something on a pair. */
    public LogNoteView note(UUID pairId, LogNoteWrite write) {
        pairs.read(pairId);
        LocalDate today = LocalDate.now(clock);
        write.check(today);
        return LogNoteView.of(notes.saveAndFlush(new LogNoteRow(pairId, write, today, clock.instant())));
    }

    /** Takes a note away. */
    public void remove(UUID noteId) {
        LogNoteRow row = notes.findById(noteId).orElseThrow(() -> new NotStoredException("note"));
        notes.delete(row);
        notes.flush();
    }

    /** How the heel of a finished pair is cut off and knitted new. */
    @Transactional(readOnly = true)
    public RepairView newHeel(UUID pairId) {
        HeelRepair repair =
                laps.work(pairId, work -> HeelRepair.of(work.sock(1).course().plan()));
        return new RepairView(
                repair.steps().stream()
                        .map(step -> new RepairStepView(
                                step.title(),
                                step.said(step.template()),
                                step.presses().size(),
                                step.forGood()))
                        .toList(),
                Workings.figure(repair.yarn()));
    }

    /** What the pairs that were worn on the same foot propose for a pair as it stands; never what was left out for it. */
    @Transactional(readOnly = true)
    public List<ProposalView> proposals(UUID pairId) {
        PairView pair = pairs.read(pairId);
        SockSpec spec = pair.spec().toCore();
        return open(pair).stream()
                .flatMap(note -> proposal(note, spec).map(proposal -> view(note, proposal)).stream())
                .toList();
    }

    /**
     * The changes that make the pair what all its proposals want at once: each is reckoned against the plan with those before
     * it taken, so that a deeper heel and a longer foot do not both move the line.
     */
    @Transactional(readOnly = true)
    public List<ChangeView> together(UUID pairId) {
        PairView pair = pairs.read(pairId);
        SockSpec spec = pair.spec().toCore();
        Map<String, ChangeView> changes = new LinkedHashMap<>();
        for (LogNoteRow note : open(pair)) {
            Optional<Proposal> proposal = proposal(note, spec);
            if (proposal.isPresent()) {
                spec = spec.withChoices(proposal.get().taken(spec.choices()));
                proposal.get().changes().stream()
                        .map(ChangeView::of)
                        .forEach(change -> changes.put(change.choice(), change));
            }
        }
        return List.copyOf(changes.values());
    }

    /** The notes that may propose something for a pair, the answered ones left out. */
    private List<LogNoteRow> open(PairView pair) {
        if (pair.foot() == null || laps.begun(pair.id())) {
            return List.of();
        }
        Set<UUID> left = answers.findByPairId(pair.id()).stream()
                .filter(answer -> !answer.taken())
                .map(LogAnswerRow::noteId)
                .collect(Collectors.toSet());
        return latest(pair).values().stream()
                .filter(note -> !left.contains(note.id()))
                .toList();
    }

    /** What a note proposes, from the numbers of the sock that it was said of; nothing where later limits refuse that sock. */
    private Optional<Proposal> proposal(LogNoteRow note, SockSpec spec) {
        try {
            return Objects.requireNonNull(note.fit()).proposal(spec, knitted(note));
        } catch (Refusal unreadable) {
            return Optional.empty();
        }
    }

    private SockPlan knitted(LogNoteRow note) {
        int sock = note.sock() == null ? 1 : note.sock();
        return laps.begun(note.pairId())
                ? laps.work(note.pairId(), work -> work.sock(sock).course().plan())
                : pairs.read(note.pairId()).spec().toCore().plan();
    }

    /** What the fit of other pairs on the same foot says something about, and when that was noted last. */
    Map<FitNote.Topic, LocalDate> noted(PairView pair) {
        Map<FitNote.Topic, LocalDate> noted = new EnumMap<>(FitNote.Topic.class);
        if (pair.foot() != null) {
            latest(pair).forEach((topic, note) -> noted.put(topic, note.notedOn()));
        }
        return noted;
    }

    /** The latest note about each part of the sock, of how other pairs fit the same foot. */
    private Map<FitNote.Topic, LogNoteRow> latest(PairView pair) {
        UUID foot = Objects.requireNonNull(pair.foot()).id();
        Feet feet = pair.spec().toCore().feet();
        Map<FitNote.Topic, LogNoteRow> latest = new EnumMap<>(FitNote.Topic.class);
        pairs.list().stream()
                .filter(other -> !other.id().equals(pair.id()))
                .filter(other -> other.foot() != null && other.foot().id().equals(foot))
                .flatMap(other -> notes.findByPairIdOrderByNotedOnAscWrittenAtAsc(other.id()).stream())
                .forEach(note -> Optional.ofNullable(note.fit())
                        .filter(fit -> note.sock() == null || fit.counts(feet, note.sock()))
                        .ifPresent(fit -> latest.merge(
                                fit.topic(), note, (one, two) -> one.notedOn().isAfter(two.notedOn()) ? one : two)));
        return latest;
    }

    private ProposalView view(LogNoteRow note, Proposal proposal) {
        FitNote fit = Objects.requireNonNull(note.fit());
        return new ProposalView(
                note.id(),
                pairs.read(note.pairId()).name(),
                note.notedOn(),
                note.words().isEmpty() ? fit.title() : fit.title() + ", “" + withoutStops(note.words()) + "”",
                fit.reason(),
                proposal.said(),
                proposal.changes().stream().map(ChangeView::of).toList());
    }

    /** What goes with a pair that is deleted, in words; nothing where it is only a plan. */
    @Transactional(readOnly = true)
    public List<String> goes(UUID pairId) {
        pairs.read(pairId);
        List<String> goes = new ArrayList<>();
        if (laps.begun(pairId)) {
            LapView lap = laps.view(pairId);
            int rounds = lap.socks().stream().mapToInt(sock -> sock.position()).sum();
            goes.add("its count: " + rounds + (rounds == 1 ? " step" : " steps") + " done");
            counted(goes, lap.weighings().size(), "weighing", "weighings");
            counted(goes, lap.notes().size(), "note taken while knitting", "notes taken while knitting");
        }
        List<LogNoteRow> noted = notes.findByPairIdOrderByNotedOnAscWrittenAtAsc(pairId);
        counted(goes, noted.size(), "note in the log", "notes in the log");
        if (noted.stream().anyMatch(note -> note.fit() != null)) {
            goes.add("what its fit proposes for the next pair");
        }
        return goes;
    }

    private static void counted(List<String> goes, int number, String one, String many) {
        if (number > 0) {
            goes.add(number + " " + (number == 1 ? one : many));
        }
    }

    /** Answers a proposal: what is left out is not shown again; what is taken is in the plan, and there again once it is not. */
    public void answer(UUID pairId, UUID noteId, boolean taken) {
        pairs.read(pairId);
        if (!notes.existsById(noteId)) {
            throw new NotStoredException("note");
        }
        boolean known = answers.findByPairId(pairId).stream()
                .anyMatch(row -> row.noteId().equals(noteId));
        if (!known) {
            answers.saveAndFlush(new LogAnswerRow(pairId, noteId, taken));
        }
    }

    /** A full stop of its own stands behind it. */
    private static String withoutStops(String words) {
        int end = words.length();
        while (end > 0 && words.charAt(end - 1) == '.') {
            end--;
        }
        return words.substring(0, end);
    }
}
