package roundpocket.app.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.laps.LapViews.DifferenceView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.Laps;
import roundpocket.app.log.LogViews.ChangeView;
import roundpocket.app.pairs.PairNames;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.ReadingPart;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.WeighInPart;
import roundpocket.app.store.Names;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.Taught;
import roundpocket.core.wear.Taught.Lesson;

/** What pairs on the needles, or off them, taught for another: in the same yarn, or for the same foot. */
@Service
@Transactional(readOnly = true)
public class Lessons {
    /** Nothing is gained by asking more pairs than these. */
    private static final int MOST_ASKED = 40;

    private static final Pattern AGAIN = Pattern.compile(", again( \\d+)?$");
    private static final int ROOM_FOR_AGAIN = 12;

    private final Laps laps;
    private final PairsShelf pairs;
    private final LessonLeftRepository left;
    private final Log log;

    Lessons(Laps laps, PairsShelf pairs, LessonLeftRepository left, Log log) {
        this.log = log;
        this.laps = laps;
        this.pairs = pairs;
        this.left = left;
    }

    /**
     * A proposal for a plan.
     *
     * @param id stable for the kind of lesson and the pair it is from
     * @param kind what it is about
     * @param fromId the pair that taught it
     * @param from its name
     * @param on when that was last knitted
     * @param said what to plan with, and what is planned with now
     * @param reason how it was found out
     * @param effect what it would change, the most telling first
     * @param rounds the round readings that take the place of the swatch's; none where it keeps its own
     * @param weighIns what was weighed, to be added to what is known of the yarn
     * @param changes the choices that it changes
     */
    public record LessonView(
            String id,
            Taught.Kind kind,
            UUID fromId,
            String from,
            @Nullable LocalDate on,
            Sentence said,
            String reason,
            List<DifferenceView> effect,
            List<ReadingPart> rounds,
            List<WeighInPart> weighIns,
            List<ChangeView> changes) {}

    /**
     * A pair to be knitted again.
     *
     * @param name a name that no pair has yet
     * @param spec what it was begun with
     * @param lessons what was otherwise when it was knitted: all of them taken, it comes out as it did
     */
    public record AgainView(String name, SpecPart spec, List<LessonView> lessons) {}

    /** What the latest pairs in its yarn, or for its foot, propose for a pair that is not begun. */
    public List<LessonView> of(UUID pairId) {
        PairView pair = pairs.read(pairId);
        if (laps.begun(pairId)) {
            return List.of();
        }
        SockSpec next = pair.spec().toCore();
        Map<Taught.Kind, LessonView> latest = new EnumMap<>(Taught.Kind.class);
        Map<UUID, LapGistView> gists = laps.gists();
        pairs.list().stream()
                .filter(other -> gists.containsKey(other.id()))
                .filter(other -> sameYarn(pair, other) || sameFoot(pair, other))
                .sorted(Comparator.comparing(
                        (PairView other) -> at(gists, other), Comparator.nullsLast(Comparator.reverseOrder())))
                .limit(MOST_ASKED)
                .forEach(other -> taughtIfRead(other, pair, next, at(gists, other))
                        .forEach(lesson -> latest.putIfAbsent(lesson.kind(), lesson)));
        List<LessonLeftRow> unwanted = left.findByPairId(pairId);
        Map<FitNote.Topic, LocalDate> noted = log.noted(pair);
        return latest.values().stream()
                .filter(lesson -> !decided(lesson, noted))
                .filter(lesson -> unwanted.stream().noneMatch(row -> row.is(lesson.kind(), lesson.fromId())))
                .toList();
    }

    /** Whether somebody has said since how that fits, so that what was done on the way says nothing any more. */
    private static boolean decided(LessonView lesson, Map<FitNote.Topic, LocalDate> noted) {
        Optional<FitNote.Topic> topic =
                switch (lesson.kind()) {
                    case HEEL -> Optional.of(FitNote.Topic.HEEL);
                    case FOOT -> Optional.of(FitNote.Topic.FOOT);
                    case LEG -> Optional.of(FitNote.Topic.LEG);
                    case GAUGE, YARN -> Optional.empty();
                };
        LocalDate knitted = lesson.on();
        return topic.map(noted::get)
                .filter(said -> knitted == null || !said.isBefore(knitted))
                .isPresent();
    }

