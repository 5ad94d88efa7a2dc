package roundpocket.app.pairs;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootWrite;
import roundpocket.app.pairs.PairView.GistView;
import roundpocket.app.pairs.PairView.LinkView;
import roundpocket.app.pairs.PairView.YarnLinkView;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.store.Names;
import roundpocket.app.store.Required;
import roundpocket.app.store.Shelf;
import roundpocket.app.store.StoredRow;
import roundpocket.app.swatches.SwatchWrite;
import roundpocket.app.swatches.SwatchesShelf;
import roundpocket.app.yarns.YarnRow;
import roundpocket.app.yarns.YarnsShelf;
import roundpocket.core.explain.Refusal;
import roundpocket.core.tube.Way;
import tools.jackson.databind.json.JsonMapper;

/** Pairs. */
@Service
@Transactional
public class PairsShelf extends Shelf<PairRow, PairWrite, PairView> {
    private static final int MOST_DRAWN = 3_000;
    private static final String MOVED =
            "This plan left stitches in at the corners of a waste-yarn heel. Waste yarn comes out whole, so now 2 extra"
                    + " stitches are picked up at each corner.";

    private final PairRepository stored;
    private final FeetShelf feet;
    private final SwatchesShelf swatches;
    private final YarnsShelf yarns;
    private final PairHistory history;
    private final JsonMapper mapper;
    /** Drawing a pair takes a plan; the same specification gives the same. */
    private final Cache<SpecPart, Optional<GistView>> gists =
            Caffeine.newBuilder().maximumSize(MOST_DRAWN).build();

    PairsShelf(
            PairRepository repository,
            FeetShelf feet,
            SwatchesShelf swatches,
            YarnsShelf yarns,
            PairHistory history,
            JsonMapper mapper,
            Clock clock) {
        super("pair", repository, clock);
        this.stored = repository;
        this.feet = feet;
        this.swatches = swatches;
        this.yarns = yarns;
        this.history = history;
        this.mapper = mapper;
    }

    /** The pairs whose own, whose foot's or whose yarn's name holds the words, in whatever case. */
    @Transactional(readOnly = true)
    public Set<UUID> named(String words) {
        return stored.named(words.strip());
    }

    /** What the second yarn of a pair is called, where it is on the shelf. */
    @Transactional(readOnly = true)
    public Optional<String> contrastName(PairView pair) {
        return Optional.ofNullable(pair.spec().contrast()).flatMap(yarns::named);
    }

    /** What every pair, its foot and its yarn are called. */
    @Transactional(readOnly = true)
    public List<PairNames> names() {
        return stored.names();
    }

    /** Keeps a new pair; a foot and a swatch that were measured for it go on their shelves with it. */
    @Override
    public PairView create(PairWrite write) {
        String name = Names.checked(write.name(), "name");
        Required.in("spec", write.spec(), SpecPart::plan);
        UUID footId = write.footId();
        UUID swatchId = write.swatchId();
        if (footId == null && write.footName() != null) {
            footId = feet.create(new FootWrite(
                            null,
                            Names.checked(write.footName(), "footName"),
                            write.spec().foot(),
                            write.spec().otherFoot(),
                            null,
                            null,
                            null))
                    .id();
        }
        if (swatchId == null) {
            swatchId = swatches.create(new SwatchWrite(name, write.spec().swatch()))
                    .id();
        }
        return super.create(write.from(footId, swatchId));
    }

    /** Writes a pair, and keeps what it was before. */
    @Override
    public PairView update(UUID id, PairWrite write) {
        PairHistory.State before = PairHistory.State.of(row(id));
        PairView after = super.update(id, write);
        PairHistory.State now = PairHistory.State.of(row(id));
        if (!before.equals(now)) {
            history.keep(id, before, now);
        }
        return after;
    }

    /** What the pair was before its changes, the latest first. */
    @Transactional(readOnly = true)
    public List<PairChangeView> history(UUID id) {
        row(id);
        return history.of(id).stream()
                .map(change ->
                        new PairChangeView(change.at(), change.name(), mapper.readValue(change.spec(), SpecPart.class)))
                .toList();
    }

    @Override
    protected PairRow blank() {
        return new PairRow();
    }

    @Override
    protected void fill(PairRow row, PairWrite write) {
        Required.in("spec", write.spec(), spec -> {
            spec.plan(); // refuses what no sock can be knitted from
            row.fill(mapper.writeValueAsString(spec.kept()));
        });
        row.link(
                linked(write.footId(), feet::row),
                linked(write.swatchId(), swatches::row),
                linked(write.yarnId(), yarns::row));
    }

    private static <R extends StoredRow> @Nullable R linked(@Nullable UUID id, Function<UUID, R> find) {
        return id == null ? null : find.apply(id);
    }

    @Override
    protected PairView view(PairRow row) {
        SpecPart stored = mapper.readValue(row.spec(), SpecPart.class);
        SpecPart spec = stored.moved();
        YarnRow yarn = row.yarn();
        return new PairView(
                row.getId(),
                row.version(),
                row.name(),
                row.updatedAt(),
                spec,
                spec.equals(stored) ? null : MOVED,
                link(row.foot()),
                link(row.swatch()),
                yarn == null
                        ? null
                        : new YarnLinkView(
                                yarn.getId(), yarn.name(), yarn.kept().colour()),
                gist(spec));
    }

    /**
     * The pair that was changed last in a yarn.
     *
     * @param name what it is called
     * @param swatch its gauge
     */
    public record LatestIn(String name, SwatchPart swatch) {}

    /** The latest pair in each yarn; ready tubes left out, whose gauge is their own. No plan is made for it. */
    public Map<UUID, LatestIn> latestByYarn() {
        Map<UUID, LatestIn> latest = new HashMap<>();
        stored.findAll().stream()
                .filter(row -> row.yarn() != null)
                .sorted(Comparator.comparing(PairRow::updatedAt).reversed())
                .forEach(row -> latest.computeIfAbsent(row.yarn().getId(), yarn -> latest(row)));
        return latest;
    }

    private @Nullable LatestIn latest(PairRow row) {
        SpecPart spec = mapper.readValue(row.spec(), SpecPart.class).moved();
        return ofAReadyTube(spec) ? null : new LatestIn(row.name(), spec.swatch());
    }

    /** A pair outside today's limits counts as one that is knitted. */
    private static boolean ofAReadyTube(SpecPart spec) {
        try {
            return spec.toCore().choices().tube().wayTaken() == Way.READY_TUBE;
        } catch (Refusal outsideToday) {
            return false;
        }
    }

    private static @Nullable LinkView link(@Nullable StoredRow row) {
        return row == null ? null : new LinkView(row.getId(), row.name());
    }

    private @Nullable GistView gist(SpecPart spec) {
        return gists.get(spec, PairsShelf::drawn).orElse(null);
    }

    /** A pair that was stored under earlier limits is still shown, only without its drawing. */
    private static Optional<GistView> drawn(SpecPart spec) {
        try {
            return Optional.of(GistView.of(spec.plan()));
        } catch (Refusal outsideToday) {
            return Optional.empty();
        }
    }
}
