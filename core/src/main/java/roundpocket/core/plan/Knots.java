package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.StripePlan.Due;
import roundpocket.core.plan.StripePlan.DueFor;
import roundpocket.core.plan.StripePlan.KnotCost;
import roundpocket.core.plan.StripePlan.KnotMet;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Winding;
import roundpocket.core.yarn.Left;
import roundpocket.core.yarn.YarnModel;

/** The knots that come up while a pair is knitted from one cake, and what putting the order right would take. */
final class Knots {
    private final Repeat repeat;
    private final ColourChoice colour;
    private final List<Knot> left = new ArrayList<>();
    private final List<Removed> removed = new ArrayList<>();
    private final List<KnotMet> leftBehind = new ArrayList<>();

    /**
     * A knot that is cut out.
     *
     * @param knot where it would come if nothing had been wound off before
     * @param foundAtM where it is in the cake
     * @param windOff what is wound off behind it
     */
    private record Removed(Knot knot, double foundAtM, Winding windOff) {}

    private Knots(Repeat repeat, ColourChoice colour) {
        this.repeat = repeat;
        this.colour = colour;
    }

    /** Cuts out what is to be cut out. What is wound off at one knot brings all later ones nearer. */
    static Knots of(List<Knot> knots, Repeat repeat, ColourChoice colour) {
        Knots all = new Knots(repeat, colour);
        double gone = 0;
        // The place of the repeat at the outer end of the stretch since the last knot that was knitted on.
        double startM = repeat.startM();
        double sinceM = 0;
        boolean known = true;
        for (Knot knot : knots) {
            Knot here = new Knot(Math.max(0, knot.atM() - gone), knot.goesOnM());
            boolean cut = colour.knotsTaken() == KnotWay.CUT_OUT
                    && known
                    && knot.goesOnM().isPresent();
            if (cut) {
                double place = startM + here.atM() - sinceM;
                Computed off = all.windOff(place, knot.goesOnM().getAsDouble());
                Step windOff = off.within(repeat.unsurePlace(0, here.atM() - sinceM + off.value(), 0));
                all.removed.add(new Removed(here, knot.atM(), Winding.at(repeat, windOff, place)));
                gone += windOff.value() + tails().value();
            } else {
                all.left.add(here);
                known = knot.goesOnM().isPresent();
                startM = knot.goesOnM().orElse(0);
                sinceM = here.atM();
            }
        }
        return all;
    }

    /** Knots of which none is cut out, as from the other end of a cake. */
    static Knots knittedOn(List<Knot> knots, Repeat repeat, ColourChoice colour) {
        Knots all = new Knots(repeat, colour);
        all.left.addAll(knots);
        return all;
    }

    /** The knots that still break the order, as metres of the yarn that is knitted. */
    List<Knot> left() {
        return left;
    }

    private Computed windOff(double place, double goesOnM) {
        return repeat.windOff("to wind off at the knot", place, goesOnM);
    }

    /** What is wound off, with its ends, at the knots that are cut out before these socks are done, numbered {@code from} on. */
    List<Due> woundOff(int from, List<StripedSock.Colours> socks, YarnModel model) {
        double endM =
                socks.stream().mapToDouble(StripedSock.Colours::endM).max().orElse(0);
        return removed.stream()
                .filter(one -> one.knot().atM() < endM)
                .map(one -> due(one, from, socks, model))
                .toList();
    }

    private static Due due(Removed one, int from, List<StripedSock.Colours> socks, YarnModel model) {
        int sock = from
                + IntStream.range(0, socks.size())
                        .filter(i -> in(one.knot(), socks.get(i)).isPresent())
                        .findFirst()
                        .orElse(socks.size() - 1);
        Step metres = cost(KnotWay.CUT_OUT, one.windOff().metres()).metres();
        return new Due(
                sock,
                DueFor.KNOT,
                metres,
                model.gramsOf("wound off at the knot", metres),
                one.windOff().tooUnsure(),
                one.windOff().said("At the knot in the " + (sock == 1 ? "first" : "second") + " sock wind off"));
    }

    /** Metres to wind off before the second sock so that its first knot lies before it; empty where there is none. */
    Optional<Step> beforeSecond(StripedSock.Colours second) {
        if (colour.knotsTaken() != KnotWay.BEHIND || colour.secondTaken() != SecondSock.SAME_CAKE) {
            return Optional.empty();
        }
        for (Knot knot : left) {
            Optional<StripedSock.Coloured> at = in(knot, second);
            if (at.isPresent()) {
                leftBehind.add(met(2, at.get(), knot, knot.atM(), KnotWay.BEHIND, ways(2, second, knot)));
                return Optional.of(behind(second, knot));
            }
        }
        return Optional.empty();
    }

