package roundpocket.core.explain;

import java.util.List;

/**
 * A count made whole. From here on it is a decision and therefore exact: 58 rounds are 58 rounds, whatever the length
 * that asked for them. What moved it is still known.
 */
public final class Rounded extends Step {
    private final Step before;
    private final Rounding rounding;
    private final String reason;

    private Rounded(String label, Step before, Rounding rounding, String reason) {
        super(label, rounding.apply(before.value()), before.unit());
        this.before = before;
        this.rounding = rounding;
        this.reason = reason;
    }

    public static Rounded of(String label, Step before, Rounding rounding, String reason) {
        return new Rounded(label, before, rounding, reason);
    }

    public Step before() {
        return before;
    }

    public Rounding rounding() {
        return rounding;
    }

    public String reason() {
        return reason;
    }

    @Override
    public List<Step> inputs() {
        return List.of(before);
    }

    @Override
    Slopes slopes() {
        return before.slopes().decided();
    }
}
