package roundpocket.core.plan;

import roundpocket.core.plan.Recipe.Whose;
import roundpocket.core.plan.Recipe.YesNo;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Leaning;
import roundpocket.core.shaping.Parity;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.ToeStart;

/** Tells the choices of how a heel and a toe are shaped. */
final class ShapeOffers {
    private static final double WHOLE_HEEL = 12;

    private final Choices choices;
    private final Offers offers;

    ShapeOffers(Choices choices, Offers offers) {
        this.choices = choices;
        this.offers = offers;
    }

    /** What is decided about a heel or a toe. */
    void add(Section section, ShapingChoice choice, Shaping shaping, int usualPlain) {
        boolean heel = section == Section.HEEL;
        String part = section.title();
        offers.options(
                part + ".school",
                (heel ? "Heel" : "Toe") + " shape",
                choice.school(),
                shaping.school(),
                ShapingChoice.usual().schoolTaken(),
                ShapingSchool.values(),
                school -> heel || goesWithStart(school)
                        ? ""
                        : "The toe is knitted first here: change how the tube begins instead.");
        offers.number(
                part + ".plainRounds",
                "Plain rounds at the " + part,
                heel
                        ? "More plain rounds make the heel deeper, for a high instep; fewer suit a low one. The"
                                + " usual number is as many as this foot needs to sit easily in the heel."
                        : "A few plain rounds keep the first part of the toe straight: for broad toes. With none it is"
                                + " shorter and more pointed.",
                choice.plainRounds().isPresent() ? Whose.YOURS : heel ? Whose.ADVISED : Whose.USUAL,
                choice.plainRounds().orElse(shaping.plainRounds().count()),
                usualPlain,
                ShapingChoice.plainLimit(),
                heel ? new double[] {0, 2, 4, 6, 8, 10, WHOLE_HEEL} : new double[] {0, 2, 4, 6});
        if (shaping.school().inRounds()) {
            decreases(section, choice, shaping);
        }
        if (shaping.graftLoops().isPresent()) {
            offers.options(
                    part + ".close",
                    "How the " + part + " ends",
                    choice.close(),
                    shaping.close(),
                    shaping.school().usualClose(),
                    Close.values(),
                    close -> cannotEnd(shaping.school(), close));
        }
    }

    /** A toe that is begun first is of short rows, or closed at its tip, as its start says. */
    private boolean goesWithStart(ShapingSchool school) {
        boolean shortStart = choices.tube().toeStartTaken() == ToeStart.SHORT_ROWS;
        return !choices.tube().toeFirst() || shortStart == (school == ShapingSchool.SHORT_ROWS);
    }

    private void decreases(Section section, ShapingChoice choice, Shaping shaping) {
        String part = section.title();
        ShapingChoice usual = ShapingChoice.usual();
        if (!shaping.school().inSections()) {
            atTheSides(section, choice, shaping);
        }
        boolean two = !shaping.phases().isEmpty()
                && shaping.phases().get(shaping.phases().size() - 1).otherSide().isPresent();
        if (two) {
            offers.options(
                    part + ".parity",
                    "If decreasing by twos can’t reach the target",
                    choice.parity(),
                    choice.parityTaken(),
                    usual.parityTaken(),
                    Parity.values());
        }
    }

    /** Why a school cannot end so; empty where it can. */
    private static String cannotEnd(ShapingSchool school, Close close) {
        boolean can = close == Close.DRAW_THROUGH ? school.mayDrawThrough() : !school.inSections();
        return can
                ? ""
                : "The " + school.title()
                        + (school.inSections()
                                ? " ends in a ring, with nothing to graft."
                                : " ends too wide to cinch.");
    }

    /** How two decreases, or increases, lie at the sides. */
    private void atTheSides(Section section, ShapingChoice choice, Shaping shaping) {
        String part = section.title();
        ShapingChoice usual = ShapingChoice.usual();
        offers.options(
                part + ".leaning",
                "Leaning of the " + part + "’s " + (shaping.begun() ? "increases" : "decreases"),
                choice.leaning(),
                choice.leaningTaken(),
                usual.leaningTaken(),
                Leaning.values());
        offers.yesNo(new YesNo(
                part + ".edgeStitch",
                "Edge stitch at the " + part,
                shaping.begun()
                        ? "One stitch knitted outside each increase makes a clean line; some increase right at the edge."
                        : "One stitch knitted outside each decrease makes a clean line and is easy to pick up along; some"
                                + " work straight on the last two stitches.",
                Whose.of(choice.edgeStitch().isPresent()),
                choice.edgeTaken(),
                usual.edgeTaken(),
                "one stitch in from the edge",
                "right at the edge"));
    }
}
