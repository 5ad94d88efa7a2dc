package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.yarn.Yarn;

public class RefusalTest {
    private static final Foot GOOD_FOOT = new Foot(246, 231);
    private static final OptionalDouble USUAL = OptionalDouble.empty();

    private static Runnable ease(double ease) {
        return () -> SizeChoice.ofEase(ease);
    }

    private static Runnable stitches(int stitches) {
        return () -> SizeChoice.ofStitches(stitches);
    }

    private static Runnable leg(double mm) {
        return () -> TubeChoice.usual().withLegMm(mm);
    }

    private static Runnable plan(SockSpec spec, Foot foot, Choices choices) {
        return () -> spec.withFeet(Feet.both(foot)).withChoices(choices).plan();
    }

    private static Runnable yarn(double lengthM, double massG, double onHandG) {
        return () -> new Yarn(lengthM, massG, OptionalDouble.of(onHandG));
    }

    @DataProvider
    public Object[][] refused() {
        SockSpec good = Specs.usual(246, 231);
        Choices longCuff =
                Choices.usual().withTube(TubeChoice.usual().withLegMm(30)).withFinish(FinishChoice.cuff(40));
        Runnable plainBelowNone = () -> ShapingChoice.plain(-1);
        Runnable shortCuff = () -> FinishChoice.cuff(2);
        Runnable foot9 = () -> new Foot(90, 100);
        Runnable foot45 = () -> new Foot(450, 240);
        Runnable wide = () -> new Foot(200, 401);
        Runnable thin = () -> new Foot(300, 140);
        Runnable nan = () -> new Foot(Double.NaN, 230);
        Runnable zero = () -> Specs.swatch(0, 43, 100);
        Runnable threeHundred = () -> Specs.swatch(31, 300, 100);
        Runnable tiny = () -> new Reading(3, 10);
        Runnable noReading = () -> new Swatch(List.of(), List.of(new Reading(43, 100)));
        return new Object[][] {
            {foot9, "lengthMm", "Foot length must be 10 to 36 cm (you entered 9 cm). Did you mean 9 in?"},
            {foot45, "lengthMm", "(you entered 45 cm). Did you mean 17.7 cm?"},
            {nan, "lengthMm", "10 to 36 cm"},
            {wide, "ballGirthMm", "40.1 cm around the ball is more than twice the length of 20 cm; the limit is 40"},
            {thin, "ballGirthMm", "less than half the length"},
            {zero, "stitches[0].count", "The gauge must be 5 to 100 sts per 10 cm (that would be 0"},
            {threeHundred, "rounds[0].count", "300 rounds per 10 cm"},
            {tiny, "spanMm", "Count over 2.5 to 100 cm (you entered 1 cm)."},
            {noReading, "stitches", "A gauge needs 1 to 20 counts (there are 0)."},
            {yarn(0.5, 100, 50), "lengthM", "(you entered 0.5 m)"},
            {yarn(420, 0, 50), "massG", "Grams on the label must be 1 to 5000 g (you entered 0 g)."},
            {yarn(420, 100, -5), "onHandG", "The yarn you have must be 0 to 5000 g (you entered -5 g)."},
            {yarn(9000, 100, 5), "lengthM", "9000 m in 100 g is not a yarn that socks are knitted from: 50 to 2000 m"},
            {ease(0.4), "ease", "smaller than the foot by 0 to 25 % (you entered 40 %)"},
            {stitches(62), "stitches", "multiple of 4, 16 to 400 sts (you entered 62 sts)"},
            {stitches(62), "stitches", "The nearest is 60 sts."},
            {stitches(404), "stitches", "The nearest is 400 sts."},
            {leg(10), "legMm", "Leg must be 2 to 60 cm (you entered 1 cm)."},
            {plainBelowNone, "plainRounds", "(you entered -1 round)"},
            {shortCuff, "cuffRounds", "Cuff must be 4 to 120 rounds (you entered 2 rounds)"},
            {plan(good, new Foot(110, 190), plain(12, 12)), "foot.lengthMm", "A foot of 11 cm is too short for a toe"},
            {plan(good, GOOD_FOOT, longCuff), "choices.tube.legMm", "A leg of 3 cm is too short"},
            {plan(good, new Foot(105, 80), plain(30, 4)), "foot.lengthMm", "measure again"},
        };
    }

    private static Choices plain(int heel, int toe) {
        return Specs.choices(heel, toe);
    }

    @Test(dataProvider = "refused")
    public void refusalNamesTheFieldTheValueTheLimitAndWhatHelps(Runnable input, String field, String words) {
        Refusal refusal = catchThrowableOfType(Refusal.class, input::run);
        assertThat(refusal).as("nothing was refused").isNotNull();
        assertThat(refusal.problems()).anySatisfy(problem -> {
            assertThat(problem.field()).isEqualTo(field);
            assertThat(problem.remedy()).isNotBlank();
            assertThat(problem.message(LengthUnit.CM)).contains(words).doesNotContain("{", "}");
        });
    }

    @Test
    public void refusalSpeaksInchesToWhoReadsInches() {
        Refusal refusal = catchThrowableOfType(Refusal.class, () -> new Foot(450, 240));
        assertThat(refusal.message(LengthUnit.INCH)).contains("17 3/4 in").contains("3 7/8 to 14 1/8 in");
    }

    @Test
    public void everythingThatIsWrongIsSaidAtOnce() {
        Problems problems = new Problems();
        problems.collect("foot", () -> new Foot(90, 900));
        problems.collect("yarn", () -> new Yarn(0, 0, USUAL));
        Refusal refusal = catchThrowableOfType(Refusal.class, problems::throwIfAny);
        assertThat(refusal.problems())
                .extracting(p -> p.field())
                .containsExactly("foot.lengthMm", "foot.ballGirthMm", "yarn.lengthM", "yarn.massG");
    }

    @Test
    public void theLimitsThemselvesAreAllowed() {
        assertThat(new Foot(100, 80)).isNotNull();
        assertThat(new Foot(360, 450)).isNotNull();
        assertThat(new Foot(200, 400)).isNotNull();
        assertThat(new Foot(200, 100)).isNotNull();
        assertThat(new Reading(5, 25)).isNotNull();
        assertThat(Specs.swatch(100, 150, 100)).isNotNull();
        assertThat(List.of(SizeChoice.ofEase(0.25), SizeChoice.ofEase(0))).isNotEmpty();
        assertThat(List.of(SizeChoice.ofStitches(400), SizeChoice.ofStitches(16)))
                .isNotEmpty();
        assertThat(List.of(TubeChoice.usual().withLegMm(600), TubeChoice.usual().withLegMm(20)))
                .isNotEmpty();
        assertThat(List.of(ShapingChoice.plain(0), ShapingChoice.plain(30))).isNotEmpty();
        assertThat(List.of(FinishChoice.cuff(4), FinishChoice.cuff(120))).isNotEmpty();
    }
}
