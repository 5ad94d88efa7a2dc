package roundpocket.core.lap;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Given;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.KnotWay;
import roundpocket.core.plan.Ravel;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.plan.Skein;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Ravelled;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Striping;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.stripe.Winding;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.YarnModel;

/**
 * Where a sock’s yarn begins: the first sock’s at the cake’s start, the second’s as its colours are wanted.
 *
 * @param thread the yarn from there on
 * @param unsureM how far its first colour may be off, as a standard uncertainty in metres
 * @param knittedM metres knitted before since a change that was seen, where it is carried on
 * @param ahead the knots that are still to come, counted from there
 */
record Beginning(Thread thread, double unsureM, double knittedM, List<Knot> ahead) {
    /** The outer end of a cake, or what has just been wound off to. */
    private Beginning(Thread thread, List<Knot> ahead) {
        this(thread, 0, 0, ahead);
    }

    static Beginning of(Repeat repeat, Course course, ColourChoice choice, Optional<LapColours> first) {
        Optional<Ravelled> ball = ravelled(repeat, course);
        if (ball.isPresent()) {
            double place = ball.filter(yarn -> course.sock() == 2 && !yarn.each())
                    .flatMap(any -> first)
                    .map(LapColours::endPlace)
                    .orElse(ball.get().startM());
            return new Beginning(ball.get().thread(repeat, place, reach(repeat, course.plan())), List.of());
        }
        if (course.sock() == 2 && first.isPresent()) {
            return second(repeat, course, choice, first.get());
        }
        return forwards(
                repeat,
                course,
                repeat.startM(),
                choice.knotsLeft(repeat, repeat.striping().knots()));
    }

    /** What was chosen of the colours, as far as it can be in the order in which the socks are knitted. */
    static ColourChoice colours(PairWork pair, int sock) {
        return pair.sock(sock).course().spec().choices().colour().whileKnitted(pair.order());
    }

    /** The ball of what was ravelled from a tube that is there. */
    static Optional<Ravelled> ravelled(Repeat repeat, Course course) {
        return Optional.of(course.plan())
                .filter(plan -> plan.tube().way() == Way.READY_TUBE)
                .flatMap(plan -> Ravel.ball(plan.tube(), plan.stitchCount().stitches(), repeat));
    }

    private static Beginning forwards(Repeat repeat, Course course, double startM, List<Knot> ahead) {
        return new Beginning(Thread.forwards(repeat, startM, ahead, reach(repeat, course.plan())), ahead);
    }

    static double reach(Repeat repeat, SockPlan plan) {
        return 3 * plan.yarn().sockMetres().value() + 8 * repeat.metres().value() + 100;
    }

    private static Beginning second(Repeat repeat, Course course, ColourChoice choice, LapColours first) {
        List<Knot> ahead = Thread.beyond(
                first.ahead(),
                windOff(course, choice, first)
                        .map(each -> each.metres().value())
                        .orElse(0.0));
        return switch (choice.secondTaken()) {
            case SAME_CAKE -> forwards(repeat, course, repeat.startM(), ahead);
            case OWN_BAND -> forwards(repeat, course, repeat.startOf(ownBand(repeat, choice)), ahead);
            case CARRIED_ON -> {
                double reach = reach(repeat, course.plan());
                yield new Beginning(first.onwards(repeat, reach), first.unsureM(), first.knittedM(), ahead);
            }
            case TWO_CAKES -> {
                Optional<StripePlan.CakeCut> cut = course.plan().stripes().flatMap(StripePlan::cut);
                List<Knot> own = choice.knotsLeft(repeat, skein(repeat, course).behind(cut));
                yield forwards(repeat, course, repeat.startM(), own);
            }
            case OTHER_END -> {
                int shown = ownBand(repeat, choice);
                double length = repeat.bands().get(shown).value();
                List<Knot> own = skein(repeat, course).fromTheOtherEnd();
                Thread thread =
                        Thread.backwards(repeat, repeat.startOf(shown) + length / 2, own, reach(repeat, course.plan()));
                yield new Beginning(thread, length / 2 / Math.sqrt(3), 0, own);
            }
        };
    }

    private static Skein skein(Repeat repeat, Course course) {
        YarnModel model = course.plan().yarn().models().get(YarnRole.MAIN);
        return new Skein(repeat, model, course.spec().yarns().main().atHand(YarnRole.MAIN.path()));
    }

    /** The band that the second sock begins with, where it has one of its own. */
    private static int ownBand(Repeat repeat, ColourChoice choice) {
        return choice.secondBand().isPresent()
                ? choice.secondBand().getAsInt() - 1
                : (repeat.bandAt(repeat.startM()) + 1) % repeat.bands().size();
    }

    /** What is wound off between the two socks, where the second begins with a colour that is waited for. */
    static Optional<Winding> windOff(Course course, ColourChoice choice, LapColours first) {
        Striping striping = course.spec().yarns().striping().orElseThrow();
        Repeat repeat = Repeat.of(striping, course.plan().yarn().models().get(YarnRole.MAIN));
        String label = "to wind off before the second sock";
        if (course.plan().tube().way() == Way.READY_TUBE) {
            return Optional.empty();
        }
        Walk walk = first.walkOnwards(repeat, reach(repeat, course.plan()));
        return switch (choice.secondTaken()) {
            case SAME_CAKE -> {
                Optional<Winding> alike = walk.winding(label, repeat.startM(), 0);
                double alikeM = alike.map(each -> each.metres().value()).orElse(0.0);
                yield behindTheKnot(label, repeat, course, choice, first, alikeM)
                        .or(() -> alike);
            }
            case OWN_BAND -> walk.winding(label, repeat.startOf(ownBand(repeat, choice)), 0);
            case TWO_CAKES, CARRIED_ON, OTHER_END -> Optional.empty();
        };
    }

    /** What is wound off so that the next knot lies before the second sock; empty where none would come up in it. */
    private static Optional<Winding> behindTheKnot(
            String label, Repeat repeat, Course course, ColourChoice choice, LapColours first, double alikeM) {
        if (choice.knotsTaken() != KnotWay.BEHIND || choice.secondTaken() != SecondSock.SAME_CAKE) {
            return Optional.empty();
        }
        double usedM = course.plan()
                .stripes()
                .map(stripes -> stripes.socks().get(1).used().value())
                .orElse(0.0);
        return first.ahead().stream()
                .filter(knot -> knot.atM() > alikeM && knot.atM() < alikeM + usedM)
                .findFirst()
                .map(knot -> YarnModel.sum(
                        label,
                        Unit.METRES,
                        List.of(
                                Given.tried("to the knot", knot.atM(), Unit.METRES),
                                repeat.windOffBehind("on to where the first sock began", knot))))
                .map(all ->
                        Winding.along(first.onwards(repeat, reach(repeat, course.plan())), 0, all, repeat.startM(), 0));
    }
}
