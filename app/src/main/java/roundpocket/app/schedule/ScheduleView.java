package roundpocket.app.schedule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FigureView;
import roundpocket.app.plans.Workings;
import roundpocket.app.plans.WorkingsView;
import roundpocket.core.lap.Schedule;

/**
 * When a pair will be done.
 *
 * @param stitchesPerHour the pace it is reckoned with
 * @param measured whether the pace is the knitter's own, from the counter
 * @param hours hours left
 * @param parts what is left, part by part
 * @param sittings the times of sitting down, the next first
 * @param finish the day on which it is done; left out where nothing is left
 * @param inTime whether that is in time; left out where no day was named
 * @param spareDays days between that and the day it is wanted by; below nothing, days too late
 * @param workings how pace and hours came about
 */
public record ScheduleView(
        FigureView stitchesPerHour,
        boolean measured,
        FigureView hours,
        List<PartView> parts,
        List<SittingView> sittings,
        @Nullable LocalDate finish,
        @Nullable Boolean inTime,
        @Nullable Long spareDays,
        WorkingsView workings) {

    /** A part of the work that is left. */
    public record PartView(int sock, String title, FigureView hours) {}

    /** One time of sitting down. */
    public record SittingView(LocalDate on, int minutes, String words) {}

    static ScheduleView of(Schedule schedule, Habit habit) {
        Workings workings = new Workings();
        List<Schedule.Sitting> sittings = schedule.sittings(habit.minutes());
        List<LocalDate> days = habit.first(sittings.size());
        List<SittingView> views = new ArrayList<>();
        for (int i = 0; i < sittings.size(); i++) {
            views.add(new SittingView(days.get(i), sittings.get(i).minutes(), words(sittings.get(i))));
        }
        LocalDate finish = days.isEmpty() ? null : days.get(days.size() - 1);
        boolean known = finish != null && habit.until() != null;
        return new ScheduleView(
                workings.figure("/stitchesPerHour", schedule.stitchesPerHour()),
                schedule.measured(),
                workings.figure("/hours", schedule.hours()),
                schedule.parts().stream()
                        .map(part -> new PartView(part.sock(), part.title(), Workings.figure(part.hours())))
                        .toList(),
                views,
                finish,
                known ? !finish.isAfter(habit.until()) : null,
                known ? finish.until(habit.until(), ChronoUnit.DAYS) : null,
                workings.view());
    }

    private static String words(Schedule.Sitting sitting) {
        String from = words(sitting.from());
        String to = words(sitting.to());
        return from.equals(to) ? from : from + " – " + to;
    }

    private static String words(Schedule.Part part) {
        return (part.sock() == 1 ? "first sock, " : "second sock, ")
                + part.title().toLowerCase(Locale.ROOT);
    }
}
