package roundpocket.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shelves go out as a table and come back as they were, whatever their things are called. */
public class CsvRoundTripTest extends AppTest {
    private static final List<String> NAMES = List.of(
            "4x64",
            "3 blue",
            "sea / sky",
            "\"quoted\"",
            "2.5",
            "2.5 3x64 dusk",
            "a\"b",
            "a / \"b\" / c",
            "=1+1",
            "x; =1",
            "-4",
            "1e5",
            "// //",
            "\"",
            "'tis",
            "woad",
            "мареновый",
            "\uD83E\uDDE6 sock",
            "two  blanks",
            "#aabbcc",
            "Infinity",
            "x4",
            "4x",
            "4x4444",
            "half, quarter");

    private final Random random = new Random(1201);

    private String name() {
        String made = random.ints(1 + random.nextInt(10), 0, 24)
                .mapToObj(at -> String.valueOf("ab 0123456789.,x/\"';=-#\u00e9".charAt(at)))
                .collect(Collectors.joining())
                .strip();
        return random.nextInt(3) == 0 && !made.isEmpty() ? made : NAMES.get(random.nextInt(NAMES.size()));
    }

    /** The things of a shelf by their names, without what a new place on the shelf changes. */
    private Map<String, JsonNode> shelf(String path) {
        Map<String, JsonNode> things = new TreeMap<>();
        for (JsonNode each : body(get(path))) {
            ObjectNode thing = (ObjectNode) each.deepCopy();
            thing.remove(List.of("id", "version", "updatedAt", "yarnId", "wishes", "cutting", "measurings"));
            things.put(each.get("name").asString(), thing);
        }
        return things;
    }

    private void clear(String path) {
        for (JsonNode each : body(get(path))) {
            assertThat(delete(path + "/" + each.get("id").asString() + "?version="
                            + each.get("version").asLong()))
                    .hasStatus(204);
        }
    }

    private void comesBack(String path, String file) {
        Map<String, JsonNode> before = shelf(path);
        String table = body(get(file).getResponse().getContentAsByteArray());
        clear(path);
        JsonNode read = body(postText(file, table));
        assertThat(read.get("wrong").toString()).isEqualTo("[]");
        assertThat(shelf(path)).isEqualTo(before);
    }

    private static String body(byte[] bytes) {
        return new String(bytes, java.nio.charset.StandardCharsets.UTF_8);
    }

    @Test
    public void yarnsWithAnyNamesComeBack() {
        clear("/api/yarns");
        for (int i = 0; i < 60; i++) {
            ObjectNode yarn = json().createObjectNode();
            yarn.put("name", i + " " + name()).put("colour", "#2f6f8f");
            yarn.putObject("yarn").put("lengthM", 400 + i).put("massG", 100);
            ObjectNode cake = yarn.putObject("cake");
            cake.put("fibre", name()).put("notes", name() + "\n=" + name());
            for (int band = 0; band < random.nextInt(4); band++) {
                ObjectNode stripe = cake.withArray("stripes").addObject();
                stripe.put("name", name()).put("colour", "#%06x".formatted(random.nextInt(1 << 24)));
                stripe.put("lengthM", 1 + random.nextInt(40) / 4.0);
            }
            assertThat(post("/api/yarns", yarn.toString())).as(yarn.toString()).hasStatus(201);
        }
        comesBack("/api/yarns", "/api/files/yarns.csv");
    }

    @Test(dependsOnMethods = "yarnsWithAnyNamesComeBack")
    public void tubesWithAnyBandsComeBackAlsoThoseOfAYarnWithoutBands() {
        clear("/api/tubes");
        String yarn = body(post(
                        "/api/yarns",
                        "{\"name\": \"plain\", \"colour\": \"#112233\", \"yarn\": {\"lengthM\": 400, \"massG\": 100}}"))
                .get("id")
                .asString();
        IntStream.range(0, 30).forEach(i -> {
            ObjectNode tube = json().createObjectNode();
            tube.put("name", i + " " + name())
                    .put("stitches", 64)
                    .put("rounds", 300)
                    .put("notes", name());
            tube.putObject("stitchReading").put("count", 31).put("spanMm", 100);
            tube.putObject("roundReading").put("count", 43).put("spanMm", 100);
            if (i % 3 == 0) {
                tube.put("yarnId", yarn);
            } else {
                for (int band = 0; band < 1 + random.nextInt(3); band++) {
                    ObjectNode one = tube.withArray("bands").addObject();
                    one.put("name", name()).put("colour", "#%06x".formatted(random.nextInt(1 << 24)));
                    one.put("rounds", 1 + random.nextInt(40) / 4.0);
                }
            }
            assertThat(post("/api/tubes", tube.toString())).as(tube.toString()).hasStatus(201);
        });
        comesBack("/api/tubes", "/api/files/tubes.csv");
    }

    @Test
    public void feetWithAnyNamesComeBack() {
        clear("/api/feet");
        for (int i = 0; i < 40; i++) {
            ObjectNode foot = json().createObjectNode();
            foot.put("name", i + " " + name()).put("notes", name());
            foot.putObject("foot").put("lengthMm", 240 + i / 4.0).put("ballGirthMm", 230);
            assertThat(post("/api/feet", foot.toString())).as(foot.toString()).hasStatus(201);
        }
        comesBack("/api/feet", "/api/files/feet.csv");
    }
}
