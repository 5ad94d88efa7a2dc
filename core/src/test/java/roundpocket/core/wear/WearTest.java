package roundpocket.core.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Rib;
import roundpocket.core.lap.Doing;
import roundpocket.core.lap.LapStep;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.ReadyTube;

/** A worn pair teaches the next one. */
public class WearTest {
    private static SockPlan with(SockSpec spec, FitNote... notes) {
        SockSpec now = spec;
        for (FitNote note : notes) {
            now = now.withChoices(note.proposal(now).taken(now.choices()));
        }
        return now.plan();
    }

    /** Whole millimetres of the foot that a plan gives, from its rounds. */
    private static int footRounds(SockPlan plan) {
        return plan.tube().heelLine().round().count()
                + plan.heel().shaping().rounds().count();
    }

    /** One or two plain rounds more at a tight heel, three rounds fewer in a long foot (common practice, no source). */
    @Test
    public void notesProposeWhatKnittersDo() {
        SockSpec spec = Specs.wholeExample();
        assertThat(with(spec, FitNote.HEEL_TIGHT).heel().shaping().plainRounds().count())
                .isEqualTo(6);
        assertThat(with(spec, FitNote.HEEL_BAGGY).heel().shaping().plainRounds().count())
                .isEqualTo(2);
        assertThat(with(spec, FitNote.FOOT_LONG).tube().heelLine().round().count())
                .isEqualTo(72);
        assertThat(with(spec, FitNote.FOOT_SHORT).tube().heelLine().round().count())
                .isEqualTo(78);
        assertThat(with(spec, FitNote.TOE_TIGHT).toe().shaping().plainRounds().count())
                .isEqualTo(6);
        assertThat(with(spec, FitNote.CUFF_LOOSE).cuff().rounds().count()).isEqualTo(19);
        assertThat(with(spec, FitNote.TUBE_TIGHT).stitchCount().stitches().count())
                .isEqualTo(68);
        assertThat(with(spec, FitNote.TUBE_LOOSE).stitchCount().stitches().count())
                .isEqualTo(60);
        assertThat(with(spec, FitNote.HOLES_AT_CORNERS).opening().live().count())
                .isEqualTo(72);
        assertThat(with(spec, FitNote.CUFF_TIGHT).cuff().rib()).isEqualTo(Rib.ONE_BY_ONE);
        assertThat(FitNote.HEEL_TIGHT.proposal(spec).words()).isEqualTo("Try 6 plain rounds at the heel instead of 4.");
        assertThat(FitNote.FOOT_LONG.proposal(spec).words())
                .as("counted from where the tube begins")
                .isEqualTo("Knit 52 rounds between toe and heel line instead of 55.");
    }

    /** A deeper heel and a foot three rounds shorter: in either order both do what they said. */
    @Test
    public void takingOneProposalLeavesTheOtherAsItWas() {
        for (PlacingChoice placing : List.of(
                PlacingChoice.usual(),
                PlacingChoice.of(PlacingSchool.THREE_QUARTERS),
                PlacingChoice.marked(75, CountFrom.TOE_TIP),
                PlacingChoice.markedAt(190, CountFrom.TOE_TIP),
                PlacingChoice.distance(140, CountFrom.END_OF_TOE))) {
            SockSpec spec = Specs.wholeExample();
            spec = spec.withChoices(spec.choices().withPlacing(placing));
            int alone = footRounds(with(spec, FitNote.FOOT_LONG));
            int deeper = footRounds(with(spec, FitNote.HEEL_TIGHT));
            SockPlan first = with(spec, FitNote.HEEL_TIGHT, FitNote.FOOT_LONG);
            SockPlan then = with(spec, FitNote.FOOT_LONG, FitNote.HEEL_TIGHT);
            assertThat(footRounds(first)).as(placing.toString()).isEqualTo(footRounds(then));
            assertThat(footRounds(first) - deeper).isEqualTo(-3);
            assertThat(alone - footRounds(spec.plan())).isEqualTo(-3);
            assertThat(first.heel().shaping().plainRounds().count()).isEqualTo(6);
        }
    }

