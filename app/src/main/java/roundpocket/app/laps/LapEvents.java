package roundpocket.app.laps;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import roundpocket.app.store.Required;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Unit;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** Events between the wire, the store and the work: refuses what is none, and writes and reads what is stored. */
@Component
class LapEvents {
    private static final int MOST_AT_ONCE = 500;
    private static final Limit SOCK =
            new Limit("lap.event", 1, 2, Unit.NUMBER, "There are two socks; {found} is neither.", "Say 1 or 2.");

    private static final int MOST_IN_DEVICE = 40;
    private static final int MOST_IN_NOTE = 2000;

    /** What was pressed longer before it was heard was pressed under a clock that was not set. */
    private static final Duration OLDEST = Duration.ofDays(400);

    /** What every event has stands in columns of its own. */
    private static final Set<String> COMMON = Set.of("id", "sock", "device", "at", "kind");

    private final JsonMapper mapper;

    LapEvents(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** Tells the mapper the kinds by their names. */
    @Component
    static final class Kinds extends SimpleModule {
        Kinds() {
            super("lap events");
            for (LapEventKind kind : LapEventKind.values()) {
                registerSubtypes(new NamedType(kind.type(), kind.name()));
            }
        }
    }

    /** Refuses what is no event at all, before anything of it is taken in. */
    static void check(List<LapEvent> events) {
        if (events.size() > MOST_AT_ONCE) {
            throw new Refusal(List.of(problem(
                    "",
                    "These are " + events.size() + " presses; " + MOST_AT_ONCE + " are heard at once.",
                    "Send the rest afterwards.")));
        }
        Problems problems = new Problems();
        for (int i = 0; i < events.size(); i++) {
            LapEvent event = events.get(i);
            problems.collect("[" + i + "]", () -> checked(event));
        }
        problems.throwIfAny();
    }

    /** The event; refuses where it is none. */
    static LapEvent checked(@Nullable LapEvent event) {
        Problems problems = new Problems();
        if (event == null || event.id() == null || event.at() == null) {
            problems.add(problem("", "A press needs its id and its time.", "Send both."));
        } else {
            problems.checkRange("sock", event.sock(), SOCK);
            if (event.device() == null
                    || event.device().isBlank()
                    || event.device().length() > MOST_IN_DEVICE) {
                problems.add(problem(
                        "device",
                        "A device has a name of 1 to " + MOST_IN_DEVICE + " characters.",
                        "Give it a short one."));
            }
            event.check(problems);
        }
        problems.throwIfAny();
        return Objects.requireNonNull(event);
    }

    static void needs(Problems problems, String field, @Nullable Object part, String remedy) {
        if (part == null) {
            problems.add(problem(field, "This is missing.", remedy));
        }
    }

    static void checkNote(Problems problems, @Nullable String words) {
        if (words == null || words.isBlank() || words.length() > MOST_IN_NOTE) {
            problems.add(problem(
                    "words",
                    "A note has 1 to " + MOST_IN_NOTE + " characters; this one has "
                            + (words == null ? 0 : words.length()) + ".",
                    "Split it in two."));
        }
    }

    private static Problem problem(String field, String words, String remedy) {
        return new Problem("lap.event", field, words, remedy, Map.of());
    }

    /** The event as it is kept: at a time that can be believed. */
    static LapEvent believed(LapEvent event, Instant heardAt) {
        // A clock that runs ahead does not make a press later than it was heard, nor one that was never set years
        // earlier.
        boolean believable = !event.at().isAfter(heardAt) && event.at().isAfter(heardAt.minus(OLDEST));
        return believable ? event : event.at(heardAt);
    }

    LapEventRow row(UUID pairId, LapEvent event, Instant heardAt) {
        ObjectNode own = mapper.valueToTree(event);
        own.remove(COMMON);
        return new LapEventRow(pairId, event, heardAt, own.isEmpty() ? null : own.toString());
    }

    /** The event that is stored. */
    LapEvent event(StoredEvent stored) {
        if (stored.kind() == LapEventKind.DONE && stored.payload() == null) {
            return new LapEvent.Done(stored.id(), stored.sock(), stored.device(), stored.pressedAt(), null); // most are
        }
        return event(stored.kind(), stored.id(), stored.sock(), stored.device(), stored.pressedAt(), stored.payload());
    }

    /** Refuses a kind or a payload that would not be read. */
    void readable(String kind, @Nullable String payload) {
        LapEvent event =
                checked(event(LapEventKind.valueOf(kind), new UUID(0, 0), 1, "backup", Instant.EPOCH, payload));
        if (event instanceof LapEvent.Replanned replanned) {
            Required.part(replanned.spec()).moved();
        }
    }

    private LapEvent event(LapEventKind kind, UUID id, int sock, String device, Instant at, @Nullable String payload) {
        ObjectNode all = payload == null ? mapper.createObjectNode() : (ObjectNode) mapper.readTree(payload);
        all.put("kind", kind.name())
                .put("id", id.toString())
                .put("sock", sock)
                .put("device", device)
                .put("at", at.toString());
        return mapper.treeToValue(all, LapEvent.class);
    }
}
