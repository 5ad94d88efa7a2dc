package roundpocket.core.explain;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Sentence;

/**
 * What is wrong with an input, for the person who typed it and for programs.
 *
 * @param code stable name for programs, such as {@code foot.length.range}
 * @param field path of the value in what was handed in, such as {@code foot.lengthMm}; empty for the whole
 * @param template what is wrong and the limit, with {@code {name}} where an amount goes
 * @param remedy what would help, likewise
 * @param amounts the amounts by name
 */
public record Problem(String code, String field, String template, String remedy, Map<String, Amount> amounts) {
    public Problem {
        amounts = Map.copyOf(amounts);
    }

    /** The problem and what would help. */
    public Sentence said() {
        return new Sentence(remedy.isEmpty() ? template : template + " " + remedy, amounts);
    }

    /** The problem and what would help, lengths in the reader's unit. */
    public String message(LengthUnit lengths) {
        return said().text(lengths);
    }

    Problem within(String prefix) {
        String path = field.isEmpty() ? prefix : prefix.isEmpty() ? field : prefix + "." + field;
        return new Problem(code, path, template, remedy, amounts);
    }

    static String joined(List<Problem> problems, LengthUnit lengths) {
        return problems.stream().map(p -> p.message(lengths)).collect(Collectors.joining(" "));
    }
}
