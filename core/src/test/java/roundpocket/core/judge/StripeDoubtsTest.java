package roundpocket.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Striping;

public class StripeDoubtsTest {
    private static final Striping TWO =
            Striping.of(Band.ofMetres("red", "#b3261e", 5), Band.ofMetres("blue", "#2f5fa8", 5));

    private static SockSpec striped(Striping striping) {
        SockSpec spec = Specs.wholeExample();
        return spec.withYarns(spec.yarns().striped(striping));
    }

    private static SockSpec second(SecondSock how) {
        SockSpec spec = striped(TWO);
        return spec.withChoices(spec.choices().withColour(ColourChoice.usual().withSecond(how)));
    }

    private static SockSpec weighing(SockSpec spec, double grams) {
        return spec.withYarns(spec.yarns().withMain(spec.yarns().main().withOnHand(grams)));
    }

    @DataProvider
    public Object[][] doubts() {
        Striping white = Striping.of(Band.ofMetres("", "#ffffff", 5), Band.ofMetres("", "#ffffff", 4));
        Striping endless = Striping.of(Band.ofMetres("red", "#b3261e", 400), Band.ofMetres("blue", "#2f5fa8", 400));
        // Counted on 32 stitches, the bands would be half the yarn that their metres are.
        Striping halved =
                Striping.of(Band.ofBoth("red", "#b3261e", 4.2, 4.5, 32), Band.ofBoth("blue", "#2f5fa8", 4.2, 4.5, 32));
        return new Object[][] {
            {striped(halved), "stripes.counted", "of yarn by their metres; about 0.9 g"},
            {striped(white), "stripes.one-colour", "All bands of this yarn have the same colour"},
            {striped(endless), "stripes.repeat-long", "One repeat takes 800 m, and the yarn you have is 420 m"},
            {
                striped(TWO.withKnots(new Knot(500, OptionalDouble.empty()))),
                "stripes.knot-beyond",
                "The knot at 500 m lies beyond the end of the yarn you have, 420 m."
            },
            {
                striped(TWO.withKnots(new Knot(60, OptionalDouble.empty()))),
                "stripes.knot",
                "A knot comes in the first sock, in the leg"
            },
            {weighing(second(SecondSock.TWO_CAKES), 40), "stripes.cut-short", "one half of the skein is not enough"},
            {weighing(second(SecondSock.TWO_CAKES), 2), "stripes.cut-where", "Where to cut the skein is not known."},
            {second(SecondSock.OTHER_END), "stripes.other-end", "Which colour shows at the other end"},
            {striped(TWO), "stripes.unsure", "Where the stripes lie at the heel line is only a guess"},
        };
    }

    @Test(dataProvider = "doubts")
    public void aCarefulFriendSaysOfTheStripes(SockSpec spec, String code, String words) {
        List<Doubt> doubts = Doubts.of(spec, spec.plan());
        assertThat(doubts).anySatisfy(doubt -> {
            assertThat(doubt.code()).isEqualTo(code);
            assertThat(doubt.said().message(LengthUnit.CM)).contains(words);
        });
    }

    @Test
    public void wideBandsThatAreCountedLeaveNothingToSay() {
        SockSpec spec =
                striped(Striping.of(Band.ofRounds("red", "#b3261e", 20, 64), Band.ofRounds("blue", "#2f5fa8", 20, 64)));
        assertThat(Doubts.of(spec, spec.plan())).extracting(Doubt::code).noneMatch(code -> code.startsWith("stripes."));
    }
}
