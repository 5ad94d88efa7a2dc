package roundpocket.core.work;

import java.util.Optional;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.shaping.Turning;

/** The rounds and rows of a heel or a toe. */
public sealed interface ShapeWork extends Operation {

    /** Needs a section to be due: its row the next one, and a heel open. */
    private static Work due(Work before, Section section, int number) {
        int there = before.rows(section);
        return before.need(number == there + 1, () -> "row " + number + " does not come after " + there)
                .need(
                        section != Section.HEEL
                                || before.line()
                                        .filter(line -> line.state().compareTo(Line.State.OPEN) >= 0)
                                        .isPresent(),
                        "the heel is not open");
    }

    /** Both needles hold the same before the first decrease, and the round’s start is marked. */
    record Begin(Edge edge) implements ShapeWork {
        private static final String TOO_FEW_TO_GO_ROUND = NeedleKind.told(
                "",
                "",
                "",
                " Change to double points, two for each half, once the sts no longer reach round the short needle.");

        @Override
        public Work on(Work before) {
            return before.needSide()
                    .needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .need(alike(before), () -> unlike(before));
        }

        private boolean alike(Work before) {
            return before.held(edge.first()).equals(before.held(edge.second()));
        }

        private String unlike(Work before) {
            return "the needles are not alike: " + before.loops();
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Hang a marker in the fabric where the round begins, at one side. Both "
                    + NeedleKind.HALVES + " must have the"
                    + " same number of sts."
                    + (edge == Edge.TOE_END && before.goesRound(edge) ? TOO_FEW_TO_GO_ROUND : ""));
        }
    }

    /**
     * A round.
     *
     * @param number which row of its section, from 1
     * @param side loops on each needle after it
     * @param words how it goes
     */
    record Round(Edge edge, Section section, YarnRole role, int number, ShapingRound.Kind kind, int side, String words)
            implements ShapeWork {
        @Override
        public Work on(Work before) {
            boolean alike = before.held(edge.first()).equals(before.held(edge.second()));
            return due(before, section, number)
                    .needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .needFreeFor(edge)
                    .needYarn(role, edge, Hang.Corner.START)
                    .need(alike, () -> "the needles are not alike: " + before.loops())
                    .need(comesOut(before.loops().get(edge.first()).loops()), () -> "no " + kind + " leads to " + side)
                    .change(edge.first(), held -> held.counting(side))
                    .change(edge.second(), held -> held.counting(side))
                    .add(new Rows(section, Rows.Kind.SHAPED, role, side, 1));
        }

        private boolean comesOut(int now) {
            return switch (kind) {
                case PLAIN -> side == now;
                case CORNERS -> side < now && side >= now - 2;
                case DECREASE -> side == now - 2 || side == now - 1;
                case INCREASE -> side == now + 2 || side == now + 1;
                case SHORT_ROW -> false;
            };
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(words);
        }
    }

    /**
     * A short row on the half that the round begins with; the other half waits.
     *
     * @param number which row of its section, from 1
     * @param row which of the short rows, from 1
     * @param worked stitches it works
     * @param turning how it is turned
     * @param words how it goes
     */
    record Row(
            Edge edge,
            Section section,
            YarnRole role,
            int number,
            int row,
            int worked,
            int rows,
            Turning turning,
            String words)
            implements ShapeWork {
        @Override
        public Work on(Work before) {
            Hang.Corner from = row % 2 == 1 ? Hang.Corner.START : Hang.Corner.FAR;
            Hang.Corner to = row % 2 == 1 ? Hang.Corner.FAR : Hang.Corner.START;
            int half =
                    before.needOnNeedle(edge.first()).loops().get(edge.first()).loops();
            return due(before, section, number)
                    .need(before.first(edge) == edge.first(), "the round begins with the instep")
                    .needSide()
                    .needFreeFor(edge)
                    .needYarn(role, edge, from)
                    .need(
                            worked <= half && (row < rows || worked == half),
                            worked + " of " + half + " cannot be worked")
                    .hang(role, new Hang(edge, to))
                    .add(new Rows(section, Rows.Kind.SHORT, role, worked, 1));
        }

        @Override
        public Optional<Picture> picture(Work before) {
            return Optional.of(
                    switch (turning) {
                        case WRAP -> Picture.WRAP;
                        case DOUBLED -> Picture.DOUBLED;
                        case SHADOW -> Picture.SHADOW;
                    });
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(words);
        }
    }
}
