package roundpocket.core.measure;

import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * Words for a reader, whose units and numbers are put in where they are read.
 *
 * @param template the words, with {@code {name}} where an amount goes, {@code [right]} or {@code [left]} where a side does, as a
 *     right-hander has it, and what differs by {@link NeedleKind} as {@code [two circulars|long|double points|short]}
 * @param amounts the amounts by name; a length whose name begins with “about” is told in whole inches
 */
public record Sentence(String template, Map<String, Amount> amounts) {
    /** How the name of an amount begins that nobody measures: "about 6 in" and not 5 7/8. */
    public static final String ROUGHLY = "about";

    public Sentence {
        // In one order, so that the same sentence is always written the same.
        amounts = Collections.unmodifiableMap(new TreeMap<>(amounts));
    }

    /** Words without an amount. */
    public static Sentence of(String words) {
        return new Sentence(words, Map.of());
    }

    public static List<Sentence> all(List<String> words) {
        return words.stream().map(Sentence::of).toList();
    }

    /** Words as they begin a sentence. */
    public static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** A number as in “the 13th”. */
    public static String ordinal(int number) {
        boolean teen = number % 100 / 10 == 1;
        String ending =
                switch (teen ? 0 : number % 10) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
        return number + ending;
    }

    /** Words of a template as most are told them: a right-hander with two circular needles. */
    public static String usual(String template) {
        return NeedleKind.TWO_CIRCULARS.says(Hand.RIGHT.says(template));
    }

    /** The whole in words, as most are told; of two ends of a range, the unit is said once. */
    public String text(LengthUnit lengths) {
        String text = usual(template);
        if (amounts.containsKey("min") && amounts.containsKey("max")) {
            text = text.replace("{min} to {max}", amounts.get("min").rangeTo(amounts.get("max"), lengths));
        }
        for (Map.Entry<String, Amount> amount : amounts.entrySet()) {
            text = text.replace("{" + amount.getKey() + "}", text(amount.getKey(), amount.getValue(), lengths));
        }
        return text;
    }

    private static String text(String name, Amount amount, LengthUnit lengths) {
        return name.startsWith(ROUGHLY) && lengths == LengthUnit.INCH
                ? Math.round(amount.value() / LengthUnit.INCH_MM) + " in"
                : amount.text(lengths);
    }
}
