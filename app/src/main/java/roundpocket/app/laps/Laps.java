package roundpocket.app.laps;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.kept.NotKeptException;
import roundpocket.app.laps.LapViews.HeardAllView;
import roundpocket.app.laps.LapViews.HeardView;
import roundpocket.app.laps.LapViews.KnittedView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.LapViews.LapView;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.SpecPart;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.HeelWhen;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.LapPlan.Place;
import roundpocket.core.lap.LapStep;
import roundpocket.core.lap.Tally;
import roundpocket.core.plan.SockPlan;
import tools.jackson.databind.json.JsonMapper;

/** The work on every pair. */
@Service
@Transactional
public class Laps {
    private static final int MOST_AT_ONCE = 500;
    private static final int MOST_IN_DEVICE = 40;

    private final LapRepository laps;
    private final LapEventRepository events;
    private final PairsShelf pairs;
    private final JsonMapper mapper;
    private final Clock clock;

    Laps(LapRepository laps, LapEventRepository events, PairsShelf pairs, JsonMapper mapper, Clock clock) {
        this.laps = laps;
        this.events = events;
        this.pairs = pairs;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** The work on a pair; before it is begun, what it would be. */
    @Transactional(readOnly = true)
    public LapView view(UUID pairId) {
        PairView pair = pairs.read(pairId);
        return view(pair, laps.findById(pairId).orElse(null));
    }

    /** Begins a pair: its plan is kept as it is now. Once begun, nothing changes that. */
    public LapView start(UUID pairId, LapStartWrite write) {
        PairView pair = pairs.read(pairId);
        LapRow row = laps.findByPairId(pairId).orElseGet(() -> {
            pair.spec().plan(); // refuses what no sock can be knitted from
            return laps.saveAndFlush(new LapRow(
                    pairId,
                    clock.instant(),
                    Objects.requireNonNullElse(write.heelWhen(), HeelWhen.AFTER_TUBE),
                    mapper.writeValueAsString(pair.spec().kept())));
        });
        return view(pair, row);
    }

    /** Hears presses in the order they are sent; each counts once, however often it is sent. */
    public HeardAllView hear(UUID pairId, List<LapEventWrite> writes) {
        check(writes);
        LapRow row = laps.findByPairId(pairId).orElseThrow(() -> new NotKeptException("lap", pairId));
        LapCount count = new LapCount(lap(row), events.findByPairIdOrderBySeq(pairId));
        Instant now = clock.instant();
        List<HeardView> heard = new ArrayList<>();
        for (LapEventWrite write : writes) {
            if (events.existsById(write.id())) {
                heard.add(new HeardView(write.id(), true, null));
                continue;
            }
            LapEventRow event = new LapEventRow(pairId, write, now);
            boolean counts = count.hear(event);
            if (counts) {
                events.save(event);
            }
            heard.add(new HeardView(write.id(), counts, counts ? null : why(write)));
        }
        events.flush();
        return new HeardAllView(heard, count.views());
    }

    /** The little that a basket shows, of every pair that is begun. */
    @Transactional(readOnly = true)
    public List<LapGistView> gists() {
        return laps.findAll().stream().map(this::gist).toList();
    }

    private LapGistView gist(LapRow row) {
        LapPlan lap = lap(row);
        LapCount count = new LapCount(lap, events.findByPairIdOrderBySeq(row.getId()));
        int all = lap.presses();
        int first = count.position(1);
        int second = count.position(2);
        // The one that is not done; of two that are not, the one that is further on.
        boolean secondIsOn = first == all || second < all && second > first;
        int on = secondIsOn ? 2 : 1;
        int position = on == 1 ? first : second;
        return new LapGistView(
                row.getId(),
                all,
                List.of(first, second),
                on,
                lap.knitted(position).entrySet().stream()
                        .map(part -> new KnittedView(part.getKey(), part.getValue()))
                        .toList(),
                next(lap, on, position, first == all));
    }

    private static String next(LapPlan lap, int sock, int position, boolean firstDone) {
        Place place = lap.at(position);
        if (place.step() == lap.steps().size()) {
            return "Both socks are done.";
        }
        LapStep step = lap.steps().get(place.step());
        String which = sock == 1 ? "First sock" : "Second sock";
        if (sock == 2 && position == 0 && firstDone) {
            return "The first sock is done; cast on the second while its rhythm is in your hands.";
        }
        return step.doing().paced()
                ? "%s: %s, round %d of %d"
                        .formatted(
                                which,
                                lower(step.title()),
                                place.done() + 1,
                                step.presses().size())
                : "%s: %s".formatted(which, lower(step.title()));
    }

    private static String lower(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    private LapView view(PairView pair, @Nullable LapRow row) {
        SpecPart spec = row == null ? pair.spec() : mapper.readValue(row.spec(), SpecPart.class);
        HeelWhen heelWhen = row == null ? HeelWhen.AFTER_TUBE : row.heelWhen();
        SockPlan plan = spec.plan();
        LapPlan lap = LapPlan.of(plan, heelWhen);
        LapCount count = new LapCount(lap, row == null ? List.of() : events.findByPairIdOrderBySeq(pair.id()));
        return new LapView(
                pair.id(),
                pair.name(),
                row == null ? null : row.startedAt(),
                heelWhen,
                row != null && !mapper.writeValueAsString(pair.spec().kept()).equals(row.spec()),
                LapViews.steps(plan, lap),
                lap.starts(),
                lap.presses(),
                plan.stitchCount().half().count(),
                count.views());
    }

    private LapPlan lap(LapRow row) {
        return LapPlan.of(mapper.readValue(row.spec(), SpecPart.class).plan(), row.heelWhen());
    }

    private static String why(LapEventWrite write) {
        return switch (write.kind()) {
            case DONE -> "This sock is done; there is nothing after its last step.";
            case UNDONE -> "Nothing is left to take back.";
            case JUMPED -> "There is no such place in this sock.";
        };
    }

    private static void check(List<LapEventWrite> writes) {
        if (writes.size() > MOST_AT_ONCE) {
            throw refusal(
                    "",
                    "These are " + writes.size() + " presses; " + MOST_AT_ONCE + " are heard at once.",
                    "Send the rest afterwards.");
        }
        for (int i = 0; i < writes.size(); i++) {
            LapEventWrite write = writes.get(i);
            if (write == null || write.id() == null || write.kind() == null || write.at() == null) {
                throw refusal("[" + i + "]", "A press needs its id, its kind and its time.", "Send all three.");
            }
            if (write.sock() != 1 && write.sock() != 2) {
                throw refusal(
                        "[" + i + "].sock", "There are two socks; " + write.sock() + " is neither.", "Say 1 or 2.");
            }
            if (write.device() == null
                    || write.device().isBlank()
                    || write.device().length() > MOST_IN_DEVICE) {
                throw refusal(
                        "[" + i + "].device",
                        "A device has a name of 1 to " + MOST_IN_DEVICE + " characters.",
                        "Give it a short one.");
            }
            if ((write.to() != null) != (write.kind() == Tally.Kind.JUMPED)) {
                throw refusal("[" + i + "].to", "A jump says where to, and nothing else does.", "Say the position.");
            }
        }
    }

    private static Refusal refusal(String field, String template, String remedy) {
        return new Refusal(List.of(new Problem("lap.event", field, template, remedy, Map.of())));
    }
}
