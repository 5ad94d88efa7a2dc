package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.StripePlan.KnotMet;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Striping;
import roundpocket.core.yarn.YarnModel;

/** The knots that come up while a pair is knitted from one cake, and what putting the order right would take. */
final class Knots {
    private Knots() {}

    static List<KnotMet> met(Striping striping, Repeat repeat, List<StripedSock.Colours> socks, SecondSock second) {
        List<KnotMet> met = new ArrayList<>();
        boolean oneCake = second != SecondSock.TWO_CAKES && second != SecondSock.OTHER_END;
        for (Knot knot : striping.knots()) {
            for (int i = 0; i < (oneCake ? socks.size() : 1); i++) {
                Optional<KnotMet> here = in(i + 1, socks.get(i), knot, repeat);
                here.ifPresent(met::add);
            }
        }
        return met;
    }

    private static Optional<KnotMet> in(int sock, StripedSock.Colours colours, Knot knot, Repeat repeat) {
        for (StripedSock.Run run : colours.runs()) {
            if (knot.atM() < run.fromM() || knot.atM() >= run.toM()) {
                continue;
            }
            StripedSock.Coloured last = run.rounds().get(run.rounds().size() - 1);
            StripedSock.Coloured at = run.rounds().stream()
                    .filter(one -> one.colours().endM() > knot.atM())
                    .findFirst()
                    .orElse(last);
            double placeBefore = colours.thread().placeAt(knot.atM() - repeat.stitchM()) + repeat.stitchM();
            return Optional.of(new KnotMet(
                    sock,
                    at.section(),
                    at.round(),
                    knot.atM(),
                    knot.goesOnM().isPresent(),
                    knot.goesOnM().isEmpty()
                            ? Optional.empty()
                            : Optional.of(repeat.windOff(
                                    "to wind off at the knot",
                                    placeBefore,
                                    knot.goesOnM().getAsDouble())),
                    tails(),
                    behind(sock, colours, knot, repeat)));
        }
        return Optional.empty();
    }

    /** From where the second sock would begin to behind the knot, and on to where the first began if that can be known. */
    private static Optional<Step> behind(int sock, StripedSock.Colours colours, Knot knot, Repeat repeat) {
        if (sock == 1) {
            return Optional.empty();
        }
        Step toTheKnot = Given.tried(
                "from the start of the second sock to the knot", knot.atM() - colours.startM(), Unit.METRES);
        return Optional.of(
                knot.goesOnM().isEmpty()
                        ? toTheKnot
                        : YarnModel.sum(
                                "to begin the second sock behind the knot",
                                Unit.METRES,
                                List.of(
                                        toTheKnot,
                                        repeat.windOff(
                                                "on to where the first sock began",
                                                repeat.startM(),
                                                knot.goesOnM().getAsDouble()))));
    }

    private static Step tails() {
        return YarnModel.metresOfTails(
                "both ends", YarnModel.wovenTails("both ends, length", PlanRules.TWO_ENDS.step()));
    }
}
