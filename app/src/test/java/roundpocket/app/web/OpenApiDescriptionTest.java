package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import roundpocket.app.laps.LapEventKind;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Holds web/openapi.json, from which the front end's types are made and which the application serves, to the controllers.
 * Run with {@code -Dopenapi.write=true} to write it anew.
 */
public class OpenApiDescriptionTest extends AppTest {
    private static final Map<String, Class<?>> RECORDS = records();

    private static final Path COMMITTED = Path.of("..", "web", "public", "openapi.json");

    @Test
    public void theCommittedDescriptionIsWhatTheControllersSay() throws IOException {
        ObjectNode described = (ObjectNode) body(get("/v3/api-docs"));
        described.remove("servers");
        ((ObjectNode) described.get("info")).put("title", "Round Pocket").put("version", "1");
        markRequired(described);
        describe(described);
        unwrap(described);
        nameKinds(described);
        nameStreams(described);
        nameProblems(described);
        range(described);
        // numbered in the order in which the controllers happen to be found
        described.get("paths").forEach(path -> path.forEach(way -> ((ObjectNode) way).remove("operationId")));
        String text = JsonMapper.builder()
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                        .build()
                        .writeValueAsString(described)
                + "\n";
        if (Boolean.getBoolean("openapi.write")) {
            Files.createDirectories(COMMITTED.getParent());
            Files.writeString(COMMITTED, text);
        }
        assertThat(json().readTree(Files.readString(COMMITTED)))
                .as("run this test with -Dopenapi.write=true and commit the result")
                .isEqualTo(json().readTree(text));
    }

    /** Every number that can be sent has the range by which it is refused. */
    private void range(JsonNode described) throws IOException {
        Ranges ranges = new Ranges(
                (ObjectNode) described.at("/components/schemas"),
                (address, body) -> body(post(address, body.toString())));
        String document = Files.readString(Path.of("..", "docs", "specification-format.md"));
        JsonNode example =
                json().readTree(document.substring(document.indexOf("```json") + 7, document.lastIndexOf("```")));
        ranges.ask("/api/plans/preview", "SpecPart", example);
        for (String choices : List.of(
                "{\"tube\": {\"legRounds\": 60}, \"placing\": {\"school\": \"ON_THE_FOOT\", \"markedRound\": 80}}",
                "{\"placing\": {\"school\": \"ON_THE_FOOT\", \"markedMm\": 190}, \"size\": {\"stitches\": 64}}",
                "{\"placing\": {\"school\": \"OWN_DISTANCE\", \"distanceMm\": 190}}",
                "{\"colour\": {\"heel\": \"BAND\", \"heelBand\": 1, \"second\": \"OWN_BAND\", \"secondBand\": 2}}",
                "{\"pattern\": {\"place\": \"INSTEP\", \"motif\": \"OWN\", \"width\": 4, \"height\": 6, \"edge\": 2}}",
                tube("\"rounds\": 260"),
                tube("\"lengthMm\": 620"),
                tube("\"massG\": 60"))) {
            ObjectNode other = ((ObjectNode) example).deepCopy();
            other.set("choices", json().readTree(choices));
            if (choices.contains("READY")) {
                other.remove(List.of("striping", "tubeReading"));
            } else {
                ((ObjectNode) other.get("striping"))
                        .set("ravelled", json().readTree("{\"startM\": 3, \"backwards\": true, \"each\": false}"));
            }
            other.set("weighIns", json().readTree("[{\"stitches\": 2560, \"usedG\": 7, \"uncertaintyG\": 0.3}]"));
            ranges.ask("/api/plans/preview", "SpecPart", other);
        }
        ranges.ask("/api/yarns", "YarnWrite", json().readTree("""
                {"name": "Ranged", "yarn": {"lengthM": 420, "massG": 100, "onHandG": 90, "nylonShare": 0.2},
                 "cake": {"startM": 1, "stripes": [{"name": "a", "colour": "#a13d4b", "lengthM": 5},
                   {"name": "b", "colour": "#efe6d2", "rounds": 4, "stitches": 64}],
                   "knots": [{"atM": 100, "goesOnM": 2}]}}"""));
        JsonNode foot =
                body(post("/api/feet", "{\"name\": \"Ranged\", \"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}}"));
        ranges.ask("/api/tubes", "TubeWrite", json().readTree("""
                {"name": "Ranged", "stitches": 64, "rounds": 600, "startRounds": 1, "spareRounds": 2, "contrastG": 20,
                 "stitchReading": {"count": 31, "spanMm": 100}, "roundReading": {"count": 43, "spanMm": 100},
                 "bands": [{"name": "a", "colour": "#a13d4b", "rounds": 5}],
                 "wishes": [{"footId": "%s", "legFromMm": 100, "legToMm": 150, "alike": true, "ravel": false,
                  "spareRounds": 2}]}""".formatted(
                        foot.get("id").asString())));
        rangeEvents(described, example);
        Set<String> known = new HashSet<>(Ranges.COUNTED);
        known.add("SpecPart.version"); // one version is read, and every other refused
        // As many as the pair has: presses, bands of its yarn, stitches of the round.
        known.addAll(Set.of("Jumped.to", "Colour.band", "Colour.stitch"));
        assertThat(ranges.without()).as("numbers without a range").isEqualTo(known);
    }

