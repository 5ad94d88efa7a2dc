package roundpocket.core.lap;

import java.util.OptionalInt;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;

/**
 * What happens to a pair while it is knitted. Only ever added to: what was wrong is taken back by another event, so
 * that two devices that were apart come to the same place once both are heard.
 */
public sealed interface KnitEvent {
    /** The same as it was taken in once: what is doubted may change with a later version, and nobody is asked again. */
    default KnitEvent kept() {
        return this;
    }

    /** The sock it happens to, 1 or 2. */
    int sock();

    /** What makes the rest of the work another than was planned: it can be tried before it is taken. */
    sealed interface Replanning extends KnitEvent {
        /** The course of a sock by it, from where it is. Refuses where it does not go with what is knitted. */
        Course course(SockWork sock);
    }

    /** One more round, move or step is done, on one sock or on both; {@code atMs} by any clock. */
    record Done(int sock, long atMs, boolean both) implements KnitEvent {
        public Done(int sock, long atMs) {
            this(sock, atMs, false);
        }
    }

    /** The last press that still stands is taken back: that of the sock, or of the pair whichever sock it was for. */
    record Undone(int sock, boolean both) implements KnitEvent {
        public Undone(int sock) {
            this(sock, false);
        }
    }

    /** The knitter is somewhere else in the work, on one sock or on both. */
    record Jumped(int sock, int to, boolean both) implements KnitEvent {
        public Jumped(int sock, int to) {
            this(sock, to, false);
        }
    }

    /** The two socks are knitted in another order from here on. */
    record Ordered(int sock, KnitOrder order) implements KnitEvent {}

    /** The tube was measured, and the rest planned anew by what it says. */
    record Measured(int sock, double rounds, double spanMm) implements Replanning {
        @Override
        public Course course(SockWork work) {
            return work.course().measured(work.position(), rounds, spanMm);
        }
    }

    /** A section has so many rounds, whatever was planned. */
    record Worked(int sock, Section section, int rounds) implements Replanning {
        @Override
        public Course course(SockWork work) {
            return work.course().worked(work.position(), section, rounds);
        }
    }

    /** The plan was edited on the way, and what is still to come is knitted by it. */
    record Replanned(int sock, SockSpec spec) implements Replanning {
        @Override
        public Course course(SockWork work) {
            return work.course().by(work.position(), spec);
        }
    }

    /**
     * Yarn was weighed.
     *
     * @param id its own, by which it can be taken back
     * @param role which yarn
     * @param grams what it weighs, without bowl or bag
     * @param shared whether both socks are knitted from it
     * @param fresh whether it is another cake than the one weighed before
     * @param sure whether she weighed it again after it was doubted
     */
    record Weighed(int sock, String id, YarnRole role, double grams, boolean shared, boolean fresh, boolean sure)
            implements KnitEvent {
        @Override
        public KnitEvent kept() {
            return new Weighed(sock, id, role, grams, shared, fresh, true);
        }
    }

    /**
     * A new colour began in the round that is on the needles, or the yarn was knotted there.
     *
     * @param id its own, by which it can be taken back
     * @param band the band that begins, from 1; where it is left out, the one that is due
     * @param stitch the stitch of the round, from 1, where it was said
     * @param knot whether it is a knot, behind which the yarn goes on with the band
     * @param sure whether she said so again after it was doubted
     */
    record ColourSeen(int sock, String id, OptionalInt band, OptionalInt stitch, boolean knot, boolean sure)
            implements KnitEvent {
        @Override
        public KnitEvent kept() {
            return new ColourSeen(sock, id, band, stitch, knot, true);
        }
    }

    /** A weighing, or a colour that was seen, is taken back. */
    record Withdrawn(int sock, String id) implements KnitEvent {}
}
