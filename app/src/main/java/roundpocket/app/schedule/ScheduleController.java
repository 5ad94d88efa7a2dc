package roundpocket.app.schedule;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.laps.Laps;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.Schedule;

/** Schedules over HTTP. */
@RestController
@RequestMapping("/api/laps/{pairId}")
class ScheduleController {
    private static final int MOST_YEARS = 10;

    private final Laps laps;
    private final Clock clock;

    ScheduleController(Laps laps, Clock clock) {
        this.laps = laps;
        this.clock = clock;
    }

    /** When a pair that is begun will be done, for a habit of so many minutes on some days of the week. */
    @GetMapping("/schedule")
    ScheduleView schedule(
            @PathVariable UUID pairId,
            @RequestParam int minutes,
            @RequestParam Set<DayOfWeek> days,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate until) {
        LocalDate today = LocalDate.now(clock);
        LocalDate first = Objects.requireNonNullElse(from, today);
        refuseFarOff("from", first, today);
        refuseFarOff("until", until, today);
        return ScheduleView.of(laps.work(pairId, Schedule::of), new Habit(minutes, days, first, until));
    }

    private static void refuseFarOff(String field, @Nullable LocalDate day, LocalDate today) {
        if (day != null && Math.abs(day.getYear() - (long) today.getYear()) > MOST_YEARS) {
            throw new Refusal(List.of(new Problem(
                    "schedule.day",
                    field,
                    "This day is more than " + MOST_YEARS + " years away.",
                    "Enter a day that is nearer.",
                    Map.of())));
        }
    }

    /** The same as iCalendar (RFC 5545), to be read into a calendar. */
    @GetMapping(value = "/schedule.ics", produces = "text/calendar")
    ResponseEntity<byte[]> calendar(
            @PathVariable UUID pairId,
            @RequestParam int minutes,
            @RequestParam Set<DayOfWeek> days,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate until,
            @RequestParam(required = false) @Nullable LocalTime at,
            @RequestParam(defaultValue = "false") boolean alarm) {
        ScheduleView schedule = schedule(pairId, minutes, days, from, until);
        LocalTime evening = Objects.requireNonNullElse(at, LocalTime.of(19, 30));
        String name = laps.view(pairId).name();
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("knitting.ics")
                                .build()
                                .toString())
                .body(Calendars.of(pairId, name, schedule, evening, clock.instant(), alarm)
                        .getBytes(StandardCharsets.UTF_8));
    }
}
