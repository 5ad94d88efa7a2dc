package roundpocket.app.tubes;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootView;
import roundpocket.app.laps.LapRepository;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.RavelledPart;
import roundpocket.app.store.Required;
import roundpocket.app.store.StaleException;
import roundpocket.app.tubes.CuttingView.CutPlanView;
import roundpocket.app.tubes.CuttingView.TubeFitView;
import roundpocket.app.tubes.CuttingView.WishedView;
import roundpocket.core.cut.Stretch;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.ready.Along;
import roundpocket.core.ready.CutPlan;
import roundpocket.core.ready.Cutting;
import roundpocket.core.ready.Remnant;
import roundpocket.core.ready.TubeFit;
import roundpocket.core.ready.TubeStock;
import roundpocket.core.ready.TubeWish;

/** Reckons where a tube is cut, and notes the cuts that were made. */
@Service
@Transactional
class Cuttings {
    /** The most feet that are tried on; a household has fewer. */
    private static final int MOST_FEET = 60;

    /** A remnant of fewer rounds is no tube. */
    private static final int SHORTEST_TUBE = 20;

    private final TubesShelf tubes;
    private final TubeRepository repository;
    private final FeetShelf feet;
    private final PairsShelf pairs;
    private final LapRepository laps;
    private final Stocks stocks;
    private final PairOfPiece pairOfPiece;
    private final Clock clock;

    Cuttings(
            TubesShelf tubes,
            TubeRepository repository,
            FeetShelf feet,
            PairsShelf pairs,
            LapRepository laps,
            Stocks stocks,
            PairOfPiece pairOfPiece,
            Clock clock) {
        this.tubes = tubes;
        this.repository = repository;
        this.feet = feet;
        this.pairs = pairs;
        this.laps = laps;
        this.stocks = stocks;
        this.pairOfPiece = pairOfPiece;
        this.clock = clock;
    }

    /** The ways to cut it. */
    @Transactional(readOnly = true)
    CuttingView of(UUID id) {
        TubeRow row = tubes.row(id);
        TubeStock stock = stock(row);
        Cutting cutting = cutting(row, stock);
        TubeStock.Known known = cutting.tube();
        return new CuttingView(
                known.rounds(),
                known.length(),
                known.repeatRounds().orElse(null),
                stocks.row(row.tube().yarnId())
                        .map(yarn -> yarn.kept().colour())
                        .orElse(null),
                known.repeatRounds()
                        .map(repeat -> stocks.striping(row.tube()))
                        .map(striping -> striping.bands())
                        .orElse(List.of()),
                known.bands(),
                stock.tube().spareTaken(),
                cutting.wished().stream().map(wished -> WishedView.of(wished)).toList(),
                cutting.plans().stream().map(plan -> CutPlanView.of(plan)).toList(),
                cutting.none().map(Problem::said).orElse(null),
                Remnant.of(known, known.rounds().count()));
    }

    /** What comes of pieces put by hand. */
    @Transactional(readOnly = true)
    CutPlanView byHand(UUID id, List<PieceWrite> pieces) {
        TubeRow row = tubes.row(id);
        return CutPlanView.of(plan(cutting(row, stock(row)), pieces));
    }

    /** How it fits everybody on the shelf of feet. */
    @Transactional(readOnly = true)
    List<TubeFitView> fits(UUID id) {
        TubeStock stock = stock(tubes.row(id));
        List<TubeFitView> fits = new ArrayList<>();
        for (UUID foot : feet.ids().stream().limit(MOST_FEET).toList()) {
            FootView row = feet.read(foot);
            TubeFit fit = TubeFit.of(stock, feet(row));
            Optional<TubeFit.Figures> figures = fit.figures();
            fits.add(new TubeFitView(
                    row.id(),
                    row.name(),
                    figures.map(TubeFit.Figures::ease).orElse(null),
                    figures.map(TubeFit.Figures::passing).orElse(null),
                    figures.map(TubeFit.Figures::leg).orElse(null),
                    fit.problems().isEmpty()
                            ? null
                            : CuttingView.said(fit.problems()).get(0)));
        }
        return fits;
    }

