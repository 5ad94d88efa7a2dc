package roundpocket.app.yarns;

import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import roundpocket.app.plans.Colours;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.store.Required;
import roundpocket.app.store.Shelf;
import roundpocket.core.explain.Problems;

/** Yarns. */
@Service
public class YarnsShelf extends Shelf<YarnRow, YarnWrite, YarnView> {
    private final YarnRepository repository;

    YarnsShelf(YarnRepository repository, Clock clock) {
        super("yarn", repository, clock);
        this.repository = repository;
    }

    @Override
    protected YarnRow blank() {
        return new YarnRow();
    }

    @Override
    protected void fill(YarnRow row, YarnWrite write) {
        Problems problems = new Problems();
        CakePart cake =
                problems.collect("cake", () -> Cakes.checked(write.cake())).orElse(CakePart.UNTOLD);
        problems.throwIfAny();
        String colour = colour(write, cake);
        YarnPart label = write.yarn();
        Required.in("yarn", label, YarnPart::toCore); // refuses what cannot be
        row.keep(new YarnKept(
                colour,
                new YarnPart(label.lengthM(), label.massG(), label.onHandG(), label.nylonShare()),
                cake.equals(CakePart.UNTOLD) ? null : cake));
    }

    /** The colour that stands for the yarn where only one can be shown. */
    private static String colour(YarnWrite write, CakePart cake) {
        return write.colour() == null && !cake.stripesOrNone().isEmpty()
                ? cake.stripesOrNone().get(0).colour()
                : Colours.checked(write.colour());
    }

    /** What a yarn on the shelf with the label and the colour is called; empty where there is none. */
    public Optional<String> named(YarnPart label) {
        return list().stream()
                .filter(view -> view.kept().yarn().lengthM() == label.lengthM()
                        && view.kept().yarn().massG() == label.massG()
                        && Objects.equals(view.kept().colour(), label.colour()))
                .map(YarnView::name)
                .findFirst();
    }

    /**
     * Puts grams to a yarn, or takes them off where they are below nothing; never below an empty ball.
     *
     * @return grams that were really taken off
     */
    public double settle(UUID id, double grams) {
        YarnRow row = row(id);
        YarnKept before = row.kept();
        YarnKept after = before.settled(grams);
        row.keep(after);
        row.written(row.name(), now());
        return onHand(before) - onHand(after);
    }

    private static double onHand(YarnKept yarn) {
        return Objects.requireNonNullElse(yarn.yarn().onHandG(), 0.0);
    }

    @Override
    protected YarnView view(YarnRow row) {
        return new YarnView(
                row.getId(),
                row.version(),
                row.name(),
                row.updatedAt(),
                row.kept(),
                row.kept().striping());
    }

    /** What a tube refers to leaves the shelf, and stays for that tube as it is. */
    @Override
    public void delete(UUID id, long version) {
        YarnRow row = row(id);
        if (repository.tubes(id) == 0) {
            super.delete(id, version);
            return;
        }
        refuseWhenStale(row, version, List.of());
        row.go();
        repository.saveAndFlush(row);
        repository.leavePairs(id);
    }

    /** Throws away what left the shelf and nothing refers to any more. */
    public void sweep() {
        repository.sweep();
    }
}
