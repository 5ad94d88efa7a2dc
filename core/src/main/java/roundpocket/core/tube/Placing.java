package roundpocket.core.tube;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;

/**
 * Where one school would open the heel, and what it takes for granted of it.
 *
 * @param school the school
 * @param distance millimetres from the tip of the toe
 * @param openingRound rounds from the tip of the toe, made whole
 * @param assumedHeel rounds of the heel that would make the foot come out right
 * @param outBy how much longer than wanted the sock's foot comes out with the heel that is knitted, in millimetres
 */
public record Placing(PlacingSchool school, Step distance, Step openingRound, Step assumedHeel, Step outBy) {

    /**
     * What schools look at.
     *
     * @param foot target length of the sock's foot, in millimetres
     * @param shoeFoot target length by the shoe size, where one is known
     * @param choice what the knitter marked or measured
     * @param toe the toe that is knitted
     * @param heel the heel that is knitted
     * @param gauge the gauge
     */
    record From(Step foot, Optional<Step> shoeFoot, PlacingChoice choice, Shaping toe, Shaping heel, Gauge gauge) {
        Step lessHeel(Step length) {
            return Computed.of(
                    "foot less the heel",
                    Unit.MILLIMETRES,
                    TubeRules.LESS_HEEL.of(length, heel.rounds(), gauge.rounds()));
        }

        /** The distance of the knitter's own, from the tip of the toe. */
        Optional<Step> ownDistance() {
            return choice.fromTaken().atTheToe() ? choice.ownDistance().map(this::fromTip) : Optional.empty();
        }

        /** The mark made on the foot, from the tip of the toe. One that was counted from the leg leaves that to the heel. */
        Optional<Step> mark() {
            return choice.schoolTaken() == PlacingSchool.AT_COLOUR ? Optional.empty() : said();
        }

        /** The change of colour that was chosen, from the tip of the toe. */
        Optional<Step> colourChange() {
            return choice.schoolTaken() == PlacingSchool.AT_COLOUR ? said() : Optional.empty();
        }

        private Optional<Step> said() {
            if (!choice.fromTaken().atTheToe()) {
                return choice.markedRounds().or(choice::markedLength).map(known -> lessHeel(foot));
            }
            return markedRound()
                    .map(rounds -> TubeRules.lengthOf("to the round that was marked", rounds, gauge))
                    .or(() -> choice.markedLength().map(this::fromTip));
        }

        /** The very round that was marked, from the tip of the toe, where it was counted. */
        Optional<Step> markedRound() {
            return switch (choice.fromTaken()) {
                case TOE_TIP -> choice.markedRounds();
                case END_OF_TOE ->
                    choice.markedRounds()
                            .map(rounds -> Computed.of(
                                    "round that was marked, from the tip of the toe",
                                    Unit.ROUNDS,
                                    TubeRules.BEYOND_TOE_ROUNDS.of(rounds, toe.rounds())));
                case START_OF_LEG, CUFF_EDGE -> Optional.empty();
            };
        }

        private Step fromTip(Step length) {
            return choice.fromTaken() == CountFrom.TOE_TIP
                    ? length
                    : Computed.of(
                            "from the tip of the toe",
                            Unit.MILLIMETRES,
                            TubeRules.BEYOND_TOE.of(length, toe.rounds(), gauge.rounds()));
        }
    }

    static Optional<Placing> of(PlacingSchool school, From from) {
        return school.distance(from).map(distance -> placing(school, distance, from));
    }

    /** Every school that has what it looks at, in the schools' order. */
    static List<Placing> all(From from) {
        return Arrays.stream(PlacingSchool.values())
                .flatMap(school -> of(school, from).stream())
                .toList();
    }

    private static Placing placing(PlacingSchool school, Step distance, From from) {
        Gauge gauge = from.gauge();
        Step opening = Optional.of(school)
                .filter(PlacingSchool::marked)
                .flatMap(marked -> from.markedRound())
                .orElseGet(() -> TubeRules.wholeRounds("rounds from the toe tip to the heel line", distance, gauge));
        Step assumed = Rounded.of(
                "heel that it suits",
                Computed.of(
                        "heel that it suits, exactly",
                        Unit.ROUNDS,
                        TubeRules.ASSUMED_HEEL.of(from.foot(), distance, gauge.rounds())),
                Rounding.NEAREST,
                "only whole rounds can be knitted");
        Step foot = TubeRules.sockFoot(opening, from.heel(), gauge);
        Step outBy = Computed.of("longer than the foot by", Unit.MILLIMETRES, TubeRules.OUT_BY.of(foot, from.foot()));
        return new Placing(school, distance, opening, assumed, outBy);
    }
}
