package roundpocket.core.shaping;

import java.util.Locale;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;

/** The ways of turning a short row, each with how the gap is closed on the way back. */
public enum Turning implements Named {
    WRAP(
            "wrapped stitch",
            "turned with wraps",
            "the yarn goes around the next stitch; on the way back wrap and stitch are worked as one",
            "firm yarns; the wraps lie flat inside"),
    DOUBLED(
            "doubled stitch",
            "turned with doubled stitches",
            "the first stitch after the turn is pulled up to two legs; on the way back both are worked as one",
            "quick rows, easy to read"),
    SHADOW(
            "shadow stitch",
            "turned with shadow stitches",
            "the stitch below the next one is worked too; on the way back both are worked as one",
            "a line that hardly shows");

    private final String title;
    private final String phrase;
    private final String description;
    private final String goodFor;

    Turning(String title, String phrase, String description, String goodFor) {
        this.title = title;
        this.phrase = phrase;
        this.description = description;
        this.goodFor = goodFor;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String phrase() {
        return phrase;
    }

    @Override
    public String description() {
        return description;
    }

    @Override
    public String goodFor() {
        return goodFor;
    }

    @Override
    public Source source() {
        return Source.practice("three common ways of turning in the middle of a row");
    }

    /** Which stitches of a needle a short row works, and what it does at its end. */
    public record Row(int number, int worked, int side, int rows) {
        /** Whether it is seen from the right side: the first is, and every other one. */
        boolean knit() {
            return number % 2 == 1;
        }

        boolean first() {
            return number == 1;
        }

        /** Whether the rows grow again, so that it closes a gap. */
        boolean back() {
            return number > rows / 2;
        }

        /** Whether it reaches the needle's end, so that no stitch is left to turn at. */
        boolean toTheEdge() {
            return back() && worked >= side - 1;
        }

        boolean last() {
            return number == rows;
        }
    }

    /** One row in words. */
    public String words(Row row) {
        String work = row.knit() ? "Knit " : "Purl ";
        String end = row.last() ? "All sts are worked." : "Turn.";
        return switch (this) {
            case WRAP ->
                work + row.worked() + together(row, "wrap or wraps") + ". "
                        + (row.toTheEdge() ? end : wrap(row.knit()));
            case DOUBLED ->
                (row.first() ? work + row.worked() : "Double the first st, " + lower(work) + (row.worked() - 1))
                        + (row.back() ? ", both legs of a doubled st as one" : "") + ". " + end;
            case SHADOW ->
                work + row.worked() + together(row, "shadow or shadows") + ". "
                        + (row.toTheEdge() ? end : shadow(row.knit()));
        };
    }

    private static String together(Row row, String with) {
        return row.back() ? ", the last one together with its " + with : "";
    }

    private static String lower(String work) {
        return work.toLowerCase(Locale.ROOT);
    }

    private static String wrap(boolean knit) {
        return (knit ? "Yarn to the front" : "Yarn to the back") + ", slip 1 purlwise, yarn to the "
                + (knit ? "back" : "front") + ", slip it back. Turn.";
    }

    private static String shadow(boolean knit) {
        return "Lift the st below the next one onto the [left] needle, " + (knit ? "knit" : "purl")
                + " it and put the new st back on the [left] needle. Turn.";
    }

    /** What is to be known before the first row. */
    public String beforehand() {
        return switch (this) {
            case WRAP ->
                "Each turn wraps the next st. On the way back, lift the wrap onto the needle with its st and work"
                        + " both as one; from the second turn at a place there are two wraps.";
            case DOUBLED ->
                "To double a st after the turn: yarn in front, slip it purlwise, and pull the yarn up over the"
                        + " needle to the back until the st has two legs.";
            case SHADOW ->
                "A shadow is a second st in the same place: count both as one st, always. On the way back they"
                        + " are worked together.";
        };
    }
}
