package roundpocket.app.files;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import roundpocket.app.plans.ReadingPart;
import roundpocket.app.store.Formulas;
import roundpocket.app.tubes.TubeBandPart;
import roundpocket.app.tubes.TubeSheet;
import roundpocket.app.tubes.TubeView;
import roundpocket.app.tubes.TubeWrite;
import roundpocket.app.tubes.TubesShelf;
import roundpocket.app.yarns.YarnView;
import roundpocket.app.yarns.YarnsShelf;

/** Tubes as a table. Wishes are not in it: they name feet of this shelf. */
@Component
class CsvTubes implements CsvShelf<TubeView, TubeWrite> {
    private final TubesShelf shelf;
    private final YarnsShelf yarns;

    CsvTubes(TubesShelf shelf, YarnsShelf yarns) {
        this.shelf = shelf;
        this.yarns = yarns;
    }

    @Override
    public List<String> columns() {
        return List.of(
                "name",
                "stitches",
                "rounds",
                "length_mm",
                "mass_g",
                "stitches_counted",
                "stitches_span_mm",
                "rounds_counted",
                "rounds_span_mm",
                "yarn",
                "bands",
                "start_rounds",
                "toe_end_held",
                "cuff_end_held",
                "two",
                "spare_rounds",
                "contrast_g",
                "notes");
    }

    @Override
    public List<String> needed() {
        return List.of("name", "stitches", "stitches_counted", "stitches_span_mm", "rounds_counted", "rounds_span_mm");
    }

    @Override
    public List<Object> line(TubeView view) {
        TubeSheet kept = view.tube();
        return Arrays.asList(
                Formulas.guarded(view.name()),
                kept.stitches(),
                kept.rounds(),
                kept.lengthMm(),
                kept.massG(),
                kept.stitchReading().count(),
                kept.stitchReading().spanMm(),
                kept.roundReading().count(),
                kept.roundReading().spanMm(),
                yarn(YarnView::id, kept.yarnId())
                        .map(YarnView::name)
                        .map(Formulas::guarded)
                        .orElse(null),
                kept.bands().isEmpty()
                        ? null
                        : Formulas.guarded(BandCells.joined(
                                kept.bands().stream().map(CsvTubes::words).toList())),
                kept.startRounds(),
                kept.toeEndHeld(),
                kept.cuffEndHeld(),
                kept.two(),
                kept.spareRounds(),
                kept.contrastG(),
                kept.notes() == null ? null : Formulas.guarded(kept.notes()));
    }

    private static String words(TubeBandPart band) {
        return Stream.of(band.colour(), String.valueOf(band.rounds()), BandCells.named(band.name()))
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(" "));
    }

    @Override
    public TubeWrite write(CSVRecord line) {
        String yarn = Cells.text(line, "yarn");
        return new TubeWrite(
                null,
                Objects.requireNonNullElse(Cells.text(line, "name"), ""),
                Objects.requireNonNullElse(count(line, "stitches"), 0),
                count(line, "rounds"),
                Cells.number(line, "length_mm"),
                Cells.number(line, "mass_g"),
                new ReadingPart(Cells.needed(line, "stitches_counted"), Cells.needed(line, "stitches_span_mm")),
                new ReadingPart(Cells.needed(line, "rounds_counted"), Cells.needed(line, "rounds_span_mm")),
                yarn(YarnView::name, yarn).map(YarnView::id).orElse(null),
                Cells.list(line, "bands").stream().map(CsvTubes::band).toList(),
                Cells.number(line, "start_rounds"),
                truth(line, "toe_end_held"),
                truth(line, "cuff_end_held"),
                truth(line, "two"),
                count(line, "spare_rounds"),
                Cells.number(line, "contrast_g"),
                Cells.text(line, "notes"),
                List.of());
    }

    private <T> Optional<YarnView> yarn(Function<YarnView, T> by, @Nullable T wanted) {
        return wanted == null
                ? Optional.empty()
                : yarns.list().stream()
                        .filter(yarn -> by.apply(yarn).equals(wanted))
                        .findFirst();
    }

    private static @Nullable Integer count(CSVRecord line, String column) {
        Double number = Cells.number(line, column);
        return number == null ? null : (int) Math.rint(number);
    }

    private static @Nullable Boolean truth(CSVRecord line, String column) {
        String text = Cells.text(line, column);
        return text == null ? null : Boolean.valueOf(text.equalsIgnoreCase("true"));
    }

    /** A band in a cell: its colour, its rounds, and its name where it has one. */
    private static TubeBandPart band(String words) {
        BandCells.Split colour = BandCells.Split.of(words);
        BandCells.Split rounds = BandCells.Split.of(colour.rest());
        if (!BandCells.rounds(rounds.first())) {
            return new TubeBandPart(null, words, 0);
        }
        return new TubeBandPart(BandCells.name(rounds.rest()), colour.first(), Cells.number("bands", rounds.first()));
    }

    @Override
    public List<TubeView> list() {
        return shelf.list();
    }

    @Override
    public void check(TubeWrite write) {
        shelf.check(write);
    }

    @Override
    public void create(TubeWrite write) {
        shelf.create(write);
    }
}
