package roundpocket.app.web;

import java.util.UUID;
import roundpocket.app.laps.LapEventKind;
import tools.jackson.databind.JsonNode;

/** A good one of every kind of event, as it is sent. */
final class LapSamples {
    private LapSamples() {}

    static String of(LapEventKind kind, JsonNode spec) {
        return event(
                kind,
                switch (kind) {
                    case JUMPED -> ", \"to\": 61";
                    case ORDERED -> ", \"order\": \"IN_TURN\"";
                    case MEASURED -> ", \"rounds\": 43, \"spanMm\": 100";
                    case WORKED -> ", \"section\": \"CUFF\", \"rounds\": 16";
                    case WEIGHED -> ", \"grams\": 90";
                    case REPLANNED -> ", \"spec\": " + spec;
                    case COLOUR -> ", \"band\": 2, \"stitch\": 5";
                    case NOTED -> ", \"words\": \"soft\"";
                    case WITHDRAWN -> ", \"takenBack\": \"" + new UUID(0, 7) + "\"";
                    default -> "";
                });
    }

    static String jumped(int to) {
        return event(LapEventKind.JUMPED, ", \"to\": " + to);
    }

    private static String event(LapEventKind kind, String own) {
        return "{\"id\": \"%s\", \"sock\": 1, \"kind\": \"%s\", \"device\": \"here\", \"at\": \"2026-11-23T19:00:00Z\"%s}"
                .formatted(UUID.randomUUID(), kind, own);
    }
}
