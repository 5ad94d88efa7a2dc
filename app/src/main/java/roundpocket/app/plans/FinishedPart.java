package roundpocket.app.plans;

import roundpocket.core.judge.Questions.Finished;

/**
 * A finished sock, of which one asks what foot it fits.
 *
 * @param stitches stitches round it
 * @param openingRound rounds from the tip of the toe to the opening
 * @param heelRounds rounds of the heel
 * @param legRounds rounds above the heel line, cuff included
 */
public record FinishedPart(int stitches, int openingRound, int heelRounds, int legRounds) {
    Finished toCore() {
        return new Finished(stitches, openingRound, heelRounds, legRounds);
    }
}
