package roundpocket.app.laps;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** Refuses what is no happening at all, before anything of it is taken in. */
final class EventCheck {
    private static final int MOST_AT_ONCE = 500;
    private static final int MOST_IN_DEVICE = 40;
    private static final int MOST_IN_NOTE = 2000;

    private EventCheck() {}

    static void check(List<LapEventWrite> writes) {
        if (writes.size() > MOST_AT_ONCE) {
            throw refusal(
                    "",
                    "These are " + writes.size() + " presses; " + MOST_AT_ONCE + " are heard at once.",
                    "Send the rest afterwards.");
        }
        for (int i = 0; i < writes.size(); i++) {
            check("[" + i + "]", writes.get(i));
        }
    }

    static void check(String at, LapEventWrite write) {
        if (write == null || write.id() == null || write.kind() == null || write.at() == null) {
            throw refusal(at, "A press needs its id, its kind and its time.", "Send all three.");
        }
        if (write.sock() != 1 && write.sock() != 2) {
            throw refusal(at + ".sock", "There are two socks; " + write.sock() + " is neither.", "Say 1 or 2.");
        }
        if (write.device() == null || write.device().isBlank() || write.device().length() > MOST_IN_DEVICE) {
            throw refusal(
                    at + ".device",
                    "A device has a name of 1 to " + MOST_IN_DEVICE + " characters.",
                    "Give it a short one.");
        }
        if ((write.to() != null) != (write.kind() == LapEventKind.JUMPED)) {
            throw refusal(at + ".to", "A jump says where to, and nothing else does.", "Say the position.");
        }
        checkParts(at, write);
    }

    private static void checkParts(String at, LapEventWrite write) {
        List<Object> needed =
                switch (write.kind()) {
                    case DONE, UNDONE, JUMPED, REPLANNED -> List.of();
                    case MEASURED -> parts(write.rounds(), write.spanMm());
                    case WORKED -> parts(write.section(), write.rounds());
                    case WEIGHED -> parts(write.grams());
                    case NOTED -> parts(write.words());
                    case WITHDRAWN -> parts(write.takenBack());
                };
        long given = parts(
                        write.section(),
                        write.rounds(),
                        write.spanMm(),
                        write.grams(),
                        write.words(),
                        write.takenBack())
                .stream()
                .filter(part -> part != MISSING)
                .count();
        if (needed.contains(MISSING) || given != needed.size()) {
            throw refusal(
                    at,
                    "A tape check needs rounds and their span, rounds off the plan their section, a weighing its grams,"
                            + " a note its words, and what is taken back which; and nothing else.",
                    "Send those.");
        }
        boolean whole = write.rounds() == null || write.rounds() == Math.rint(write.rounds());
        if (write.kind() == LapEventKind.WORKED && !whole) {
            throw refusal(at + ".rounds", "A section has whole rounds.", "Count them.");
        }
        if (write.words() != null && (write.words().isBlank() || write.words().length() > MOST_IN_NOTE)) {
            throw refusal(
                    at + ".words",
                    "A note has 1 to " + MOST_IN_NOTE + " characters; this one has "
                            + write.words().length() + ".",
                    "Make two of it.");
        }
    }

    /** Stands for what is not there, since lists take no null. */
    private static final Object MISSING = new Object();

    private static List<Object> parts(Object... parts) {
        return Stream.of(parts).map(part -> part == null ? MISSING : part).toList();
    }

    static Refusal refusal(String field, String template, String remedy) {
        return new Refusal(List.of(new Problem("lap.event", field, template, remedy, Map.of())));
    }
}
