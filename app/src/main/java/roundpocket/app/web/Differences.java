package roundpocket.app.web;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Names the values in which what was to be written differs from what is stored. */
@Component
class Differences {
    private static final Set<String> NOT_TYPED = Set.of("version", "footName");

    /** How what is written names something on a shelf, which is read with its name. */
    private static final String LINK = "Id";

    private final ObjectMapper mapper;

    Differences(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    /** Paths such as {@code spec.choices.legMm}, in the order in which they are written. */
    List<String> between(Object wanted, Object current) {
        List<String> paths = new ArrayList<>();
        JsonNode stored = mapper.valueToTree(current);
        JsonNode written = mapper.valueToTree(wanted);
        written.propertyStream()
                .filter(entry -> !NOT_TYPED.contains(entry.getKey()))
                .filter(entry -> stored.has(entry.getKey()))
                .forEach(entry -> compare(entry.getKey(), entry.getValue(), stored.get(entry.getKey()), paths));
        links(written, stored)
                .forEach(name -> compare(
                        name, written.path(name + LINK), stored.path(name).path("id"), paths));
        return paths;
    }

    /** What is linked on either side. */
    private static Set<String> links(JsonNode written, JsonNode stored) {
        Set<String> names = new LinkedHashSet<>();
        stored.propertyNames().stream()
                .filter(name -> stored.get(name).has("id"))
                .forEach(names::add);
        written.propertyNames().stream()
                .filter(name -> name.endsWith(LINK))
                .forEach(name -> names.add(name.substring(0, name.length() - LINK.length())));
        return names;
    }

    private static void compare(String path, JsonNode written, JsonNode stored, List<String> paths) {
        if (written.isObject() && stored.isObject()) {
            Set<String> names = new LinkedHashSet<>(written.propertyNames());
            names.addAll(stored.propertyNames());
            names.remove("version"); // of the form, not typed by anybody
            names.forEach(name -> compare(path + "." + name, written.path(name), stored.path(name), paths));
        } else if (!same(written, stored)) {
            paths.add(path);
        }
    }

    private static boolean same(JsonNode a, JsonNode b) {
        boolean bothAbsent = (a.isMissingNode() || a.isNull()) && (b.isMissingNode() || b.isNull());
        return bothAbsent || a.equals(b);
    }
}
