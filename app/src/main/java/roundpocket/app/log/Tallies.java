package roundpocket.app.log;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.Laps;
import roundpocket.app.log.TallyViews.FootHadView;
import roundpocket.app.log.TallyViews.HadView;
import roundpocket.app.log.TallyViews.KnownYarnView;
import roundpocket.app.log.TallyViews.PredictionView;
import roundpocket.app.log.TallyViews.TalliesView;
import roundpocket.app.log.TallyViews.YarnTallyView;
import roundpocket.app.pairs.PairNames;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.plans.WeighInPart;
import roundpocket.app.plans.Workings;
import roundpocket.core.wear.KnownYarn;
import roundpocket.core.wear.PairTook;
import roundpocket.core.wear.Tally;

/** All finished pairs counted together: what they took, in which yarn, and what every foot has had. */
@Service
@Transactional(readOnly = true)
public class Tallies {
    private final Laps laps;
    private final PairsShelf pairs;
    private final LogNoteRepository notes;

    Tallies(Laps laps, PairsShelf pairs, LogNoteRepository notes) {
        this.laps = laps;
        this.pairs = pairs;
        this.notes = notes;
    }

    /** A pair with its names. */
    private record Knitted(LapGistView gist, PairNames names, PairTook took) {}

    /** Counts them. */
    public TalliesView all() {
        List<Knitted> done = done();
        return new TalliesView(
                tally(done),
                grouped(done, each -> each.names().yarnId()).entrySet().stream()
                        .map(yarn -> new YarnTallyView(
                                yarn.getKey(),
                                Objects.requireNonNull(
                                        yarn.getValue().get(0).names().yarn()),
                                tally(yarn.getValue())))
                        .toList(),
                feet(done),
                done.stream().flatMap(Tallies::prediction).toList());
    }

    /** What is known of every yarn on the shelf that was knitted with. */
    public List<KnownYarnView> yarns() {
        return grouped(begun(), each -> each.names().yarnId()).entrySet().stream()
                .map(yarn -> known(yarn.getKey(), yarn.getValue()))
                .toList();
    }

    private static KnownYarnView known(UUID yarnId, List<Knitted> pairs) {
        KnownYarn known = KnownYarn.of(pairs.stream().map(Knitted::took).toList());
        return new KnownYarnView(
                yarnId,
                Objects.requireNonNull(pairs.get(0).names().yarn()),
                pairs.stream().map(each -> each.names().name()).toList(),
                known.swatch().map(SwatchPart::of).orElse(null),
                known.swatch()
                        .map(swatch -> Workings.figure(swatch.gauge().stitches()))
                        .orElse(null),
                known.swatch()
                        .map(swatch -> Workings.figure(swatch.gauge().rounds()))
                        .orElse(null),
                known.measured(),
                known.weighIns().stream().map(WeighInPart::of).toList());
    }

    /** The pairs that say something of their yarn, the latest first. */
    private List<Knitted> begun() {
        Map<UUID, PairNames> names =
                pairs.names().stream().collect(Collectors.toMap(PairNames::pairId, Function.identity()));
        List<Knitted> done = new ArrayList<>();
        laps.gists().values().stream()
                // One that was planned and begun since the names were read is counted the next time.
                .filter(gist -> names.containsKey(gist.pairId()))
                .sorted(Comparator.comparing(LapGistView::lastAt, Comparator.nullsLast(Comparator.reverseOrder())))
                .forEach(gist -> laps.took(gist.pairId())
                        .filter(took -> took.teaches(gist.finished()))
                        .ifPresent(took -> done.add(new Knitted(gist, names.get(gist.pairId()), took))));
        return done;
    }

    private List<Knitted> done() {
        return begun().stream().filter(each -> each.gist().finished()).toList();
    }

    private static Tally tally(List<Knitted> done) {
        return Tally.of(done.stream().map(Knitted::took).toList());
    }

    /** Those that have a key, by it, in the order of the first of each. */
    private static Map<UUID, List<Knitted>> grouped(List<Knitted> done, Function<Knitted, @Nullable UUID> key) {
        Map<UUID, List<Knitted>> groups = new LinkedHashMap<>();
        for (Knitted each : done) {
            UUID group = key.apply(each);
            if (group != null) {
                groups.computeIfAbsent(group, none -> new ArrayList<>()).add(each);
            }
        }
        return groups;
    }

    private List<FootHadView> feet(List<Knitted> done) {
        Map<UUID, List<LogNoteRow>> noted = notes.findAll().stream()
                .sorted(Comparator.comparing(LogNoteRow::notedOn))
                .collect(Collectors.groupingBy(LogNoteRow::pairId));
        return grouped(done, each -> each.names().footId()).entrySet().stream()
                .map(foot -> new FootHadView(
                        foot.getKey(),
                        foot.getValue().stream()
                                .map(each -> new HadView(
                                        each.gist().pairId(),
                                        each.names().name(),
                                        each.gist().lastAt(),
                                        each.took().stitches(),
                                        each.took().legMm(),
                                        noted.getOrDefault(each.gist().pairId(), List.of()).stream()
                                                .map(note -> LogViews.LogNoteView.of(note)
                                                        .title())
                                                .filter(title -> !title.isEmpty())
                                                .distinct()
                                                .toList()))
                                .toList()))
                .toList();
    }

    private static Stream<PredictionView> prediction(Knitted done) {
        return done.took().used().stream()
                .filter(used -> used.plannedG() > 0)
                .map(used -> new PredictionView(
                        done.gist().pairId(),
                        done.names().name(),
                        used.weighedG(),
                        used.plannedG(),
                        used.plusMinusG(),
                        used.kept()));
    }
}
