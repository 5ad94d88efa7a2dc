package roundpocket.core.stripe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.LapStep;
import roundpocket.core.lap.StepName;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.StripePlan.HeelLineAt;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeChoice;

/** A striped tube that is still to be cut: its pieces have the colours that lie there. */
public class StripedTubeTest {
    /** Bands of ten rounds of 64 stitches each, so that the colour of a round is its tens. */
    private static final Striping TENS = Striping.of(
            Band.ofRounds("woad", "#2f5fa8", 10, 64),
            Band.ofRounds("rust", "#b3261e", 10, 64),
            Band.ofRounds("chalk", "#f5f3ee", 10, 64));

    private static SockSpec tube(ReadyTube ready) {
        SockSpec spec = Specs.wholeExample();
        return spec.withYarns(spec.yarns().striped(TENS))
                .withChoices(spec.choices().withTube(TubeChoice.usual().withReadyTube(ready)));
    }

    private static List<Integer> bands(List<ColourRound> rounds) {
        return rounds.stream().map(ColourRound::middleBand).toList();
    }

    private static List<Integer> tens(int from, int rounds) {
        return IntStream.range(from, from + rounds)
                .map(round -> round / 10 % 3)
                .boxed()
                .toList();
    }

    /** Foot and leg of a sock on the tape; a round that is unpicked lies between them. */
    private static List<List<Integer>> footAndLeg(SockPlan plan, int sock) {
        List<ColourRound> laid = plan.stripes().orElseThrow().socks().get(sock).tube();
        int toe = plan.toe().shaping().rounds().count();
        int foot = plan.tube().rounds().foot().count();
        int leg = plan.tube().rounds().leg().count();
        return List.of(bands(laid.subList(toe, toe + foot)), bands(laid.subList(toe + foot, toe + foot + leg)));
    }

    private static void holds(SockPlan plan, int tubeRounds) {
        int foot = plan.tube().rounds().foot().count();
        int leg = plan.tube().rounds().leg().count();
        int second = tubeRounds - foot - leg - 1;
        assertThat(footAndLeg(plan, 0)).isEqualTo(List.of(tens(0, foot), tens(foot + 1, leg)));
        assertThat(footAndLeg(plan, 1)).isEqualTo(List.of(tens(second, foot), tens(second + foot + 1, leg)));
    }

    @Test
    public void theHalvesHaveTheStripesOfTheTube() {
        holds(tube(ReadyTube.of(64, 241).with(Cut.HALVE)).plan(), 241);
    }

    @Test
    public void piecesCutToLengthLieAtTheTubesEnds() {
        holds(tube(ReadyTube.of(64, 260)).plan(), 260);
    }

    @Test
    public void whatIsRavelledComesFromTheFarEnd() {
        SockPlan plan = tube(ReadyTube.of(64, 320).ravelling()).plan();
        int ravelled = plan.tube().cut().orElseThrow().ravelled().orElseThrow().count();
        assertThat(ravelled).isGreaterThan(40);
        holds(plan, 320 - ravelled);
        // The ball begins where the ravelling ended: the colour of the round that was the last to come off.
        ColourRound cuff = plan.stripes()
                .orElseThrow()
                .socks()
                .get(0)
                .tube()
                .get(plan.tube().rounds().foot().count()
                        + plan.tube().rounds().leg().count()
                        + plan.toe().shaping().rounds().count());
        double stitchM = plan.yarn().loopLength().value() / 1000;
        double into = (320 - ravelled + 0.2 / (64 * stitchM)) / 10 % 3;
        assertThat(cuff.band()).isEqualTo((int) into);
    }

    @Test
    public void theHeelLineIsOfferedBetweenTheBandsOfAHalf() {
        SockPlan plan = tube(ReadyTube.of(64, 241).with(Cut.HALVE)).plan();
        List<HeelLineAt> offered = plan.stripes().orElseThrow().candidates();
        assertThat(offered).isNotEmpty();
        for (HeelLineAt each : offered) {
            int line = plan.tube().rounds().foot().count() + each.moved();
            assertThat(line % 10).as("%s", each).isEqualTo(each.between() ? 0 : 5);
            assertThat(each.startFurther()).isEmpty();
        }
    }

    @Test
    public void theCutIsToldByWhatIsSeen() {
        SockPlan plan = tube(ReadyTube.of(64, 241).with(Cut.HALVE)).plan();
        Course course = Course.beginning(tube(ReadyTube.of(64, 241).with(Cut.HALVE)), HeelWhen.AFTER_TUBE);
        LapStep rims = course.lap().steps().stream()
                .filter(step -> step.name() == StepName.RIMS_1)
                .findFirst()
                .orElseThrow();
        int rounds = plan.tube().cut().orElseThrow().pieceRounds().count()
                - plan.tube().cut().orElseThrow().spareRounds().count();
        int band = (rounds - 1) / 10;
        String colour = List.of("woad", "rust", "chalk").get(band % 3);
        assertThat(rims.said(rims.template()).text(LengthUnit.CM))
                .contains("should end after the ")
                .contains(" round of the ")
                .contains(" " + colour + "; where it doesn’t, go by the count.");
        assertThat(plan.stripes().orElseThrow().socks().get(0).shares()).isNotEmpty();
        assertThat(plan.yarn().of(Section.HEEL).metres().value())
                .isCloseTo(
                        plan.heel().shaping().stitchesWorked().value()
                                * plan.yarn().loopLength().value()
                                / 1000,
                        within(1e-6));
    }
}
