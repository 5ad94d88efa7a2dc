package roundpocket.app.laps;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.kept.NotKeptException;
import roundpocket.app.laps.LapViews.CakeView;
import roundpocket.app.laps.LapViews.DifferenceView;
import roundpocket.app.laps.LapViews.HeardAllView;
import roundpocket.app.laps.LapViews.HeardView;
import roundpocket.app.laps.LapViews.KnittedView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.LapViews.LapView;
import roundpocket.app.laps.LapViews.LapWorkView;
import roundpocket.app.laps.LapViews.TriedView;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.SpecPart;
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
import tools.jackson.databind.json.JsonMapper;

/** The work on every pair. */
@Service
@Transactional
public class Laps {
    private final LapRepository laps;
    private final LapEventRepository events;
    private final PairsShelf pairs;
    private final JsonMapper mapper;
    private final Clock clock;

    Laps(LapRepository laps, LapEventRepository events, PairsShelf pairs, JsonMapper mapper, Clock clock) {
        this.laps = laps;
        this.events = events;
        this.pairs = pairs;
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
        LapRow row = laps.findByPairId(pairId).orElseGet(() -> {
            pair.spec().plan(); // refuses what no sock can be knitted from
            return laps.saveAndFlush(new LapRow(
                    pairId,
                    clock.instant(),
                    Objects.requireNonNullElse(write.heelWhen(), HeelWhen.AFTER_TUBE),
                    Boolean.TRUE.equals(write.together()),
                    mapper.writeValueAsString(pair.spec().kept())));
        });
        return view(pair, row);
    }

    /** Takes in what happened in the order it is sent; each counts once, however often it is sent. */
    public HeardAllView hear(UUID pairId, List<LapEventWrite> writes, LengthUnit lengths) {
        EventCheck.check(writes);
        Knitting knitting = knitting(locked(pairId));
        Instant now = clock.instant();
        List<HeardView> heard = new ArrayList<>();
        for (LapEventWrite write : writes) {
            if (events.existsById(write.id())) {
                heard.add(new HeardView(write.id(), true, null));
                continue;
            }
            LapEventRow event = new LapEventRow(pairId, write, now);
            boolean counts = knitting.hear(event);
            if (counts) {
                events.save(event);
            }
            heard.add(new HeardView(write.id(), counts, counts ? null : why(write, knitting.work(), lengths)));
        }
        events.flush();
        return new HeardAllView(heard, knitting.socks(), knitting.revision());
    }

    /** What a tape check, or rounds off the plan, would change. Nothing is taken in. */
    @Transactional(readOnly = true)
    public TriedView tried(UUID pairId, LapEventWrite write) {
        EventCheck.check("", write);
        PairWork work = knitting(pairId).work();
        Optional<Happening> happening = new LapEventRow(pairId, write, clock.instant()).happening();
        SockWork sock = work.sock(write.sock());
        Course next;
        if (happening.orElse(null) instanceof Happening.Measured read) {
            next = work.tried(read);
        } else if (happening.orElse(null) instanceof Happening.Worked worked) {
            next = work.tried(worked);
        } else {
            throw EventCheck.refusal(
                    "kind", "Only a tape check and rounds off the plan can be tried first.", "Send one of them.");
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
            return "The " + what + " ends here, " + left + " rounds before it was planned to.";
        }
        int now = there.presses().size() - after.done();
        return now == left
                ? "Of the " + what + " " + left + " rounds are left, as before."
                : "Of the " + what + " " + now + " rounds are left now, not " + left + ".";
    }

    /** The little that a basket shows, of every pair that is begun. */
    @Transactional(readOnly = true)
    public List<LapGistView> gists() {
        return laps.findAll().stream()
                .flatMap(row -> readable(row).map(this::gist).stream())
                .toList();
    }

    /** A pair on the needles, from everything that was heard of it. */
    @Transactional(readOnly = true)
    public PairWork work(UUID pairId) {
        return knitting(pairId).work();
    }

    /** The pairs of which both socks are done. */
    @Transactional(readOnly = true)
    public List<UUID> finished() {
        return laps.findAll().stream()
                .filter(row ->
                        readable(row).filter(each -> each.work().finished()).isPresent())
                .map(LapRow::getId)
                .toList();
    }

    /** Whether a pair is begun. */
    @Transactional(readOnly = true)
    public boolean begun(UUID pairId) {
        return laps.existsById(pairId);
    }

    private Knitting knitting(UUID pairId) {
        return knitting(laps.findById(pairId).orElseThrow(() -> new NotKeptException("lap", pairId)));
    }

    private LapRow locked(UUID pairId) {
        return laps.findByPairId(pairId).orElseThrow(() -> new NotKeptException("lap", pairId));
    }

    private Knitting knitting(LapRow row) {
        Course course = Course.of(mapper.readValue(row.spec(), SpecPart.class).toCore(), row.heelWhen());
        return new Knitting(new PairWork(course), events.findByPairIdOrderBySeq(row.getId()));
    }

    /** Of many, one that later limits refuse is left out, and does not hide the others. */
    private Optional<Known> readable(LapRow row) {
        try {
            return Optional.of(new Known(row.getId(), knitting(row).work()));
        } catch (Refusal unreadable) {
            return Optional.empty();
        }
    }

    private record Known(UUID pairId, PairWork work) {}

    private LapGistView gist(Known known) {
        PairWork work = known.work();
        int first = work.sock(1).position();
        int second = work.sock(2).position();
        // The one that is not done; of two that are not, the one that is further on.
        boolean secondIsOn = work.sock(1).finished() || !work.sock(2).finished() && second > first;
        int on = secondIsOn ? 2 : 1;
        SockWork sock = work.sock(on);
        return new LapGistView(
                known.pairId(),
                List.of(
                        work.sock(1).course().lap().presses(),
                        work.sock(2).course().lap().presses()),
                List.of(first, second),
                on,
                sock.course().lap().knitted(sock.position()).entrySet().stream()
                        .map(part -> new KnittedView(part.getKey(), part.getValue()))
                        .toList(),
                next(work, on));
    }

    private static String next(PairWork work, int number) {
        SockWork sock = work.sock(number);
        if (sock.finished()) {
            return "Both socks are done. Wear them, and note in the log how they fit.";
        }
        Place place = sock.course().lap().at(sock.position());
        LapStep step = sock.course().lap().steps().get(place.step());
        String which = number == 1 ? "First sock" : "Second sock";
        if (number == 2 && sock.position() == 0 && work.sock(1).finished()) {
            return "The first sock is done; cast on the second while its rhythm is in your hands.";
        }
        return step.doing().paced()
                ? "%s: %s, round %d of %d"
                        .formatted(
                                which,
                                lower(step.title()),
                                place.done() + 1,
                                step.presses().size())
                : "%s: %s".formatted(which, lower(step.title()));
    }

    private static String lower(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    private LapView view(PairView pair, @Nullable LapRow row) {
        Knitting knitting = row == null
                ? new Knitting(new PairWork(Course.of(pair.spec().toCore(), HeelWhen.AFTER_TUBE)), List.of())
                : knitting(row);
        PairWork work = knitting.work();
        return new LapView(
                pair.id(),
                pair.name(),
                row == null ? null : knitting.begunAt(row.startedAt()),
                work.begun().heelWhen(),
                row != null && row.together(),
                row != null && !mapper.writeValueAsString(pair.spec().kept()).equals(row.spec()),
                List.of(LapWorkView.of(work.begun(), work.sock(1)), LapWorkView.of(work.begun(), work.sock(2))),
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
