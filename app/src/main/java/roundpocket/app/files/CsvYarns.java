package roundpocket.app.files;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
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
import roundpocket.app.yarns.YarnKept;
import roundpocket.app.yarns.YarnView;
import roundpocket.app.yarns.YarnWrite;
import roundpocket.app.yarns.YarnsShelf;

/** Yarns as a table. */
@Component
class CsvYarns implements CsvShelf<YarnView, YarnWrite> {
    private static final String ROUNDS_SIGN = "x";
    private static final int MOST_DIGITS = 3;

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
    public List<Object> line(YarnView view) {
        YarnKept kept = view.kept();
        YarnPart yarn = kept.yarn();
        CakePart cake = Objects.requireNonNullElse(kept.cake(), CakePart.UNTOLD);
        return Arrays.asList(
                Formulas.guarded(view.name()),
                kept.colour(),
                yarn.lengthM(),
                yarn.massG(),
                yarn.onHandG(),
                yarn.nylonShare(),
                cake.form(),
                guarded(cake.fibre()),
                guarded(joined(cake.stripes(), CsvYarns::words)),
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
        return Stream.of(stripe.colour(), metres, rounds, BandCells.named(stripe.name()))
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
        BandCells.Split colour = BandCells.Split.of(words);
        BandCells.Split metres = BandCells.Split.of(colour.rest());
        boolean measured = BandCells.number(metres.first());
        BandCells.Split rounds = measured ? BandCells.Split.of(metres.rest()) : metres;
        int sign = rounds.first().indexOf(ROUNDS_SIGN);
        boolean counted = sign > 0 && onStitches(rounds.first(), sign);
        String behind = counted ? rounds.rest() : measured ? metres.rest() : colour.rest();
        return new StripePart(
                BandCells.name(behind),
                colour.first(),
                measured ? Cells.number("stripes", metres.first()) : null,
                counted ? Cells.number("stripes", rounds.first().substring(0, sign)) : null,
                counted ? Integer.valueOf(rounds.first().substring(sign + 1)) : null);
    }

    /** Whether a word says so many rounds on so many stitches. */
    private static boolean onStitches(String word, int sign) {
        String stitches = word.substring(sign + 1);
        return BandCells.rounds(word.substring(0, sign))
                && !stitches.isEmpty()
                && stitches.length() <= MOST_DIGITS
                && stitches.chars().allMatch(each -> each >= '0' && each <= '9');
    }

    /** A knot in a cell: metres from the outer end, and behind them where in the repeat the yarn goes on. */
    private static KnotPart knot(String words) {
        BandCells.Split parts = BandCells.Split.of(words);
        return new KnotPart(
                Cells.number("knots_m", parts.first()),
                parts.rest().isEmpty() ? null : Cells.number("knots_m", parts.rest()));
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
