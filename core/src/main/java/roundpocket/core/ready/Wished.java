package roundpocket.core.ready;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Step;
import roundpocket.core.fit.Passing;

/**
 * What a wish comes to in this tube.
 *
 * @param name whose it is
 * @param figures what it needs and how it fits; empty where it has no room in any tube
 * @param problems why it has none
 */
public record Wished(String name, Optional<Needed> figures, List<Problem> problems) {
    public Wished {
        problems = List.copyOf(problems);
    }

    /**
     * What a pair needs.
     *
     * @param footRounds rounds between toe and heel line
     * @param sacrificed rounds unpicked at the heel line
     * @param legFrom the fewest rounds of the leg
     * @param legTo the most of them
     * @param ravelRounds rounds of the tube for heels, toes and cuffs, where they are of its yarn
     * @param ease negative ease at the ball, as a share
     * @param passing whether it goes over the heel
     */
    public record Needed(
            Step footRounds,
            Step sacrificed,
            Step legFrom,
            Step legTo,
            Optional<Step> ravelRounds,
            Step ease,
            Passing passing) {}
}
