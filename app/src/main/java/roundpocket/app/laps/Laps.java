package roundpocket.app.laps;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.kept.NotKeptException;
import roundpocket.app.laps.LapViews.CakeView;
import roundpocket.app.laps.LapViews.DifferenceView;
import roundpocket.app.laps.LapViews.HeardAllView;
import roundpocket.app.laps.LapViews.HeardView;
import roundpocket.app.laps.LapViews.HeelChoiceView;
import roundpocket.app.laps.LapViews.KnittedView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.LapViews.LapView;
import roundpocket.app.laps.LapViews.LapWorkView;
import roundpocket.app.laps.LapViews.TriedView;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.SpecPart;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.CakeCheck;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.Happening;
import roundpocket.core.lap.HeelWhen;
import roundpocket.core.lap.LapPlan.Place;
import roundpocket.core.lap.LapStep;
import roundpocket.core.lap.PairWork;
import roundpocket.core.lap.SockWork;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.Way;
import tools.jackson.databind.json.JsonMapper;

/** The work on every pair. */
@Service
@Transactional
public class Laps {
    private final LapRepository laps;
    private final LapEventRepository events;
    private final PairsShelf pairs;
    private final Settling settling;
    private final Folds folds;
    private final JsonMapper mapper;
    private final Clock clock;