    /** The knots that come up in a sock, and those that were left behind before it. */
    List<KnotMet> met(int sock, StripedSock.Colours colours) {
        List<KnotMet> met = new ArrayList<>(sock == 2 ? leftBehind : List.of());
        for (Removed one : removed) {
            List<KnotCost> ways = List.of(cost(KnotWay.CUT_OUT, one.windOff().metres()));
            in(one.knot(), colours)
                    .map(at -> met(sock, at, one.knot(), one.foundAtM(), KnotWay.CUT_OUT, ways))
                    .ifPresent(met::add);
        }
        for (Knot knot : left) {
            in(knot, colours)
                    .map(at -> met(sock, at, knot, knot.atM(), KnotWay.KNIT_ON, ways(sock, colours, knot)))
                    .ifPresent(met::add);
        }
        return met;
    }

    private static KnotMet met(
            int sock, StripedSock.Coloured at, Knot knot, double foundAtM, KnotWay taken, List<KnotCost> ways) {
        return new KnotMet(
                sock, at.section(), at.round(), foundAtM, knot.goesOnM().isPresent(), taken, ways);
    }

    /** The round in which a knot comes. */
    private static Optional<StripedSock.Coloured> in(Knot knot, StripedSock.Colours colours) {
        for (StripedSock.Run run : colours.runs()) {
            if (knot.atM() >= run.fromM() && knot.atM() < run.toM()) {
                StripedSock.Coloured last = run.rounds().get(run.rounds().size() - 1);
                return Optional.of(run.rounds().stream()
                        .filter(one -> one.colours().endM() > knot.atM())
                        .findFirst()
                        .orElse(last));
            }
        }
        return Optional.empty();
    }

    private List<KnotCost> ways(int sock, StripedSock.Colours colours, Knot knot) {
        List<KnotCost> ways = new ArrayList<>();
        double before = knot.atM() - repeat.stitchM();
        boolean inOrder = colour.secondTaken() != SecondSock.OTHER_END || sock == 1;
        if (inOrder && knot.goesOnM().isPresent() && !colours.thread().lostAt(before, 0)) {
            double place = colours.thread().placeAt(before) + repeat.stitchM();
            ways.add(cost(KnotWay.CUT_OUT, windOff(place, knot.goesOnM().getAsDouble())));
        }
        if (sock == 2 && colour.secondTaken() == SecondSock.SAME_CAKE) {
            Step behind = behind(colours, knot);
            ways.add(new KnotCost(KnotWay.BEHIND, behind, behind, Optional.empty(), Optional.empty()));
        }
        return ways;
    }

    private static KnotCost cost(KnotWay way, Step windOff) {
        return new KnotCost(
                way,
                windOff,
                YarnModel.sum("what the knot takes", Unit.METRES, List.of(windOff, tails())),
                Optional.empty(),
                Optional.empty());
    }

    /** From where the second sock would begin to behind the knot, and on to where the first began. */
    private Step behind(StripedSock.Colours second, Knot knot) {
        Step toTheKnot =
                Given.tried("from the start of the second sock to the knot", knot.atM() - second.startM(), Unit.METRES);
        Step on = repeat.windOffBehind("on to where the first sock began", knot);
        return YarnModel.sum("to begin the second sock behind the knot", Unit.METRES, List.of(toTheKnot, on));
    }

    private static Step tails() {
        return YarnModel.metresOfTails(
                "both ends", YarnModel.wovenTails("both ends, length", PlanRules.TWO_ENDS.step()));
    }

    /** What another way around the knots would leave of the yarn. */
    static Optional<Left> left(KnotCost cost, Optional<Step> now, RoleYarn main, YarnModel model) {
        if (main.left().isEmpty() || cost.pair().isEmpty()) {
            return Optional.empty();
        }
        Step nothing = Given.tried("wound off in the pair", 0, Unit.METRES);
        Step more = PlanRules.rest("more to wind off", cost.pair().get(), now.orElse(nothing));
        Left left = main.left().get();
        Step needed = YarnModel.sum(
                "the pair, and what more is wound off",
                Unit.GRAMS,
                List.of(left.needed(), model.gramsOf("more to wind off", more)));
        return Optional.of(Left.of("left, if you " + cost.way().title(), left.atHand(), needed));
    }
}
