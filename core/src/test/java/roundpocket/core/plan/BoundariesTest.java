package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.DoubleFunction;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.ShoeSize;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.judge.Questions;
import roundpocket.core.judge.Questions.Finished;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.shaping.Phase;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.swatch.Fabric;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.Yarn;

/** Every number that can be put in: its limits are allowed, and just outside them it is refused in whole sentences. */
public class BoundariesTest {
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static Foot foot(double length, double ball, OptionalDouble diagonal, OptionalDouble leg) {
        return new Foot(
                OptionalDouble.of(length), Optional.empty(), OptionalDouble.of(ball), diagonal, leg, Optional.empty());
    }

    private static OptionalDouble of(double value) {
        return OptionalDouble.of(value);
    }

    private static OptionalInt count(double value) {
        return OptionalInt.of((int) value);
    }

    private static Swatch swatch(double stitches, double rounds) {
        return new Swatch(List.of(new Reading(stitches, 100)), List.of(new Reading(rounds, 100)));
    }

    private static Object[] row(String field, double min, double max, double step, DoubleFunction<Object> input) {
        return new Object[] {field, min, max, step, input};
    }

    @DataProvider
    public Object[][] inputs() {
        return new Object[][] {
            row("lengthMm", 100, 360, 0.1, v -> foot(v, Math.min(200, v), NONE, NONE)),
            row("ballGirthMm", 80, 450, 0.1, v -> foot(v > 300 ? 360 : 120, v, NONE, NONE)),
            row("heelDiagonalMm", 80, 600, 0.1, v -> foot(120, 80, of(v), NONE)),
            row("legGirthMm", 80, 600, 0.1, v -> foot(246, 231, NONE, of(v))),
            row("size", 17, 53, 0.5, v -> new ShoeSize(ShoeSystem.EU, v)),
            row("size", -1, 19, 0.5, v -> new ShoeSize(ShoeSystem.UK, v)),
            row("size", 100, 360, 1, v -> new ShoeSize(ShoeSystem.MONDOPOINT, v)),
            row("stitches[0].count", 5, 100, 0.1, v -> swatch(v, 43)),
            row("rounds[0].count", 5, 150, 0.1, v -> swatch(31, v)),
            row("spanMm", 25, 1000, 0.1, v -> new Reading(0.31 * v, v)),
            row("needleMm", 1, 8, 0.1, v -> new Fabric(Optional.empty(), Optional.empty(), of(v), NONE)),
            row("wantedStitches", 5, 100, 0.1, v -> new Fabric(Optional.empty(), Optional.empty(), NONE, of(v))),
            row("rounds", 5, 150, 0.1, v -> new TubeReading(v, 100, 40)),
            row("roundsDone", 1, 2000, 1, v -> new TubeReading(43, 100, (int) v)),
            row("onHandG", 0, 5000, 0.1, v -> new Yarn(420, 100, of(v))),
            row("nylonShare", 0, 1, 0.01, v -> new Yarn(420, 100, NONE, of(v), false)),
            row("stitches", 1, 200_000, 1, v -> WeighIn.ofStitches(v, 5)),
            row("rounds", 1, 2000, 1, v -> WeighIn.ofRounds((int) v, 5)),
            row("usedG", 0.1, 1000, 0.05, v -> WeighIn.ofRounds(20, v)),
            row("uncertaintyG", 0.001, 50, 0.0005, v -> new WeighIn(NONE, count(20), 5, of(v), false)),
            row("ease", 0, 0.25, 0.001, SizeChoice::ofEase),
            row("lengthEaseMm", -20, 40, 0.1, v -> new SizeChoice(NONE, OptionalInt.empty(), of(v))),
            row("stitches", 16, 400, 4, v -> SizeChoice.ofStitches((int) v)),
            row("legMm", 20, 600, 0.1, v -> TubeChoice.usual().withLegMm(v)),
            row("stitches", 16, 400, 2, v -> ready(v, 300, NONE, 2)),
            row("rounds", 20, 5000, 1, v -> ready(64, v, NONE, 2)),
            row("lengthMm", 50, 20_000, 0.1, v -> ready(64, 0, of(v), 2)),
            row("spareRounds", 1, 3, 1, v -> ready(64, 300, NONE, v)),
            row("plainRounds", 0, 30, 1, v -> ShapingChoice.plain((int) v)),
            row("every", 1, 10, 1, v -> Phase.until((int) v, 8)),
            row("times", 1, 100, 1, v -> Phase.times(2, (int) v)),
            row("until", 4, 200, 1, v -> Phase.until(2, (int) v)),
            row(
                    "markedRound",
                    1,
                    1000,
                    1,
                    v -> new PlacingChoice(
                            Optional.empty(),
                            count(v),
                            OptionalDouble.empty(),
                            OptionalDouble.empty(),
                            Optional.empty())),
            row("cuffRounds", 4, 120, 1, v -> FinishChoice.cuff((int) v)),
            row("atHandG", 1, 5000, 0.1, v -> new Questions(NONE, of(v), NONE, Optional.empty())),
            row("wantedStretch", 0, 1, 0.01, v -> new Questions(NONE, NONE, of(v), Optional.empty())),
            row("heelRounds", 0, 200, 1, v -> new Finished(64, 86, (int) v, 54)),
        };
    }

    private static ReadyTube ready(double stitches, double rounds, OptionalDouble lengthMm, double spare) {
        return new ReadyTube(
                (int) stitches,
                lengthMm.isPresent() ? OptionalInt.empty() : count(rounds),
                lengthMm,
                OptionalDouble.empty(),
                Optional.empty(),
                count(spare),
                Optional.empty());
    }

    @Test(dataProvider = "inputs")
    public void limitsAreAllowedAndWhatIsBeyondThemIsRefused(
            String field, double min, double max, double step, DoubleFunction<Object> input) {
        assertThatCode(() -> input.apply(min)).doesNotThrowAnyException();
        assertThatCode(() -> input.apply(max)).doesNotThrowAnyException();
        for (double beyond : new double[] {min - step, max + step}) {
            Refusal refusal = catchThrowableOfType(Refusal.class, () -> input.apply(beyond));
            assertThat(refusal).as("%s %s is allowed", field, beyond).isNotNull();
            assertThat(refusal.problems()).extracting(Problem::field).contains(field);
            assertThat(refusal.problems()).allSatisfy(problem -> {
                assertThat(problem.remedy()).isNotBlank();
                assertThat(problem.message(LengthUnit.CM))
                        .doesNotContain("{", "}")
                        .matches(".*[.?]");
            });
        }
    }

    @Test
    public void whatIsNoNumberIsRefused() {
        assertThat(catchThrowableOfType(Refusal.class, () -> SizeChoice.ofEase(Double.NaN)))
                .isNotNull();
        assertThat(catchThrowableOfType(Refusal.class, () -> WeighIn.ofRounds(20, Double.POSITIVE_INFINITY)))
                .isNotNull();
    }
}