    /** What happens to a pair is refused by what is said of it where it was heard. */
    private void rangeEvents(JsonNode described, JsonNode spec) {
        Ranges ranges = new Ranges((ObjectNode) described.at("/components/schemas"), (kind, event) -> {
            String id = body(post("/api/pairs", "{\"name\": \"Ranged\", \"spec\": " + spec + "}"))
                    .get("id")
                    .asString();
            post("/api/laps/" + id, "{}");
            ((ObjectNode) event).put("id", UUID.randomUUID().toString());
            JsonNode answer =
                    body(post("/api/laps/" + id + "/events", "[" + LapSamples.jumped(60) + "," + event + "]"));
            ArrayNode errors = json().createArrayNode();
            answer.path("errors")
                    .forEach(error -> errors.add(((ObjectNode) error.deepCopy())
                            .put("field", error.get("field").asString().replace("[1].", ""))));
            // Which number is meant is told by the number.
            answer.at("/heard/1/said").forEach(said -> event.properties().stream()
                    .filter(part -> part.getValue().isNumber()
                            && part.getValue().asDouble()
                                    == said.at("/amounts/found/value").asDouble())
                    .forEach(part -> errors.addObject()
                            .put("field", part.getKey())
                            .put("code", said.get("template").asString())
                            .set("said", said)));
            return json().createObjectNode().set("errors", errors);
        });
        for (LapEventKind kind : LapEventKind.values()) {
            String schema = kind.type().getSimpleName();
            ranges.ask(schema, schema, json().readTree(LapSamples.of(kind, spec)));
        }
    }

    private static String tube(String how) {
        return "{\"tube\": {\"way\": \"READY_TUBE\", \"readyTube\": {\"stitches\": 64, \"spareRounds\": 2, " + how
                + "}}, \"opening\": {\"way\": \"SNIP\"}}";
    }

    /** The components of a record as they are described: a part that is written in its place has given its own. */
    private static Stream<RecordComponent> components(Class<?> type, JsonNode schema) {
        return Stream.ofNullable(type.getRecordComponents())
                .flatMap(Arrays::stream)
                .flatMap(component -> component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                                && !schema.at("/properties").has(component.getName())
                        ? components(component.getType(), schema)
                        : Stream.of(component));
    }

    /** A component of a record is always there unless it says that it may be missing. */
    private static void markRequired(JsonNode described) {
        described.at("/components/schemas").propertyStream().forEach(schema -> {
            Class<?> type = RECORDS.get(schema.getKey());
            if (type != null) {
                var required = ((ObjectNode) schema.getValue()).putArray("required");
                components(type, schema.getValue())
                        .filter(component -> !mayBeMissing(component))
                        .forEach(component -> required.add(component.getName()));
            }
        });
    }

    /** What is told as it happens is text, whatever the framework calls it. */
    private static void nameStreams(JsonNode described) {
        ((ObjectNode) described.at("/components/schemas")).remove("SseEmitter");
        described.at("/paths").findParents("$ref").forEach(node -> {
            if (node.get("$ref").asString().endsWith("/SseEmitter")) {
                ((ObjectNode) node).removeAll().put("type", "string").put("description", "server-sent events");
            }
        });
    }

