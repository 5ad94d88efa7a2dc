package roundpocket.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Rib;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.foot.ShoeSize;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.foot.ToeForm;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.Yarns;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.swatch.Fabric;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.Yarn;

public class DoubtsTest {
    private static final OptionalDouble NONE = OptionalDouble.empty();
    static final SockSpec GOOD = Specs.usual(246, 231);

    private static SockSpec stitches(int count) {
        return GOOD.withChoices(GOOD.choices().withSize(SizeChoice.ofStitches(count)));
    }

    private static SockSpec stitches(double ballMm, int count) {
        return Specs.usual(246, ballMm).withChoices(stitches(count).choices());
    }

    private static Foot foot(OptionalDouble length, Optional<ShoeSize> shoe, OptionalDouble leg) {
        return new Foot(length, shoe, OptionalDouble.of(231), OptionalDouble.empty(), leg, Optional.empty());
    }

    private static SockSpec grams(double grams) {
        return GOOD.withYarns(Yarns.one(GOOD.yarns().main().withOnHand(grams)));
    }

    private static SockSpec nylon(double share) {
        return GOOD.withYarns(Yarns.one(new Yarn(420, 100, OptionalDouble.of(100), OptionalDouble.of(share), false)));
    }

    static SockSpec fabric(Optional<FabricState> state, Optional<Boolean> round, double wanted) {
        Swatch own = GOOD.swatch();
        return GOOD.withSwatch(new Swatch(
                own.stitches(),
                own.rounds(),
                new Fabric(state, round, OptionalDouble.of(2.5), OptionalDouble.of(wanted)),
                Optional.empty()));
    }

    private static SockSpec counts(double one, double other) {
        return GOOD.withSwatch(
                new Swatch(GOOD.swatch().stitches(), List.of(new Reading(one, 100), new Reading(other, 100))));
    }

    private static SockSpec swapped() {
        return GOOD.withSwatch(Specs.swatch(43, 31, 100));
    }

    private static SockSpec ratio() {
        return GOOD.withSwatch(Specs.swatch(22, 44, 100));
    }

    private static SockSpec tex(double metres) {
        return GOOD.withYarns(Yarns.one(new Yarn(metres, 100, OptionalDouble.of(400))));
    }

    /** 40 rounds of 64 stitches are 7.8 g by the model; 4 g are more than three standard uncertainties away. */
    private static SockSpec weighed() {
        return GOOD.withWeighIns(List.of(WeighIn.ofRounds(40, 4)));
    }

    @DataProvider
    public Object[][] doubts() {
        Optional<ShoeSize> shoe = Optional.of(new ShoeSize(ShoeSystem.EU, 39));
        SockSpec shoeOnly = GOOD.withFeet(Feet.both(foot(NONE, shoe, NONE)));
        SockSpec unlike =
                GOOD.withFeet(new Feet(new Foot(246, 231), Optional.of(new Foot(236, 231)), PlanOn.LONGER_AND_WIDER));
        SockSpec wideLeg =
                GOOD.withFeet(Feet.both(foot(OptionalDouble.of(246), Optional.empty(), OptionalDouble.of(320))));
        SockSpec passed = GOOD.withSwatch(new Swatch(
                GOOD.swatch().stitches(),
                GOOD.swatch().rounds(),
                Fabric.UNTOLD,
                Optional.of(new TubeReading(40, 100, 70))));
        SockSpec placed = GOOD.withChoices(GOOD.choices().withPlacing(PlacingChoice.of(PlacingSchool.TWO_THIRDS)));
        Foot high = new Foot(
                OptionalDouble.of(246),
                Optional.empty(),
                OptionalDouble.of(231),
                OptionalDouble.of(330),
                NONE,
                Optional.empty());
        SockSpec highInstep = stitches(60).withFeet(Feet.both(high));
        SockSpec noPlain = GOOD.withChoices(GOOD.choices().withHeel(ShapingChoice.plain(0)));
        // code, weight, words, the specification that calls for it
        return new Object[][] {
            {"foot.estimated", Weight.MATTERS, "The foot length, 24.5 cm, is only estimated from a shoe size", shoeOnly
            },
            {"foot.differ", Weight.WORTH_KNOWING, "differ by 1 cm in length", unlike},
            {"ease.loose", Weight.MATTERS, "larger than the foot and will slip", stitches(80)},
            {"ease.little", Weight.WORTH_KNOWING, "sit loosely", stitches(229, 68)},
            {"ease.snug", Weight.WORTH_KNOWING, "smaller than the foot: snug", stitches(233, 56)},
            {"ease.tight", Weight.MATTERS, "strain and wear", stitches(48)},
            {"leg.tight", Weight.MATTERS, "leave its mark", wideLeg},
            {"heel.not-wearable", Weight.STOPS, "it won’t go on", stitches(52)},
            {"heel.passes-tightly", Weight.WORTH_KNOWING, "times its girth", stitches(60)},
            {"heel.passes-tightly", Weight.MATTERS, "With 64 sts it goes on easily", highInstep},
            {"heel.tight", Weight.MATTERS, "before the first decrease.", noPlain},
            {"heel.estimated", Weight.WORTH_KNOWING, "only an estimate from the ball", GOOD},
            {"placing.out", Weight.MATTERS, "the foot comes out 3 cm too short", placed},
            {"toe.in-line", Weight.WORTH_KNOWING, "in line with the corners", GOOD},
            {
                "heel.parity",
                Weight.WORTH_KNOWING,
                "is to close at 15 sts on each needle; decreasing by twos it closes at 14 sts. 16 sts are as near.",
                stitches(60)
            },
            {"tube.too-short", Weight.STOPS, "too short for two such socks", Specs.readyTube(GOOD, 64, 180)},
            {"tube.opening-passed", Weight.STOPS, "should have come 13 rounds ago", passed},
            {"cuff.rib", Weight.MATTERS, "62 sts do not come out even in 2×2 rib", Specs.readyTube(GOOD, 62, 400)},
        };
    }

