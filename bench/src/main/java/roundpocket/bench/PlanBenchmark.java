package roundpocket.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import roundpocket.app.plans.PlanView;
import roundpocket.core.foot.Foot;
import roundpocket.core.judge.Questions;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.Striping;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.Yarn;
import tools.jackson.databind.json.JsonMapper;

/** Computing a plan against writing that plan as JSON, for tubes of a gauge that gives each so many stitches. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class PlanBenchmark {
    /** The largest foot there is, so that a tube of 384 stitches is of a gauge that can be. */
    private static final Foot FOOT = new Foot(360, 450);

    private static final double ROUNDS_PER_STITCH = 1.4;
    private static final int WARM_UP = 4000;
    private static final int TURNS = 8000;

    @Param({"48", "96", "192", "384"})
    private int stitches;

    private SockSpec spec;
    private SockSpec striped;
    private SockPlan plan;
    private final JsonMapper json = new JsonMapper();

    @Setup
    public void specify() {
        double gauge = stitches / (FOOT.ballGirthMm().orElseThrow() * 0.9) * 100;
        spec = new SockSpec(
                FOOT,
                new Swatch(
                        List.of(
                                new Reading(gauge, 100),
                                new Reading(1.01 * gauge, 100),
                                new Reading(0.99 * gauge, 100)),
                        List.of(new Reading(ROUNDS_PER_STITCH * gauge, 100))),
                new Yarn(420, 100, OptionalDouble.of(100)),
                Choices.usual().withSize(SizeChoice.ofStitches(stitches)));
        striped = spec.withYarns(spec.yarns()
                .striped(Striping.of(
                        Band.ofMetres("madder", "#a13d4b", 5.2),
                        Band.ofMetres("fleece", "#efe6d2", 3.4),
                        Band.ofMetres("woad", "#2b4a6f", 5.2))));
        plan = spec.plan();
    }

    int rounds() {
        return plan.tube().rounds().all().count()
                + plan.heel().shaping().rounds().count();
    }

    static PlanBenchmark of(int stitches) {
        PlanBenchmark benchmark = new PlanBenchmark();
        benchmark.stitches = stitches;
        benchmark.specify();
        return benchmark;
    }

    /** The plan with all its workings. */
    @Benchmark
    public SockPlan compute() {
        return spec.plan();
    }

    /**
     * Medians in microseconds.
     *
     * @param plain of a plan without stripes
     * @param striped of the same from a yarn of three bands, with the colours of both socks
     */
    record Turns(double plain, double striped) {}

    /** Both in turns: a machine that is faster at one minute than at the next is so for both. */
    Turns turns() {
        List<Double> plain = new ArrayList<>();
        List<Double> withStripes = new ArrayList<>();
        for (int i = 0; i < WARM_UP + TURNS; i++) {
            double without = micros(spec);
            double with = micros(striped);
            if (i >= WARM_UP) {
                plain.add(without);
                withStripes.add(with);
            }
        }
        return new Turns(Bench.at(plain, 0.5), Bench.at(withStripes, 0.5));
    }

    private double micros(SockSpec what) {
        long from = System.nanoTime();
        plan = what.plan();
        return (System.nanoTime() - from) / 1e3;
    }

    /** The plan with doubts and cautions in the form in which it is handed out, as JSON. */
    @Benchmark
    public byte[] write() {
        return json.writeValueAsBytes(PlanView.of(spec, plan, Questions.NONE));
    }
}
