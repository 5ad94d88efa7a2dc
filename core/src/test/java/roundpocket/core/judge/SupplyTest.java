package roundpocket.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.judge.Supply.Kind;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.TechniqueChoice;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

/** What is to be brought for a pair; what a plan does not use is not on the list. */
public class SupplyTest {
    private static final int PLANS = 300;

    private static List<Kind> kinds(SockSpec spec) {
        return Supply.of(spec, spec.plan()).stream().map(Supply::kind).toList();
    }

    private static Supply of(Kind kind, SockSpec spec) {
        return Supply.of(spec, spec.plan()).stream()
                .filter(each -> each.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static SockSpec opened(OpeningWay way) {
        SockSpec usual = Specs.usual(246, 231);
        return usual.withChoices(usual.choices().withOpening(OpeningChoice.of(way)));
    }

    @Test
    public void theUsualPairNeedsNoMoreThanThis() {
        assertThat(kinds(Specs.usual(246, 231)))
                .containsExactly(
                        Kind.YARN,
                        Kind.NEEDLES,
                        Kind.WASTE_YARN,
                        Kind.MARKERS,
                        Kind.DARNING_NEEDLE,
                        Kind.SCISSORS,
                        Kind.SCALE,
                        Kind.TAPE);
    }

    @DataProvider
    Object[][] openings() {
        return new Object[][] {
            {OpeningWay.SNIP, "the cast-on.", "small pointed scissors", false},
            {OpeningWay.WASTE_ONE_LINE, "the cast-on and the heel lines.", "scissors", false},
            {OpeningWay.WASTE_TWO_LINES, "the cast-on and the heel lines.", "scissors", false},
            {OpeningWay.LIFELINES, "the cast-on.", "small pointed scissors", true},
        };
    }

    @Test(dataProvider = "openings")
    public void theWayToOpenTheHeelSaysWhatIsUsed(OpeningWay way, String waste, String scissors, boolean threads) {
        SockSpec spec = opened(way);
        assertThat(of(Kind.WASTE_YARN, spec).note().text(LengthUnit.CM)).endsWith(waste);
        assertThat(of(Kind.SCISSORS, spec).item().text(LengthUnit.CM)).isEqualTo(scissors);
        assertThat(kinds(spec).contains(Kind.THREADS)).isEqualTo(threads);
    }

    @Test
    public void whatIsDoneInAnotherWayAsksForOtherThings() {
        SockSpec usual = Specs.usual(246, 231);
        SockSpec chained = usual.withChoices(usual.choices().withTechnique(TechniqueChoice.of(Provisional.CHAIN)));
        assertThat(kinds(chained)).contains(Kind.HOOK);
        SockSpec early = usual.withChoices(usual.choices().withTechnique(TechniqueChoice.of(HeelWhen.AT_ONCE)));
        assertThat(kinds(early)).contains(Kind.SECOND_NEEDLES);
        SockSpec inTurn = usual.withChoices(usual.choices().withOrder(KnitOrder.IN_TURN));
        assertThat(kinds(inTurn)).contains(Kind.SECOND_NEEDLES);
        SockSpec both = usual.withChoices(usual.choices().withOrder(KnitOrder.TWO_AT_A_TIME));
        assertThat(kinds(both)).doesNotContain(Kind.SECOND_NEEDLES);
        assertThat(NeedleKind.DOUBLE_POINTS.says(of(Kind.NEEDLES, both).note().template()))
                .isEqualTo("Five double points for each sock.");
        // cuff-down the toe is live from the tube, and a snip marks no line
        SockSpec snipped = opened(OpeningWay.SNIP);
        TubeChoice down = new TubeChoice(
                Optional.of(Way.CUFF_DOWN),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                Optional.empty());
        assertThat(kinds(snipped.withChoices(snipped.choices().withTube(down))))
                .doesNotContain(Kind.WASTE_YARN, Kind.HOOK);
    }

    /** The yarn of the list is the plan's: 420 m weigh 100 g. */
    @Test
    public void theYarnIsThatOfThePlan() {
        SockSpec spec = Specs.usual(246, 231);
        SockPlan plan = spec.plan();
        Supply yarn = of(Kind.YARN, spec);
        double grams = yarn.item().amounts().get("grams").value();
        assertThat(grams).isEqualTo(plan.yarn().roles().get(0).needed().value());
        assertThat(yarn.note().amounts().get("metres").value()).isCloseTo(grams * 4.2, within(1e-9));
        assertThat(yarn.note().amounts().get("sure").value()).isGreaterThan(grams);
    }

    @Test
    public void everyListIsInPlainWordsInEitherUnitAndForAnyNeedles() {
        Random random = new Random(77);
        int told = 0;
        while (told < PLANS) {
            SockSpec spec = Specs.anySchool(random);
            List<Supply> all;
            try {
                all = Supply.of(spec, spec.plan());
            } catch (Refusal noSock) {
                continue;
            }
            told++;
            assertThat(all).extracting(Supply::kind).doesNotHaveDuplicates().isSorted();
            for (Supply each : all) {
                for (LengthUnit unit : LengthUnit.values()) {
                    String words = each.item().text(unit) + ". " + each.note().text(unit);
                    assertThat(PlainWords.amiss(words)).as(words).isEmpty();
                }
                for (NeedleKind kind : NeedleKind.values()) {
                    assertThat(kind.says(each.note().template())).doesNotContain("[", "|");
                }
            }
        }
    }
}
