package roundpocket.app.laps;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.SpecPart;
import roundpocket.core.explain.Problems;
import roundpocket.core.lap.KnitEvent;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;

/**
 * Something that happened to a pair on the needles: as it is sent, as it is stored, and as the work on the pair hears it.
 * What only one kind of event has is that kind's own.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
public sealed interface LapEvent {
    /** Its own, made where it happened; the same sent twice counts once. */
    UUID id();

    /** 1 or 2. */
    int sock();

    /** Which device it was noted on, 1 to 40 characters. */
    String device();

    /** When. */
    Instant at();

    /** What it means for the work; nothing where it is a note. */
    Optional<KnitEvent> knitEvent();

    /** The same at another time: a clock that was not set is not believed. */
    LapEvent at(Instant other);

    /** Notes what is wrong with what is its kind's own. */
    default void check(Problems problems) {}

    /**
     * One more round, move or step is done.
     *
     * @param both whether it is done on both socks
     */
    record Done(
            UUID id,
            int sock,
            String device,
            Instant at,
            @Nullable Boolean both) implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.Done(sock, at.toEpochMilli(), Boolean.TRUE.equals(both)));
        }

        @Override
        public Done at(Instant other) {
            return new Done(id, sock, device, other, both);
        }
    }

    /**
     * The last press that still stands is taken back.
     *
     * @param both whether it is the last of the pair, whichever sock it was for
     */
    record Undone(
            UUID id,
            int sock,
            String device,
            Instant at,
            @Nullable Boolean both) implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.Undone(sock, Boolean.TRUE.equals(both)));
        }

        @Override
        public Undone at(Instant other) {
            return new Undone(id, sock, device, other, both);
        }
    }

    /**
     * The knitter is somewhere else in the work.
     *
     * @param to presses done there
     * @param both whether both socks are there
     */
    record Jumped(
            UUID id,
            int sock,
            String device,
            Instant at,
            int to,
            @Nullable Boolean both) implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.Jumped(sock, to, Boolean.TRUE.equals(both)));
        }

        @Override
        public Jumped at(Instant other) {
            return new Jumped(id, sock, device, other, to, both);
        }
    }

    /**
     * The two socks are knitted in another order from here on.
     *
     * @param order the order
     */
    record Ordered(UUID id, int sock, String device, Instant at, KnitOrder order) implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.Ordered(sock, order));
        }

        @Override
        public Ordered at(Instant other) {
            return new Ordered(id, sock, device, other, order);
        }

        @Override
        public void check(Problems problems) {
            LapEvents.needs(problems, "order", order, "Say in which order.");
        }
    }

    /**
     * The tube was measured, and the rest is planned anew by it.
     *
     * @param rounds rounds counted on the tube
     * @param spanMm length they were counted over
     */
    record Measured(UUID id, int sock, String device, Instant at, double rounds, double spanMm) implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.Measured(sock, rounds, spanMm));
        }

        @Override
        public Measured at(Instant other) {
            return new Measured(id, sock, device, other, rounds, spanMm);
        }
    }

    /**
     * A section has so many rounds, whatever was planned.
     *
     * @param rounds rounds of the section
     */
    record Worked(UUID id, int sock, String device, Instant at, Section section, int rounds) implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.Worked(sock, section, rounds));
        }

        @Override
        public Worked at(Instant other) {
            return new Worked(id, sock, device, other, section, rounds);
        }

        @Override
        public void check(Problems problems) {
            LapEvents.needs(problems, "section", section, "Say which section has so many rounds.");
        }
    }

    /**
     * A cake was weighed.
     *
     * @param grams what the yarn weighs
     * @param role which yarn was weighed; the main yarn where it is left out
     * @param shared whether both socks are knitted from the cake
     * @param fresh whether it is another cake than before
     * @param sure whether a weight that was doubted is right all the same
     */
    record Weighed(
            UUID id,
            int sock,
            String device,
            Instant at,
            double grams,
            @Nullable YarnRole role,
            @Nullable Boolean shared,
            @Nullable Boolean fresh,
            @Nullable Boolean sure)
            implements LapEvent {
        /** Of the main yarn, a cake of which one sock is knitted. */
        public static Weighed of(UUID id, int sock, String device, Instant at, double grams) {
            return new Weighed(id, sock, device, at, grams, null, null, null, null);
        }

        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.Weighed(
                    sock,
                    id.toString(),
                    role == null ? YarnRole.MAIN : role,
                    grams,
                    Boolean.TRUE.equals(shared),
                    Boolean.TRUE.equals(fresh),
                    Boolean.TRUE.equals(sure)));
        }

        @Override
        public Weighed at(Instant other) {
            return new Weighed(id, sock, device, other, grams, role, shared, fresh, sure);
        }
    }

    /**
     * The plan that was edited on the way is taken over for what is still to come.
     *
     * @param spec what it is made from; left out where it is sent: it is the pair's as it stands
     */
    record Replanned(
            UUID id,
            int sock,
            String device,
            Instant at,
            @Nullable SpecPart spec) implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.ofNullable(spec)
                    .map(edited -> new KnitEvent.Replanned(sock, edited.moved().toCore()));
        }

        @Override
        public Replanned at(Instant other) {
            return new Replanned(id, sock, device, other, spec);
        }

        Replanned by(SpecPart edited) {
            return new Replanned(id, sock, device, at, edited);
        }
    }

    /**
     * A new colour began in the round that is on the needles, or the yarn was knotted there.
     *
     * @param band the band that begins, from 1; the one that is due where it is left out
     * @param stitch the stitch of the round, from 1, where it was counted
     * @param knot whether it is a knot, behind which the yarn goes on with the band
     * @param sure whether a change that was doubted is right all the same
     */
    record Colour(
            UUID id,
            int sock,
            String device,
            Instant at,
            @Nullable Integer band,
            @Nullable Integer stitch,
            @Nullable Boolean knot,
            @Nullable Boolean sure)
            implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.ColourSeen(
                    sock,
                    id.toString(),
                    band == null ? OptionalInt.empty() : OptionalInt.of(band),
                    stitch == null ? OptionalInt.empty() : OptionalInt.of(stitch),
                    Boolean.TRUE.equals(knot),
                    Boolean.TRUE.equals(sure)));
        }

        @Override
        public Colour at(Instant other) {
            return new Colour(id, sock, device, other, band, stitch, knot, sure);
        }
    }

    /**
     * Something is noted.
     *
     * @param words what is noted, 1 to 2000 characters
     */
    record Noted(UUID id, int sock, String device, Instant at, String words) implements LapEvent {
        public Noted {
            if (words != null) { // until it was checked it may be
                words = words.strip();
            }
        }

        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.empty();
        }

        @Override
        public Noted at(Instant other) {
            return new Noted(id, sock, device, other, words);
        }

        @Override
        public void check(Problems problems) {
            LapEvents.checkNote(problems, words);
        }
    }

    /**
     * A weighing, a colour or a note is taken back.
     *
     * @param takenBack which
     */
    record Withdrawn(UUID id, int sock, String device, Instant at, UUID takenBack) implements LapEvent {
        @Override
        public Optional<KnitEvent> knitEvent() {
            return Optional.of(new KnitEvent.Withdrawn(sock, String.valueOf(takenBack)));
        }

        @Override
        public Withdrawn at(Instant other) {
            return new Withdrawn(id, sock, device, other, takenBack);
        }

        @Override
        public void check(Problems problems) {
            LapEvents.needs(problems, "takenBack", takenBack, "Say what is taken back.");
        }
    }
}
