package roundpocket.app.laps;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import roundpocket.app.laps.LapViews.LapNoteView;
import roundpocket.app.laps.LapViews.LapSockView;
import roundpocket.app.laps.LapViews.WeighedView;
import roundpocket.core.lap.PairWork;
import roundpocket.core.lap.SockWork;
import roundpocket.core.plan.SockSpec;

/** A pair on the needles as it was heard of: the core's work, and who told what when. */
final class Knitting {
    private static final int SHOWN_TRAIL = 60;

    private final PairWork work;
    private final Function<String, SockSpec> read;
    private final List<LapEventRow> heard = new ArrayList<>();

    Knitting(PairWork work, Function<String, SockSpec> read, List<LapEventRow> events) {
        this.work = work;
        this.read = read;
        events.forEach(this::hear);
    }

    /** How many events it comes from. */
    int events() {
        return heard.size();
    }

    PairWork work() {
        return work;
    }

    /** Takes in what happened; false where it changes nothing. */
    boolean hear(LapEventRow event) {
        boolean counts = event.kind() == LapEventKind.WITHDRAWN && note(event.takenBack())
                || event.happening(read).map(work::hear).orElse(true);
        if (counts) {
            heard.add(event);
        }
        return counts;
    }

    private boolean note(@Nullable UUID id) {
        return heard.stream()
                .anyMatch(event ->
                        event.kind() == LapEventKind.NOTED && event.id().equals(id));
    }

    /** Grows with everything that is no press, so that a page knows when more than the count has changed. */
    int revision() {
        return (int) heard.stream().filter(event -> !event.kind().press()).count();
    }

    /** The edited plan that was taken over last, in its stored form; empty where none was. */
    Optional<String> replanned() {
        return heard.stream()
                .filter(event -> event.kind() == LapEventKind.REPLANNED)
                .map(event -> Objects.requireNonNull(event.spec()))
                .reduce((earlier, later) -> later);
    }

    /** Whether nothing has happened since it was begun. */
    boolean untouched() {
        return heard.isEmpty();
    }

    List<LapSockView> socks() {
        return List.of(sock(1), sock(2));
    }

    private LapSockView sock(int number) {
        SockWork sock = work.sock(number);
        OptionalDouble pace = sock.roundsPerHour();
        List<LapEventRow> mine =
                heard.stream().filter(event -> event.sock() == number).toList();
        return new LapSockView(
                number,
                sock.position(),
                sock.trail(SHOWN_TRAIL),
                (int) mine.stream().map(LapEventRow::device).distinct().count(),
                pace.isPresent() ? pace.getAsDouble() : null,
                mine.stream()
                        .map(LapEventRow::pressedAt)
                        .max(Comparator.naturalOrder())
                        .orElse(null));
    }

    /** When it was begun: at the start, or with the first press, which may have been made before it was heard. */
    Instant begunAt(Instant started) {
        return heard.stream()
                .map(LapEventRow::pressedAt)
                .filter(started::isAfter)
                .min(Comparator.naturalOrder())
                .orElse(started);
    }

    List<LapNoteView> notes() {
        return heard.stream()
                .filter(event -> event.kind() == LapEventKind.NOTED && !takenBack(event.id()))
                .map(event -> new LapNoteView(event.id(), event.sock(), event.pressedAt(), event.words()))
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
                .map(LapEventRow::pressedAt)
                .findFirst()
                .orElseThrow();
    }

    private boolean takenBack(UUID id) {
        return heard.stream().anyMatch(event -> id.equals(event.takenBack()));
    }
}