    /** Notes the cuts; the pairs go into the basket, and what is left is the tube. */
    CutMadeView cut(UUID id, CutWrite write) {
        TubeRow row = tubes.row(id);
        refuseWhenStale(row, write.version(), write);
        TubeStock stock = stock(row);
        Cutting cutting = cutting(row, stock);
        CutPlan plan = plan(cutting, write.pieces());
        Map<Integer, String> whose = new LinkedHashMap<>();
        Map<Integer, UUID> made = new LinkedHashMap<>();
        for (CutPlan.CutPair pair : plan.pairs()) {
            TubeWishPart wish = row.tube().wishes().get(pair.wish());
            whose.put(pair.wish(), wish.name());
            made.put(
                    pair.wish(),
                    pairs.create(pairOfPiece.of(
                                    row.tube(),
                                    row.name(),
                                    wish,
                                    foot(wish),
                                    pair.piece().count(),
                                    stock.known().startM(first(plan, pair.wish())),
                                    cutting.unravelled(plan, pair.wish())
                                            .map(RavelledPart::of)
                                            .orElse(null),
                                    cutting.contrastFor(plan, pair.wish())))
                            .id());
        }
        List<Stretch> remnants = plan.along().stream()
                .map(Along::stretch)
                .filter(stretch -> stretch.kind() == Stretch.Kind.REMNANT && stretch.rounds() >= SHORTEST_TUBE)
                .sorted((a, b) -> Integer.compare(b.rounds(), a.rounds()))
                .toList();
        List<UUID> others = new ArrayList<>();
        for (int i = 1; i < remnants.size(); i++) {
            Stretch remnant = remnants.get(i);
            others.add(tubes.create(TubeWrite.remnant(
                            row.tube(),
                            Shortened.name(row.name(), ", left over " + (i + 1)),
                            remnant.rounds(),
                            start(stock, remnant)))
                    .id());
        }
        Stretch rest = remnants.isEmpty() ? null : remnants.get(0);
        row.keep(row.kept()
                .cut(
                        clock.instant(),
                        plan.along().stream().map(Along::stretch).toList(),
                        whose,
                        made,
                        contrastLeft(cutting, plan),
                        rest,
                        rest == null ? 0 : start(stock, rest)));
        return new CutMadeView(written(row), List.copyOf(made.values()), others);
    }

    /** Takes back the last cuts, as long as nothing of its pairs was knitted. */
    TubeView uncut(UUID id, long version) {
        TubeRow row = tubes.row(id);
        refuseWhenStale(row, version, List.of());
        if (row.kept().cuttings().isEmpty()) {
            throw new Refusal(List.of(new Problem(
                    "tube.uncut.none", "", "This tube was not cut yet.", "There is nothing to undo.", Map.of())));
        }
        List<UUID> gone = row.kept().lastPairs();
        row.keep(row.kept().uncut());
        gone.forEach(this::takeBack);
        return written(row);
    }

    /** Written at once, so that its version is that of the next change. */
    private TubeView written(TubeRow row) {
        row.written(row.name(), clock.instant());
        return TubeView.of(repository.saveAndFlush(row), null);
    }

    /** To a tenth of a gram, as a scale shows it. */
    private static @Nullable Double contrastLeft(Cutting cutting, CutPlan plan) {
        OptionalDouble left = cutting.contrastLeft(plan);
        return left.isPresent() ? Math.round(left.getAsDouble() * 10) / 10.0 : null;
    }

    private void takeBack(UUID pair) {
        if (laps.findByPairId(pair).isPresent()) {
            throw new Refusal(List.of(new Problem(
                    "tube.uncut.knitted",
                    "",
                    "A pair from this cut is being knitted already.",
                    "Delete that pair first if the cut was never made.",
                    Map.of())));
        }
        // Somebody may have deleted it already.
        pairs.find(pair).ifPresent(row -> pairs.delete(pair, row.version()));
    }

    private void refuseWhenStale(TubeRow row, long version, Object wanted) {
        if (version != row.version()) {
            throw new StaleException("tube", TubeView.of(row, null), wanted);
        }
    }

    /** Rounds of the tube before the first piece of a wish. */
    private static int first(CutPlan plan, int wish) {
        return plan.along().stream()
                .map(Along::stretch)
                .filter(stretch -> stretch.kind() == Stretch.Kind.PIECE && stretch.wish() == wish)
                .findFirst()
                .orElseThrow()
                .from();
    }

    private static double start(TubeStock stock, Stretch remnant) {
        return stock.known().startAt(remnant.from());
    }

    private static CutPlan plan(Cutting cutting, @Nullable List<PieceWrite> pieces) {
        List<PieceWrite> put = Required.each("pieces", pieces);
        return cutting.byHand(put.stream().map(PieceWrite::toCore).toList());
    }

    private Cutting cutting(TubeRow row, TubeStock stock) {
        return new Cutting(stock, row.tube().wishes().stream().map(this::wish).toList());
    }

    private TubeWish wish(TubeWishPart wish) {
        return new TubeWish(
                wish.name() == null ? "" : wish.name(),
                feet(foot(wish)),
                wish.legFromMm(),
                wish.legToMm(),
                wish.alike(),
                wish.ravel(),
                wish.spareRounds() == null ? OptionalInt.empty() : OptionalInt.of(wish.spareRounds()));
    }

    private static Feet feet(FootView row) {
        return new Feet(
                row.kept().foot().toCore(),
                Optional.ofNullable(row.kept().otherFoot()).map(other -> other.toCore()),
                PlanOn.LONGER_AND_WIDER);
    }

    private FootView foot(TubeWishPart wish) {
        return feet.find(wish.footId())
                .map(row -> feet.read(row.getId()))
                .orElseThrow(() -> new Refusal(List.of(new Problem(
                        "tube.wish.feet",
                        "wishes",
                        "The feet of one wish are no longer there.",
                        "Remove the wish, or choose other feet.",
                        Map.of()))));
    }

    private TubeStock stock(TubeRow row) {
        return stocks.of(row.tube());
    }
}