    /** A proposal that cannot be made says why, and changes nothing. */
    @Test
    public void whereThereIsNoRoomItSaysWhy() {
        SockSpec flat = Specs.tubeOf(64, 0);
        flat = flat.withChoices(flat.choices()
                .withOpening(OpeningChoice.usual().closingLater())
                .withFinish(new FinishChoice(
                        OptionalInt.empty(), Optional.of(Rib.ONE_BY_ONE), Optional.empty(), Optional.empty())));
        assertThat(FitNote.HEEL_BAGGY.proposal(flat).changes()).isEmpty();
        assertThat(FitNote.HEEL_BAGGY.proposal(flat).words()).contains("no plain rounds to leave out");
        assertThat(FitNote.CUFF_TIGHT.proposal(flat).changes()).isEmpty();
        SockSpec tube = Specs.wholeExample();
        tube = tube.withChoices(tube.choices()
                .withSize(SizeChoice.usual())
                .withTube(tube.choices().tube().withReadyTube(ReadyTube.of(64, 400))));
        assertThat(FitNote.TUBE_TIGHT.proposal(tube).words()).contains("A ready tube’s stitches can’t change");
        SockSpec shortest = Specs.wholeExample();
        shortest = shortest.withChoices(shortest.choices()
                .withSize(new SizeChoice(OptionalDouble.empty(), OptionalInt.empty(), OptionalDouble.of(40))));
        assertThat(FitNote.FOOT_LONG.proposal(shortest).words()).contains("as much shorter than the foot");
    }

    @DataProvider
    public Object[][] notes() {
        return Arrays.stream(FitNote.values()).map(note -> new Object[] {note}).toArray(Object[][]::new);
    }

    /** Whatever the sock was: what is proposed can be planned and is not what it was, or says why there is nothing. */
    @Test(dataProvider = "notes")
    public void whatIsProposedCanBeKnitted(FitNote note) {
        Random random = new Random(31);
        int proposed = 0;
        for (int i = 0; i < 120; i++) {
            SockSpec spec = Specs.anySchool(random);
            try {
                Proposal proposal = note.proposal(spec);
                assertThat(proposal.words()).endsWith(".");
                if (!proposal.changes().isEmpty()) {
                    assertThat(proposal.changes(spec.choices())).isTrue();
                    SockPlan next =
                            spec.withChoices(proposal.taken(spec.choices())).plan();
                    assertThat(next.heel().shaping().rounds().count()).isPositive();
                    proposed++;
                }
            } catch (Refusal noRoom) {
                assertThat(noRoom.problems())
                        .allMatch(problem -> problem.code().contains("no-room")
                                || problem.code().startsWith("shaping."));
            }
        }
        assertThat(proposed).isGreaterThan(20);
    }

    /** A new heel begins with the loops of the tube, is counted before it is cut, and ends with none. */
    @Test
    public void aHeelIsCutOffAndKnittedNew() {
        Random random = new Random(32);
        for (int i = 0; i < 150; i++) {
            SockPlan plan;
            try {
                plan = Specs.anySchool(random).plan();
            } catch (Refusal noRoom) {
                continue;
            }
            HeelRepair repair = HeelRepair.of(plan);
            int live = 0;
            for (LapStep step : repair.steps()) {
                assertThat(step.before()).isEqualTo(live);
                live = step.after();
            }
            assertThat(live).isZero();
            assertThat(repair.steps().stream().map(LapStep::doing))
                    .containsSubsequence(Doing.PICK_UP, Doing.CHECK, Doing.CUT, Doing.SHAPE);
            assertThat(repair.yarn().value()).isPositive();
        }
        assertThat(HeelRepair.of(Specs.wholeExample().plan()).steps().get(0).instruction())
                .contains("32 on each");
        assertThat(ShapingChoice.plain(3).withPlainRounds(5).plainRounds()).hasValue(5);
    }
}
