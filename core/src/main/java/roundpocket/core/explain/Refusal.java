package roundpocket.core.explain;

import java.util.List;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Sentence;

/** Thrown when an input cannot be used. Carries everything that is wrong with it, so that it is said once. */
public final class Refusal extends RuntimeException {
    private final transient List<Problem> problems;

    public Refusal(List<Problem> problems) {
        super(Problem.joined(problems, LengthUnit.CM));
        this.problems = List.copyOf(problems);
    }

    public List<Problem> problems() {
        return problems;
    }

    /** Everything that is wrong and what would help. */
    public List<Sentence> said() {
        return problems.stream().map(Problem::said).toList();
    }

    /** Everything that is wrong, lengths in the reader's unit. */
    public String message(LengthUnit lengths) {
        return Problem.joined(problems, lengths);
    }
}
