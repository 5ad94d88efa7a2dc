package roundpocket.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.judge.Answers.FittingFoot;
import roundpocket.core.judge.Answers.PlainRounds;
import roundpocket.core.judge.Questions.Finished;
import roundpocket.core.plan.LegYarn;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.Yarns;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.tube.TubeChoice;

/** Questions that go the other way, each against trying every value. */
public class AnswersTest {
    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final SockSpec SPEC = Specs.usual(246, 231).withChoices(Specs.choices(4, 4));

    private static Answers ask(Questions questions) {
        return Answers.of(SPEC, SPEC.plan(), questions);
    }

    @DataProvider
    public Object[][] eases() {
        return new Object[][] {{0.0}, {0.05}, {0.1}, {0.137}, {0.2}, {0.25}};
    }

    @Test(dataProvider = "eases")
    public void theStitchCountForAnEaseIsTheClosestOfAll(double ease) {
        int answer = ask(new Questions(OptionalDouble.of(ease), NONE, NONE, Optional.empty()))
                .stitches()
                .orElseThrow()
                .stitches()
                .count();
        double wanted = 231 * (1 - ease) * 0.31;
        int closest = IntStream.rangeClosed(4, 100)
                .map(i -> 4 * i)
                .boxed()
                .min((a, b) -> Double.compare(Math.abs(a - wanted), Math.abs(b - wanted)))
                .orElseThrow();
        assertThat(answer).isEqualTo(closest);
    }

    @Test
    public void theLegForTheYarnIsTheLongestThatLeavesItsStopWeight() {
        for (double grams : new double[] {50, 70, 100}) {
            LegYarn leg = ask(new Questions(NONE, OptionalDouble.of(grams), NONE, Optional.empty()))
                    .leg()
                    .orElseThrow();
            int longest = IntStream.rangeClosed(1, 230)
                    .filter(rounds -> reaches(grams, rounds))
                    .max()
                    .orElseThrow();
            assertThat(leg.longestRounds().count()).isEqualTo(longest);
        }
    }

    /** Whether a leg of so many rounds leaves its cake no lighter than the stop weight, by a plan of its own. */
    private static boolean reaches(double grams, int rounds) {
        double legMm = (rounds + 15) / 43.0 * 100;
        SockPlan plan = SPEC.withYarns(Yarns.one(SPEC.yarns().main().withOnHand(grams)))
                .withChoices(SPEC.choices().withTube(TubeChoice.usual().withLegMm(legMm)))
                .plan();
        assertThat(plan.tube().rounds().leg().count()).isEqualTo(rounds);
        double used = plan.axis()
                .get(plan.tube().heelLine().round().count() + rounds - 1)
                .usedG();
        return grams / 2 - used >= plan.yarn().leg().orElseThrow().stopWeight().value() - 1e-9;
    }

    @Test
    public void thePlainRoundsForAStretchAreTheFewestThatDo() {
        for (double stretch : new double[] {0.05, 0.12, 0.2, 0.3}) {
            PlainRounds answer = ask(new Questions(NONE, NONE, OptionalDouble.of(stretch), Optional.empty()))
                    .plainRounds()
                    .orElseThrow();
            int fewest = IntStream.rangeClosed(0, 30)
                    .filter(p -> SPEC.withChoices(SPEC.choices().withHeel(ShapingChoice.plain(p)))
                                    .plan()
                                    .fit()
                                    .heelRoom()
                                    .stretch()
                                    .value()
                            <= stretch)
                    .findFirst()
                    .orElseThrow();
            assertThat(answer.fewest()).hasValue(fewest);
            assertThat(answer.tried().plainRounds()).isEqualTo(fewest);
        }
    }

    /** A heel diagonal of 45 cm: 30 plain rounds offer 38.5 cm (by hand: 24.54 cm and 30 × 0.465 cm). */
    @Test
    public void aStretchThatNoHeelGivesHasNoAnswer() {
        Foot high = new Foot(
                OptionalDouble.of(246),
                Optional.empty(),
                OptionalDouble.of(231),
                OptionalDouble.of(450),
                NONE,
                Optional.empty());
        SockSpec spec = SPEC.withFeet(Feet.both(high)).withChoices(Specs.choices(4, 4));
        Questions none = new Questions(NONE, NONE, OptionalDouble.of(0), Optional.empty());
        PlainRounds answer = Answers.of(spec, spec.plan(), none).plainRounds().orElseThrow();
        assertThat(answer.fewest()).isEmpty();
        assertThat(answer.tried().plainRounds()).isEqualTo(30);
        assertThat(answer.tried().room().value()).isCloseTo(385, within(1.0));
    }

    /** What a finished sock fits, planned again for that foot, gives the sock back. */
    @Test
    public void planningForTheFootThatFitsGivesTheSockBack() {
        FittingFoot foot = ask(new Questions(NONE, NONE, NONE, Optional.of(new Finished(64, 86, 20, 54))))
                .fits()
                .orElseThrow();
        assertThat(foot.length().value()).isCloseTo(106 / 43.0 * 100, within(1e-9));
        SockPlan back = SPEC.withFeet(
                        Feet.both(new Foot(foot.length().value(), foot.girth().value())))
                .withChoices(SPEC.choices()
                        .withTube(TubeChoice.usual().withLegMm(foot.leg().value())))
                .plan();
        assertThat(back.stitchCount().stitches().count()).isEqualTo(64);
        assertThat(back.tube().heelLine().round().count()).isEqualTo(86);
        assertThat(back.tube().rounds().leg().count() + 15).isEqualTo(54);
        assertThat(foot.smallestGirth().value()).isLessThan(foot.girth().value());
        assertThat(foot.largestGirth().value()).isGreaterThan(foot.girth().value());
    }

    @Test
    public void questionsThatCannotBeAnsweredSaySo() {
        Refusal refusal = catchThrowableOfType(
                Refusal.class,
                () -> new Questions(
                        OptionalDouble.of(0.5), OptionalDouble.of(0), OptionalDouble.of(2), Optional.empty()));
        assertThat(refusal.problems())
                .extracting(p -> p.field())
                .containsExactly("wantedEase", "atHandG", "wantedStretch");
        Refusal sock = catchThrowableOfType(Refusal.class, () -> new Finished(2, 0, 300, 5000));
        assertThat(sock.problems()).hasSize(4).allSatisfy(p -> assertThat(p.remedy())
                .isNotBlank());
    }
}
