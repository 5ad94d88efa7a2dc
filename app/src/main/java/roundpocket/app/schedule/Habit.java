package roundpocket.app.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/**
 * When somebody sits down to knit.
 *
 * @param minutes how long each time
 * @param days on which days of the week, one to seven
 * @param from the first day that counts
 * @param until the day by which it is wanted, where there is one
 */
record Habit(
        int minutes,
        Set<DayOfWeek> days,
        LocalDate from,
        @Nullable LocalDate until) {
    private static final int MOST_YEARS = 10;

    Habit {
        days = Set.copyOf(days);
        if (days.isEmpty()) {
            throw refusal("days", "Choose at least one day.", "One evening a week is enough.");
        }
        if (until != null && (until.isBefore(from) || until.isAfter(from.plusYears(MOST_YEARS)))) {
            throw refusal(
                    "until",
                    "It cannot be wanted by " + until + ": that is before " + from + " or more than " + MOST_YEARS
                            + " years on.",
                    "Give a day that is still to come.");
        }
    }

    private static Refusal refusal(String field, String template, String remedy) {
        return new Refusal(List.of(new Problem("schedule.habit", field, template, remedy, Map.of())));
    }

    /** The days on which somebody sits down so many times. */
    List<LocalDate> first(int times) {
        return from.datesUntil(from.plusWeeks(times + 1L))
                .filter(day -> days.contains(day.getDayOfWeek()))
                .limit(times)
                .toList();
    }
}
