package roundpocket.app.schedule;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.TemporalAmount;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A schedule as iCalendar (RFC 5545): an entry for every time of sitting down, and one for the day it is done. */
final class Calendars {
    private static final int MOST_OCTETS = 75;
    private static final int ANNOUNCED_MIN = 15;

    private Calendars() {}

    /**
     * The calendar. Times are those of the place where it is read, as evenings are.
     *
     * @param at when somebody sits down
     * @param made when the calendar is made: of two, the later one holds
     * @param alarm whether each time of sitting down is announced a quarter of an hour before
     */
    static String of(UUID pairId, String name, ScheduleView schedule, LocalTime at, Instant made, boolean alarm) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Round Pocket//Schedule//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        Sequence sequence = new Sequence((int) made.getEpochSecond());
        for (ScheduleView.SittingView sitting : schedule.sittings()) {
            TemporalAmount lasts = Duration.ofMinutes(sitting.minutes());
            VEvent event = new VEvent(LocalDateTime.of(sitting.on(), at), lasts, "Knit: " + name);
            // By its day: the one of an evening that is past stays what it was when the rest is made anew.
            event.add(new Uid(pairId + "-" + sitting.on() + "@round-pocket"));
            event.add(sequence);
            event.add(new Description(sitting.words()));
            if (alarm) {
                event.add(announced(name));
            }
            calendar.add(event);
        }
        LocalDate finish = schedule.finish();
        if (finish != null) {
            VEvent done = new VEvent(finish, "Done: " + name);
            done.add(new Uid(pairId + "-done@round-pocket"));
            done.add(sequence);
            calendar.add(done);
        }
        StringWriter folded = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, folded);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
        return foldedByOctets(folded.toString());
    }

    private static VAlarm announced(String name) {
        VAlarm alarm = new VAlarm(Duration.ofMinutes(-ANNOUNCED_MIN));
        alarm.add(new Action(Action.VALUE_DISPLAY));
        alarm.add(new Description("Knit: " + name));
        return alarm;
    }

    /** RFC 5545, 3.1: no line longer than 75 octets, and none broken within a character. The library counts characters. */
    static String foldedByOctets(String calendar) {
        StringBuilder all = new StringBuilder();
        for (String line : calendar.replaceAll("\r?\n[ \t]", "").split("\r?\n")) {
            int octets = 0;
            for (int sign : line.codePoints().toArray()) {
                String text = Character.toString(sign);
                int more = text.getBytes(StandardCharsets.UTF_8).length;
                if (octets + more > MOST_OCTETS) {
                    all.append("\r\n ");
                    octets = 1;
                }
                all.append(text);
                octets += more;
            }
            all.append("\r\n");
        }
        return all.toString();
    }
}
