package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.StripePlan.BandPlan;
import roundpocket.core.plan.StripePlan.CakeCut;
import roundpocket.core.plan.StripePlan.Due;
import roundpocket.core.plan.StripePlan.DueFor;
import roundpocket.core.plan.StripePlan.KnotCost;
import roundpocket.core.plan.StripePlan.KnotMet;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.Ravelled;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Striping;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.stripe.Winding;
import roundpocket.core.yarn.YarnModel;

/** Lays the colours of a striping yarn over both socks, in the order in which they are knitted. */
final class StripePlanner {
    /** Beyond what a pair takes: repeats for winding off, and metres for tails and what weighing may add. */
    private static final int REPEATS_TO_SPARE = 8;

    private static final double METRES_TO_SPARE = 100;
    private static final double SHARE_TO_SPARE = 1.5;

    private final StripedSock sock;
    private final ColourChoice colour;
    private final Striping striping;
    private final YarnModel model;
    private final Repeat repeat;
    private final Step stitches;
    private final Optional<Step> atHand;
    private final Skein skein;
    /** Whether the ways around knots are held beside each other; not while one of them is tried. */
    private final boolean compares;

    private StripePlanner(
            StripedSock sock, ColourChoice colour, Striping striping, Optional<Step> atHand, boolean compares) {
        this.sock = sock;
        this.colour = colour;
        this.striping = striping;
        this.model = sock.model();
        this.repeat = Repeat.of(striping, model);
        this.stitches = sock.stitches();
        this.atHand = atHand;
        this.skein = new Skein(repeat, model, atHand);
        this.compares = compares;
        checkBands();
    }

    /** The colours; empty where the yarn has one only, or the tube is there already and nothing is known of its bands. */
    static Optional<StripePlan> plan(SockSpec spec, StripedSock sock) {
        Problems problems = new Problems();
        Optional<StripePlan> plan = spec.yarns()
                .striping()
                .flatMap(striping -> problems.collect("striping", () -> new StripePlanner(
                                sock,
                                spec.choices().colourTaken(),
                                striping,
                                spec.yarns().main().atHand(YarnRole.MAIN.path()),
                                true)
                        .planned()));
        problems.throwIfAny();
        return plan;
    }

    private void checkBands() {
        Problems problems = new Problems();
        check(problems, "heelBand", colour.heelBand());
        check(problems, "toeBand", colour.toeBand());
        check(problems, "secondBand", colour.secondBand());
        problems.throwIfAny();
    }

    private void check(Problems problems, String field, OptionalInt band) {
        int most = repeat.bands().size();
        if (band.orElse(1) > most) {
            problems.add(new Problem(
                    "choices.colour.band.none",
                    "choices.colour." + field,
                    "The repeat has {max} bands (you chose number {found}).",
                    "Choose one of them.",
                    Map.of(
                            "found", new Amount(band.getAsInt(), Unit.NUMBER),
                            "max", new Amount(most, Unit.NUMBER))));
        }
    }

    private StripePlan planned() {
        return sock.knitted() ? plan() : ofPieces();
    }

    /**
     * A tube that is there has the stripes that it has, and so have its two pieces. Nothing is wound off; the heel line can lie
     * where they change. What is unravelled for heels, toes and cuffs is knitted as it comes.
     */
    private StripePlan ofPieces() {
        double otherM = sock.beforeTheSecond() * stitches.value() * repeat.stitchM();
        Thread thread = Thread.forwards(repeat, striping.startM(), List.of(), otherM + reach());
        Optional<Ravelled> ravelled = Ravel.ball(sock.tube(), stitches, repeat);
        Optional<Walk> ball = ravelled.map(yarn -> new Walk(yarn.thread(repeat, yarn.startM(), reach()), 0));
        StripedSock.Colours piece = sock.piece(thread, 0, ball);
        SockStripes one = piece.stripes(Optional.empty());
        boolean alike = otherM == 0 && ravelled.filter(yarn -> !yarn.each()).isEmpty();
        SockStripes other = alike ? one : sock.piece(thread, otherM, ball).stripes(Optional.empty());
        return new StripePlan(
                bands(),
                repeat.metres(),
                repeat.rounds("rounds of one repeat", repeat.metres(), stitches),
                striping.oneColour(),
                false,
                List.of(one, other),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                new HeelLines(sock, piece, repeat).all(),
                List.of());
    }

