package roundpocket.core.wear;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Rib;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.TubeChoice;

/** The choices of a plan that a proposal can change, each with its path in the specification. */
public enum Setting {
    HEEL_PLAIN("heel.plainRounds") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            return choices.withHeel(choices.heel().withPlainRounds(change.count()));
        }
    },
    TOE_PLAIN("toe.plainRounds") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            return choices.withToe(choices.toe().withPlainRounds(change.count()));
        }
    },
    LENGTH_EASE("size.lengthEaseMm") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            SizeChoice size = choices.size();
            return choices.withSize(new SizeChoice(size.ease(), size.stitches(), change.number()));
        }
    },
    STITCHES("size.stitches") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            SizeChoice size = choices.size();
            return choices.withSize(new SizeChoice(size.ease(), OptionalInt.of(change.count()), size.lengthEaseMm()));
        }
    },
    MARKED_ROUND("placing.markedRound") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            PlacingChoice placing = choices.placing();
            return choices.withPlacing(new PlacingChoice(
                    placing.school(),
                    OptionalInt.of(change.count()),
                    OptionalDouble.empty(),
                    placing.distanceMm(),
                    placing.from()));
        }
    },
    MARKED_MM("placing.markedMm") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            PlacingChoice placing = choices.placing();
            return choices.withPlacing(new PlacingChoice(
                    placing.school(), OptionalInt.empty(), change.number(), placing.distanceMm(), placing.from()));
        }
    },
    DISTANCE("placing.distanceMm") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            PlacingChoice placing = choices.placing();
            return choices.withPlacing(new PlacingChoice(
                    placing.school(), placing.markedRound(), placing.markedMm(), change.number(), placing.from()));
        }
    },
    LEG_MM("tube.legMm") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            TubeChoice tube = choices.tube();
            return choices.withTube(new TubeChoice(
                    tube.way(), tube.toeStart(), tube.readyTube(), change.number(), tube.legRounds(), tube.legFrom()));
        }
    },
    LEG_ROUNDS("tube.legRounds") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            TubeChoice tube = choices.tube();
            return choices.withTube(tube.withLegRounds(change.count()));
        }
    },
    CUFF_ROUNDS("finish.cuffRounds") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            FinishChoice finish = choices.finish();
            return choices.withFinish(new FinishChoice(
                    OptionalInt.of(change.count()), finish.rib(), finish.graftSetUp(), finish.yarnAt()));
        }
    },
    RIB("finish.rib") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            FinishChoice finish = choices.finish();
            return choices.withFinish(new FinishChoice(
                    finish.cuffRounds(), change.name().map(Rib::valueOf), finish.graftSetUp(), finish.yarnAt()));
        }
    },
    CORNERS("opening.corners") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            OpeningChoice opening = choices.opening();
            return choices.withOpening(new OpeningChoice(
                    opening.way(), change.name().map(Corners::valueOf), opening.extraLoops(), opening.keepFour()));
        }
    },
    EXTRA_LOOPS("opening.extraLoops") {
        @Override
        Choices with(Choices choices, Proposal.Change change) {
            OpeningChoice opening = choices.opening();
            return choices.withOpening(new OpeningChoice(
                    opening.way(), Optional.of(Corners.PICK_UP), OptionalInt.of(change.count()), opening.keepFour()));
        }
    };

    private final String path;

    Setting(String path) {
        this.path = path;
    }

    /** Its path among the choices of a specification. */
    public String path() {
        return path;
    }

    abstract Choices with(Choices choices, Proposal.Change change);
}
