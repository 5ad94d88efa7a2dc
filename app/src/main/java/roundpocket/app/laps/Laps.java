package roundpocket.app.laps;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.home.Journal;
import roundpocket.app.laps.LapStates.LapState;
import roundpocket.app.laps.LapViews.CakeView;
import roundpocket.app.laps.LapViews.DifferenceView;
import roundpocket.app.laps.LapViews.HeardAllView;
import roundpocket.app.laps.LapViews.HeardView;
import roundpocket.app.laps.LapViews.HeelChoiceView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.LapViews.LapView;
import roundpocket.app.laps.LapViews.LapWorkView;
import roundpocket.app.laps.LapViews.OrderView;
import roundpocket.app.laps.LapViews.TriedView;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.store.NotStoredException;
import roundpocket.app.store.WriteThrough;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.CakeCheck;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.KnitEvent;
import roundpocket.core.lap.LapWords;
import roundpocket.core.lap.PairWork;
import roundpocket.core.lap.SockWork;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.wear.PairTook;
import tools.jackson.databind.json.JsonMapper;

/** The work on every pair. What of it was acknowledged is on the disk. */
@Service
@Transactional
public class Laps {
    private static final Logger LOG = LoggerFactory.getLogger(Laps.class);
    private static final Sentence ELSEWHERE = Sentence.of("This was counted on another pair already.");

    private final LapRepository laps;
    private final LapEventRepository rows;
    private final LapEvents events;
    private final PairsShelf pairs;
    private final Settling settling;
    private final Folds folds;
    private final LapStates states;
    private final WriteThrough disk;
    private final Journal journal;
    private final JsonMapper mapper;
    private final Clock clock;

