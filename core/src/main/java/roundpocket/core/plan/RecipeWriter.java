package roundpocket.core.plan;

import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Needle;
import roundpocket.core.finish.Rib;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.Recipe.Whose;
import roundpocket.core.plan.Recipe.YesNo;
import roundpocket.core.shaping.Turning;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.Placing;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

/** Tells the choices of one plan, in the order in which its recipe is read. */
final class RecipeWriter {
    private final Choices choices;
    private final SockPlan plan;
    private final boolean ready;
    private final Offers offers = new Offers();

    RecipeWriter(Choices choices, SockPlan plan) {
        this.choices = choices;
        this.plan = plan;
        this.ready = plan.tube().way() == Way.READY_TUBE;
    }

    Recipe recipe() {
        ShapeOffers shapes = new ShapeOffers(choices, offers);
        size();
        tube();
        opening();
        shapes.add(
                Section.HEEL,
                choices.heel(),
                plan.heel().shaping(),
                plan.fit().heelRoom().advised());
        leg();
        shapes.add(Section.TOE, choices.toe(), plan.toe().shaping(), Choices.usualPlain(choices.toeTaken()));
        graft();
        plan.stripes().filter(any -> !ready).ifPresent(this::colours);
        order(ready);
        techniques();
        PatternOffers.add(choices.pattern(), plan, offers);
        return offers.recipe();
    }

    private void order(boolean ready) {
        offers.options(
                "order",
                "The order of the two socks",
                choices.order(),
                choices.orderTaken(),
                KnitOrder.ONE_AFTER_OTHER,
                KnitOrder.values(),
                one -> one.notNow(ready));
        TechniqueChoice technique = choices.technique();
        offers.options(
                "technique.heelWhen",
                "When you knit the heel",
                technique.heelWhen(),
                technique.heelWhenTaken(),
                TechniqueChoice.usual().heelWhenTaken(),
                HeelWhen.values(),
                one -> one.notNow(plan.tube().way()));
    }

    private void techniques() {
        TechniqueChoice technique = choices.technique();
        TechniqueChoice usual = TechniqueChoice.usual();
        if (!plan.heel().shaping().school().inRounds()
                || !plan.toe().shaping().school().inRounds()) {
            offers.options(
                    "technique.turning",
                    "How short rows are turned",
                    technique.turning(),
                    technique.turningTaken(),
                    usual.turningTaken(),
                    Turning.values());
        }
        if (plan.tube().way() != Way.READY_TUBE) {
            offers.options(
                    "technique.roundStart",
                    "Where a round begins",
                    technique.roundStart(),
                    technique.roundStartTaken(),
                    usual.roundStartTaken(),
                    RoundStart.values());
        }
        if (plan.tube().way() == Way.TOE_UP && plan.tube().toeStart() != ToeStart.CLOSED) {
            offers.options(
                    "technique.provisional",
                    "How live stitches begin",
                    technique.provisional(),
                    technique.provisionalTaken(),
                    usual.provisionalTaken(),
                    Provisional.values());
        }
    }

    private void size() {
        SizeChoice size = choices.size();
        offers.number(
                "size.ease",
                "Negative ease",
                "How much smaller than the foot. Knitted fabric has to be stretched a little to stay up and lie smooth. 10 to 20 % smaller is"
                        + " usual: more grips, less slips.",
                Whose.of(size.ease().isPresent()),
                plan.basis().ease().value(),
                SizeChoice.USUAL_EASE,
                SizeChoice.easeLimit(),
                0.05,
                0.1,
                0.15,
                0.2);
    }

    private void tube() {
        TubeChoice tube = choices.tube();
        offers.options("tube.way", "How you make the tube", tube.way(), tube.wayTaken(), Way.TOE_UP, Way.values());
        if (plan.tube().way() == Way.TOE_UP) {
            offers.options(
                    "tube.toeStart",
                    "How the tube begins",
                    tube.toeStart(),
                    tube.toeStartTaken(),
                    TubeChoice.usual().toeStartTaken(),
                    ToeStart.values());
        }
        PlacingChoice placing = choices.placing();
        offers.options(
                "placing.school",
                "Where the heel goes",
                placing.school(),
                placing.schoolTaken(),
                PlacingChoice.usual().schoolTaken(),
                PlacingSchool.values(),
                this::placingNotNow);
    }

    private String placingNotNow(PlacingSchool school) {
        Tube tube = plan.tube();
        if (school == PlacingSchool.AT_COLOUR && plan.stripes().isEmpty()) {
            return "No stripes entered for this yarn yet: add them under Yarn.";
        }
        boolean known = tube.heelLine().placings().stream().map(Placing::school).anyMatch(school::equals);
        return school == PlacingSchool.BY_SHOE_SIZE && !known ? "No shoe size for this foot yet: add it first." : "";
    }

