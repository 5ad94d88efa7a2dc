package roundpocket.app.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** The rest of a pair laid into the days of a week. */
public class ScheduleTest extends AppTest {
    private static final String HABIT = "?minutes=90&days=TUESDAY,SATURDAY&from=2026-11-24&until=2026-12-21";

    private String at;

    @BeforeMethod
    public void begin() {
        String spec =
                "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"swatch\": {\"stitches\": [{\"count\": 31,"
                        + " \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";
        JsonNode pair = body(post(
                "/api/pairs",
                "{\"name\": \"By midwinter; “tenor” åøåøåøåøåøåøåøåøåøåøåøåøåøåøåø 🧦🧦\", \"spec\": " + spec + "}"));
        at = "/api/laps/" + pair.get("id").asString();
        post(at, "{}");
    }

    @Test
    public void sittingsFallOnTheDaysOfTheHabit() {
        JsonNode schedule = body(get(at + "/schedule" + HABIT));
        assertThat(schedule.get("measured").asBoolean()).isFalse();
        double hours = schedule.at("/hours/value").asDouble();
        List<LocalDate> days = schedule.get("sittings")
                .valueStream()
                .map(sitting -> LocalDate.parse(sitting.get("on").asString()))
                .toList();
        assertThat(days).hasSize((int) Math.ceil(hours / 1.5)).isSorted().doesNotHaveDuplicates();
        assertThat(days.get(0)).isEqualTo("2026-11-24");
        assertThat(days)
                .allMatch(day -> day.getDayOfWeek() == DayOfWeek.TUESDAY || day.getDayOfWeek() == DayOfWeek.SATURDAY);
        LocalDate finish = LocalDate.parse(schedule.get("finish").asString());
        assertThat(finish).isEqualTo(days.get(days.size() - 1));
        assertThat(schedule.get("inTime").asBoolean()).isEqualTo(!finish.isAfter(LocalDate.parse("2026-12-21")));
        assertThat(schedule.get("spareDays").asLong())
                .isEqualTo(LocalDate.parse("2026-12-21").toEpochDay() - finish.toEpochDay());
    }

    /** One round a minute for forty minutes: the hours fall to that pace. */
    @Test
    public void thePaceIsTheCountersOnceItTells() {
        StringBuilder presses = new StringBuilder();
        for (int i = 0; i < 40; i++) {
            presses.append(i == 0 ? "" : ",")
                    .append("{\"id\": \"" + UUID.randomUUID()
                            + "\", \"sock\": 1, \"kind\": \"DONE\", \"device\": \"a\","
                            + " \"at\": \"2026-11-20T19:%02d:00Z\"}".formatted(i));
        }
        post(at + "/events", "[" + presses + "]");
        JsonNode schedule = body(get(at + "/schedule" + HABIT));
        assertThat(schedule.get("measured").asBoolean()).isTrue();
        assertThat(schedule.at("/stitchesPerHour/value").asDouble()).isBetween(3800.0, 3900.0);
    }

    /** Read back by ical4j 4.4.0, and held against RFC 5545, section 3.1: lines of at most 75 octets, ended by CRLF. */
    @Test
    public void theCalendarCanBeReadByOthers() throws IOException, ParserException {
        var response = get(at + "/schedule.ics" + HABIT + "&at=20:15").getResponse();
        assertThat(response.getContentType()).startsWith("text/calendar");
        String text = new String(response.getContentAsByteArray(), StandardCharsets.UTF_8);
        assertThat(text).contains("\r\n").doesNotContain("\n\n");
        assertThat(text.split("\r\n"))
                .allMatch(line -> line.getBytes(StandardCharsets.UTF_8).length <= 75 && !line.contains("\n"));
        Calendar calendar = new CalendarBuilder().build(new StringReader(text));
        List<VEvent> events = calendar.getComponents("VEVENT");
        JsonNode schedule = body(get(at + "/schedule" + HABIT));
        assertThat(events).hasSize(schedule.get("sittings").size() + 1);
        assertThat(events.get(0).getDateTimeStart().getValue()).isEqualTo("20261124T201500");
        assertThat(events.get(0).getSummary().getValue())
                .isEqualTo("Knit: By midwinter; “tenor” åøåøåøåøåøåøåøåøåøåøåøåøåøåøåø 🧦🧦");
        assertThat(events.stream().map(event -> event.getUid().orElseThrow().getValue()))
                .doesNotHaveDuplicates();
    }

    /** Made anew a week later, an evening that both have is the same entry, and the later one holds; nothing past is moved. */
    @Test
    public void anEveningKeepsItsEntryWhenTheCalendarIsMadeAnew() throws IOException, ParserException {
        Map<String, VEvent> before = entries(HABIT);
        Map<String, VEvent> after = entries(HABIT.replace("from=2026-11-24", "from=2026-12-01") + "&alarm=true");
        Set<String> both = new HashSet<>(before.keySet());
        both.retainAll(after.keySet());
        assertThat(both).hasSizeGreaterThan(2);
        for (String uid : both) {
            boolean whole = uid.contains("-done");
            assertThat(whole || uid.contains(day(before.get(uid)))).as(uid).isTrue();
            if (!whole) {
                assertThat(day(before.get(uid))).isEqualTo(day(after.get(uid)));
                assertThat(after.get(uid).getAlarms()).hasSize(1);
                assertThat(before.get(uid).getAlarms()).isEmpty();
            }
            assertThat(after.get(uid).getSequence().getSequenceNo())
                    .isGreaterThanOrEqualTo(before.get(uid).getSequence().getSequenceNo());
        }
    }

    private Map<String, VEvent> entries(String habit) throws IOException, ParserException {
        String text = new String(
                get(at + "/schedule.ics" + habit).getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
        List<VEvent> events =
                new CalendarBuilder().build(new StringReader(text)).getComponents("VEVENT");
        return events.stream()
                .collect(Collectors.toMap(event -> event.getUid().orElseThrow().getValue(), event -> event));
    }

    private static String day(VEvent event) {
        String start = event.getDateTimeStart().getValue();
        return start.substring(0, 4) + "-" + start.substring(4, 6) + "-" + start.substring(6, 8);
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {"?minutes=0&days=MONDAY"},
            {"?minutes=5000&days=MONDAY"},
            {"?minutes=60&days="},
            {"?minutes=60&days=MONDAY&from=2026-11-24&until=2026-11-01"},
            {"?minutes=60&days=MONDAY&from=2026-11-24&until=2999-11-01"},
            {"?minutes=60&days=MONDAY&from=9999-12-30"},
            {"?minutes=60&days=MONDAY&from=-9999-12-30"},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsRefused(String habit) {
        assertThat(get(at + "/schedule" + habit)).hasStatus(422);
        assertThat(get(at + "/schedule" + habit.replace("MONDAY", "WASHDAY").replace("days=&", "days=WASHDAY&")))
                .hasStatus4xxClientError();
    }
}
