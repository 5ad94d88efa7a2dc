package roundpocket.app.laps;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;

/**
 * Something that happened, as it is sent.
 *
 * @param id its own, made where it happened; the same sent twice counts once
 * @param sock 1 or 2
 * @param kind what happened
 * @param to where to, of a jump
 * @param device which device it was noted on, 1 to 40 characters
 * @param at when
 * @param section which section has so many rounds
 * @param rounds rounds counted on the tube, or of the section
 * @param spanMm length they were counted over
 * @param grams what the yarn weighs
 * @param role which yarn was weighed; the main yarn where it is left out
 * @param shared whether both socks are knitted from the cake
 * @param fresh whether it is another cake than before
 * @param sure whether a weight that was doubted is right all the same
 * @param words what is noted, 1 to 2000 characters
 * @param takenBack the weighing or the note that is taken back
 */
public record LapEventWrite(
        UUID id,
        int sock,
        LapEventKind kind,
        @Nullable Integer to,
        String device,
        Instant at,
        @Nullable Section section,
        @Nullable Double rounds,
        @Nullable Double spanMm,
        @Nullable Double grams,
        @Nullable YarnRole role,
        @Nullable Boolean shared,
        @Nullable Boolean fresh,
        @Nullable Boolean sure,
        @Nullable String words,
        @Nullable UUID takenBack) {
    /** One more round, move or step is done. */
    public static LapEventWrite done(UUID id, int sock, String device, Instant at) {
        return of(id, sock, LapEventKind.DONE, device, at);
    }

    /** The knitter is somewhere else in the work. */
    public static LapEventWrite jumped(UUID id, int sock, int to, String device, Instant at) {
        return new LapEventWrite(
                id,
                sock,
                LapEventKind.JUMPED,
                to,
                device,
                at,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** A cake was weighed, of which one sock is knitted. */
    public static LapEventWrite weighed(UUID id, int sock, double grams, String device, Instant at) {
        return new LapEventWrite(
                id,
                sock,
                LapEventKind.WEIGHED,
                null,
                device,
                at,
                null,
                null,
                null,
                grams,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** A section has so many rounds, whatever was planned. */
    public static LapEventWrite worked(UUID id, int sock, Section section, double rounds, String device, Instant at) {
        return new LapEventWrite(
                id,
                sock,
                LapEventKind.WORKED,
                null,
                device,
                at,
                section,
                rounds,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** Something is noted. */
    public static LapEventWrite noted(UUID id, int sock, String words, String device, Instant at) {
        return new LapEventWrite(
                id,
                sock,
                LapEventKind.NOTED,
                null,
                device,
                at,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                words,
                null);
    }

    private static LapEventWrite of(UUID id, int sock, LapEventKind kind, String device, Instant at) {
        return new LapEventWrite(
                id, sock, kind, null, device, at, null, null, null, null, null, null, null, null, null, null);
    }
}
