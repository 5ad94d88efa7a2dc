package roundpocket.app.laps;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.UUID;
import org.springframework.test.util.ReflectionTestUtils;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.plans.SpecPart;
import roundpocket.core.tube.HeelWhen;
import tools.jackson.databind.json.JsonMapper;

/** What was usual when a pair was begun stays usual for it. */
public class LapRowTest {
    private static final String CHILD = "{\"foot\": {\"lengthMm\": 120, \"ballGirthMm\": 128},"
            + "\"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}%s}";

    @DataProvider
    static Object[][] begun() {
        return new Object[][] {{1, 15, true}, {2, 15, false}, {3, 11, false}};
    }

    private static SpecPart spec(String more) {
        return new JsonMapper().readValue(CHILD.formatted(more), SpecPart.class);
    }

    @Test(dataProvider = "begun")
    public void aChildsCuffIsAsItWasBegun(int rules, int rounds, boolean toldOtherwise) {
        LapRow row = new LapRow(new UUID(0, 1), Instant.EPOCH, HeelWhen.AFTER_TUBE, "{}");
        ReflectionTestUtils.setField(row, "rules", rules);
        assertThat(row.asToldNow()).isEqualTo(!toldOtherwise);
        assertThat(cuff(row.asBegun(spec("")))).isEqualTo(rounds);
        LapEvent.Replanned edited = new LapEvent.Replanned(
                new UUID(0, 2), 1, "here", Instant.EPOCH, spec(", \"choices\": {\"order\": \"IN_TURN\"}"));
        assertThat(cuff(((LapEvent.Replanned) row.asHeard(edited)).spec())).isEqualTo(rounds);
        assertThat(cuff(row.asBegun(spec(", \"choices\": {\"finish\": {\"cuffRounds\": 9}}"))))
                .isEqualTo(9);
    }

    private static int cuff(SpecPart spec) {
        return spec.toCore().plan().cuff().rounds().count();
    }
}
