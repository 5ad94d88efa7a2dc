package roundpocket.core.foot;

import java.util.Optional;
import roundpocket.core.explain.Step;

/**
 * The measures that a pair is planned on, in millimetres.
 *
 * @param length longest toe to heel
 * @param ballGirth around the ball
 * @param heelDiagonal under the heel and over the front of the ankle
 * @param legGirth around the leg at the cuff's top edge
 * @param shoeLength the length that a shoe size stands for, where one is known
 * @param toeForm how the toes end, where it was looked at
 * @param tracing what the pencil outline says, where there is one
 * @param lengthEstimated whether the length is only estimated
 * @param ballGuessed whether the ball girth is only guessed from the length
 * @param diagonalEstimated whether the heel diagonal is only estimated
 * @param legEstimated whether the leg girth is only estimated
 */
public record Measures(
        Step length,
        Step ballGirth,
        Step heelDiagonal,
        Step legGirth,
        Optional<Step> shoeLength,
        Optional<ToeForm> toeForm,
        Optional<Tracing> tracing,
        boolean lengthEstimated,
        boolean ballGuessed,
        boolean diagonalEstimated,
        boolean legEstimated) {}