    private StripePlan plan() {
        Knots knots = Knots.of(striping.knots(), repeat, colour);
        Thread thread = Thread.forwards(repeat, striping.startM(), knots.left(), reach());
        Walk walk = new Walk(thread, 0);
        StripedSock.Colours first = sock.colours(walk, colour, 0);
        SecondSock how = colour.secondTaken();
        Optional<CakeCut> cut = skein.cut(first.usedM());
        Second second = second(first, walk, knots, cut);
        Optional<Step> behind = knots.beforeSecond(second.colours());
        if (behind.isPresent()) {
            second = behind(second, behind.get(), first);
        }
        List<StripedSock.Colours> both = List.of(first, second.colours());
        SockStripes one = first.stripes(Optional.empty());
        List<SockStripes> socks = List.of(
                one,
                second.colours() == first
                        ? one.after(second.windOff())
                        : second.colours().stripes(second.windOff()));
        List<Due> atKnots = second.knots() == knots
                ? knots.woundOff(1, both, model)
                : Stream.concat(
                                knots.woundOff(1, List.of(first), model).stream(),
                                second.knots().woundOff(2, List.of(second.colours()), model).stream())
                        .toList();
        List<Due> winding = winding(socks, atKnots);
        Optional<Step> woundOff = winding.isEmpty()
                ? Optional.empty()
                : Optional.of(YarnModel.sum(
                        "wound off in the pair",
                        Unit.METRES,
                        winding.stream().map(Due::metres).toList()));
        return new StripePlan(
                bands(),
                repeat.metres(),
                repeat.rounds("rounds of one repeat", repeat.metres(), stitches),
                striping.oneColour(),
                first.toe().isPresent(),
                socks,
                woundOff,
                woundOff.map(metres -> model.gramsOf("wound off", metres)),
                winding,
                cut.filter(any -> how == SecondSock.TWO_CAKES),
                new HeelLines(sock, first, repeat).all(),
                withTotals(Stream.concat(knots.met(1, first).stream(), second.knots().met(2, second.colours()).stream())
                        .toList()));
    }

    /** What each way around the knots would wind off in the pair: it also moves where the second sock begins. */
    private List<KnotMet> withTotals(List<KnotMet> met) {
        Map<KnotWay, Step> totals = new EnumMap<>(KnotWay.class);
        if (compares) {
            met.stream()
                    .flatMap(knot -> knot.ways().stream())
                    .map(KnotCost::way)
                    .distinct()
                    .forEach(way -> totals.put(way, wouldWindOff(way)));
        }
        return met.stream()
                .map(knot -> knot.with(cost -> cost.of(Optional.ofNullable(totals.get(cost.way())))))
                .toList();
    }

    private Step wouldWindOff(KnotWay way) {
        return new StripePlanner(sock, colour.withKnots(way), striping, atHand, false)
                .plan()
                .woundOff()
                .orElseGet(() -> Given.tried("wound off in the pair", 0, Unit.METRES));
    }

    /** The second sock, what is wound off before it, and the knots of the yarn it comes from. */
    private record Second(StripedSock.Colours colours, Optional<Winding> windOff, Knots knots) {}

    /** The same second sock begun further on, so that a knot lies before it. */
    private Second behind(Second second, Step further, StripedSock.Colours first) {
        List<Step> parts = Stream.of(second.windOff().map(Winding::metres), Optional.of(further))
                .flatMap(Optional::stream)
                .toList();
        Walk walk = new Walk(first.thread(), first.endM());
        Step all = YarnModel.sum("to wind off before the second sock", Unit.METRES, parts);
        walk.windOff(all);
        walk.isAt(repeat.startM());
        Winding winding = Winding.along(first.thread(), first.endM(), all, repeat.startM(), 0);
        return new Second(sock.colours(walk, colour, walk.atM()), Optional.of(winding), second.knots());
    }

