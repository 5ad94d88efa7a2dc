package roundpocket.bench;

import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import roundpocket.app.plans.PlanView;
import roundpocket.core.foot.Foot;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.Yarn;
import tools.jackson.databind.json.JsonMapper;

/** Computing a plan against writing that plan as JSON. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(2)
public class PlanBenchmark {
    private final SockSpec spec = new SockSpec(
            new Foot(246, 231),
            new Swatch(
                    List.of(new Reading(31, 100), new Reading(31.5, 100), new Reading(30.5, 100)),
                    List.of(new Reading(43, 100), new Reading(43.5, 100), new Reading(42.5, 100))),
            new Yarn(420, 100, OptionalDouble.of(100)),
            Choices.usual());
    private final SockPlan plan = spec.plan();
    private final JsonMapper json = new JsonMapper();

    /** The plan with all its workings. */
    @Benchmark
    public SockPlan compute() {
        return spec.plan();
    }

    /** The plan in the form in which it is handed out, as JSON. */
    @Benchmark
    public byte[] write() {
        return json.writeValueAsBytes(PlanView.of(plan));
    }
}