    @DataProvider
    public Object[][] fabricDoubts() {
        SockSpec pointed = GOOD.withFeet(Feet.both(new Foot(
                OptionalDouble.of(246),
                Optional.empty(),
                OptionalDouble.of(231),
                NONE,
                NONE,
                Optional.of(ToeForm.POINTED))));
        return new Object[][] {
            {"swatch.once", Weight.WORTH_KNOWING, "over 10 cm: 43 rounds per 10 cm, give or take 1.8 rounds.", GOOD},
            {
                "toe.form",
                Weight.WORTH_KNOWING,
                "The toe ends round, 50 % as wide as it starts; the toes are pointed.",
                pointed
            },
            {
                "swatch.apart",
                Weight.MATTERS,
                "The counts of rounds differ: from 40 rounds per 10 cm to 46",
                counts(40, 46)
            },
            {"swatch.ratio", Weight.MATTERS, "Are stitches and rounds swapped?", swapped()},
            {"swatch.ratio", Weight.MATTERS, "2 rounds to a stitch; plain knitting has 1.15 to 1.5", ratio()},
            {"swatch.flimsy", Weight.WORTH_KNOWING, "flimsy", tex(800)},
            {"swatch.jamming", Weight.WORTH_KNOWING, "near jamming", tex(200)},
            {"yarn.weigh-in", Weight.MATTERS, "A weighing says 4 g; about 7.8 g was expected", weighed()},
            {"swatch.tiny", Weight.MATTERS, "counted over less than 5 cm", GOOD.withSwatch(Specs.swatch(12, 17, 40))},
            {"swatch.unsure", Weight.MATTERS, "unsure by ", GOOD.withSwatch(Specs.swatch(12, 17, 40))},
            {
                "swatch.unwashed",
                Weight.MATTERS,
                "was not washed",
                fabric(Optional.of(FabricState.UNWASHED), Optional.empty(), 31)
            },
            {"swatch.flat", Weight.WORTH_KNOWING, "worked flat", fabric(Optional.empty(), Optional.of(false), 31)},
            {
                "swatch.off-gauge",
                Weight.WORTH_KNOWING,
                "a thicker needle, or more stitches in the tube. Next is 2.75 mm, US 2.",
                fabric(Optional.empty(), Optional.empty(), 28)
            },
            {
                "swatch.off-gauge",
                Weight.WORTH_KNOWING,
                "a thinner needle, or fewer stitches in the tube. Next is 2.25 mm, US 1.",
                fabric(Optional.empty(), Optional.empty(), 34)
            },
            {"yarn.not-enough", Weight.STOPS, "g short, give or take", grams(30)},
            {"yarn.gamble", Weight.MATTERS, "Just enough yarn", grams(60)},
            {"yarn.likely", Weight.WORTH_KNOWING, "Probably enough yarn", grams(65)},
            {"yarn.nylon", Weight.MATTERS, "10 % nylon or similar; pure wool wears through", nylon(0.10)},
            {"yarn.nylon", Weight.WORTH_KNOWING, "25 % is usual", nylon(0.20)},
        };
    }

