package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Phase;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.WeighIn;

/** Choices that do not go together, each refused with what would help. */
public class ChoicesTest {
    private static final ReadyTube READY = new ReadyTube(
            64,
            OptionalInt.of(300),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            Optional.empty(),
            OptionalInt.empty(),
            Optional.empty());

    private static TubeChoice tube(Way way, ToeStart start, ReadyTube ready) {
        return new TubeChoice(
                Optional.of(way),
                Optional.ofNullable(start),
                Optional.ofNullable(ready),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                Optional.empty());
    }

    private static Choices ready() {
        return Choices.usual().withTube(tube(Way.READY_TUBE, null, READY));
    }

    private static OpeningChoice opening(Corners corners, int extra, boolean keep) {
        return new OpeningChoice(
                Optional.of(OpeningWay.SNIP),
                Optional.of(corners),
                extra == 0 ? OptionalInt.empty() : OptionalInt.of(extra),
                Optional.of(keep));
    }

    @DataProvider
    public Object[][] clashes() {
        Runnable noTube = () -> tube(Way.READY_TUBE, null, null);
        Runnable unusedTube = () -> tube(Way.TOE_UP, null, READY);
        Runnable startCuffDown = () -> tube(Way.CUFF_DOWN, ToeStart.CLOSED, null);
        Runnable ownCount = () -> ready().withSize(SizeChoice.ofStitches(64));
        Runnable waste = () -> ready().withOpening(OpeningChoice.of(OpeningWay.WASTE_ONE_LINE));
        Runnable drawnTip = () -> Choices.usual()
                .withTube(tube(Way.TOE_UP, ToeStart.CLOSED, null))
                .withToe(ShapingChoice.own(0, true, Close.DRAW_THROUGH, List.of(Phase.until(1, 4))));
        Runnable shortTip = () -> Choices.usual()
                .withTube(tube(Way.TOE_UP, ToeStart.CLOSED, null))
                .withToe(ShapingChoice.of(ShapingSchool.SHORT_ROWS, 0));
        Runnable odd = () -> new ReadyTube(
                65,
                OptionalInt.of(300),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty());
        Runnable noSize = () -> new ReadyTube(
                64,
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty());
        Runnable unmarked = () -> PlacingChoice.of(PlacingSchool.ON_THE_FOOT);
        Runnable extraUnused = () -> opening(Corners.LEAVE_TWO, 2, false);
        Runnable keepOne = () -> opening(Corners.PICK_UP, 1, true);
        Runnable noPhases = () -> ShapingChoice.of(ShapingSchool.OWN, 0);
        Runnable bothEnds = () -> new Phase(2, OptionalInt.of(3), OptionalInt.of(8));
        Runnable neither =
                () -> new WeighIn(OptionalDouble.empty(), OptionalInt.empty(), 5, OptionalDouble.empty(), false);
        Runnable foot = () -> new Yarns(Specs.SOCK_YARN, Optional.of(Specs.SOCK_YARN), EnumSet.of(Section.FOOT));
        Runnable nothing =
                () -> new Yarns(Specs.SOCK_YARN, Optional.of(Specs.SOCK_YARN), EnumSet.noneOf(Section.class));
        Runnable noSecond = () -> new Yarns(Specs.SOCK_YARN, Optional.empty(), EnumSet.of(Section.HEEL));
        return new Object[][] {
            {noTube, "readyTube", "needs the tube: its stitches, and its rounds or its length"},
            {unusedTube, "readyTube", "the sock is to be knitted"},
            {startCuffDown, "toeStart", "Only a toe-up tube begins at the toe"},
            {ownCount, "size.stitches", "A ready tube’s stitches can’t change"},
            {waste, "opening.way", "Waste yarn, one line: that is done while you knit"},
            {drawnTip, "toe.close", "can’t be cinched"},
            {shortTip, "toe.school", "A short-row toe does not begin at a closed tip"},
            {odd, "stitches", "65 sts has no two halves"},
            {noSize, "rounds", "must be given once"},
            {unmarked, "markedRound", "no mark is given"},
            {extraUnused, "extraLoops", "but none are picked up"},
            {keepOne, "keepFour", "fewer are picked up"},
            {noPhases, "phases", "needs 1 to 8 phases (there are 0)"},
            {bothEnds, "until", "either after so many decrease rounds or at so many stitches"},
            {neither, "rounds", "must be given once, in rounds or in stitches"},
            {foot, "contrastSections", "foot and leg are the main yarn’s"},
            {nothing, "contrastSections", "nothing is knitted from it"},
            {noSecond, "contrastSections", "and there is none"},
        };
    }

    @DataProvider
    public Object[][] placesAndCorners() {
        Runnable left = () -> new OpeningChoice(
                Optional.of(OpeningWay.WASTE_TWO_LINES),
                Optional.of(Corners.LEAVE_TWO),
                OptionalInt.empty(),
                Optional.empty());
        Runnable leftUnsaid = () -> Choices.usual()
                .withOpening(new OpeningChoice(
                        Optional.empty(), Optional.of(Corners.LEAVE_TWO), OptionalInt.empty(), Optional.empty()));
        Runnable twice = () -> new PlacingChoice(
                Optional.empty(), OptionalInt.of(60), OptionalDouble.of(150), OptionalDouble.empty(), Optional.empty());
        Runnable farDistance = () -> PlacingChoice.distance(500, CountFrom.TOE_TIP);
        Runnable noDistance = () -> PlacingChoice.of(PlacingSchool.OWN_DISTANCE);
        Runnable fromTheCuff = () -> PlacingChoice.distance(190, CountFrom.CUFF_EDGE);
        Runnable legTwice = () -> new TubeChoice(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.of(120),
                OptionalInt.of(60),
                Optional.empty());
        return new Object[][] {
            {left, "corners", "Waste yarn comes out whole"},
            {leftUnsaid, "opening.corners", "Waste yarn comes out whole"},
            {twice, "markedMm", "given twice"},
            {farDistance, "distanceMm", "2 to 40 cm"},
            {noDistance, "distanceMm", "none is given"},
            {fromTheCuff, "from", "from the tip of the toe or from where the toe begins"},
            {legTwice, "legRounds", "The leg is given twice"},
        };
    }

    @Test(dataProvider = "placesAndCorners")
    public void placesAndCornersThatCannotBeAreRefused(Runnable input, String field, String words) {
        whatDoesNotGoTogetherIsRefused(input, field, words);
    }

    @Test(dataProvider = "clashes")
    public void whatDoesNotGoTogetherIsRefused(Runnable input, String field, String words) {
        Refusal refusal = catchThrowableOfType(Refusal.class, input::run);
        assertThat(refusal).as("nothing was refused").isNotNull();
        assertThat(refusal.problems()).anySatisfy(problem -> {
            assertThat(problem.field()).isEqualTo(field);
            assertThat(problem.message(LengthUnit.CM))
                    .contains(words)
                    .endsWith(".")
                    .doesNotContain("{");
            assertThat(problem.remedy()).isNotBlank();
        });
    }

    @Test
    public void aReadyTubeIsSnippedWhereNobodySaidHow() {
        SockPlan plan = Specs.large().withChoices(ready()).plan();
        assertThat(plan.opening().way()).isEqualTo(OpeningWay.SNIP);
        assertThat(plan.tube().rounds().sacrificed().count()).isEqualTo(1);
        assertThat(plan.yarn().find(Section.FOOT)).isEmpty();
        assertThat(plan.yarn().leg()).isEmpty();
    }
}
