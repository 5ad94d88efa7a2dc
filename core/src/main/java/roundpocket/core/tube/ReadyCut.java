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
        this.have = have(stitches, yarn);
        this.available = ravelled.<Step>map(gone ->
                        rounds("rounds of the ready tube that are left to cut", TubeRules.AVAILABLE.of(have, gone)))
                .orElse(have);
        this.spare = Given.choice(
                "spare rounds at each cut rim",
                tube.spareRounds().orElse(ReadyTube.USUAL_SPARE_ROUNDS),
                Unit.ROUNDS,
                tube.spareRounds().isEmpty(),
                "choices.tube.readyTube.spareRounds");
    }

    private Step have(Step stitches, YarnModel yarn) {
        if (tube.rounds().isPresent()) {
            return Given.measured(
                    "rounds of the ready tube", tube.rounds().getAsInt(), Unit.ROUNDS, "choices.tube.readyTube.rounds");
        }
        Step exactly = tube.lengthMm().isPresent()
                ? rounds(
                        "rounds of the ready tube, exactly",
                        TubeRules.ROUNDS_IN.of(
                                Given.measured(
                                        "length of the ready tube",
                                        tube.lengthMm().getAsDouble(),
                                        Unit.MILLIMETRES,
                                        "choices.tube.readyTube.lengthMm"),
                                gauge.rounds()))
                : rounds(
                        "rounds of the ready tube, exactly",
                        TubeRules.FROM_MASS.of(
                                Given.measured(
                                        "mass of the ready tube",
                                        tube.massG().orElseThrow(),
                                        Unit.GRAMS,
                                        "choices.tube.readyTube.massG"),
                                yarn.fineness(),
                                stitches,
                                yarn.loopLength()));
        return Rounded.of("rounds of the ready tube", exactly, Rounding.DOWN, "a round that is cut through is lost");
    }

    private Step half() {
        return Rounded.of(
                "rounds of each half",
                rounds("rounds of each half, exactly", TubeRules.HALVED.of(available)),
                Rounding.DOWN,
                "only whole rounds count, and one is lost at the cut");
    }

    /** Rounds of the leg where the tube is halved: what the half leaves; empty where it is cut to length. */
    Optional<Step> leg(Step footRounds, Step sacrificed) {
        return tube.cutTaken() == Cut.TO_LENGTH
                ? Optional.empty()
                : Optional.of(rounds(
                        "rounds between heel line and cuff",
                        TubeRules.LEG_OF_HALF.of(half(), spare, footRounds, sacrificed)));
    }

    TubeCut of(Step needed) {
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
