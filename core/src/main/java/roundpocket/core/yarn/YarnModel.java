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
    static final Constant JOIN_TAIL = Constant.of(
            "yarn.join-tail", "an end to weave in", 200, Unit.MILLIMETRES, Source.practice("20 cm for a join"));
    static final Constant DRAW_THROUGH_TAIL = Constant.of(
            "yarn.draw-through-tail",
            "tail to draw through",
            150,
            Unit.MILLIMETRES,
            Source.practice("15 cm are enough to draw the last loops together"));
    static final Constant SCALE_STEP = Constant.of(
            "yarn.scale-step",
            "one step of the scale",
            1,
            Unit.GRAMS,
            Source.practice("a kitchen scale shows whole grams"));

    private final Step loop;
    private final Step fineness;
    private final Step factor;

    private YarnModel(Step loop, Step fineness, Step factor) {
        this.loop = loop;
        this.fineness = fineness;
        this.factor = factor;
    }

    /** The model of the main yarn in a tube of so many stitches, calibrated by what was weighed of it. */
    public static YarnModel of(Yarn yarn, Gauge gauge, FabricState state, Step stitches, List<WeighIn> weighIns) {
        Step loop = Computed.of(
                "one loop",
                Unit.MILLIMETRES,
                YarnRules.LOOP_LENGTH,
                state.ks().step(),
                gauge.stitches(),
                gauge.rounds());
        Step fineness = yarn.fineness("yarn");
        List<Step> predicted = IntStream.range(0, weighIns.size())
                .<Step>mapToObj(i -> Computed.of(
                        "predicted for weigh-in " + (i + 1),
                        Unit.GRAMS,
                        YarnRules.PREDICTED,
                        weighIns.get(i).worked(i, stitches),
                        loop,
                        fineness))
                .toList();
        return new YarnModel(loop, fineness, Calibration.factor(weighIns, predicted));
    }

    /** The model of a second yarn in the same fabric: the same loops, the same hand, another fineness. */
    public YarnModel forContrast(Yarn contrast) {
        return new YarnModel(loop, contrast.fineness("contrast"), factor);
    }

    public Step loopLength() {
        return loop;
    }

    /** The factor that weighing gave, or 1 ± 0.10. */
    public Step factor() {
        return factor;
    }

    public Step metresOf(String label, Step stitches) {
        return Computed.of(label, Unit.METRES, YarnRules.STITCH_METRES, stitches, loop);
    }

    public Step gramsOf(String label, Step metres) {
        return Computed.of(label, Unit.GRAMS, YarnRules.GRAMS, metres, fineness, factor);
    }

    public static Step graftTail(String label, Step stitches, Gauge gauge) {
        return Computed.of(label, Unit.MILLIMETRES, YarnRules.GRAFT_TAIL, stitches, gauge.stitches());
    }

    public static Step drawThroughTail() {
        return DRAW_THROUGH_TAIL.step();
    }

    /** So many ends, at a join's length each. */
    public static Step wovenTails(String label, Step ends) {
        return Computed.of(label, Unit.MILLIMETRES, YarnRules.WOVEN_TAILS, ends, JOIN_TAIL.step());
    }

    public static Step metresOfTails(String label, Step lengthMm) {
        return Computed.of(label, Unit.METRES, YarnRules.TAIL_METRES, lengthMm);
    }

    public static Step sum(String label, Unit unit, List<Step> parts) {
        return parts.size() == 1 ? parts.get(0) : Computed.of(label, unit, YarnRules.SUM, parts);
    }

    public static Step pair(String label, Step sock) {
        return Computed.of(label, sock.unit(), YarnRules.PAIR, sock);
    }

    /** So many pairs alike. */
    public static Step pairs(int number, Step pair) {
        String label = "grams in " + number + " pairs";
        return Computed.of(label, Unit.GRAMS, YarnRules.PAIRS, Given.tried("pairs", number, Unit.NUMBER), pair);
    }

    /** One of the two equal cakes that a yarn is split in. */
    public static Step split(Step atHand) {
        return Computed.of("one of two equal cakes", Unit.GRAMS, YarnRules.SPLIT, atHand);
    }

    public static Step perRound(String label, Step grams, Step rounds) {
        return Computed.of(label, Unit.GRAMS, YarnRules.PER_ROUND, grams, rounds);
    }

    /** What a cake must still weigh for {@code needed} to come out of it. */
    public static Step stopWeight(String label, Step needed) {
        return Computed.of(label, Unit.GRAMS, YarnRules.STOP_WEIGHT, needed, Spread.of(needed), SCALE_STEP.step());
    }

    /** Whole rounds that a cake gives when {@code kept} is kept back; negative when it is too light already. */
    public static Step roundsFrom(String label, Step cake, Step kept, Step perRound) {
        return Rounded.of(
                label,
                Computed.of(label + ", exactly", Unit.ROUNDS, YarnRules.ROUNDS_FROM, cake, kept, perRound),
                Rounding.DOWN,
                "a round that is begun must be finished");
    }
}
