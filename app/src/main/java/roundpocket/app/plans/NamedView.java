package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Named;

/**
 * One of a few, with its name.
 *
 * @param id what it is called in a specification
 * @param title its name
 * @param description what it is, where the title does not say it all
 */
public record NamedView(String id, String title, @Nullable String description) {
    static NamedView of(Named one) {
        String description = one.description();
        return new NamedView(one.name(), one.title(), description.isEmpty() ? null : description);
    }
}
