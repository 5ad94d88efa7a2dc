package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.ColourStart;
import roundpocket.core.plan.KnotWay;
import roundpocket.core.plan.SecondSock;

/**
 * What is decided about the colours of a striping yarn. Bands are counted from 1; what is left out is as usual.
 *
 * @param heel with which colour the heel begins
 * @param heelBand the band it begins with, where one is chosen
 * @param toe with which colour a toe that is knitted last begins
 * @param toeBand the band it begins with, where one is chosen
 * @param second how the second sock goes with the first
 * @param secondBand the band that the second sock begins with, or that shows at the cake's other end
 * @param knots what is done about knots
 */
public record ColourPart(
        @Nullable ColourStart heel,
        @Nullable Integer heelBand,
        @Nullable ColourStart toe,
        @Nullable Integer toeBand,
        @Nullable SecondSock second,
        @Nullable Integer secondBand,
        @Nullable KnotWay knots) {
    ColourChoice toCore() {
        return new ColourChoice(
                Optional.ofNullable(heel),
                Present.count(heelBand),
                Optional.ofNullable(toe),
                Present.count(toeBand),
                Optional.ofNullable(second),
                Present.count(secondBand),
                Optional.ofNullable(knots));
    }
}