    Laps(
            LapRepository laps,
            LapEventRepository events,
            PairsShelf pairs,
            Settling settling,
            Folds folds,
            JsonMapper mapper,
            Clock clock) {
        this.laps = laps;
        this.events = events;
        this.pairs = pairs;
        this.settling = settling;
        this.folds = folds;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** The work on a pair; before it is begun, what it would be. */
    @Transactional(readOnly = true)
    public LapView view(UUID pairId, LengthUnit lengths) {
        PairView pair = pairs.read(pairId);
        return view(pair, laps.findById(pairId).orElse(null), lengths);
    }

    /** Begins a pair: its plan is kept as it is now. Once begun, nothing changes that. */
    public LapView start(UUID pairId, LapStartWrite write, LengthUnit lengths) {
        PairView pair = pairs.read(pairId);
        folds.changes(pairId);
        LapRow row = laps.findByPairId(pairId).orElseGet(() -> {
            HeelWhen heelWhen = Objects.requireNonNullElse(write.heelWhen(), HeelWhen.AFTER_TUBE);
            Course.of(pair.spec().toCore(), heelWhen); // refuses what no sock can be knitted from
            return laps.saveAndFlush(new LapRow(
                    pairId,
                    clock.instant(),
                    heelWhen,
                    Boolean.TRUE.equals(write.together()),
                    mapper.writeValueAsString(pair.spec().kept())));
        });
        return view(pair, row, lengths);
    }

    /** Takes the start back: the pair is a plan again. Refuses once anything has happened since. */
    public void takeBack(UUID pairId) {
        LapRow row = locked(pairId);
        if (!events.findByPairIdOrderBySeq(pairId).isEmpty()) {
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
    public HeardAllView hear(UUID pairId, List<LapEventWrite> writes, LengthUnit lengths) {
        EventCheck.check(writes);
        LapRow lap = locked(pairId);
        Knitting knitting = folds.take(pairId, () -> knitting(lap));
        Instant now = clock.instant();
        List<HeardView> heard = new ArrayList<>();
        for (LapEventWrite write : writes) {
            Optional<LapEventRow> before = events.findFirstById(write.id());
            if (before.isPresent()) {
                boolean here = before.get().pairId().equals(pairId);
                heard.add(new HeardView(write.id(), here, here ? null : "This was counted on another pair already."));
                continue;
            }
            LapEventRow event = row(pairId, write, now);
            boolean counts = knitting.hear(event);
            if (counts) {
                events.save(event);
            }
            heard.add(new HeardView(write.id(), counts, counts ? null : why(write, knitting.work(), lengths)));
        }
        events.flush();
        settling.settle(pairId, knitting.work());
        return new HeardAllView(heard, knitting.socks(), knitting.revision());
    }

    /** What a tape check, or rounds off the plan, would change. Nothing is taken in. */
    @Transactional(readOnly = true)
    public TriedView tried(UUID pairId, LapEventWrite write) {
        EventCheck.check("", write);
        return work(pairId, work -> tried(pairId, write, work));
    }

    private TriedView tried(UUID pairId, LapEventWrite write, PairWork work) {
        Optional<Happening> happening = row(pairId, write, clock.instant()).happening(this::spec);
        SockWork sock = work.sock(write.sock());
        Course next;
        if (happening.orElse(null) instanceof Happening.Measured read) {
            next = work.tried(read);
        } else if (happening.orElse(null) instanceof Happening.Worked worked) {
            next = work.tried(worked);
        } else if (happening.orElse(null) instanceof Happening.Replanned edited) {
            next = work.tried(edited);
        } else {
            throw EventCheck.refusal(
                    "kind",
                    "Only a tape check, rounds off the plan and an edited plan can be tried first.",
                    "Send one of them.");
        }
        return new TriedView(
                DifferenceView.between(sock.course().plan(), next.plan()),
                work.otherFollows(write.sock(), next),
                effect(sock, next));
    }

    /** What it means for the section that is on the needles. */
    private static String effect(SockWork sock, Course next) {
        Place before = sock.course().lap().at(sock.position());
        List<LapStep> steps = sock.course().lap().steps();
        if (before.step() == steps.size() || !steps.get(before.step()).doing().paced()) {
            return "What is on the needles stays as it is.";
        }
        LapStep step = steps.get(before.step());
        int left = step.presses().size() - before.done();
        Place after = next.lap().at(sock.course().lap().carried(sock.position(), next.lap()));
        LapStep there = next.lap().steps().get(after.step());
        String what = lower(step.title());
        if (!there.id().equals(step.id())) {
            return "The " + what + " ends here, " + rounds(left) + " sooner than planned.";
        }
        int now = there.presses().size() - after.done();
        return now == left
                ? rounds(left) + " of " + what + " to go, as before."
                : rounds(now) + " of " + what + " to go instead of " + left + ".";
    }

    private static String rounds(int number) {
        return number + (number == 1 ? " round" : " rounds");
    }

    /** An event as it is stored; where an edited plan is taken over, that plan as it stands. */
    private LapEventRow row(UUID pairId, LapEventWrite write, Instant now) {
        String edited = write.kind() == LapEventKind.REPLANNED
                ? mapper.writeValueAsString(pairs.read(pairId).spec().kept())
                : null;
        return new LapEventRow(pairId, write, now, edited);
    }

    private SockSpec spec(String stored) {
        return mapper.readValue(stored, SpecPart.class).moved().toCore();
    }

    /** The little that a basket shows, of every pair that is begun. */
    @Transactional(readOnly = true)
    public List<LapGistView> gists() {
        return laps.findAllByOrderByStartedAtAscPairIdAsc().stream()
                .flatMap(row -> inShort(row).stream())
                .toList();
    }

    /** Reads from a pair on the needles, from everything that was heard of it; what is read is not kept longer. */
    @Transactional(readOnly = true)
    public <T> T work(UUID pairId, Function<PairWork, T> use) {
        LapRow row = laps.findById(pairId).orElseThrow(() -> new NotKeptException("lap", pairId));
        return folds.read(pairId, () -> knitting(row), knitting -> use.apply(knitting.work()));
    }

    /** The pairs of which both socks are done. */
    @Transactional(readOnly = true)
    public List<UUID> finished() {
        return gists().stream()
                .filter(LapGistView::finished)
                .map(LapGistView::pairId)
                .toList();
    }

    /** Whether a pair is begun. */
    @Transactional(readOnly = true)
    public boolean begun(UUID pairId) {
        return laps.existsById(pairId);
    }

    private LapRow locked(UUID pairId) {
        return laps.findByPairId(pairId).orElseThrow(() -> new NotKeptException("lap", pairId));
    }

    private Knitting knitting(LapRow row) {
        SpecPart stored = mapper.readValue(row.spec(), SpecPart.class);
        SpecPart spec = row.byTodaysRules() ? stored.moved() : stored.asUsualUnderFirstRules();
        HeelWhen when = row.heelWhen();
        // A heel at once in a ready tube was offered once, and meant the same as after the tube.
        boolean possible = when.goesWith(spec.toCore().choices().tube().wayTaken());
        Course course = Course.of(spec.toCore(), possible ? when : HeelWhen.AFTER_TUBE);
        return new Knitting(new PairWork(course), this::spec, events.findByPairIdOrderBySeq(row.getId()));
    }

    /** Of many, one that later limits refuse is left out, and does not hide the others. */
    private Optional<LapGistView> inShort(LapRow row) {
        UUID pairId = row.getId();
        return folds.inShort(pairId, InShort.class, () -> {
                    try {
                        return new InShort(
                                Optional.of(gist(pairId, knitting(row).work())));
                    } catch (Refusal unreadable) {
                        return new InShort(Optional.empty());
                    }
                })
                .gist();
    }

    private record InShort(Optional<LapGistView> gist) {}

    private static LapGistView gist(UUID pairId, PairWork work) {
        int first = work.sock(1).position();
        int second = work.sock(2).position();
        // The one that is not done; of two that are not, the one that is further on.
        boolean secondIsOn = work.sock(1).finished() || !work.sock(2).finished() && second > first;
        int on = secondIsOn ? 2 : 1;
        SockWork sock = work.sock(on);
        return new LapGistView(
                pairId,
                List.of(
                        work.sock(1).course().lap().presses(),
                        work.sock(2).course().lap().presses()),
                List.of(first, second),
                on,
                sock.course().lap().knitted(sock.position()).entrySet().stream()
                        .map(part -> new KnittedView(part.getKey(), part.getValue()))
                        .toList(),
                next(work, on),
                work.finished());
    }

    private static String next(PairWork work, int number) {
        SockWork sock = work.sock(number);
        if (sock.finished()) {
            return "Both socks are done. Wear them, then note in the log how they fit.";
        }
        Place place = sock.course().lap().at(sock.position());
        LapStep step = sock.course().lap().steps().get(place.step());
        String which = number == 1 ? "First sock" : "Second sock";
        if (number == 2 && sock.position() == 0 && work.sock(1).finished()) {
            boolean cut = sock.course().plan().tube().way() == Way.READY_TUBE;
            return "First sock done. " + (cut ? "Take the second piece" : "Cast on the second")
                    + " while it’s fresh in your hands.";
        }
        return step.doing().paced()
                ? "%s: %s, %d of %d rounds done"
                        .formatted(
                                which,
                                lower(step.title()),
                                place.done(),
                                step.presses().size())
                : "%s: %s".formatted(which, lower(step.title()));
    }

    private static String lower(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    private LapView view(PairView pair, @Nullable LapRow row, LengthUnit lengths) {
        if (row == null) {
            PairWork planned = new PairWork(Course.of(pair.spec().toCore(), HeelWhen.AFTER_TUBE));
            return view(pair, null, new Knitting(planned, this::spec, List.of()), lengths);
        }
        return folds.read(pair.id(), () -> knitting(row), knitting -> view(pair, row, knitting, lengths));
    }

    private LapView view(PairView pair, @Nullable LapRow row, Knitting knitting, LengthUnit lengths) {
        PairWork work = knitting.work();
        return new LapView(
                pair.id(),
                pair.name(),
                row == null ? null : knitting.begunAt(row.startedAt()),
                work.begun().heelWhen(),
                HeelChoiceView.of(work.begun().plan()),
                row != null && row.together(),
                row != null
                        && !mapper.writeValueAsString(pair.spec().kept())
                                .equals(knitting.replanned().orElse(row.spec())),
                row != null && !row.byTodaysRules(),
                work.begun().plan().yarn().models().containsKey(YarnRole.CONTRAST),
                List.of(
                        LapWorkView.of(work.begun(), work.sock(1), lengths),
                        LapWorkView.of(work.begun().forSock(2), work.sock(2), lengths)),
                work.begun().plan().stitchCount().half().count(),
                knitting.socks(),
                knitting.weighings(),
                CakeCheck.of(work).map(CakeView::of).orElse(null),
                knitting.notes(),
                knitting.revision());
    }

    private static String why(LapEventWrite write, PairWork work, LengthUnit lengths) {
        return work.refusal()
                .map(refusal -> refusal.message(lengths))
                .orElse(
                        switch (write.kind()) {
                            case DONE -> "This sock is done; there is nothing after its last step.";
                            case UNDONE -> "Nothing is left to take back.";
                            case JUMPED -> "There is no such place in this sock.";
                            default -> "There is no such thing to take back.";
                        });
    }
}
