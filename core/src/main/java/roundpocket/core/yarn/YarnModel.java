package roundpocket.core.yarn;

import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.swatch.Gauge;

/** What a stitch of one yarn at one gauge takes. Not yet weighed, so good to 10 % (standard uncertainty). */
public final class YarnModel {
    private static final Given KS_WASHED = Given.constant(
            "Ks of washed plain knitting",
            21.6,
            Unit.NUMBER,
            Source.memory("wet-relaxed state; 19.0 dry-relaxed, 23.1 fully relaxed"));
    private static final Given UNWEIGHED = Given.uncertain(
            "factor before any weighing", 1, Unit.NUMBER, 0.10, Source.memory("knitters differ by about 10 %"));

    private final Step loop;
    private final Step fineness;

    public YarnModel(Yarn yarn, Gauge gauge) {
        fineness = yarn.fineness();
        loop = Computed.of(
                "one loop", Unit.MILLIMETRES, YarnRules.LOOP_LENGTH, KS_WASHED, gauge.stitches(), gauge.rounds());
    }

    public Step loopLength() {
        return loop;
    }

    public Step metresOf(String label, Step stitches) {
        return Computed.of(label, Unit.METRES, YarnRules.STITCH_METRES, stitches, loop);
    }

    public Step gramsOf(String label, Step metres) {
        return Computed.of(label, Unit.GRAMS, YarnRules.GRAMS, metres, fineness, UNWEIGHED);
    }

    public Step graftTail(String label, Step stitches, Gauge gauge) {
        return Computed.of(label, Unit.MILLIMETRES, YarnRules.GRAFT_TAIL, stitches, gauge.stitches());
    }

    /** Metres in the tails of one sock: so many ends that are woven in, and the two that graft. */
    public Step tailMetres(int ends, Step heelTail, Step toeTail) {
        Given woven = Given.constant(
                "ends to weave in",
                ends,
                Unit.NUMBER,
                Source.practice("start of the tube, start of heel and of toe, bind-off"));
        return Computed.of("tails", Unit.METRES, YarnRules.TAIL_METRES, woven, heelTail, toeTail);
    }

    public static Step sum(String label, Unit unit, List<Step> parts) {
        return Computed.of(label, unit, YarnRules.SUM, parts);
    }

    public static Step pair(String label, Step sock) {
        return Computed.of(label, sock.unit(), YarnRules.PAIR, sock);
    }

    public static Step leftOver(Step atHand, Step pair) {
        return Computed.of("left when the pair is done", Unit.GRAMS, YarnRules.LEFT_OVER, atHand, pair);
    }
}
