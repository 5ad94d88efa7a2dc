package roundpocket.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.lap.Doing;
import roundpocket.core.lap.LapStep;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.ReadyTube;

/** A worn pair teaches the next one. */
public class WearTest {
    private static SockPlan with(SockSpec spec, FitNote... notes) {
        return with(spec, spec.plan(), notes);
    }

    private static SockPlan with(SockSpec spec, SockPlan knitted, FitNote... notes) {
        SockSpec now = spec;
        for (FitNote note : notes) {
            Optional<Proposal> proposal = note.proposal(now, knitted);
            if (proposal.isPresent()) {
                now = now.withChoices(proposal.get().taken(now.choices()));
            }
        }
        return now.plan();
    }

    /** What is proposed for the next pair by the plan that the last one was knitted by. */
    private static Proposal of(FitNote note, SockSpec spec) {
        return note.proposal(spec, spec.plan()).orElseThrow();
    }

    private static String words(FitNote note, SockSpec spec) {
        return of(note, spec).said().text(LengthUnit.CM);
    }

    private static SockSpec plain(SockSpec spec, int rounds) {
        return spec.withChoices(spec.choices().withHeel(spec.choices().heel().withPlainRounds(rounds)));
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
        assertThat(words(FitNote.HEEL_TIGHT, spec)).isEqualTo("Tight at 4 plain rounds: try 6 at the heel.");
        assertThat(words(FitNote.FOOT_LONG, spec))
                .as("counted from where the tube begins")
                .isEqualTo("Long at 24.1 cm: knit 52 rounds between toe and heel line, not 55.");
    }

    /** Both socks are planned on the longer foot and the wider: on the other they are long or loose, and must be. */
    @Test
    public void tooLargeOnTheSmallerFootIsAsItHasToBe() {
        Feet feet = new Feet(new Foot(246, 226), Optional.of(new Foot(241, 231)), PlanOn.LONGER_AND_WIDER);
        assertThat(FitNote.FOOT_LONG.counts(feet, 1)).isTrue();
        assertThat(FitNote.FOOT_LONG.counts(feet, 2)).isFalse();
        assertThat(FitNote.TUBE_LOOSE.counts(feet, 1)).isFalse();
        assertThat(FitNote.TUBE_LOOSE.counts(feet, 2)).isTrue();
        // What is too small on either has to give.
        assertThat(FitNote.FOOT_SHORT.counts(feet, 2)).isTrue();
        assertThat(FitNote.HEEL_TIGHT.counts(feet, 1)).isTrue();
        Feet onTheOther = new Feet(feet.first(), feet.other(), PlanOn.OTHER);
        assertThat(FitNote.FOOT_LONG.counts(onTheOther, 1)).isFalse();
        assertThat(FitNote.FOOT_LONG.counts(Feet.both(feet.first()), 2)).isTrue();
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
            SockPlan first = with(spec, FitNote.HEEL_TIGHT, FitNote.FOOT_LONG);
            // Where the line lies at a share of the foot, a deeper heel makes that longer again: so it is said once
            // more.
            SockPlan then = with(spec, FitNote.FOOT_LONG, FitNote.HEEL_TIGHT, FitNote.FOOT_LONG);
            assertThat(footRounds(first)).as(placing.toString()).isEqualTo(footRounds(then));
            assertThat(footRounds(first) - footRounds(spec.plan())).isEqualTo(-3);
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
        assertThat(of(FitNote.HEEL_BAGGY, flat).changes()).isEmpty();
        assertThat(words(FitNote.HEEL_BAGGY, flat)).contains("no plain rounds to leave out");
        assertThat(of(FitNote.CUFF_TIGHT, flat).changes()).isEmpty();
        SockSpec tube = Specs.wholeExample();
        tube = tube.withChoices(tube.choices()
                .withSize(SizeChoice.usual())
                .withTube(tube.choices().tube().withReadyTube(ReadyTube.of(64, 400))));
        assertThat(words(FitNote.TUBE_TIGHT, tube)).contains("A ready tube’s stitches can’t change");
        SockSpec shortest = Specs.wholeExample();
        shortest = shortest.withChoices(shortest.choices()
                .withSize(new SizeChoice(OptionalDouble.empty(), OptionalInt.empty(), OptionalDouble.of(40))));
        assertThat(words(FitNote.FOOT_LONG, shortest)).contains("as much shorter than the foot");
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
                Optional<Proposal> made = note.proposal(spec, spec.plan());
                if (made.isEmpty()) {
                    continue;
                }
                Proposal proposal = made.get();
                assertThat(proposal.said().text(LengthUnit.INCH)).endsWith(".").doesNotContain("{");
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
        boolean byTheNeedle = note == FitNote.LEG_TIGHT || note == FitNote.LEG_LOOSE;
        assertThat(proposed).isGreaterThan(byTheNeedle ? -1 : 20);
    }

