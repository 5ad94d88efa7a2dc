package roundpocket.app.laps;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import roundpocket.app.laps.LapViews.LapNoteView;
import roundpocket.app.laps.LapViews.LapSockView;
import roundpocket.app.laps.LapViews.WeighedView;
import roundpocket.app.plans.SpecPart;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.KnitEvent;
import roundpocket.core.lap.PairWork;
import roundpocket.core.lap.SockWork;
import roundpocket.core.measure.Sentence;

/** A pair on the needles as it was heard of: the core's work, and who told what when. */
final class Knitting {
    private static final int SHOWN_TRAIL = 60;

    /** Longer than the longest that can be kept takes on a slow machine. */
    private static final int PATIENCE_S = 20;

    /** Whoever counts on another device within this counts there too; later she has gone over to it. */
    private static final Duration BY_TURNS = Duration.ofHours(1);

    private final PairWork work;
    private final List<LapEvent> heard = new ArrayList<>();
    private final List<OfSock> ofSocks = List.of(new OfSock(1), new OfSock(2));
    private int revision;
    private int replanned;

    /** What was heard of one sock, so far as it is asked after every press. */
    private static final class OfSock {
        private final int number;
        /** When each device counted last. */
        private final Map<String, Instant> devices = new HashMap<>();

        private @Nullable Instant lastAt;

        OfSock(int number) {
            this.number = number;
        }

        void hear(LapEvent event) {
            boolean both = event.knitEvent().map(OfSock::ofBoth).orElse(false);
            if (both || event.sock() == number) {
                devices.merge(event.device(), event.at(), OfSock::later);
                lastAt = lastAt == null ? event.at() : later(lastAt, event.at());
            }
        }

        /** Devices that count by turns: one that was put away long before the last press counts no more. */
        int devices() {
            return (int) devices.values().stream()
                    .filter(at -> lastAt != null && !at.isBefore(lastAt.minus(BY_TURNS)))
                    .count();
        }

        private static Instant later(Instant one, Instant other) {
            return one.isAfter(other) ? one : other;
        }

        private static boolean ofBoth(KnitEvent knitEvent) {
            return knitEvent instanceof KnitEvent.Done done && done.both()
                    || knitEvent instanceof KnitEvent.Jumped jumped && jumped.both();
        }
    }

    Knitting(PairWork work, Stream<LapEvent> events) {
        this.work = work;
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        events.forEach(event -> {
            if (System.nanoTime() > until) {
                throw tooLong();
            }
            hear(event, event.knitEvent().map(KnitEvent::kept));
        });
    }

    private static Refusal tooLong() {
        return new Refusal(List.of(new Problem(
                "lap.long",
                "",
                "So much was changed on this pair that it takes too long to read.",
                "Knit it again as a new pair; this one stays as it is.",
                Map.of())));
    }

    /** Why an event cannot be kept beside those that are; empty where there is room. */
    Optional<Sentence> full(LapEvent event) {
        if (heard.size() >= LapLimits.MOST_EVENTS) {
            return Optional.of(LapLimits.TOO_MANY_EVENTS);
        }
        boolean replans = event.knitEvent().orElse(null) instanceof KnitEvent.Replanning;
        return replans && replanned >= LapLimits.MOST_REPLANNED ? Optional.of(LapLimits.TOO_OFTEN) : Optional.empty();
    }

    /** How many events it comes from. */
    int events() {
        return heard.size();
    }

    PairWork work() {
        return work;
    }

    /** When something happened last; nothing where nothing did. */
    @Nullable
    Instant lastAt() {
        return ofSocks.stream()
                .map(sock -> sock.lastAt)
                .filter(Objects::nonNull)
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    /** Takes in what happened; false where it changes nothing. */
    boolean hear(LapEvent event) {
        return hear(event, event.knitEvent());
    }

    private boolean hear(LapEvent event, Optional<KnitEvent> knitEvent) {
        boolean counts = event instanceof LapEvent.Withdrawn withdrawn && note(withdrawn.takenBack())
                || knitEvent.map(work::hear).orElse(true);
        if (counts) {
            heard.add(event);
            replanned += event.knitEvent().orElse(null) instanceof KnitEvent.Replanning ? 1 : 0;
            ofSocks.forEach(sock -> sock.hear(event));
            revision += LapEventKind.of(event).press() ? 0 : 1;
        }
        return counts;
    }

    private boolean note(UUID id) {
        return each(LapEvent.Noted.class).anyMatch(note -> note.id().equals(id));
    }

    private <E extends LapEvent> Stream<E> each(Class<E> kind) {
        return heard.stream().filter(kind::isInstance).map(kind::cast);
    }

    /** Grows with everything that is no press, so that a page knows when more than the count has changed. */
    int revision() {
        return revision;
    }

    /** The edited plan that was taken over last; empty where none was. */
    Optional<SpecPart> replanned() {
        return each(LapEvent.Replanned.class)
                .flatMap(event -> Stream.ofNullable(event.spec()))
                .reduce((earlier, later) -> later);
    }

    /** Whether nothing has happened since it was begun. */
    boolean untouched() {
        return heard.stream().allMatch(LapEvent.Ordered.class::isInstance);
    }

    /** For which socks the last presses were, 0 for both, the latest last. */
    List<Integer> pressed() {
        return work.pressed(SHOWN_TRAIL);
    }

    List<LapSockView> socks() {
        return ofSocks.stream().map(this::sock).toList();
    }

    private LapSockView sock(OfSock of) {
        SockWork sock = work.sock(of.number);
        OptionalDouble pace = sock.roundsPerHour();
        return new LapSockView(
                of.number,
                sock.position(),
                sock.trail(SHOWN_TRAIL),
                of.devices(),
                pace.isPresent() ? pace.getAsDouble() : null,
                of.lastAt);
    }

    /** When it was begun: at the start, or with the first press, which may have been made before it was heard. */
    Instant begunAt(Instant started) {
        return heard.stream()
                .map(LapEvent::at)
                .filter(started::isAfter)
                .min(Comparator.naturalOrder())
                .orElse(started);
    }

    List<LapNoteView> notes() {
        return each(LapEvent.Noted.class)
                .filter(note -> !takenBack(note.id()))
                .map(note -> new LapNoteView(note.id(), note.sock(), note.at(), note.words()))
                .toList();
    }

    List<WeighedView> weighings() {
        return work.weighings().stream()
                .map(weighing -> new WeighedView(
                        UUID.fromString(weighing.id()),
                        weighing.sock(),
                        weighing.role(),
                        weighing.grams(),
                        weighing.shared(),
                        weighing.fresh(),
                        at(weighing.id())))
                .toList();
    }

    private Instant at(String id) {
        return heard.stream()
                .filter(event -> event.id().toString().equals(id))
                .map(LapEvent::at)
                .findFirst()
                .orElseThrow();
    }

    private boolean takenBack(UUID id) {
        return each(LapEvent.Withdrawn.class).anyMatch(event -> id.equals(event.takenBack()));
    }
}