    /** What is answered where something cannot be done: problem details (RFC 9457) and what Round Pocket adds. */
    private static void nameProblems(JsonNode described) {
        ObjectNode schemas = (ObjectNode) described.at("/components/schemas");
        schemas.set("Problem", JsonMapper.shared().readTree("""
            {"type": "object",
             "description": "why something cannot be done (RFC 9457), in words that can be shown",
             "properties": {
               "type": {"type": "string", "description": "about:blank"},
               "title": {"type": "string", "description": "what it is about"},
               "status": {"type": "integer", "format": "int32", "description": "the status of the answer"},
               "detail": {"type": "string", "description": "what is wrong, the limit, and what would help"},
               "instance": {"type": "string", "description": "the path that was asked"},
               "code": {"type": "string", "description": "stable name for programs"},
               "errors": {"type": "array", "description": "each value that was refused", "items": {"type": "object",
                 "properties": {
                   "field": {"type": "string", "description": "path of the value in what was sent"},
                   "code": {"type": "string", "description": "stable name for programs"},
                   "message": {"type": "string", "description": "what is wrong with it, and what would help, in centimetres and grams"},
                   "said": {"$ref": "#/components/schemas/Sentence"}},
                 "required": ["field", "code", "message", "said"]}},
               "current": {"description": "of a stale write: what is stored now"},
               "differs": {"type": "array", "items": {"type": "string"},
                 "description": "of a stale write: the words in which both differ"}},
             "required": ["title", "status", "detail"]}"""));
        described
                .at("/paths")
                .forEach(path -> path.forEach(way -> ((ObjectNode) way.get("responses"))
                        .putObject("default")
                        .put("description", "It cannot be done; the answer says why.")
                        .putObject("content")
                        .putObject("application/problem+json")
                        .putObject("schema")
                        .put("$ref", "#/components/schemas/Problem")));
    }

    /** What is answered is what is described: of problems of every kind. */
    @Test(dependsOnMethods = "theCommittedDescriptionIsWhatTheControllersSay")
    public void everyProblemIsAsDescribed() throws IOException {
        JsonNode known = json().readTree(Files.readString(COMMITTED)).at("/components/schemas/Problem");
        for (MvcTestResult problem : List.of(
                post("/api/plans/preview", "{}"),
                post("/api/plans/preview", "["),
                get("/api/pairs/" + new UUID(0, 1)),
                get("/api/nothing"),
                get("/api/pairs/x"),
                post("/api/laps/" + new UUID(0, 1) + "/events", "[]"))) {
            JsonNode body = body(problem);
            assertThat(known.get("properties").propertyNames()).containsAll(body.propertyNames());
            assertThat(body.propertyNames())
                    .containsAll(known.get("required")
                            .valueStream()
                            .map(JsonNode::asString)
                            .toList());
            body.path("errors").forEach(error -> {
                assertThat(known.at("/properties/errors/items/properties").propertyNames())
                        .containsAll(error.propertyNames());
                assertThat(error.propertyNames()).contains("field", "code", "message", "said");
            });
        }
    }

    /** A program may put the amounts into the words itself, in whatever unit it likes. */
    @Test
    public void aRefusalCarriesItsWordsAndItsAmounts() {
        JsonNode error = body(post("/api/plans/preview", "{\"foot\": {\"lengthMm\": 50}, \"swatch\": {}}"))
                .at("/errors/0");
        assertThat(error.at("/said/template").asString()).startsWith("Foot length must be {min} to {max}");
        assertThat(error.get("message").asString()).startsWith("Foot length must be 10 to 36 cm");
        assertThat(error.at("/said/amounts/max/value").asDouble()).isEqualTo(360);
        assertThat(error.at("/said/amounts/max/unit").asString()).isEqualTo("MILLIMETRES");
        assertThat(error.at("/said/amounts/found/value").asDouble()).isEqualTo(50);
    }

    /** Says of every record and its parts what their sources say. */
    private static void describe(JsonNode described) {
        Javadoc javadoc = new Javadoc();
        List<String> silent = new ArrayList<>();
        described.at("/components/schemas").propertyStream().forEach(named -> {
            Class<?> type = described(named.getKey());
            if (type == null) {
                return;
            }
            ObjectNode schema = (ObjectNode) named.getValue();
            put(schema, javadoc.of(type));
            // What is read is described part by part; of what is handed out the name may say it all.
            boolean read = type.getSimpleName().endsWith("Part")
                    || type.getSimpleName().endsWith("Write");
            parts(schema).forEach(part -> {
                String words = components(type, schema)
                        .filter(component -> component.getName().equals(part.getKey()))
                        .findFirst()
                        .map(component -> javadoc.of(component.getDeclaringRecord(), part.getKey()))
                        .orElseGet(() -> javadoc.of(type, part.getKey()));
                put((ObjectNode) part.getValue(), words);
                if (words == null && read) {
                    silent.add(type.getSimpleName() + "." + part.getKey());
                }
            });
        });
        assertThat(silent).as("parts of what is read that nothing is said of").isEmpty();
    }