    @Test(dataProvider = "fabricDoubts")
    public void aCarefulFriendSaysOfTheFabric(String code, Weight weight, String words, SockSpec spec) {
        aCarefulFriendSays(code, weight, words, spec);
    }

    @Test(dataProvider = "doubts")
    public void aCarefulFriendSays(String code, Weight weight, String words, SockSpec spec) {
        List<Doubt> doubts = Doubts.of(spec, spec.plan());
        assertThat(doubts)
                .filteredOn(doubt -> doubt.code().equals(code))
                .singleElement()
                .satisfies(doubt -> {
                    assertThat(doubt.weight()).isEqualTo(weight);
                    assertThat(doubt.said().message(LengthUnit.CM))
                            .contains(words)
                            .doesNotContain("{", "}");
                    assertThat(doubt.said().remedy()).isNotBlank();
                    assertThat(doubt.said().field()).isNotBlank();
                    assertThat(doubt.figure()).isPresent();
                });
        assertThat(doubts).extracting(Doubt::weight).isSorted();
    }

    /** What the first plan of a newcomer hears: only what is true of it. */
    @Test
    public void aFirstPlanWithUsualAnswersRaisesNoDoubtButTrueOnes() {
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            double length = 150 + 150 * random.nextDouble();
            SockSpec spec = Specs.usual(length, length * (0.88 + 0.12 * random.nextDouble()));
            spec = spec.withYarns(Yarns.one(Yarn.usual()));
            assertThat(Doubts.of(spec, spec.plan()))
                    .as("foot of " + length)
                    .extracting(Doubt::code)
                    .isSubsetOf("heel.estimated", "toe.in-line", "swatch.once", "heel.parity", "toe.parity");
        }
    }

    @Test
    public void aPlanOfFullMeasuresAndPlentyOfYarnLeavesNothingHeavyToSay() {
        Foot whole = new Foot(
                OptionalDouble.of(246),
                Optional.empty(),
                OptionalDouble.of(231),
                OptionalDouble.of(308),
                OptionalDouble.of(230),
                Optional.empty());
        SockSpec spec = GOOD.withFeet(Feet.both(whole)).withSwatch(Specs.swatch(62, 86, 200));
        assertThat(Doubts.of(spec, spec.plan())).extracting(Doubt::code).containsExactly("toe.in-line");
    }

    @Test
    public void scissorsAreOnlyCautionedAgainstWhereSomethingIsCut() {
        SockSpec snipped = GOOD.withChoices(GOOD.choices().withOpening(OpeningChoice.of(OpeningWay.SNIP)));
        assertThat(Caution.of(snipped.plan())).contains(Caution.SCISSORS).doesNotContain(Caution.BABIES);
        assertThat(Caution.of(GOOD.plan())).doesNotContain(Caution.SCISSORS);
        SockSpec baby = Specs.usual(120, 115).withChoices(Specs.choices(0, 0));
        assertThat(Caution.of(baby.plan())).contains(Caution.BABIES);
        assertThat(Caution.FEET_AT_RISK.description()).contains("doctor or podiatrist", "no medical advice");
        assertThat(EnumSet.allOf(Caution.class))
                .allSatisfy(c -> assertThat(c.stages()).isNotEmpty());
    }

    @Test
    public void aOneByOneRibClosesOnEveryEvenTube() {
        SockSpec odd = Specs.readyTube(GOOD, 62, 400);
        SockSpec fine = odd.withChoices(odd.choices()
                .withFinish(new FinishChoice(
                        OptionalInt.empty(), Optional.of(Rib.ONE_BY_ONE), Optional.empty(), Optional.empty())));
        assertThat(Doubts.of(fine, fine.plan())).extracting(Doubt::code).doesNotContain("cuff.rib");
    }
}
