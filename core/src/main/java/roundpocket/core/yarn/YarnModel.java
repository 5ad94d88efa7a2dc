package roundpocket.core.yarn;

import java.util.List;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Spread;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.Gauge;

/** What a stitch of one yarn at one gauge takes. Before anything is weighed, good to 10 % (standard uncertainty). */
public final class YarnModel {
    public static final Constant JOIN_TAIL = Constant.of(
            "yarn.join-tail", "an end to weave in", 200, Unit.MILLIMETRES, Source.practice("20 cm for a join"));
    static final Constant DRAW_THROUGH_TAIL = Constant.of(
            "yarn.draw-through-tail",
            "tail to cinch with",
            150,
            Unit.MILLIMETRES,
            Source.practice("15 cm are enough to cinch the last stitches"));
    static final Constant SCALE_STEP = Constant.of(
            "yarn.scale-step",
            "one step of the scale",
            1,
            Unit.GRAMS,
            Source.practice("a kitchen scale shows whole grams"));

    private final Step loop;
    private final Step fineness;
    private final List<Weighed> weighed;
    private final Step factor;

    private YarnModel(Step loop, Step fineness, List<Weighed> weighed, Step factor) {
        this.loop = loop;
        this.fineness = fineness;
        this.weighed = List.copyOf(weighed);
        this.factor = factor;
    }

    /** The model of the main yarn in a tube of so many stitches, calibrated by what was weighed of it. */
    public static YarnModel of(Yarn yarn, Gauge gauge, FabricState state, Step stitches, List<WeighIn> weighIns) {
        Step loop = Computed.of(
                "yarn in one stitch",
                Unit.MILLIMETRES,
                YarnRules.LOOP_LENGTH.of(state.ks().step(), gauge.stitches(), gauge.rounds()));
        Step fineness = yarn.fineness("yarn");
        List<Weighed> weighed = weighed(weighIns, false, loop, fineness, stitches);
        return new YarnModel(loop, fineness, weighed, Calibration.factor(weighed));
    }

    /**
     * The model of a second yarn in the same fabric: the same loops, another fineness. The hand is the same too, so where
     * nothing was weighed of this yarn the factor of the first stands in.
     */
    public YarnModel forContrast(Yarn contrast, Step stitches, List<WeighIn> weighIns) {
        Step itsFineness = contrast.fineness("contrast");
        List<Weighed> itsOwn = weighed(weighIns, true, loop, itsFineness, stitches);
        return new YarnModel(loop, itsFineness, itsOwn, itsOwn.isEmpty() ? factor : Calibration.factor(itsOwn));
    }

    private static List<Weighed> weighed(
            List<WeighIn> weighIns, boolean contrast, Step loop, Step fineness, Step stitches) {
        return IntStream.range(0, weighIns.size())
                .filter(i -> weighIns.get(i).contrast() == contrast)
                .mapToObj(i -> Weighed.of(
                        predicted(
                                "predicted for weigh-in " + (i + 1),
                                weighIns.get(i).worked(i, stitches),
                                loop,
                                fineness),
                        weighIns.get(i).used(i),
                        weighIns.get(i).unsure(i)))
                .toList();
    }

    private static Step predicted(String label, Step worked, Step loop, Step fineness) {
        return Computed.of(label, Unit.GRAMS, YarnRules.PREDICTED.of(worked, loop, fineness));
    }

    /** What was weighed of this yarn, beside what was to be expected. */
    public List<Weighed> weighed() {
        return weighed;
    }

    /** Grams that went for so many stitches, beside what this model expects before any factor, on a whole-gram scale. */
    public Weighed weighing(Step worked, Step used) {
        return Weighed.of(predicted("to be expected", worked, loop, fineness), used, Calibration.WHOLE_GRAMS.step());
    }

    /** Yarn in one stitch before any factor, in millimetres. */
    public Step loopLength() {
        return loop;
    }

    /** Grams in a kilometre, in tex. */
    public Step fineness() {
        return fineness;
    }

    /** The factor that weighing gave, or 1 ± 0.10. */
    public Step factor() {
        return factor;
    }

    public Step metresOf(String label, Step stitches) {
        return Computed.of(label, Unit.METRES, YarnRules.STITCH_METRES.of(stitches, loop, factor));
    }

    public Step gramsOf(String label, Step metres) {
        return Computed.of(label, Unit.GRAMS, YarnRules.GRAMS.of(metres, fineness));
    }

    /** Stitches in so many rounds of a tube. */
    public static Step stitchesIn(String label, Step rounds, Step around) {
        return Computed.of(label, Unit.STITCHES, YarnRules.STITCHES_IN_ROUNDS.of(rounds, around));
    }

    public static Step graftTail(String label, Step stitches, Gauge gauge) {
        return Computed.of(label, Unit.MILLIMETRES, YarnRules.GRAFT_TAIL.of(stitches, gauge.stitches()));
    }

    public static Step drawThroughTail() {
        return DRAW_THROUGH_TAIL.step();
    }

    /** So many ends, at a join's length each. */
    public static Step wovenTails(String label, Step ends) {
        return Computed.of(label, Unit.MILLIMETRES, YarnRules.WOVEN_TAILS.of(ends, JOIN_TAIL.step()));
    }

    public static Step metresOfTails(String label, Step lengthMm) {
        return Computed.of(label, Unit.METRES, YarnRules.TAIL_METRES.of(lengthMm));
    }

    /** All parts together; nothing where there are none. */
    public static Step sum(String label, Unit unit, List<Step> parts) {
        return switch (parts.size()) {
            case 0 -> Given.tried(label, 0, unit);
            case 1 -> parts.get(0);
            default -> Computed.of(label, unit, YarnRules.SUM.of(parts));
        };
    }

    public static Step pair(String label, Step sock) {
        return Computed.of(label, sock.unit(), YarnRules.PAIR.of(sock));
    }

    /** So many pairs alike. */
    public static Step pairs(int number, Step pair) {
        String label = "grams in " + number + " pairs";
        return Computed.of(label, Unit.GRAMS, YarnRules.PAIRS.of(Given.tried("pairs", number, Unit.NUMBER), pair));
    }

    /** One of the two equal cakes that a yarn is split in. */
    public static Step split(Step atHand) {
        return Computed.of("one of two equal cakes", Unit.GRAMS, YarnRules.SPLIT.of(atHand));
    }

    public static Step perRound(String label, Step grams, Step rounds) {
        return Computed.of(label, Unit.GRAMS, YarnRules.PER_ROUND.of(grams, rounds));
    }

    /** So many rounds, at the grams of one. */
    public static Step ofRounds(String label, Step rounds, Step perRound) {
        return Computed.of(label, Unit.GRAMS, YarnRules.OF_ROUNDS.of(rounds, perRound));
    }

    /** What a cake must still weigh for {@code needed} to come out of it. */
    public static Step stopWeight(String label, Step needed) {
        return Computed.of(label, Unit.GRAMS, YarnRules.STOP_WEIGHT.of(needed, Spread.of(needed), SCALE_STEP.step()));
    }

    /** Whole rounds that a cake gives when {@code kept} is kept back; negative when it is too light already. */
    public static Step roundsFrom(String label, Step cake, Step kept, Step perRound) {
        return Rounded.of(
                label,
                Computed.of(label + ", exactly", Unit.ROUNDS, YarnRules.ROUNDS_FROM.of(cake, kept, perRound)),
                Rounding.DOWN,
                "a round that is begun must be finished");
    }
}
