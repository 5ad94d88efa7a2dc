package roundpocket.app.web;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.quicktheories.api.Pair;
import org.quicktheories.core.Gen;
import org.quicktheories.core.RandomnessSource;
import org.quicktheories.generators.Generate;
import org.quicktheories.generators.SourceDSL;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes requests out of the description of the interface: most nearly right, some wrong in one place, some nonsense. Texts
 * and numbers are made by QuickTheories, and picked from those that have broken something somewhere before.
 */
final class Fuzz implements Gen<Fuzz.Asked> {
    private static final JsonMapper JSON = new JsonMapper();
    private static final List<String> NUMBERS = List.of(
            "0",
            "-0.0",
            "1",
            "2",
            "-1",
            "0.5",
            "7",
            "31",
            "100",
            "246",
            "1e9",
            "1e307",
            "1e308",
            "-1e308",
            "1e-320",
            "1e999",
            "2147483648",
            "-9223372036854775808",
            "99999999999999999999",
            "3.0000000001");
    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "a",
            "\u0000",
            "\u2028",
            "%",
            "%ff",
            "../../etc",
            "'; drop table foot; --",
            "<script>",
            "=1+1",
            "NaN",
            "Infinity",
            "null",
            "\uD800",
            "🧦",
            "MONDAY,",
            "2026-11-26",
            "-292278995-01-01",
            "+999999999-12-31",
            "2026-02-30",
            "999999999-01-01",
            "25:00",
            "#12345g");
    private static final List<String> TIMES = List.of(
            "2026-11-26T08:00:00Z",
            "1976-01-01T00:00:00Z",
            "-292278995-01-01T00:00:00Z",
            "+292278994-08-17T07:12:55Z",
            "9999-12-31T23:59:59.999999999Z",
            "2026-11-26",
            "now");
    private static final List<String> TYPES = List.of(
            "application/json",
            "application/json;charset=UTF-16",
            "*/*",
            "text/plain",
            "text/csv",
            "application/xml",
            "application/xhtml+xml",
            "application/zip",
            "application/x-www-form-urlencoded",
            "multipart/form-data",
            "x",
            ";",
            "application/json; charset=nothing");
    private static final int DEEPEST = 7;
    private static final Gen<String> NUMBER = Generate.frequencyWithNoShrinkPoint(
            Pair.of(4, Generate.rangeWithNoShrinkPoint(0, 299).map((Function<Object, String>) String::valueOf)),
            Pair.of(3, Generate.pickWithNoShrinkPoint(NUMBERS)),
            Pair.of(1, SourceDSL.integers().all().map((Function<Object, String>) String::valueOf)),
            Pair.of(1, SourceDSL.doubles().any().map((Function<Double, String>)
                    any -> Double.isFinite(any) ? String.valueOf(any) : "1e999")));
    private static final Gen<String> TEXT = Generate.frequencyWithNoShrinkPoint(
            Pair.of(2, Generate.pickWithNoShrinkPoint(TEXTS)),
            Pair.of(1, SourceDSL.strings().basicLatinAlphabet().ofLengthBetween(0, 90)),
            Pair.of(1, SourceDSL.strings().allPossible().ofLengthBetween(0, 90)));

    private final JsonNode description;
    private final List<String> known;
    private @Nullable RandomnessSource source;

    /** {@code known} are ids of what is stored. */
    Fuzz(JsonNode description, List<String> known) {
        this.description = description;
        this.known = known;
    }

    /** A request; its body is nothing where it has none. */
    record Asked(String method, String path, String type, String body) {}

    @Override
    public Asked generate(RandomnessSource from) {
        source = from;
        return next();
    }

    private Asked next() {
        List<Map.Entry<String, JsonNode>> paths =
                new ArrayList<>(description.get("paths").properties());
        Map.Entry<String, JsonNode> path = one(paths);
        Map.Entry<String, JsonNode> operation =
                one(new ArrayList<>(path.getValue().properties()));
        String url = path.getKey();
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : operation.getValue().path("parameters")) {
            String name = parameter.get("name").asString();
            if (parameter.get("in").asString().equals("path")) {
                url = url.replace("{" + name + "}", segment(parameter.get("schema")));
            } else if (parameter.get("in").asString().equals("query") && chance(85)) {
                query.append(query.isEmpty() ? '?' : '&')
                        .append(name)
                        .append('=')
                        .append(segment(parameter.get("schema")));
            }
        }
        if (chance(2)) {
            query.append(query.isEmpty() ? '?' : '&')
                    .append(one(List.of("%ff", "x=%ff", "a=%0aINFO", "=", "onlyRight=%ff")));
        }
        JsonNode content = operation.getValue().path("requestBody").path("content");
        boolean json = content.has("application/json");
        String type = chance(5)
                ? one(TYPES)
                : content.isEmpty() ? "application/json" : one(new ArrayList<>(content.propertyNames()));
        String body = "";
        if (json) {
            body = value(content.path("application/json").path("schema"), 0).toString();
        } else if (!content.isEmpty()) {
            body = one(List.of("", "name,length\nA,246", "\u0000", "\"", "name\n=1", "<article/>", "<article>"));
        }
        if (chance(3)) {
            body = body.substring(0, upTo(body.length()));
        }
        return new Asked(operation.getKey().toUpperCase(Locale.ROOT), url + query, type, body);
    }

    private boolean chance(int percent) {
        return upTo(99) < percent;
    }

    private int upTo(int most) {
        return Generate.rangeWithNoShrinkPoint(0, most).generate(source());
    }

    private <T> T one(List<T> list) {
        return Generate.pickWithNoShrinkPoint(list).generate(source());
    }

    private RandomnessSource source() {
        return Objects.requireNonNull(source);
    }

    private String text() {
        return TEXT.generate(source());
    }

    private String segment(JsonNode schema) {
        if (chance(70) && "uuid".equals(schema.path("format").asString("")) && !known.isEmpty()) {
            return one(known);
        }
        JsonNode made = value(schema, DEEPEST - 1);
        String text = made.isString() ? made.asString() : made.toString();
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private JsonNode value(JsonNode schema, int depth) {
        if (chance(2)) {
            return nonsense(depth);
        }
        JsonNode resolved = schema.has("$ref") ? named(schema.get("$ref").asString()) : schema;
        if (resolved.has("enum")) {
            return JSON.valueToTree(
                    chance(95) ? one(List.copyOf(resolved.get("enum").values())).asString() : text());
        }
        return switch (resolved.path("type").asString("")) {
            case "object" -> object(resolved, depth);
            case "array" -> array(resolved, depth);
            case "integer", "number" -> number(resolved);
            case "boolean" -> JSON.valueToTree(chance(50));
            case "string" -> text(resolved);
            default -> nonsense(depth);
        };
    }

    private JsonNode named(String reference) {
        return description.at(reference.substring(1));
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode object = JSON.createObjectNode();
        List<String> required = new ArrayList<>();
        schema.path("required").forEach(name -> required.add(name.asString()));
        schema.path("properties").properties().forEach(property -> {
            boolean wanted = required.contains(property.getKey()) ? chance(96) : depth < 3 && chance(35);
            if (wanted && depth < DEEPEST) {
                object.set(property.getKey(), value(property.getValue(), depth + 1));
            }
        });
        if (chance(1)) {
            object.put("unknown", 1);
        }
        return object;
    }

    private JsonNode array(JsonNode schema, int depth) {
        ArrayNode array = JSON.createArrayNode();
        int size = chance(80) ? 1 : upTo(3);
        for (int i = 0; i < size && depth < DEEPEST; i++) {
            array.add(chance(3) ? JSON.nullNode() : value(schema.path("items"), depth + 1));
        }
        return array;
    }

    private JsonNode number(JsonNode schema) {
        String number = NUMBER.generate(source());
        boolean whole = schema.path("type").asString().equals("integer");
        return JSON.readTree(whole && chance(80) ? number.replaceAll("[.eE].*", "") : number);
    }

    private JsonNode text(JsonNode schema) {
        return JSON.valueToTree(
                switch (schema.path("format").asString("")) {
                    case "uuid" -> chance(60) && !known.isEmpty() ? one(known) : chance(80) ? id() : text();
                    case "date-time" -> one(TIMES);
                    case "date" -> chance(50) ? "2026-11-26" : text();
                    default -> text();
                });
    }

    private String id() {
        return new UUID(
                        SourceDSL.longs().all().generate(source()),
                        SourceDSL.longs().all().generate(source()))
                .toString();
    }

    private JsonNode nonsense(int depth) {
        return switch (upTo(5)) {
            case 0 -> JSON.nullNode();
            case 1 -> JSON.readTree(NUMBER.generate(source()));
            case 2 -> JSON.valueToTree(text());
            case 3 -> JSON.createArrayNode().addNull();
            case 4 ->
                depth > DEEPEST ? JSON.nullNode() : JSON.createObjectNode().set("a", nonsense(depth + 1));
            default -> JSON.valueToTree("x".repeat(3000));
        };
    }
}
