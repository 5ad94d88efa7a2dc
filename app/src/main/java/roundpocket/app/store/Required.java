package roundpocket.app.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Refusal;

/** Parts that have to be there. */
public final class Required {
    /** The code of what is said of a part that is not there. */
    public static final String MISSING = "missing";

    private Required() {}

    /** The part, or a refusal that says that it is missing. */
    public static <T> T part(@Nullable T part) {
        if (part == null) {
            throw new Refusal(List.of(new Problem(MISSING, "", "This is missing.", "It is needed here.", Map.of())));
        }
        return part;
    }

    /** Hands the part on; if it is missing or refused, says so of {@code field}. */
    public static <T> void in(String field, @Nullable T part, Consumer<T> use) {
        Problems problems = new Problems();
        problems.collect(field, () -> {
            use.accept(part(part));
            return field;
        });
        problems.throwIfAny();
    }

    /** The parts of a list, none where there is no list; refused where one of them is missing. */
    public static <T> List<T> each(String field, @Nullable List<@Nullable T> parts) {
        Problems problems = new Problems();
        List<T> all = new ArrayList<>();
        for (int i = 0; parts != null && i < parts.size(); i++) {
            T one = parts.get(i);
            problems.collect(field + "[" + i + "]", () -> part(one)).ifPresent(all::add);
        }
        problems.throwIfAny();
        return all;
    }
}
