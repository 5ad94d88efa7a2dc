package roundpocket.app.store;

import java.util.List;
import java.util.Map;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** How many things of a long list are shown at once. */
public final class Shown {
    /** As many as there are places in a list before somebody asks for more. */
    public static final String USUAL = "12";

    private static final int MOST = 10_000;

    private Shown() {}

    /** A number from 1 to 10,000; anything else is refused. */
    public static int checked(int most) {
        if (most < 1 || most > MOST) {
            throw new Refusal(List.of(new Problem(
                    "shown.range",
                    "most",
                    "A list shows 1 to 10,000 things; " + most + " is not possible.",
                    "Ask for a number in that range.",
                    Map.of())));
        }
        return most;
    }
}
