package roundpocket.core.work;

import java.util.Optional;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;

/** What a sock is begun with. */
public sealed interface BeginWork extends Operation {

    /** How a tube is begun. */
    enum Start {
        /** An edge that stays, at the cuff. */
        EDGE,
        /** All stitches live again later, at the toe. */
        OPEN_ROUND,
        /** Half of them, the sole’s, for a toe in short rows; the instep’s loops wait on the other side. */
        OPEN_HALF,
        /** A closed toe, half of it on each of two needles. */
        CLOSED
    }

    /**
     * Stitches are cast on.
     *
     * @param stitches on the needles then
     * @param half stitches of half the tube
     * @param provisional how stitches are begun that are live again later
     * @param begins where the rounds begin
     */
    record CastOn(Start start, int stitches, int half, YarnRole role, Provisional provisional, RoundStart begins)
            implements BeginWork {
        private static final String CLOSED_ON = NeedleKind.told(
                " on each of two needles held together, no gap between.",
                " on each of the needle’s two tips held together, no gap between.",
                " on each of two needles held together, no gap between; in the first round knit each half onto two.",
                " on each of two double points held together, no gap between; in the first round knit each half onto two, and change to the short"
                        + " needle once the sts reach round it.");

        @Override
        public Work on(Work before) {
            Edge edge = start == Start.EDGE ? Edge.TOE_END : Edge.CUFF_END;
            Work begun = before.need(before.loops().isEmpty() && before.fabric().isEmpty(), "the work is begun already")
                    .need(before.atHand().contains(role), () -> "there is no " + role.title())
                    .once(Work.Done.BEGUN)
                    .begins(begins)
                    .hang(role, new Hang(edge, Hang.Corner.START));
            int each = stitches / 2;
            return switch (start) {
                case EDGE, CLOSED -> both(begun, edge, Holder.NEEDLE, each);
                case OPEN_ROUND -> both(both(begun, edge, Holder.NEEDLE, each), Edge.TOE_END, Holder.WASTE, each);
                case OPEN_HALF ->
                    begun.hold(edge.first(), new Held(Holder.NEEDLE, stitches))
                            .hold(edge.second(), new Held(Holder.WASTE, half));
            };
        }

        @Override
        public Optional<Picture> picture(Work before) {
            return switch (start) {
                case EDGE -> Optional.empty();
                case CLOSED -> Optional.of(Picture.CLOSED_START);
                case OPEN_ROUND, OPEN_HALF ->
                    Optional.of(provisional == Provisional.CHAIN ? Picture.CHAIN_START : Picture.WASTE_START);
            };
        }

        /** The stitches of an open start are of another yarn, or are its first round. */
        @Override
        public Optional<Taken> taken() {
            return Taken.edge(role, start == Start.EDGE || start == Start.CLOSED ? stitches : 0);
        }

        private static Work both(Work work, Edge edge, Holder by, int each) {
            return work.hold(edge.first(), new Held(by, each)).hold(edge.second(), new Held(by, each));
        }

        @Override
        public Sentence told(Work before) {
            String halves =
                    switch (begins) {
                        case SOLE ->
                            " The first " + half + " sts of a round are the sole, the other " + half + " the instep.";
                        case INSTEP ->
                            " The first " + half + " sts of a round are the instep, the other " + half + " the sole.";
                        case MIDDLE ->
                            " The round begins in the middle of the sole: " + half / 2 + " sts of sole, " + half
                                    + " of instep, " + (half - half / 2) + " of sole.";
                    };
            return Operation.say(
                    switch (start) {
                        case EDGE ->
                            "Cast on " + stitches + " sts loosely" + laid() + ", and join in the round." + halves
                                    + " The edge must go over the heel.";
                        case OPEN_ROUND ->
                            provisional.beginRound(stitches, laid()) + halves + " The toe is picked up there later.";
                        case OPEN_HALF ->
                            provisional.beginRow(stitches)
                                    + " The rows begin at the instep’s side of the toe and end at the sole’s.";
                        case CLOSED ->
                            "Cast on " + stitches + " sts with a closed toe-up cast-on: " + stitches / 2 + CLOSED_ON
                                    + " The first half is the "
                                    + (begins == RoundStart.INSTEP
                                            ? "instep, the other the sole."
                                            : "sole, the other the instep.");
                    });
        }

        /** How a whole round lies. */
        private String laid() {
            int least = half / 2;
            String four = half % 2 == 0
                    ? least + " on each of four needles"
                    : least + " and " + (half - least) + " on the two needles of each half";
            return NeedleKind.told(
                    ", " + half + " on each needle",
                    ", " + half + " in each half",
                    ", " + four,
                    ", with a marker after each " + half);
        }
    }

    /** The edge that was cast on is the cuff’s, and is closed from the start. */
    record EdgeStays() implements BeginWork {
        @Override
        public Work on(Work before) {
            return before.need(before.has(Work.Done.BEGUN), "nothing is cast on")
                    .once(Work.Done.CUFF_CLOSED);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("");
        }
    }

    /** A toe begun at its tip has none to close. */
    record TipClosed() implements BeginWork {
        @Override
        public Work on(Work before) {
            return before.need(before.has(Work.Done.BEGUN), "nothing is cast on")
                    .once(Work.Done.TOE_CLOSED)
                    .once(Work.Done.TOE_CORNERS);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("");
        }
    }
}
