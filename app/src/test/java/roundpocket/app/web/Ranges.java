package roundpocket.app.web;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.DoubleNode;
import tools.jackson.databind.node.IntNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Finds the range of every number in what is sent by asking: a number beyond everything is refused, and the refusal names
 * the limits. So what is described is what refuses, and both limits are tried as well.
 */
final class Ranges {
    private static final double BEYOND = 1_000_000_000;
    /** What is refused is the gauge that they give; they have no range of their own. */
    static final Set<String> COUNTED = Set.of("ReadingPart.count", "TubeReadingPart.rounds", "Measured.rounds");

    private static final Set<String> NUMBERS = Set.of("number", "integer");
    private static final String REFERENCE = "#/components/schemas/";

    private final ObjectNode schemas;
    /** Sends a body to an address; the problem that is answered, or whatever else. */
    private final BiFunction<String, JsonNode, JsonNode> send;

    Ranges(ObjectNode schemas, BiFunction<String, JsonNode, JsonNode> send) {
        this.schemas = schemas;
        this.send = send;
    }

    /** Asks for every number of a good body of that schema, and writes its range into the schema. */
    void ask(String address, String schema, JsonNode good) {
        walk(new Sample(address, good), schema, good, "");
    }

    /** Numbers of the parts of what is sent, and of what happens to a pair, that have no range, as {@code Schema.property}. */
    Set<String> without() {
        Set<String> left = new TreeSet<>();
        Set<String> events = schemas.at("/LapEvent/discriminator/mapping")
                .valueStream()
                .map(reference -> reference.asString().substring(REFERENCE.length()))
                .collect(Collectors.toSet());
        schemas.properties().stream()
                .filter(schema -> schema.getKey().endsWith("Part") || events.contains(schema.getKey()))
                .forEach(schema -> schema.getValue().path("properties").properties().stream()
                        .filter(each ->
                                NUMBERS.contains(each.getValue().path("type").asString("")))
                        .filter(each -> !each.getValue().has("minimum"))
                        .forEach(each -> left.add(schema.getKey() + "." + each.getKey())));
        return left;
    }

    private record Sample(String address, JsonNode good) {}

    private void walk(Sample sample, String schema, JsonNode value, String path) {
        for (Map.Entry<String, JsonNode> each : value.properties()) {
            ObjectNode described =
                    (ObjectNode) schemas.get(schema).get("properties").get(each.getKey());
            String at = path + "/" + each.getKey();
            if (each.getValue().isNumber() && !described.has("minimum")) {
                number(sample, schema + "." + each.getKey(), described, at);
            } else if (each.getValue().isObject()) {
                walk(sample, named(described), each.getValue(), at);
            } else if (each.getValue().isArray()) {
                for (int i = 0; i < each.getValue().size(); i++) {
                    if (each.getValue().get(i).isObject()) {
                        walk(
                                sample,
                                named(described.get("items")),
                                each.getValue().get(i),
                                at + "/" + i);
                    }
                }
            }
        }
    }

    private static String named(JsonNode described) {
        return described.get("$ref").asString().substring(REFERENCE.length());
    }

    private void number(Sample sample, String name, ObjectNode described, String at) {
        boolean whole = described.get("type").asString().equals("integer");
        Optional<JsonNode> refused = refusal(sample, at, BEYOND, whole)
                // What depends on other things tells only one of both limits, or none.
                .filter(error -> error.at("/said/amounts").has("min")
                        && error.at("/said/amounts").has("max"))
                .filter(error -> !COUNTED.contains(name));
        if (refused.isEmpty()) {
            return;
        }
        double min = refused.get().at("/said/amounts/min/value").asDouble();
        double max = refused.get().at("/said/amounts/max/value").asDouble();
        String code = refused.get().get("code").asString();
        for (double inside : new double[] {min, max}) {
            refusal(sample, at, inside, whole)
                    .filter(error -> error.get("code").asString().equals(code))
                    .ifPresent(error -> {
                        throw new AssertionError(name + " refuses " + inside + ": " + error);
                    });
        }
        double less = whole ? min - 1 : min - 1e-6;
        if (refusal(sample, at, less, whole).isEmpty()) {
            throw new AssertionError(name + " takes " + less + " below its least, " + min);
        }
        described.set("minimum", whole ? IntNode.valueOf((int) Math.ceil(min)) : DoubleNode.valueOf(min));
        described.set("maximum", whole ? IntNode.valueOf((int) Math.floor(max)) : DoubleNode.valueOf(max));
    }

    /** What is said of a number there, where it is refused. */
    private Optional<JsonNode> refusal(Sample sample, String at, double number, boolean whole) {
        JsonNode body = sample.good.deepCopy();
        int last = at.lastIndexOf('/');
        JsonNode owner = last == 0 ? body : body.at(at.substring(0, last));
        JsonNode value = whole ? IntNode.valueOf((int) number) : DoubleNode.valueOf(number);
        if (owner instanceof ObjectNode object) {
            object.set(at.substring(last + 1), value);
        } else {
            ((ArrayNode) owner).set(Integer.parseInt(at.substring(last + 1)), value);
        }
        String field = at.substring(1).replaceAll("/(\\d+)", "[$1]").replace('/', '.');
        return send.apply(sample.address, body)
                .path("errors")
                .valueStream()
                .filter(error -> error.get("field").asString().equals(field))
                .findFirst();
    }
}
