package roundpocket.core.tube;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Step;

/**
 * Where everything lies along the sock.
 *
 * @param way how one comes by the tube
 * @param toeStart how a toe-up tube begins
 * @param target length that the sock's foot is to have, in millimetres
 * @param legAbove height of the leg above the heel line, cuff included, in millimetres
 * @param legIsResult whether the leg is what half a tube leaves or a mark on the foot says, and not a wish
 * @param placing where the heel opens, by the chosen school
 * @param placings where every school would open it
 * @param footRounds rounds between toe and heel line
 * @param openingRound rounds from the tip of the toe to the opening
 * @param openingFromToe millimetres from the tip of the toe to the opening
 * @param counts the opening, counted from every place that knitters count from
 * @param count the opening, counted from where this knitter counts
 * @param legRounds rounds between heel line and cuff
 * @param sacrificed rounds unpicked at the heel line
 * @param tubeRounds rounds of foot and leg and the sacrificed ones
 * @param tubeLength millimetres of them
 * @param tradeLength millimetres of the tube by the trade's rule, from lengths alone
 * @param cuffDepth millimetres of the cuff
 * @param allRounds rounds from the tip of the toe to the edge of the cuff
 * @param allLength millimetres of them
 * @param sockFoot millimetres from toe tip to the back of the heel, as the whole rounds give it
 * @param footDifference how much longer than wanted the sock's foot is
 * @param cut how a ready tube is cut
 */
public record Tube(
        Way way,
        ToeStart toeStart,
        Step target,
        Step legAbove,
        boolean legIsResult,
        Placing placing,
        List<Placing> placings,
        Step footRounds,
        Step openingRound,
        Step openingFromToe,
        List<Counted> counts,
        Counted count,
        Step legRounds,
        Step sacrificed,
        Step tubeRounds,
        Step tubeLength,
        Step tradeLength,
        Step cuffDepth,
        Step allRounds,
        Step allLength,
        Step sockFoot,
        Step footDifference,
        Optional<TubeCut> cut) {

    public Tube {
        placings = List.copyOf(placings);
        counts = List.copyOf(counts);
    }

    /** The opening, counted from {@code place}. */
    public Counted countedFrom(CountFrom place) {
        return counts.stream().filter(c -> c.from() == place).findFirst().orElseThrow();
    }
}
