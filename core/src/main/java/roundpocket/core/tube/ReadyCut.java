package roundpocket.core.tube;

import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.yarn.YarnModel;

/** Cuts a ready tube for a pair. */
final class ReadyCut {
    private final ReadyTube tube;
    private final Gauge gauge;
    private final Optional<Step> ravelled;
    private final Step have;
    private final Step available;
    private final Step spare;

    ReadyCut(ReadyTube tube, Step stitches, Gauge gauge, YarnModel yarn, Optional<Step> ravelled) {
        this.tube = tube;
        this.gauge = gauge;
        this.ravelled = ravelled;
        this.have = tube.roundsIn(stitches, gauge, yarn);
        this.available = ravelled.<Step>map(gone ->
                        rounds("rounds of the ready tube that are left to cut", TubeRules.AVAILABLE.of(have, gone)))
                .orElse(have);
        this.spare = Given.choice(
                "spare rounds at each cut edge",
                tube.spareTaken(),
                Unit.ROUNDS,
                tube.spareRounds().isEmpty(),
                "choices.tube.readyTube.spareRounds");
    }

    private Step half() {
        return Rounded.of(
                "rounds of each half",
                rounds("rounds of each half, exactly", TubeRules.HALVED.of(available)),
                Rounding.DOWN,
                "only whole rounds count, and one is lost at the cut");
    }

    /** Rounds of the leg where it is what the half or the piece leaves; empty where the tube is cut to length. */
    Optional<Step> leg(Step footRounds, Step sacrificed) {
        String label = "rounds between heel line and cuff";
        return switch (tube.cutTaken()) {
            case TO_LENGTH -> Optional.empty();
            case HALVE -> Optional.of(rounds(label, TubeRules.LEG_OF_HALF.of(half(), spare, footRounds, sacrificed)));
            case PIECES -> Optional.of(rounds(label, TubeRules.LEG_OF_PIECE.of(have, footRounds, sacrificed)));
        };
    }

    /** Two pieces that were cut before: nothing is left to cut. */
    private TubeCut cutAlready(Step needed) {
        Step left = rounds("rounds left of a piece", TubeRules.LEFT_OF_PIECE.of(have, needed));
        return new TubeCut(
                Cut.PIECES,
                have,
                Optional.empty(),
                spare,
                have,
                TubeRules.lengthOf("length of each piece", have, gauge),
                0,
                left,
                TubeRules.lengthOf("length left of a piece", left, gauge));
    }

    TubeCut of(Step needed) {
        if (tube.cutTaken() == Cut.PIECES) {
            return cutAlready(needed);
        }
        Step piece = rounds("rounds of each piece", TubeRules.PIECE.of(needed, spare));
        Step afterOne = rounds("rounds left of the ready tube", TubeRules.REMNANT_ONE_CUT.of(available, piece));
        boolean two = afterOne.value() >= 1 && tube.cutTaken() == Cut.TO_LENGTH;
        Step remnant = two ? rounds("rounds left of the ready tube", TubeRules.REMNANT.of(available, piece)) : afterOne;
        return new TubeCut(
                tube.cutTaken(),
                have,
                ravelled,
                spare,
                piece,
                TubeRules.lengthOf("length of each piece", piece, gauge),
                two && remnant.value() > 0 ? 2 : 1,
                remnant,
                TubeRules.lengthOf("length left of the ready tube", remnant, gauge));
    }

    private static Step rounds(String label, Rule.Applied applied) {
        return Computed.of(label, Unit.ROUNDS, applied);
    }
}
