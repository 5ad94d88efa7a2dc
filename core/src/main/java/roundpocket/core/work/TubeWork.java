package roundpocket.core.work;

import java.util.Optional;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;

/** What is done while the tube is knitted. */
public sealed interface TubeWork extends Operation {

    /** How two halves lie where they are put on needles to be shaped. */
    String ON_HALVES = NeedleKind.told(
            "two needles",
            "the two halves of the needle",
            "four needles, two for each half",
            "four double points, two for each half");

    /** The same of as many as the tube has, which go round a short needle. */
    String ON_HALVES_ROUND = NeedleKind.told(
            "two needles",
            "the two halves of the needle",
            "four needles, two for each half",
            "the short needle with a marker after each half");

    /**
     * One round, or what is left of one whose first half is knitted.
     *
     * @param number which round of its section, from 1
     * @param pattern which round of the pattern, 0 where it is plain
     * @param words how it goes
     */
    record Round(Edge edge, Section section, Rows.Kind kind, YarnRole role, int number, int pattern, String words)
            implements TubeWork {
        private static final String KNIT = "Knit";

        @Override
        public Work on(Work before) {
            boolean half = before.halfDue(edge).isPresent();
            Work ready = before.needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .needFreeFor(edge)
                    .need(
                            before.line()
                                    .filter(line -> line.state() == Line.State.BEGUN)
                                    .filter(line -> before.rounds() > line.after() + 1)
                                    .isEmpty(),
                            "the second thread is not in")
                    .needYarn(role, edge, half ? Hang.Corner.FAR : Hang.Corner.START);
            if (kind != Rows.Kind.LOST) {
                ready.need(
                        number == before.rows(section) + 1,
                        () -> "round " + number + " of the " + section.title() + " does not come after "
                                + before.rows(section));
            }
            return ready.hang(role, new Hang(edge, Hang.Corner.START)).add(new Rows(section, kind, role, pattern, 1));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(before.halfDue(edge)
                    .map(due -> halved(due.title(), words) + " The "
                            + before.first(edge).title() + "’s half of this round is knitted already.")
                    .orElse(words));
        }

        private static String halved(String due, String words) {
            return words.startsWith(KNIT)
                    ? "Now knit the " + due + words.substring(KNIT.length())
                    : "Now the " + due + " only: " + words.substring(0, 1).toLowerCase(java.util.Locale.ROOT)
                            + words.substring(1);
        }
    }

    /**
     * From here on the round begins elsewhere. Where the yarn hangs one knits on to there; where none does it is joined there.
     *
     * @param half stitches of half the tube
     */
    record BeginAt(Edge edge, RoundStart where, int half) implements TubeWork {
        @Override
        public Work on(Work before) {
            return before.needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .need(before.begins() != where, "the round begins there already")
                    .need(before.halfDue(edge).isEmpty(), "the yarn stands inside a round")
                    .begins(where);
        }

        @Override
        public Sentence told(Work before) {
            boolean hangs = before.yarns().values().stream().anyMatch(hang -> hang.edge() == edge);
            if (!hangs) {
                return Operation.say("From now on the round begins " + where.title() + ".");
            }
            String on =
                    switch (where) {
                        case SOLE ->
                            before.begins() == RoundStart.MIDDLE ? "sole’s second half and the instep" : "instep";
                        case INSTEP -> before.begins() == RoundStart.MIDDLE ? "" : "sole";
                        case MIDDLE -> before.begins() == RoundStart.SOLE ? "" : "instep and half of the sole";
                    };
            String side = where == RoundStart.MIDDLE ? "to the middle of the sole" : "to the side";
            return Operation.say(
                    on.isEmpty()
                            ? "Knit " + half / 2 + " sts on, " + side + ": from now on the round begins there"
                                    + (where == RoundStart.INSTEP ? ", with the instep." : ".")
                            : "Knit the " + on + " once more: from now on the round begins " + where.title() + ".");
        }
    }

    /**
     * Both halves of the tube are counted.
     *
     * @param rounds that are there by then
     */
    record CountTube(Edge edge, int half, int rounds) implements TubeWork {
        @Override
        public Work on(Work before) {
            return before.needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .need(
                            before.held(edge.first()).equals(before.held(edge.second()))
                                    && before.held(edge.first()).orElseThrow().loops() == half,
                            () -> "the halves are not alike: " + before.loops())
                    .need(before.rounds() == rounds, () -> "there are " + before.rounds() + " rounds, not " + rounds)
                    .once(Work.Done.TUBE_COUNTED);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Count both halves: " + half + " sts of sole and " + half + " of instep.");
        }
    }

