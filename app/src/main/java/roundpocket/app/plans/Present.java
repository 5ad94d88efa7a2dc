package roundpocket.app.plans;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** What may be left out on the wire, as the core takes it. */
final class Present {
    private Present() {}

    static OptionalDouble number(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    static OptionalInt count(@Nullable Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }
}