    private void opening() {
        OpeningChoice opening = choices.opening();
        OpeningWay way = plan.opening().way();
        offers.options(
                "opening.way",
                "How the heel is opened",
                opening.way(),
                way,
                OpeningChoice.usual().wayTaken(ready),
                OpeningWay.values(),
                other -> ready && !other.afterwards() ? "The tube is there already; this is done while knitting." : "");
        offers.options(
                "opening.corners",
                "At the corners of the opening",
                opening.corners(),
                plan.opening().corners(),
                Corners.usual(way),
                Corners.values(),
                corners -> corners.goesWith(way)
                        ? ""
                        : "Not with waste yarn: it comes out whole, so any stitch left in would stay waste yarn.");
        if (plan.opening().corners() == Corners.PICK_UP) {
            offers.number(
                    "opening.extraLoops",
                    "Extra stitches at each corner",
                    "They close the gap at the corner and are decreased away again in the heel’s first round or"
                            + " rounds.",
                    Whose.of(opening.extraLoops().isPresent()),
                    opening.extraLoops().orElse(OpeningChoice.USUAL_EXTRA),
                    OpeningChoice.USUAL_EXTRA,
                    OpeningChoice.extraLimit(),
                    1,
                    2,
                    4);
        }
    }

    private void leg() {
        TubeChoice tube = choices.tube();
        if (!plan.tube().wanted().legIsResult()) {
            offers.number(
                    "tube.legMm",
                    "Leg, cuff included",
                    "Measured to the edge of the cuff. The usual leg goes by the foot.",
                    Whose.of(tube.legMm().isPresent()),
                    tube.legRounds().isPresent()
                            ? plan.tube().wanted().legAbove().value()
                            : plan.basis().leg().value(),
                    TubeChoice.usual().leg(plan.basis().foot().length()).value(),
                    TubeChoice.legLimit(),
                    75,
                    125,
                    180,
                    250);
            offers.options(
                    "tube.legFrom",
                    "Where the leg is measured from",
                    tube.legFrom(),
                    tube.legFromTaken(),
                    TubeChoice.usual().legFromTaken(),
                    LegFrom.values());
        }
        FinishChoice finish = choices.finish();
        offers.number(
                "finish.cuffRounds",
                "Rounds of the cuff",
                "14 to 20 rounds are usual, fewer on a child’s sock. The bind-off has to stretch over the heel.",
                Whose.of(finish.cuffRounds().isPresent()),
                plan.cuff().rounds().value(),
                plan.basis().usualCuff(),
                FinishChoice.cuffLimit(),
                14,
                15,
                20,
                30);
        offers.options(
                "finish.rib",
                "The ribbing",
                finish.rib(),
                finish.ribTaken(),
                FinishChoice.usual().ribTaken(),
                Rib.values());
    }

    private void colours(StripePlan stripes) {
        KnitOrder order = choices.orderTaken();
        ColourChoice colour = choices.colourTaken();
        ColourChoice usual = ColourChoice.usual().whileKnitted(order);
        offers.options(
                "colour.second",
                "The second sock’s colours",
                choices.colour().second().filter(one -> one.notNow(order).isEmpty()),
                colour.secondTaken(),
                usual.secondTaken(),
                SecondSock.values(),
                one -> one.notNow(order));
        if (!stripes.knots().isEmpty()) {
            offers.options(
                    "colour.knots",
                    "Knots in the yarn",
                    colour.knots(),
                    colour.knotsTaken(),
                    usual.knotsTaken(),
                    KnotWay.values());
        }
        if (!stripes.heelOther()) {
            offers.options(
                    "colour.heel",
                    "The heel’s colour",
                    colour.heel(),
                    colour.heelTaken(),
                    usual.heelTaken(),
                    ColourStart.values());
        }
        if (stripes.lateToe()) {
            offers.options(
                    "colour.toe",
                    "The toe’s colour",
                    colour.toe(),
                    colour.toeTaken(),
                    usual.toeTaken(),
                    ColourStart.values());
        }
    }

    private void graft() {
        FinishChoice finish = choices.finish();
        FinishChoice usual = FinishChoice.usual();
        if (plan.heel().graft().or(plan.toe()::graft).isEmpty()) {
            return;
        }
        offers.yesNo(new YesNo(
                "finish.graftSetUp",
                "Set-up moves of the graft",
                "Two set-up moves make the first stitch of the graft look like the others. Without them the corner has"
                        + " no ear.",
                Whose.of(finish.graftSetUp().isPresent()),
                finish.setUpTaken(),
                usual.setUpTaken(),
                "with the set-up moves",
                "without set-up moves"));
        offers.options(
                "finish.yarnAt",
                "Where the working yarn is",
                finish.yarnAt(),
                finish.yarnAtTaken(),
                usual.yarnAtTaken(),
                new Needle[] {Needle.BACK, Needle.FRONT});
    }
}