    /** All loops of an edge wait on a thread; their yarn hangs there or was cut. */
    record ToThread(Edge edge) implements TubeWork {
        @Override
        public Work on(Work before) {
            return before.needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .change(edge.first(), held -> held.by(Holder.THREAD))
                    .change(edge.second(), held -> held.by(Holder.THREAD));
        }

        @Override
        public Sentence told(Work before) {
            Optional<YarnRole> waits = before.yarns().entrySet().stream()
                    .filter(each -> each.getValue().edge() == edge)
                    .map(java.util.Map.Entry::getKey)
                    .findFirst();
            return Operation.say("Run a thread through all " + before.at(edge) + " live sts and leave them"
                    + waits.map(role -> "; the " + role.title() + " waits there.")
                            .orElse("."));
        }
    }

    /** Loops that waited come back onto the needles. */
    record TakeUp(Edge edge) implements TubeWork {
        @Override
        public Work on(Work before) {
            return before.needFreeFor(edge)
                    .need(
                            edge.spots().stream().allMatch(spot -> before.held(spot)
                                    .filter(held -> held.by() == Holder.THREAD)
                                    .isPresent()),
                            () -> "no loops wait on a thread at the " + edge.title())
                    .change(edge.first(), held -> held.by(Holder.NEEDLE))
                    .change(edge.second(), held -> held.by(Holder.NEEDLE));
        }

        @Override
        public Sentence told(Work before) {
            int each = before.held(edge.first()).map(Held::loops).orElse(0);
            return Operation.say("Put the " + before.at(edge) + " waiting sts back on the " + NeedleKind.ALL + ", "
                    + each + " of sole and " + each + " of instep. The round begins "
                    + before.begins().title() + ".");
        }
    }

    /**
     * Loops that began on waste yarn come onto the needles, and it comes out.
     *
     * @param all whether all of the round, or the half that waited for the other one
     */
    record FromWaste(Edge edge, boolean all, Provisional provisional) implements TubeWork {
        @Override
        public Work on(Work before) {
            Work after = before.needFreeFor(edge).begins(RoundStart.SOLE);
            for (Spot spot : edge.spots()) {
                if (!all && spot != edge.second()) {
                    continue;
                }
                after.need(
                        after.held(spot)
                                        .filter(held -> held.by() == Holder.WASTE)
                                        .isPresent()
                                && !lineBeingMade(after),
                        "no loops were begun on waste yarn there");
                after = after.change(spot, held -> held.by(Holder.NEEDLE));
            }
            return after;
        }

        @Override
        public Sentence told(Work before) {
            int each = before.held(edge.second()).map(Held::loops).orElse(0);
            return Operation.say((all
                            ? "Put the toe’s " + before.at(edge) + " sts on " + ON_HALVES + ", " + each
                                    + " of sole and " + each
                                    + " of instep, in line with " + corners(before) + ". The first"
                                    + " one hangs on the yarn’s beginning: don’t pull that. "
                            : "Pick up the " + each + " sts where you cast on: they are the instep."
                                    + NeedleKind.told(
                                            "",
                                            "",
                                            " Each half goes onto two needles.",
                                            " All of them go onto the short needle, with a marker after each half.")
                                    + " ")
                    + provisional.undo()
                    + (all ? "" : " Join in the round: the yarn hangs where the sole begins, so the sole is first."));
        }

        /** Loops that sit on the heel line’s waste yarn were not begun on it: they are knitted again. */
        private boolean lineBeingMade(Work work) {
            return edge == Edge.CUFF_END
                    && work.line()
                            .filter(line -> line.state() == Line.State.BEGUN)
                            .isPresent();
        }

        /** What shows the sides: the corners of a heel that is open, or the ends of its line. */
        private static String corners(Work before) {
            return before.line()
                            .filter(line -> line.state().compareTo(Line.State.OPEN) >= 0)
                            .isPresent()
                    ? "the heel’s corners"
                    : "the ends of the heel line";
        }
    }

    /**
     * The cuff’s loops are bound off.
     *
     * @param stitches of the tube
     * @param rounds of the cuff
     */
    record BindOff(Edge edge, YarnRole role, int stitches, int rounds) implements TubeWork {
        @Override
        public Optional<Taken> taken() {
            return Taken.edge(role, stitches);
        }

        @Override
        public Work on(Work before) {
            return before.needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .needYarn(role, edge, Hang.Corner.START)
                    .need(before.at(edge) == stitches, () -> "the edge has not " + stitches + " loops")
                    .need(
                            before.rows(Section.CUFF) == rounds,
                            () -> "the cuff has " + before.rows(Section.CUFF) + " rounds")
                    .once(Work.Done.CUFF_CLOSED)
                    .free(edge.first())
                    .free(edge.second())
                    .cut(role);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Bind off loosely with a stretchy bind-off, cut the yarn and join the last st to the"
                    + " first with its end. Test it now: it must go over the heel.");
        }
    }
}
