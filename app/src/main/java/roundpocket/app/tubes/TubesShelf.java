package roundpocket.app.tubes;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootRow;
import roundpocket.app.store.Names;
import roundpocket.app.store.Required;
import roundpocket.app.store.Shelf;
import roundpocket.app.yarns.YarnRow;
import roundpocket.app.yarns.YarnsShelf;
import roundpocket.core.cut.Cutter;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeChoice;

/** Ready tubes. */
@Service
public class TubesShelf extends Shelf<TubeRow, TubeWrite, TubeView> {
    private static final Limit CONTRAST = new Limit(
            "tube.contrast",
            0,
            1000,
            Unit.GRAMS,
            "The other cake must weigh {min} to {max} (you entered {found}).",
            "Weigh it without the bowl.");

    private final TubeRepository repository;
    private final FeetShelf feet;
    private final YarnsShelf yarns;
    private final Stocks stocks;

    TubesShelf(TubeRepository repository, FeetShelf feet, YarnsShelf yarns, Stocks stocks, Clock clock) {
        super("tube", repository, clock);
        this.repository = repository;
        this.yarns = yarns;
        this.feet = feet;
        this.stocks = stocks;
    }

    @Override
    protected TubeRow blank() {
        return new TubeRow();
    }

    @Override
    protected void fill(TubeRow row, TubeWrite write) {
        Problems problems = new Problems();
        Required.in("stitchReading", write.stitchReading(), reading -> {});
        Required.in("roundReading", write.roundReading(), reading -> {});
        List<TubeWishPart> wishes = Required.each("wishes", write.wishes());
        Required.each("bands", write.bands());
        problems.collect("", () -> stocks.of(write.sheet(wishes)));
        if (write.contrastG() != null) {
            problems.checkRange("contrastG", write.contrastG(), CONTRAST);
        }
        if (wishes.size() > Cutter.MOST_WISHES) {
            problems.add(new Problem(
                    "cut.wishes.number",
                    "wishes",
                    "A tube is cut for 1 to {max} pairs (you have {found}).",
                    "Leave the last wishes for another tube.",
                    Map.of("max", Amount.number(Cutter.MOST_WISHES), "found", Amount.number(wishes.size()))));
        }
        for (int i = 0; i < wishes.size(); i++) {
            TubeWishPart wish = wishes.get(i);
            String at = "wishes[" + i + "].";
            problems.collect(at + "footId", () -> Required.part(wish.footId()));
            problems.checkRange(at + "legFromMm", wish.legFromMm(), TubeChoice.legLimit());
            problems.checkRange(at + "legToMm", wish.legToMm(), TubeChoice.legLimit());
            if (wish.spareRounds() != null) {
                problems.checkRange(at + "spareRounds", wish.spareRounds(), ReadyTube.spareLimit());
            }
        }
        problems.throwIfAny();
        List<TubeWishPart> named =
                wishes.stream().map(wish -> wish.named(name(wish))).toList();
        row.keep(new TubeKept(
                write.sheet(named), false, row.isNew() ? List.of() : row.kept().cuttings()));
    }

    private String name(TubeWishPart wish) {
        if (wish.name() != null) {
            return Names.checked(wish.name(), "wishes.name");
        }
        return feet.find(Required.part(wish.footId()))
                .map(FootRow::name)
                .orElseThrow(() -> new Refusal(List.of(new Problem(
                        "tube.wish.feet",
                        "wishes",
                        "These feet are no longer there.",
                        "Choose other feet, or remove the wish.",
                        Map.of()))));
    }

    /** What refers to a yarn or to feet, in words: each goes on with what it knows of them. */
    @Transactional(readOnly = true)
    public List<String> touched(UUID id) {
        return repository.findAllByOrderByCreatedAtAscNameAsc().stream()
                .filter(tube -> tube.names(id))
                .map(tube -> "The tube “" + tube.name() + "” is planned with this; it keeps what it knows of it.")
                .toList();
    }

    @Override
    public TubeView update(UUID id, TubeWrite write) {
        TubeView updated = super.update(id, write);
        sweep();
        return updated;
    }

    @Override
    public void delete(UUID id, long version) {
        super.delete(id, version);
        sweep();
    }

    /** What only this tube referred to, and stands on no shelf, goes with it. */
    private void sweep() {
        repository.flush();
        feet.sweep();
        yarns.sweep();
    }

    @Override
    protected TubeView view(TubeRow row) {
        return TubeView.of(
                row,
                stocks.row(row.tube().yarnId())
                        .filter(YarnRow::gone)
                        .map(YarnRow::name)
                        .orElse(null));
    }
}
