package roundpocket.core.plan;

import roundpocket.core.pattern.Motif;
import roundpocket.core.pattern.PatternChoice;
import roundpocket.core.pattern.PatternPlace;
import roundpocket.core.pattern.Patterned;
import roundpocket.core.plan.Recipe.Whose;
import roundpocket.core.plan.Recipe.YesNo;
import roundpocket.core.tube.Way;

/** What a recipe offers about patterned leg and instep. */
final class PatternOffers {
    private PatternOffers() {}

    static void add(PatternChoice choice, SockPlan plan, Offers offers) {
        if (plan.tube().way() == Way.READY_TUBE) {
            return;
        }
        offers.options(
                "pattern.place",
                "Where the sock is patterned",
                choice.place(),
                choice.placeTaken(),
                PatternPlace.PLAIN,
                PatternPlace.values());
        plan.pattern().ifPresent(pattern -> pattern(choice, pattern.made(), offers));
    }

    private static void pattern(PatternChoice choice, Patterned made, Offers offers) {
        offers.options("pattern.motif", "What is repeated", choice.motif(), made.motif(), Motif.RIB, Motif.values());
        if (made.motif() == Motif.OWN && made.chart().isEmpty()) {
            offers.number(
                    "pattern.width",
                    "Stitches of a repeat",
                    "One repeat, without the edge stitches. Leg and instep take whole repeats.",
                    Whose.YOURS,
                    made.width().value(),
                    made.width().value(),
                    PatternChoice.widthLimit(),
                    4,
                    6,
                    8,
                    12);
            offers.number(
                    "pattern.height",
                    "Rounds of a repeat",
                    "While knitting you then see which round of the repeat is due.",
                    Whose.YOURS,
                    made.height().value(),
                    made.height().value(),
                    PatternChoice.heightLimit(),
                    4,
                    8,
                    12,
                    16);
        }
        if (made.place().onInstep()) {
            offers.number(
                    "pattern.edge",
                    "Edge stitches of the instep",
                    "Plain stitches between sole and pattern. They also make whole repeats come out where the half is not"
                            + " a multiple of the repeat.",
                    Whose.of(choice.edge().isPresent()),
                    made.edge().value(),
                    choice.usualEdge(),
                    PatternChoice.edgeLimit(),
                    0,
                    1,
                    2,
                    3,
                    4);
        }
        offers.number(
                "pattern.pause",
                "Plain rounds from the heel line on",
                "The pattern waits for them, so that the row can be read when the heel is picked up.",
                Whose.of(choice.pause().isPresent()),
                made.pause().value(),
                PatternChoice.USUAL_PAUSE,
                PatternChoice.pauseLimit(),
                1,
                2,
                3);
        switches(choice, made, offers);
    }

    private static void switches(PatternChoice choice, Patterned made, Offers offers) {
        if (made.place().onLeg() && made.height().count() > 1) {
            offers.yesNo(new YesNo(
                    "pattern.whole",
                    "How the leg ends",
                    "A leg that ends with a whole repeat is a few rounds longer or shorter than wished.",
                    Whose.of(choice.whole().isPresent()),
                    made.whole(),
                    false,
                    "ending with a whole repeat",
                    "as long as wished"));
        }
        offers.yesNo(new YesNo(
                "pattern.swatched",
                "Where the gauge comes from",
                "A pattern has a gauge of its own. From a plain swatch, its figures are unsure by 5 % more.",
                Whose.of(choice.swatched().isPresent()),
                made.swatched(),
                false,
                "gauge swatched in the pattern",
                "gauge from a plain swatch"));
    }
}
