package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Holds web/openapi.json, from which the front end's types are made and which the application serves, to the controllers.
 * Run with {@code -Dopenapi.write=true} to write it anew.
 */
public class OpenApiDescriptionTest extends AppTest {
    private static final Path COMMITTED = Path.of("..", "web", "public", "openapi.json");

    @Test
    public void theCommittedDescriptionIsWhatTheControllersSay() throws IOException {
        ObjectNode described = (ObjectNode) body(get("/v3/api-docs"));
        described.remove("servers");
        ((ObjectNode) described.get("info")).put("title", "Round Pocket").put("version", "1");
        markRequired(described);
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

    /** A component of a record is always there unless it says that it may be missing. */
    private static void markRequired(JsonNode described) {
        Map<String, Class<?>> records = records();
        described.at("/components/schemas").propertyStream().forEach(schema -> {
            Class<?> type = records.get(schema.getKey());
            if (type != null) {
                var required = ((ObjectNode) schema.getValue()).putArray("required");
                Arrays.stream(type.getRecordComponents())
                        .filter(component -> !mayBeMissing(component))
                        .forEach(component -> required.add(component.getName()));
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
        for (String within : List.of("roundpocket.app", "roundpocket.core.plan")) {
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
