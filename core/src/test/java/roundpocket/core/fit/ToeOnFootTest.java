package roundpocket.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.fit.ToeOnFoot.Place;
import roundpocket.core.fit.ToeOnFoot.Tried;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.Tracing;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;

public class ToeOnFootTest {
    private static Foot traced(Tracing tracing) {
        return new Foot(246, 231).traced(tracing);
    }

    private static SockSpec spec(Tracing tracing) {
        return Specs.usual(246, 231).withFeet(Feet.both(traced(tracing)));
    }

    private static ToeOnFoot on(SockSpec spec) {
        return spec.plan().toeOnFoot().orElseThrow();
    }

    /** Worked by hand for an outline 95 mm wide, the tip 28 mm in, the little toe 38 mm back. */
    @Test
    public void theOutlineRunsFromTheTipToTheFullWidth() {
        ToeOnFoot toe = on(spec(new Tracing(95, 28, 38)));
        Place tip = toe.foot().get(0);
        assertThat(tip).isEqualTo(new Place(0, 28, 28));
        Place five = toe.foot().stream()
                .filter(place -> place.backMm() == 5)
                .findFirst()
                .orElseThrow(); // 28 × (1 − √(1 − (23 ÷ 28)²)) = 12.03; 28 + 67 × (0.1316 + √(1 − 0.8684²)) ÷ 2 = 49.02
        assertThat(five.leftMm()).isCloseTo(12.03, within(0.01));
        assertThat(five.rightMm()).isCloseTo(49.02, within(0.01));
        Place last = toe.foot().get(toe.foot().size() - 1);
        assertThat(last.leftMm()).isZero();
        assertThat(last.rightMm()).isEqualTo(95);
    }

    /** A wedge on 64 stitches ends at 16 of 32 on each needle: half as wide as the foot at the tip. */
    @Test
    public void theSockIsStretchedAsWideAsTheFoot() {
        Tried wedge = on(spec(new Tracing(95, 28, 38))).tries().get(0);
        assertThat(wedge.school()).isEqualTo(ShapingSchool.WEDGE);
        assertThat(wedge.planned()).isTrue();
        assertThat(wedge.worn().get(0).backMm()).isZero();
        assertThat(wedge.worn().get(0).widthMm()).isCloseTo(95 * 16 / 32.0, within(1e-9));
        assertThat(wedge.worn().get(wedge.worn().size() - 1).widthMm()).isEqualTo(95);
    }

    /** Common practice, no source: toes all of one length ask for a broad end, one long toe for a narrow one. */
    @DataProvider
    static Object[][] forms() {
        return new Object[][] {
            {"toes all of one length", new Tracing(95, 45, 10), ShapingSchool.WEDGE, ShapingSchool.THREE_SPEED},
            {"one long toe", new Tracing(95, 20, 60), ShapingSchool.THREE_SPEED, ShapingSchool.WEDGE},
        };
    }

    @Test(dataProvider = "forms")
    public void theMethodThatFollowsTheToesIsCloser(
            String what, Tracing tracing, ShapingSchool closer, ShapingSchool other) {
        ToeOnFoot toe = on(spec(tracing));
        assertThat(off(toe, closer)).as(what).isLessThan(off(toe, other));
    }

    private static double off(ToeOnFoot toe, ShapingSchool school) {
        return toe.tries().stream()
                .filter(tried -> tried.school() == school)
                .mapToDouble(tried -> tried.off().value())
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void onlyWhatBeginsAsTheTubeDoesIsTried() {
        SockSpec spec = spec(new Tracing(95, 28, 38));
        assertThat(on(spec).tries().stream().map(Tried::school))
                .contains(ShapingSchool.SHORT_ROWS, ShapingSchool.NARROW_WEDGE)
                .doesNotContain(ShapingSchool.OWN)
                .doesNotHaveDuplicates();
        assertThat(Specs.usual(246, 231).plan().toeOnFoot()).isEmpty();
    }

    @DataProvider
    static Object[][] noFoot() {
        return new Object[][] {
            {"tip outside", (Runnable) () -> new Tracing(90, 95, 30), "outside an outline"},
            {"no tip", (Runnable) () -> new Tracing(90, 0, 30), "in from the inner edge"},
            {"too wide", (Runnable) () -> new Tracing(200, 30, 30), "wide at the ball"},
            {"read in inches", (Runnable) () -> new Tracing(37.4 / 10, 30, 30), "wide at the ball"},
            {"wider than the ball is around", (Runnable) () -> traced(new Tracing(120, 30, 30)), "across is too wide"},
            {"a toe at the heel", (Runnable) () -> traced(new Tracing(95, 30, 95)), "more than a third"},
            {"no number", (Runnable) () -> new Tracing(Double.NaN, 30, 30), "wide at the ball"},
        };
    }

    @Test(dataProvider = "noFoot")
    public void numbersThatMakeNoFootAreRefused(String what, Runnable tried, String said) {
        assertThatThrownBy(tried::run).as(what).isInstanceOf(Refusal.class).hasMessageContaining(said);
    }

    /** Whatever the outline: the closest is the closest, and the average is that of its places, worked again here. */
    @Test
    public void theClosestIsTheOneWithTheSmallestAverage() {
        Random random = new Random(20_261_127);
        for (int i = 0; i < 200; i++) {
            double width = 80 + random.nextInt(30);
            double tip = 15 + random.nextInt(40);
            double back = 5 + random.nextInt(60);
            SockSpec spec = spec(new Tracing(width, tip, back));
            ShapingSchool school = ShapingSchool.values()[random.nextInt(4)];
            ToeOnFoot toe = on(spec.withChoices(spec.choices().withToe(ShapingChoice.of(school, random.nextInt(5)))));
            double least = toe.tries().stream()
                    .mapToDouble(tried -> tried.off().value())
                    .min()
                    .orElseThrow();
            assertThat(off(toe, toe.closest())).isEqualTo(least);
            assertThat(toe.asClose()).doesNotContain(toe.closest());
            toe.tries().stream()
                    .filter(tried -> tried.off().value() - least > 4) // twice what a tape is good to
                    .forEach(far -> assertThat(toe.asClose()).doesNotContain(far.school()));
            Tried first = toe.tries().get(0);
            assertThat(first.off().value()).isCloseTo(again(toe, first, width, tip, back), within(1e-9));
        }
    }

    private static double again(ToeOnFoot toe, Tried tried, double width, double tip, double back) {
        double deep = toe.foot().get(toe.foot().size() - 1).backMm();
        int places = (int) Math.round(deep / 5);
        return IntStream.range(0, places)
                .mapToDouble(i -> {
                    double at = 5 * i + 2.5;
                    double ahead = Math.max(0, tip - at) / tip;
                    double behind = 1 - Math.min(1, at / back);
                    double outer = (1 - behind + Math.sqrt(1 - behind * behind)) / 2;
                    double foot = tip + (width - tip) * outer - tip * (1 - Math.sqrt(1 - ahead * ahead));
                    double sock = tried.worn().stream()
                            .filter(worn -> worn.backMm() >= at - 1e-9)
                            .findFirst()
                            .map(ToeOnFoot.Worn::widthMm)
                            .orElse(width);
                    return Math.abs(foot - sock);
                })
                .average()
                .orElseThrow();
    }
}