    Laps(
            LapRepository laps,
            LapEventRepository rows,
            LapEvents events,
            PairsShelf pairs,
            Settling settling,
            Folds folds,
            LapStates states,
            WriteThrough disk,
            Journal journal,
            JsonMapper mapper,
            Clock clock) {
        this.laps = laps;
        this.rows = rows;
        this.events = events;
        this.pairs = pairs;
        this.settling = settling;
        this.folds = folds;
        this.states = states;
        this.disk = disk;
        this.journal = journal;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** The work on a pair; before it is begun, what it would be. */
    @Transactional(readOnly = true)
    public LapView view(UUID pairId) {
        PairView pair = pairs.read(pairId);
        return view(pair, laps.findById(pairId).orElse(null));
    }

    /** Begins a pair: its plan is kept as it is now. Once begun, nothing changes that. */
    public LapView start(UUID pairId, LapStartWrite write) {
        PairView pair = pairs.read(pairId);
        disk.onCommit();
        folds.changes(pairId);
        LapRow row = laps.findByPairId(pairId).orElseGet(() -> {
            SockSpec spec = pair.spec().toCore();
            HeelWhen heelWhen = Objects.requireNonNullElse(
                    write.heelWhen(), spec.choices().technique().heelWhenTaken());
            Course.beginning(spec, heelWhen); // refuses what no sock can be knitted from
            Instant now = clock.instant();
            journal.keep("sock_pair", "id", pairId);
            journal.keep("lap", "pair_id", pairId);
            LapRow begun = laps.saveAndFlush(new LapRow(
                    pairId, now, heelWhen, mapper.writeValueAsString(pair.spec().kept())));
            if (write.order() != null) {
                order(begun, write.order(), now);
            }
            return begun;
        });
        return view(pair, row);
    }

    /** An order other than the plan's is the first thing that happens. */
    private void order(LapRow begun, KnitOrder order, Instant now) {
        LapEvent event = new LapEvent.Ordered(UUID.randomUUID(), 1, "start", now, order);
        if (knitting(begun).hear(event)) {
            rows.saveAndFlush(events.row(begun.getId(), event, now));
            journal.keep("lap_event", "id", event.id());
        }
    }

    /** Takes the start back: the pair is a plan again. Refuses once anything has happened since. */
    public void takeBack(UUID pairId) {
        disk.onCommit();
        LapRow row = locked(pairId);
        if (!knitting(row).untouched()) {
            throw new Refusal(List.of(new Problem(
                    "lap.start.knitted",
                    "",
                    "You have started knitting: something was counted, weighed or noted.",
                    "Edit the plan and take it over, or plan another pair.",
                    Map.of())));
        }
        folds.changes(pairId);
        laps.delete(row);
        laps.flush();
    }

    /** Takes in what happened in the order it is sent; each counts once, however often it is sent. */
    public HeardAllView hear(UUID pairId, List<LapEvent> sent) {
        LapEvents.check(sent);
        disk.onCommit();
        LapRow lap = locked(pairId);
        Knitting knitting = folds.take(pairId, () -> knitting(lap));
        Instant now = clock.instant();
        List<HeardView> heard = new ArrayList<>();
        for (LapEvent each : sent) {
            Optional<LapEventRow> before = rows.findFirstById(each.id());
            if (before.isPresent()) {
                boolean here = before.get().pairId().equals(pairId);
                heard.add(new HeardView(each.id(), here, here ? List.of() : List.of(ELSEWHERE)));
                continue;
            }
            LapEvent event = LapEvents.believed(whole(pairId, each), now);
            Optional<Sentence> full = knitting.full(event);
            if (full.isPresent()) {
                heard.add(new HeardView(each.id(), false, List.of(full.get())));
                continue;
            }
            boolean counts = knitting.hear(event);
            if (counts) {
                rows.save(events.row(pairId, event, now));
                journal.keep("lap_event", "id", event.id());
            }
            heard.add(new HeardView(each.id(), counts, counts ? List.of() : why(event, knitting.work())));
        }
        rows.flush();
        if (settling.settle(pairId, knitting.work())) {
            journal.changesMore();
        }
        states.remember(pairId, new LapState(knitting.work().finished(), knitting.lastAt()));
        return new HeardAllView(heard, knitting.socks(), knitting.pressed(), knitting.revision());
    }

    private static List<Sentence> why(LapEvent event, PairWork work) {
        return work.refusal()
                .map(Refusal::said)
                .orElseGet(() -> event.knitEvent().map(LapWords::nothingToDo).map(Sentence::of).stream()
                        .toList());
    }

    /** What a tape check, rounds off the plan or an edited plan would change. Nothing is taken in. */
    @Transactional(readOnly = true)
    public TriedView tried(UUID pairId, LapEvent sent) {
        LapEvent event = whole(pairId, LapEvents.checked(sent));
        if (event.knitEvent().orElse(null) instanceof KnitEvent.Replanning tried) {
            return work(pairId, work -> tried(tried, work));
        }
        throw new Refusal(List.of(new Problem(
                "lap.event",
                "kind",
                "Only a tape check, rounds off the plan and an edited plan can be tried first.",
                "Send one of them.",
                Map.of())));
    }

    private static TriedView tried(KnitEvent.Replanning tried, PairWork work) {
        SockWork sock = work.sock(tried.sock());
        Course next = work.tried(tried);
        return new TriedView(
                DifferenceView.between(sock.course().plan(), next.plan()),
                work.otherFollows(tried.sock(), next),
                LapWords.effect(sock, next));
    }

    /** Where an edited plan is taken over, that plan as it stands. */
    private LapEvent whole(UUID pairId, LapEvent event) {
        return event instanceof LapEvent.Replanned taken
                ? taken.by(pairs.read(pairId).spec().kept())
                : event;
    }

    /** The little that a basket shows, of every pair that is begun. */
    @Transactional(readOnly = true)
    public Map<UUID, LapGistView> gists() {
        Map<UUID, LapGistView> gists = new LinkedHashMap<>();
        for (UUID pairId : laps.begun()) {
            inShort(pairId).gist().ifPresent(gist -> gists.put(pairId, gist));
        }
        return gists;
    }

    /** Reads from a pair on the needles, from everything that was heard of it; what is read is not kept longer. */
    @Transactional(readOnly = true)
    public <T> T work(UUID pairId, Function<PairWork, T> use) {
        LapRow row = laps.findById(pairId).orElseThrow(() -> new NotStoredException("pair on the needles"));
        return folds.read(pairId, () -> knitting(row), knitting -> use.apply(knitting.work()));
    }

    /** What {@code make} sums up of a pair on the needles; made once, until more is heard of it. */
    @Transactional(readOnly = true)
    public <T> T summary(UUID pairId, Class<T> type, Function<Heard, T> make) {
        // A list of a dozen reads a dozen rows only where what they sum up to is not known yet.
        return folds.inShort(pairId, type, () -> {
            LapRow row = laps.findById(pairId).orElseThrow(() -> new NotStoredException("pair on the needles"));
            return folds.read(pairId, () -> knitting(row), knitting -> make.apply(Heard.of(row, knitting)));
        });
    }

    /** What a pair that is begun took so far; empty where it cannot be read. */
    @Transactional(readOnly = true)
    public Optional<PairTook> took(UUID pairId) {
        return inShort(pairId).took();
    }

    /** The pairs of which both socks are done, the latest first. */
    @Transactional(readOnly = true)
    public List<UUID> finished() {
        return states().entrySet().stream()
                .filter(each -> each.getValue().finished())
                .sorted(Comparator.comparing(
                        each -> each.getValue().lastAt(), Comparator.nullsLast(Comparator.reverseOrder())))
                .map(Map.Entry::getKey)
                .toList();
    }

    /**
     * How far a pair is that is begun.
     *
     * @param finished whether both socks are done
     * @param lastAt when something was last done to it; 1970 where nothing was yet
     */
    public record Begun(boolean finished, Instant lastAt) {}

    /** Every pair that is begun, in the order in which they were. */
    @Transactional(readOnly = true)
    public Map<UUID, Begun> begun() {
        Map<UUID, Begun> all = new LinkedHashMap<>();
        states().forEach((pair, state) ->
                all.put(pair, new Begun(state.finished(), state.lastAt() == null ? Instant.EPOCH : state.lastAt())));
        return all;
    }

    private Map<UUID, LapState> states() {
        Map<UUID, LapState> all = new LinkedHashMap<>();
        this.states.all().forEach((pair, known) -> all.put(pair, known.orElseGet(() -> state(pair))));
        return all;
    }

    private LapState state(UUID pair) {
        return inShort(pair)
                .gist()
                .map(gist -> new LapState(gist.finished(), gist.lastAt()))
                .orElse(new LapState(false, null));
    }

    /** The pairs of which it is not remembered what they come to. */
    @Transactional(readOnly = true)
    public List<UUID> notRemembered() {
        return states.all().entrySet().stream()
                .filter(each -> each.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Remembers what a pair comes to. */
    void remember(UUID pair) {
        journal.changesNothingOfItsOwn();
        states.remember(pair, state(pair));
    }

    /** The little that a basket shows of one pair; empty where it is not begun, or cannot be read. */
    @Transactional(readOnly = true)
    public Optional<LapGistView> gist(UUID pairId) {
        return inShort(pairId).gist();
    }

    /** Whether a pair is begun. */
    @Transactional(readOnly = true)
    public boolean begun(UUID pairId) {
        return laps.existsById(pairId);
    }

    private LapRow locked(UUID pairId) {
        return laps.findByPairId(pairId).orElseThrow(() -> new NotStoredException("pair on the needles"));
    }

    private Knitting knitting(LapRow row) {
        SpecPart stored = mapper.readValue(row.spec(), SpecPart.class);
        SpecPart spec = row.asBegun(stored);
        HeelWhen when = row.heelWhen();
        // A heel at once in a ready tube was offered once, and meant the same as after the tube.
        boolean possible = when.goesWith(spec.toCore().choices().tube().wayTaken());
        Course course = Course.of(row.ordered(spec.toCore()), possible ? when : HeelWhen.AFTER_TUBE);
        return new Knitting(
                new PairWork(course),
                rows.of(row.getId()).stream().map(events::event).map(row::asHeard));
    }

    /** Of many, one that later limits refuse is left out, and does not hide the others. */
    private InShort inShort(UUID pairId) {
        return folds.inShort(pairId, InShort.class, () -> {
            try {
                return laps.findById(pairId)
                        .map(row -> InShort.of(pairId, knitting(row)))
                        .orElse(InShort.NOTHING);
            } catch (RuntimeException unreadable) {
                LOG.warn("What was knitted of the pair {} can’t be read", pairId, unreadable);
                return InShort.NOTHING;
            }
        });
    }

    private LapView view(PairView pair, @Nullable LapRow row) {
        if (row == null) {
            PairWork planned = new PairWork(Course.asPlanned(pair.spec().toCore()));
            return view(pair, null, new Knitting(planned, Stream.empty()));
        }
        return folds.read(pair.id(), () -> knitting(row), knitting -> view(pair, row, knitting));
    }

    private LapView view(PairView pair, @Nullable LapRow row, Knitting knitting) {
        PairWork work = knitting.work();
        return new LapView(
                pair.id(),
                pair.name(),
                row == null ? null : knitting.begunAt(row.startedAt()),
                work.begun().heelWhen(),
                HeelChoiceView.of(work.begun().plan()),
                work.order(),
                OrderView.of(work.begun().plan()),
                row != null
                        && !mapper.writeValueAsString(pair.spec().kept())
                                .equals(knitting.replanned()
                                        .map(mapper::writeValueAsString)
                                        .orElse(row.spec())),
                row != null && !row.asToldNow(),
                work.begun().plan().yarn().models().containsKey(YarnRole.CONTRAST),
                pair.yarn() == null ? null : pair.yarn().name(),
                pairs.contrastName(pair).orElse(null),
                List.of(LapWorkView.of(work, 1), LapWorkView.of(work, 2)),
                work.begun().plan().stitchCount().half().count(),
                knitting.socks(),
                knitting.pressed(),
                knitting.weighings(),
                CakeCheck.of(work).stream().map(CakeView::of).toList(),
                work.windOffNow().orElse(null),
                knitting.notes(),
                knitting.revision());
    }
}