    /** Does not propose that for a pair again. */
    @Transactional
    public void leave(UUID pairId, UUID fromId, Taught.Kind kind) {
        pairs.read(pairId);
        pairs.read(fromId);
        if (unwanted(pairId, fromId, kind).isEmpty()) {
            left.saveAndFlush(new LessonLeftRow(pairId, fromId, kind));
        }
    }

    /** Proposes it again. */
    @Transactional
    public void bringBack(UUID pairId, UUID fromId, Taught.Kind kind) {
        left.deleteAll(unwanted(pairId, fromId, kind));
    }

    private List<LessonLeftRow> unwanted(UUID pairId, UUID fromId, Taught.Kind kind) {
        return left.findByPairId(pairId).stream()
                .filter(row -> row.is(kind, fromId))
                .toList();
    }

    /** What a pair that was knitted is knitted again from. */
    public AgainView again(UUID pairId) {
        PairView pair = pairs.read(pairId);
        SockSpec spec = pair.spec().toCore();
        return new AgainView(again(pair.name()), pair.spec().kept(), taught(pair, pair, spec, null));
    }

    /** A name for it that no other pair has. */
    private String again(String name) {
        String first = AGAIN.matcher(name).replaceFirst("");
        // In whole characters: half of one would be no name.
        int room = Math.min(first.codePointCount(0, first.length()), Names.MOST_CHARACTERS - ROOM_FOR_AGAIN);
        String base = first.substring(0, first.offsetByCodePoints(0, room)).strip() + ", again";
        Set<String> all = pairs.names().stream().map(PairNames::name).collect(Collectors.toSet());
        return Stream.iterate(1, number -> number + 1)
                .map(number -> number == 1 ? base : base + " " + number)
                .filter(free -> !all.contains(free))
                .findFirst()
                .orElseThrow();
    }

    private static @Nullable Instant at(Map<UUID, LapGistView> gists, PairView pair) {
        return Objects.requireNonNull(gists.get(pair.id())).lastAt();
    }

    /** By its place on the shelf; where it is not there for one of them, by the swatch that both were planned with. */
    private static boolean sameYarn(PairView one, PairView other) {
        if (one.yarn() != null && other.yarn() != null) {
            return one.yarn().id().equals(other.yarn().id());
        }
        return one.swatch() != null
                && other.swatch() != null
                && one.swatch().id().equals(other.swatch().id());
    }

    private static boolean sameFoot(PairView one, PairView other) {
        return one.foot() != null
                && other.foot() != null
                && one.foot().id().equals(other.foot().id());
    }

    private List<LessonView> taught(PairView from, PairView pair, SockSpec next, @Nullable Instant lastAt) {
        boolean yarn = from == pair || sameYarn(pair, from);
        boolean foot = from == pair || sameFoot(pair, from);
        LocalDate on = lastAt == null ? null : LocalDate.ofInstant(lastAt, ZoneId.systemDefault());
        return laps.work(from.id(), work -> Taught.of(work, next, yarn, foot).stream()
                .flatMap(lesson -> view(lesson, from, next, on).stream())
                .toList());
    }

    /** One that later limits refuse teaches nothing, and hides no other. */
    private List<LessonView> taughtIfRead(PairView from, PairView pair, SockSpec next, @Nullable Instant lastAt) {
        try {
            return taught(from, pair, next, lastAt);
        } catch (Refusal unreadable) {
            return List.of();
        }
    }

    private static Optional<LessonView> view(Lesson lesson, PairView from, SockSpec next, @Nullable LocalDate on) {
        List<DifferenceView> effect;
        try {
            effect = DifferenceView.between(next.plan(), lesson.taken(next).plan());
        } catch (Refusal noRoom) {
            return Optional.empty(); // what cannot be planned is not proposed
        }
        return Optional.of(new LessonView(
                lesson.kind() + " " + from.id(),
                lesson.kind(),
                from.id(),
                from.name(),
                on,
                lesson.said(),
                lesson.reason(),
                effect,
                lesson.rounds().stream().map(ReadingPart::of).toList(),
                lesson.weighIns().stream().map(WeighInPart::of).toList(),
                lesson.proposal().stream().map(ChangeView::of).toList()));
    }
}
