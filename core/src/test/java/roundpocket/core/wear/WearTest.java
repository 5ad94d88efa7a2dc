package roundpocket.core.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.lap.Doing;
import roundpocket.core.lap.LapStep;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;

/** A worn pair teaches the next one. */
public class WearTest {
    private static Proposal proposal(FitNote note, SockSpec spec) {
        return note.proposal(spec).orElseThrow();
    }

    private static double value(Proposal proposal, int at) {
        return proposal.changes().get(at).number().orElseThrow();
    }

    /** One or two plain rounds more at a tight heel, three rounds fewer in a long foot (common practice, no source). */
    @Test
    public void notesProposeWhatKnittersDo() {
        SockSpec spec = Specs.wholeExample();
        assertThat(value(proposal(FitNote.HEEL_TIGHT, spec), 0)).isEqualTo(6);
        assertThat(value(proposal(FitNote.HEEL_BAGGY, spec), 0)).isEqualTo(2);
        assertThat(proposal(FitNote.FOOT_LONG, spec).words()).isEqualTo("rounds to the opening: 72, not 75");
        assertThat(value(proposal(FitNote.FOOT_SHORT, spec), 1)).isEqualTo(78);
        assertThat(value(proposal(FitNote.TOE_TIGHT, spec), 0)).isEqualTo(6);
        assertThat(value(proposal(FitNote.CUFF_LOOSE, spec), 0)).isEqualTo(19);
        assertThat(value(proposal(FitNote.TUBE_TIGHT, spec), 0)).isEqualTo(0.081);
        assertThat(proposal(FitNote.HOLES_AT_CORNERS, spec).words()).contains("pick up extra loops, not leave two");
        assertThat(FitNote.CUFF_TIGHT.proposal(spec)).isEmpty();
        assertThat(FitNote.CUFF_TIGHT.reason()).contains("bind off");
    }

    @Test
    public void whereThereIsNoRoomNothingIsProposed() {
        SockSpec flat = Specs.tubeOf(64, 0);
        assertThat(FitNote.HEEL_BAGGY.proposal(flat)).isEmpty();
        SockSpec firm = flat.withChoices(flat.choices().withSize(SizeChoice.ofEase(0.25)));
        assertThat(FitNote.TUBE_LOOSE.proposal(firm)).isEmpty();
        assertThat(FitNote.HOLES_AT_CORNERS.proposal(flat))
                .as("no plain rounds to lose extra loops in")
                .isEmpty();
    }

    /** The choices with a proposal taken. */
    private static Choices taken(Proposal proposal, Choices choices) {
        Choices now = choices;
        for (Proposal.Change change : proposal.changes()) {
            int number = (int) change.number().orElse(0);
            now = switch (change.choice()) {
                case "heel.plainRounds" -> now.withHeel(now.heel().withPlainRounds(number));
                case "toe.plainRounds" -> now.withToe(now.toe().withPlainRounds(number));
                case "placing.school" -> now;
                case "placing.markedRound" ->
                    now.withPlacing(new PlacingChoice(Optional.of(PlacingSchool.ON_THE_FOOT), OptionalInt.of(number)));
                case "size.ease" ->
                    now.withSize(SizeChoice.ofEase(change.number().orElseThrow()));
                case "finish.cuffRounds" ->
                    now.withFinish(new FinishChoice(
                            OptionalInt.of(number),
                            now.finish().rib(),
                            now.finish().graftSetUp(),
                            now.finish().yarnAt()));
                case "opening.corners" ->
                    now.withOpening(new OpeningChoice(
                            now.opening().way(),
                            Optional.of(Corners.valueOf(change.name().orElseThrow())),
                            OptionalInt.empty(),
                            Optional.empty()));
                default -> throw new AssertionError(change.choice());
            };
        }
        return now;
    }

    @DataProvider
    public Object[][] notes() {
        return Arrays.stream(FitNote.values()).map(note -> new Object[] {note}).toArray(Object[][]::new);
    }

    /** Whatever the sock was: what is proposed can be planned, and is not what it was. */
    @Test(dataProvider = "notes")
    public void whatIsProposedCanBeKnitted(FitNote note) {
        Random random = new Random(31);
        int proposed = 0;
        for (int i = 0; i < 120; i++) {
            SockSpec spec = Specs.random(random);
            try {
                Optional<Proposal> proposal = note.proposal(spec);
                if (proposal.isEmpty()) {
                    continue;
                }
                SockPlan next =
                        spec.withChoices(taken(proposal.get(), spec.choices())).plan();
                assertThat(next.heel().rounds().count()).isPositive();
                assertThat(proposal.get().words()).contains(", not ");
                proposed++;
            } catch (Refusal noRoom) {
                assertThat(noRoom.problems()).allMatch(problem -> problem.code().contains("no-room"));
            }
        }
        assertThat(proposed).isGreaterThan(note == FitNote.CUFF_TIGHT ? -1 : 20);
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
