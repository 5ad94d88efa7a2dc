package roundpocket.app.files;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import roundpocket.app.plans.YarnPart;
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
        return List.of("name", "colour", "length_m", "mass_g", "on_hand_g", "nylon_share");
    }

    @Override
    public List<String> needed() {
        return List.of("name", "length_m", "mass_g");
    }

    @Override
    public List<Object> line(YarnView kept) {
        YarnPart yarn = kept.yarn();
        return Arrays.asList(
                Cells.guarded(kept.name()),
                kept.colour(),
                yarn.lengthM(),
                yarn.massG(),
                yarn.onHandG(),
                yarn.nylonShare());
    }

    @Override
    public YarnWrite write(CSVRecord line) {
        YarnPart yarn = new YarnPart(
                Cells.needed(line, "length_m"),
                Cells.needed(line, "mass_g"),
                Cells.number(line, "on_hand_g"),
                Cells.number(line, "nylon_share"));
        yarn.toCore(); // refuses what cannot be
        return new YarnWrite(
                null, Objects.requireNonNullElse(Cells.text(line, "name"), ""), Cells.text(line, "colour"), yarn);
    }

    @Override
    public List<YarnView> list() {
        return shelf.list();
    }

    @Override
    public void create(YarnWrite write) {
        shelf.create(write);
    }
}
