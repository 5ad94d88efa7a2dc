package roundpocket.app.files;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import roundpocket.app.plans.KnotPart;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.store.Formulas;
import roundpocket.app.yarns.CakeForm;
import roundpocket.app.yarns.CakePart;
import roundpocket.app.yarns.StripePart;
import roundpocket.app.yarns.YarnView;
import roundpocket.app.yarns.YarnWrite;
import roundpocket.app.yarns.YarnsShelf;

/** Yarns as a table. */
@Component
class CsvYarns implements CsvShelf<YarnView, YarnWrite> {
    private static final String ROUNDS_SIGN = "x";
    private static final Pattern STRIPE = Pattern.compile("(?<colour>\\S+)(\\s+(?<metres>-?[0-9][^\\sx]*)(?=\\s|$))?"
            + "(\\s+(?<rounds>[0-9.,]+)" + ROUNDS_SIGN + "(?<stitches>[0-9]{1,3})(?=\\s|$))?(\\s+(?<name>.*))?");

    private final YarnsShelf shelf;

    CsvYarns(YarnsShelf shelf) {
        this.shelf = shelf;
    }

    @Override
    public List<String> columns() {
        return List.of(
                "name",
                "colour",
                "length_m",
                "mass_g",
                "on_hand_g",
                "nylon_share",
                "form",
                "fibre",
                "stripes",
                "start_m",
                "knots_m",
                "notes");
    }

    @Override
    public List<String> needed() {
        return List.of("name", "length_m", "mass_g");
    }

    @Override
    public List<Object> line(YarnView kept) {
        YarnPart yarn = kept.yarn();
        CakePart cake = Objects.requireNonNullElse(kept.cake(), CakePart.UNTOLD);
        return Arrays.asList(
                Formulas.guarded(kept.name()),
                kept.colour(),
                yarn.lengthM(),
                yarn.massG(),
                yarn.onHandG(),
                yarn.nylonShare(),
                cake.form(),
                guarded(cake.fibre()),
                joined(cake.stripes(), CsvYarns::words),
                cake.startM(),
                joined(cake.knots(), CsvYarns::words),
                guarded(cake.notes()));
    }

    @Override
    public YarnWrite write(CSVRecord line) {
        YarnPart yarn = new YarnPart(
                Cells.needed(line, "length_m"),
                Cells.needed(line, "mass_g"),
                Cells.number(line, "on_hand_g"),
                Cells.number(line, "nylon_share"));
        return new YarnWrite(
                null,
                Objects.requireNonNullElse(Cells.text(line, "name"), ""),
                Cells.text(line, "colour"),
                yarn,
                new CakePart(
                        Cells.word(line, "form", CakeForm.class),
                        Cells.text(line, "fibre"),
                        Cells.list(line, "stripes").stream()
                                .map(CsvYarns::stripe)
                                .toList(),
                        Cells.number(line, "start_m"),
                        Cells.list(line, "knots_m").stream().map(CsvYarns::knot).toList(),
                        Cells.text(line, "notes")));
    }

    private static @Nullable String guarded(@Nullable String text) {
        return text == null ? null : Formulas.guarded(text);
    }

    private static <T> @Nullable String joined(@Nullable List<T> parts, Function<T, String> words) {
        return parts == null ? null : parts.stream().map(words).collect(Collectors.joining(Cells.LIST_SIGN));
    }

    private static String words(StripePart stripe) {
        String metres = stripe.lengthM() != null ? stripe.lengthM().toString() : "";
        String rounds = stripe.rounds() != null ? stripe.rounds() + ROUNDS_SIGN + stripe.stitches() : "";
        return Stream.of(stripe.colour(), metres, rounds, Objects.requireNonNullElse(stripe.name(), ""))
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(" "));
    }

    private static String words(KnotPart knot) {
        return knot.goesOnM() == null ? String.valueOf(knot.atM()) : knot.atM() + " " + knot.goesOnM();
    }

    /**
     * A stripe in a cell: its colour; behind it, where they are known, the metres of yarn in it, its rounds on so many
     * stitches, or both; and last its name.
     */
    private static StripePart stripe(String words) {
        Matcher parts = STRIPE.matcher(words);
        if (!parts.matches()) {
            return new StripePart(words, null);
        }
        String metres = parts.group("metres");
        String rounds = parts.group("rounds");
        return new StripePart(
                parts.group("name"),
                parts.group("colour"),
                metres == null ? null : Cells.number("stripes", metres),
                rounds == null ? null : Cells.number("stripes", rounds),
                rounds == null ? null : Integer.valueOf(parts.group("stitches")));
    }

    /** A knot in a cell: metres from the outer end, and behind them where in the repeat the yarn goes on. */
    private static KnotPart knot(String words) {
        String[] parts = words.split("\\s+", 2);
        return new KnotPart(
                Cells.number("knots_m", parts[0]), parts.length == 1 ? null : Cells.number("knots_m", parts[1]));
    }

    @Override
    public List<YarnView> list() {
        return shelf.list();
    }

    @Override
    public void check(YarnWrite write) {
        shelf.check(write);
    }

    @Override
    public void create(YarnWrite write) {
        shelf.create(write);
    }
}
