package roundpocket.app.laps;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.laps.LapViews.LapSockView;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.Pace;
import roundpocket.core.lap.Tally;

/** Both socks, counted from everything that was pressed. */
final class LapCount {
    private static final int SOCKS = 2;
    private static final int SHOWN_TRAIL = 60;

    private final LapPlan lap;
    private final List<Tally> tallies = new ArrayList<>();
    private final List<LapEventRow> heard;

    LapCount(LapPlan lap, List<LapEventRow> events) {
        this.lap = lap;
        this.heard = new ArrayList<>();
        for (int sock = 1; sock <= SOCKS; sock++) {
            tallies.add(new Tally(lap.presses()));
        }
        events.forEach(this::hear);
    }

    /** Counts a press; false where there is nothing that it could count for. */
    boolean hear(LapEventRow event) {
        Tally tally = tallies.get(event.sock() - 1);
        boolean counts =
                switch (event.kind()) {
                    case DONE -> tally.done();
                    case UNDONE -> tally.undone();
                    case JUMPED -> tally.jumped(event.toPosition());
                };
        if (counts) {
            heard.add(event);
        }
        return counts;
    }

    int position(int sock) {
        return tallies.get(sock - 1).position();
    }

    List<LapSockView> views() {
        List<LapSockView> views = new ArrayList<>();
        for (int sock = 1; sock <= SOCKS; sock++) {
            views.add(view(sock));
        }
        return views;
    }

    private LapSockView view(int sock) {
        List<LapEventRow> mine =
                heard.stream().filter(event -> event.sock() == sock).toList();
        Tally tally = tallies.get(sock - 1);
        return new LapSockView(
                sock,
                tally.position(),
                tally.trail(SHOWN_TRAIL),
                (int) mine.stream().map(LapEventRow::device).distinct().count(),
                pace(mine),
                mine.stream()
                        .map(LapEventRow::pressedAt)
                        .max(Comparator.naturalOrder())
                        .orElse(null));
    }

    /** From the presses that were rounds, where they were made. */
    private @Nullable Double pace(List<LapEventRow> mine) {
        Tally replay = new Tally(lap.presses());
        List<Long> rounds = new ArrayList<>();
        for (LapEventRow event : mine) {
            LapPlan.Place place = lap.at(replay.position());
            switch (event.kind()) {
                case DONE -> {
                    replay.done();
                    if (lap.steps().get(place.step()).doing().paced()) {
                        rounds.add(event.pressedAt().toEpochMilli());
                    }
                }
                case UNDONE -> replay.undone();
                case JUMPED -> replay.jumped(event.toPosition());
                default -> throw new IllegalStateException("no kind: " + event.kind());
            }
        }
        var perHour = Pace.roundsPerHour(rounds);
        return perHour.isPresent() ? perHour.getAsDouble() : null;
    }
}