    private Second second(StripedSock.Colours first, Walk walk, Knots knots, Optional<CakeCut> cut) {
        // Where no knot breaks the order, a second sock that is alike is the first once more.
        boolean plain = striping.knots().isEmpty();
        String label = "to wind off before the second sock";
        return switch (colour.secondTaken()) {
            case SAME_CAKE -> {
                Optional<Winding> windOff = walk.winding(label, striping.startM(), 0);
                yield new Second(plain ? first : sock.colours(walk, colour, walk.atM()), windOff, knots);
            }
            case OWN_BAND -> {
                double begins = walk.thread().beginOf(secondBand(walk.thread()));
                Optional<Winding> windOff = walk.winding(label, begins, 0);
                yield new Second(sock.colours(walk, colour, walk.atM()), windOff, knots);
            }
            case TWO_CAKES -> {
                Knots own = Knots.of(skein.behind(cut), repeat, colour);
                Thread other = Thread.forwards(repeat, striping.startM(), own.left(), reach());
                yield new Second(plain ? first : sock.colours(new Walk(other, 0), colour, 0), Optional.empty(), own);
            }
            case OTHER_END -> {
                int shown = secondBand(walk.thread());
                Knots own = Knots.knittedOn(skein.fromTheOtherEnd(), repeat, colour);
                Thread other = Thread.backwards(repeat, middleOf(shown), own.left(), reach());
                // The place is anywhere in that band: rectangular, half its length to either side.
                double unsureM = repeat.bands().get(shown).value() / 2 / Math.sqrt(3);
                yield new Second(sock.colours(new Walk(other, 0, unsureM), colour, 0), Optional.empty(), own);
            }
            case CARRIED_ON -> new Second(sock.colours(walk, colour, walk.atM()), Optional.empty(), knots);
        };
    }

    private double reach() {
        double spare = REPEATS_TO_SPARE * repeat.metres().value() + METRES_TO_SPARE;
        return 2 * SHARE_TO_SPARE * sock.metres() + spare;
    }

    /** The band for the second sock; usually the one after that with which the first began. */
    private int secondBand(Thread thread) {
        return colour.secondBand().isPresent()
                ? colour.secondBand().getAsInt() - 1
                : (thread.bandAt(0) + 1) % repeat.bands().size();
    }

    private double middleOf(int band) {
        return repeat.startOf(band) + repeat.bands().get(band).value() / 2;
    }

    private List<BandPlan> bands() {
        return IntStream.range(0, repeat.bands().size())
                .mapToObj(i -> {
                    Band band = striping.bands().get(i);
                    Step metres = repeat.bands().get(i);
                    return new BandPlan(
                            band.called(),
                            band.colour(),
                            metres,
                            repeat.rounds("rounds of the " + band.called() + " band", metres, stitches));
                })
                .toList();
    }

    /** Whatever is wound off, in the order of the work. */
    private List<Due> winding(List<SockStripes> socks, List<Due> atKnots) {
        boolean heelsAlike = alike(socks, SockStripes::heelWindOff);
        boolean toesAlike = alike(socks, SockStripes::toeWindOff);
        List<Due> all = new ArrayList<>();
        for (int sock = 1; sock <= 2; sock++) {
            int number = sock;
            SockStripes one = socks.get(sock - 1);
            String which = sock == 1 ? "first" : "second";
            add(all, sock, DueFor.SOCK, one.windOff(), "the " + which + " sock");
            atKnots.stream().filter(knot -> knot.sock() == number).forEach(all::add);
            add(all, sock, DueFor.HEEL, one.heelWindOff(), (heelsAlike ? "each" : "the " + which) + " heel");
            add(all, sock, DueFor.TOE, one.toeWindOff(), (toesAlike ? "each" : "the " + which) + " toe");
        }
        return all;
    }

    /** Whether the same is said of either sock. */
    private static boolean alike(List<SockStripes> socks, Function<SockStripes, Optional<Winding>> of) {
        return socks.stream()
                        .map(sock -> of.apply(sock).map(each -> each.said("").text(LengthUnit.CM)))
                        .distinct()
                        .count()
                == 1;
    }

    private void add(List<Due> all, int sock, DueFor what, Optional<Winding> winding, String before) {
        winding.ifPresent(each -> all.add(due(sock, what, each, "Before " + before + " wind off")));
    }

    private Due due(int sock, DueFor what, Winding winding, String begin) {
        return new Due(
                sock,
                what,
                winding.metres(),
                model.gramsOf("wound off", winding.metres()),
                winding.tooUnsure(),
                winding.said(begin));
    }
}
