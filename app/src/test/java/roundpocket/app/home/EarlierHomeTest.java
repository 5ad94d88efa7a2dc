package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A home of the first rules, as that Round Pocket wrote it, is opened with everything in it. */
public class EarlierHomeTest {
    private Running app;

    @BeforeClass
    public void open() {
        app = Running.on(Running.earlier("first-rules.mv.db.gz"));
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    private JsonNode pair(String name) {
        return app.json("/api/pairs")
                .valueStream()
                .filter(pair -> pair.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode lap(String name) {
        return app.json("/api/laps/" + pair(name).get("id").asString());
    }

    @Test
    public void everythingIsThere() {
        assertThat(app.json("/api/pairs")).hasSize(10);
        assertThat(app.json("/api/feet").valueStream().map(foot -> foot.get("name")
                        .asString()))
                .containsExactly("Marit", "Odd", "Pia", "Tore", "Åshild", "Jens");
        assertThat(app.json("/api/yarns")).hasSize(4);
        assertThat(app.json("/api/log").get("entries")).hasSize(1);
    }

    /** Stitches left in at the corners of a waste-yarn heel would leave waste yarn in the sock: moved, and said. */
    @Test
    public void cornersThatCannotBeAreMovedAndSaid() {
        JsonNode moved = pair("Old corners");
        assertThat(moved.at("/spec/choices/opening/way").asString()).isEqualTo("WASTE_TWO_LINES");
        assertThat(moved.at("/spec/choices/opening").has("corners")).isFalse();
        assertThat(moved.get("moved").asString()).contains("Waste yarn comes out whole");
        assertThat(pair("Marit’s chamber socks").has("moved")).isFalse();
    }

    /** Pairs begun by the first rules go on as they were begun: the same rounds, the same place. */
    @Test
    public void whatWasBegunGoesOnAsItWasBegun() {
        Map<String, String> next = app.json("/api/laps")
                .valueStream()
                .collect(Collectors.toMap(gist -> gist.get("pairId").asString(), gist -> gist.get("next")
                        .asString()));
        assertThat(next.get(pair("Odd’s tenor socks").get("id").asString()))
                .isEqualTo("foot, round 38 of 78 (first sock)");
        assertThat(next.get(pair("Old corners").get("id").asString())).isEqualTo("foot, round 40 of 66 (first sock)");
        JsonNode tore = lap("Tore’s, with a deep heel");
        int position = tore.at("/socks/0/position").asInt();
        Optional<String> step = tore.at("/works/0/steps")
                .valueStream()
                .skip(tore.at("/works/0/starts")
                                .valueStream()
                                .filter(start -> start.asInt() <= position)
                                .count()
                        - 1)
                .map(each -> each.get("id").asString())
                .findFirst();
        assertThat(step).hasValue("heel-count");
        assertThat(tore.get("earlierRules").asBoolean()).isTrue();
        assertThat(lap("Old corners").at("/notes/0/words").asString()).isEqualTo("kept");
        assertThat(lap("Old corners").get("weighings")).hasSize(1);
    }
}