    private static Stream<Map.Entry<String, JsonNode>> parts(JsonNode schema) {
        JsonNode own = schema.has("allOf") ? schema.at("/allOf/1") : schema;
        return own.has("properties") ? own.get("properties").propertyStream() : Stream.empty();
    }

    private static @Nullable Class<?> described(String name) {
        Class<?> own = RECORDS.get(name);
        return own != null ? own : CoreDescription.TYPES.get(name);
    }

    private static void put(ObjectNode schema, @Nullable String words) {
        if (words != null) {
            schema.put("description", words);
        }
    }

    /** An event is one of its kinds, told apart by their names. */
    private static void nameKinds(JsonNode described) {
        ObjectNode schemas = (ObjectNode) described.at("/components/schemas");
        ObjectNode event = schemas.putObject("LapEvent");
        ArrayNode kinds = event.putArray("oneOf");
        ObjectNode mapping =
                event.putObject("discriminator").put("propertyName", "kind").putObject("mapping");
        for (LapEventKind kind : LapEventKind.values()) {
            String name = kind.type().getSimpleName();
            ObjectNode own = (ObjectNode) schemas.get(name).at("/allOf/1");
            ((ObjectNode) own.get("properties"))
                    .putObject("kind")
                    .put("type", "string")
                    .putArray("enum")
                    .add(kind.name());
            own.set("required", schemas.get(name).get("required").deepCopy());
            own.get("required").asArray().add("kind");
            schemas.set(name, own);
            String reference = "#/components/schemas/" + name;
            kinds.addObject().put("$ref", reference);
            mapping.put(kind.name(), reference);
        }
        String all = described.toString();
        assertThat(all)
                .as("kinds are told in one place")
                .doesNotContain("\"allOf\":[{\"$ref\":\"#/components/schemas/LapEvent");
        described.at("/paths").findValues("requestBody").forEach(body -> {
            JsonNode schema = body.at("/content/application~1json/schema");
            if (schema.has("items") && schema.get("items").has("oneOf")) {
                ((ObjectNode) schema).putObject("items").put("$ref", "#/components/schemas/LapEvent");
            } else if (schema.has("oneOf")) {
                ((ObjectNode) schema).removeAll().put("$ref", "#/components/schemas/LapEvent");
            }
        });
    }

    /** The parts of what is unwrapped stand beside the rest. */
    private static void unwrap(JsonNode described) {
        described.at("/components/schemas").propertyStream().forEach(named -> {
            Class<?> type = RECORDS.get(named.getKey());
            ObjectNode schema = (ObjectNode) named.getValue();
            for (RecordComponent component : type == null ? new RecordComponent[0] : type.getRecordComponents()) {
                if (schema.at("/properties").has(component.getName())
                        && component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)) {
                    ObjectNode rest = schema.deepCopy();
                    JsonNode part = ((ObjectNode) rest.get("properties")).remove(component.getName());
                    rest.putArray("required")
                            .addAll(schema.get("required")
                                    .valueStream()
                                    .filter(name -> !name.asString().equals(component.getName()))
                                    .toList());
                    schema.removeAll();
                    schema.putArray("allOf").add(part).add(rest);
                }
            }
        });
    }

    private static boolean mayBeMissing(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    private static Map<String, Class<?>> records() {
        var scanner = new ClassPathScanningCandidateComponentProvider(false) {
            @Override
            protected boolean isCandidateComponent(AnnotatedBeanDefinition definition) {
                return true;
            }
        };
        scanner.addIncludeFilter(new AssignableTypeFilter(Record.class));
        Map<String, Class<?>> records = new HashMap<>();
        for (String within : List.of("roundpocket.app")) {
            for (BeanDefinition found : scanner.findCandidateComponents(within)) {
                Class<?> type = load(found.getBeanClassName());
                assertThat(records.put(type.getSimpleName(), type))
                        .as("two records would share the name %s in the description", type.getSimpleName())
                        .isNull();
            }
        }
        return records;
    }

    private static Class<?> load(@Nullable String name) {
        try {
            return Class.forName(name);
        } catch (ClassNotFoundException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
