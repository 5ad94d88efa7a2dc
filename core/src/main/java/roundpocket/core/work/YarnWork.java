package roundpocket.core.work;

import java.util.Optional;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.RoundStart;

/** What is done with the ends of the balls. */
public sealed interface YarnWork extends Operation {
    /** The name of the length that is left hanging where yarn is joined or cut. */
    String JOIN = "aboutJoin";

    /**
     * Yarn is joined where a round begins.
     *
     * @param named whether there are two yarns, so that it is named
     * @param tail what is left hanging
     */
    record Join(YarnRole role, Edge edge, boolean named, Amount tail) implements YarnWork {
        @Override
        public Optional<Taken> taken() {
            return Taken.end(role);
        }

        @Override
        public Work on(Work before) {
            return before.need(before.atHand().contains(role), () -> "there is no " + role.title() + " yet")
                    .need(
                            !before.yarns().containsKey(role),
                            () -> "the " + role.title() + " is elsewhere: " + before.yarns())
                    .need(
                            before.yarns().values().stream().noneMatch(hang -> hang.edge() == edge),
                            () -> "another yarn hangs there: " + before.yarns())
                    .needOnNeedle(edge.first())
                    .hang(role, new Hang(edge, Hang.Corner.START));
        }

        @Override
        public Sentence told(Work before) {
            String which = named ? role.title() : "yarn";
            String where = edge == Edge.HEEL
                    ? " at the [right] end of the lower " + NeedleKind.HALF + ", which is worked first"
                    : edge == Edge.CUFF_END && before.ready()
                            ? " at one side"
                            : before.begins() == RoundStart.MIDDLE
                                    ? " in the middle of the sole"
                                    : " at the start of the "
                                            + before.first(edge).title();
            return Operation.say("Join the " + which + where + ", leaving a tail of {aboutJoin}.", JOIN, tail);
        }
    }

    /** Yarn is cut off what goes on later, and joined again there. */
    record Cut(YarnRole role, Edge edge, boolean named, Amount tail) implements YarnWork {
        @Override
        public Optional<Taken> taken() {
            return Taken.end(role);
        }

        @Override
        public Work on(Work before) {
            return before.needYarn(role, edge, Hang.Corner.START).cut(role);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    "Cut the " + (named ? role.title() : "yarn") + ", leaving a tail of {aboutJoin}.", JOIN, tail);
        }
    }

    /**
     * Yarn is wound off its ball, which hangs nowhere.
     *
     * @param how what is said of it
     */
    record WindOff(YarnRole role, Sentence how) implements YarnWork {
        @Override
        public Work on(Work before) {
            return before.need(before.atHand().contains(role), () -> "there is no " + role.title())
                    .need(!before.yarns().containsKey(role), () -> "the " + role.title() + " is in the work");
        }

        @Override
        public Sentence told(Work before) {
            return how;
        }
    }
}