    /** A note hangs on the numbers as they were knitted: what the plan has by now is not proposed again. */
    @Test
    public void aNoteHangsOnTheNumbersAsKnitted() {
        SockSpec spec = Specs.wholeExample();
        SockPlan knitted = plain(spec, 3).plan();
        assertThat(FitNote.HEEL_TIGHT
                        .proposal(plain(spec, 3), knitted)
                        .orElseThrow()
                        .said()
                        .template())
                .isEqualTo("Tight at 3 plain rounds: try 5 at the heel.");
        assertThat(FitNote.HEEL_TIGHT
                        .proposal(plain(spec, 4), knitted)
                        .orElseThrow()
                        .said()
                        .template())
                .isEqualTo("Tight at 3 plain rounds: try 5 at the heel instead of 4.");
        assertThat(FitNote.HEEL_TIGHT.proposal(plain(spec, 5), knitted)).isEmpty();
        assertThat(FitNote.HEEL_TIGHT.proposal(plain(spec, 7), knitted)).isEmpty();
        // Taken and undone it is there again.
        SockSpec taken = plain(spec, 3)
                .withChoices(FitNote.HEEL_TIGHT
                        .proposal(plain(spec, 3), knitted)
                        .orElseThrow()
                        .taken(plain(spec, 3).choices()));
        assertThat(FitNote.HEEL_TIGHT.proposal(taken, knitted)).isEmpty();
        assertThat(FitNote.HEEL_TIGHT.proposal(plain(spec, 3), knitted)).isPresent();
    }

    /** Taking one of them never makes another say something that is no longer so. */
    @Test(dataProvider = "notes")
    public void whatWasTakenIsNotProposedAgain(FitNote note) {
        Random random = new Random(35);
        int settled = 0;
        for (int i = 0; i < 60; i++) {
            SockSpec spec = Specs.anySchool(random);
            SockPlan knitted;
            try {
                knitted = spec.plan();
            } catch (Refusal noRoom) {
                continue;
            }
            Optional<Proposal> proposal = note.proposal(spec, knitted);
            if (proposal.filter(any -> any.changes(spec.choices())).isEmpty()) {
                continue;
            }
            SockSpec taken = spec.withChoices(proposal.get().taken(spec.choices()));
            assertThat(note.proposal(taken, knitted).filter(again -> again.changes(taken.choices())))
                    .as("%s of %s", note, spec.choices())
                    .isEmpty();
            settled++;
        }
        assertThat(settled).isGreaterThan(note == FitNote.LEG_TIGHT || note == FitNote.LEG_LOOSE ? -1 : 5);
    }

    /** Other yarn, other gauge: a foot that was long by three rounds is to be shorter by as much, in rounds of its own. */
    @Test
    public void anotherGaugeKeepsWhatWasMeant() {
        SockSpec spec = Specs.wholeExample();
        SockPlan knitted = spec.plan();
        SockSpec finer = spec.withSwatch(new Swatch(List.of(new Reading(36, 100)), List.of(new Reading(52, 100))));
        SockPlan plan = finer.plan();
        double wanted = knitted.tube().lengths().foot().value()
                - 300 / knitted.basis().gauge().rounds().value();
        SockPlan shorter = with(finer, knitted, FitNote.FOOT_LONG);
        assertThat(shorter.tube().lengths().foot().value()).isCloseTo(wanted, within(1.5));
        int stitches = with(finer, knitted, FitNote.TUBE_TIGHT)
                .stitchCount()
                .stitches()
                .count();
        assertThat(stitches).isGreaterThan(plan.stitchCount().stitches().count());
        assertThat(stitches / 36.0)
                .isCloseTo(68 / knitted.basis().gauge().stitches().value(), within(0.06));
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
                .contains("32 in each half");
        assertThat(ShapingChoice.plain(3).withPlainRounds(5).plainRounds()).hasValue(5);
    }
}
