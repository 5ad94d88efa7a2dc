package roundpocket.core.explain;

import java.util.List;

/** The standard uncertainty of another step, as a value to go on reckoning with. */
public final class Spread extends Step {
    /** How it is worked out, for a reader. */
    public static final Source SOURCE =
            Source.published("law of propagation of uncertainty (JCGM 100:2008, GUM, 5.1.2), from the steps below it");

    private final Step of;

    private Spread(Step of) {
        super("uncertainty of " + of.label(), of.standardUncertainty(), of.unit());
        this.of = of;
    }

    public static Spread of(Step step) {
        return new Spread(step);
    }

    @Override
    public List<Step> inputs() {
        return List.of(of);
    }

    /** What moved the value is known, but how fast its uncertainty moves is not followed. */
    @Override
    Slopes slopes() {
        return Slopes.NONE;
    }
}
