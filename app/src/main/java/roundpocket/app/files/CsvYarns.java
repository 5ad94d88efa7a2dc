package roundpocket.app.files;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import roundpocket.app.kept.Formulas;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.yarns.CakeForm;
import roundpocket.app.yarns.CakePart;
import roundpocket.app.yarns.StripePart;
import roundpocket.app.yarns.YarnView;
import roundpocket.app.yarns.YarnWrite;
import roundpocket.app.yarns.YarnsShelf;

/** Yarns as a table. */
@Component
class CsvYarns implements CsvShelf<YarnView, YarnWrite> {
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
        CakePart cake = Objects.requireNonNullElse(kept.cake(), new CakePart(null, null, null, null, null));
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
                joined(cake.knotsM(), String::valueOf),
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
                        Cells.list(line, "knots_m").stream()
                                .map(metres -> Cells.number("knots_m", metres))
                                .toList(),
                        Cells.text(line, "notes")));
    }

    private static @Nullable String guarded(@Nullable String text) {
        return text == null ? null : Formulas.guarded(text);
    }

    private static <T> @Nullable String joined(@Nullable List<T> parts, Function<T, String> words) {
        return parts == null ? null : parts.stream().map(words).collect(Collectors.joining(Cells.LIST_SIGN));
    }

    private static String words(StripePart stripe) {
        return stripe.lengthM() == null ? stripe.colour() : stripe.colour() + " " + stripe.lengthM();
    }

    /** A stripe in a cell: its colour, and behind it the metres of yarn in it where they are known. */
    private static StripePart stripe(String words) {
        String[] parts = words.split("\\s+", 2);
        return new StripePart(parts[0], parts.length == 1 ? null : Cells.number("stripes", parts[1]));
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
