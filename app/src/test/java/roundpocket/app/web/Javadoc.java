package roundpocket.app.web;

import com.thoughtworks.qdox.JavaProjectBuilder;
import com.thoughtworks.qdox.model.DocletTag;
import com.thoughtworks.qdox.model.JavaClass;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What the sources say of records and of their parts. */
final class Javadoc {
    private final Map<String, JavaClass> classes = new HashMap<>();

    Javadoc() {
        JavaProjectBuilder builder = new JavaProjectBuilder();
        // A source that the reader does not understand says nothing; what must not be silent is held by the test.
        builder.setErrorHandler(unreadable -> {});
        builder.addSourceTree(Path.of("src", "main", "java").toFile());
        builder.addSourceTree(Path.of("..", "core", "src", "main", "java").toFile());
        builder.getClasses().forEach(each -> classes.put(each.getBinaryName(), each));
    }

    /** What a type is; null where nothing is said. */
    @Nullable
    String of(Class<?> type) {
        JavaClass source = classes.get(type.getName());
        return source == null ? null : plain(source.getComment());
    }

    /** What a part of a record is; null where nothing is said. */
    @Nullable
    String of(Class<?> record, String part) {
        JavaClass source = classes.get(record.getName());
        if (source != null) {
            for (DocletTag tag : source.getTagsByName("param")) {
                String[] words = tag.getValue().strip().split("\\s+", 2);
                if (words.length == 2 && words[0].equals(part)) {
                    return plain(words[1]);
                }
            }
        }
        return null;
    }

    private static @Nullable String plain(@Nullable String text) {
        return text == null || text.isBlank()
                ? null
                : text.replaceAll("\\{@(?:code|link|linkplain) #?([^}]*)}", "$1")
                        .replaceAll("<[^>]+>", " ")
                        .replaceAll("\\s+", " ")
                        .strip();
    }
}
