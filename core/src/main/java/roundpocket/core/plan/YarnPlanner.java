package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.Tube;
import roundpocket.core.yarn.Yarn;
import roundpocket.core.yarn.YarnModel;

/** Works out the yarn section by section. */
final class YarnPlanner {
    /** Start of the tube, start of the heel, start of the toe, end of the bind-off. */
    private static final int WOVEN_ENDS = 4;

    private final YarnModel model;
    private final Step stitches;

    private YarnPlanner(YarnModel model, Step stitches) {
        this.model = model;
        this.stitches = stitches;
    }

    static YarnNeed plan(Yarn yarn, Gauge gauge, Step stitches, Step cuff, Tube tube, Shaping toe, Shaping heel) {
        YarnPlanner planner = new YarnPlanner(new YarnModel(yarn, gauge), stitches);
        YarnModel model = planner.model;
        Step heelTail = model.graftTail("tail for the heel's graft", heel.closingSide(), gauge);
        Step toeTail = model.graftTail("tail for the toe's graft", toe.closingSide(), gauge);
        List<SectionYarn> sections = List.of(
                planner.section(Section.TOE, toe.stitchesWorked()),
                planner.fullRounds(Section.FOOT, tube.footRounds()),
                planner.section(Section.HEEL, heel.stitchesWorked()),
                planner.fullRounds(Section.LEG, tube.legRounds()),
                planner.fullRounds(Section.CUFF, cuff),
                planner.ends(model.tailMetres(WOVEN_ENDS, heelTail, toeTail)));
        Step sockMetres = YarnModel.sum(
                "metres in one sock",
                Unit.METRES,
                sections.stream().map(SectionYarn::metres).toList());
        Step sockGrams = YarnModel.sum(
                "grams in one sock",
                Unit.GRAMS,
                sections.stream().map(SectionYarn::grams).toList());
        Step pairGrams = YarnModel.pair("grams in the pair", sockGrams);
        return new YarnNeed(
                model.loopLength(),
                sections,
                heelTail,
                toeTail,
                sockMetres,
                sockGrams,
                YarnModel.pair("metres in the pair", sockMetres),
                pairGrams,
                leftOver(yarn, pairGrams));
    }

    private static Optional<Step> leftOver(Yarn yarn, Step pairGrams) {
        if (yarn.onHandG().isEmpty()) {
            return Optional.empty();
        }
        Given atHand = Given.measured("yarn at hand", yarn.onHandG().getAsDouble(), Unit.GRAMS, "yarn.onHandG");
        return Optional.of(YarnModel.leftOver(atHand, pairGrams));
    }

    private SectionYarn fullRounds(Section section, Step rounds) {
        String label = section.title() + " stitches worked";
        return section(section, Computed.of(label, Unit.STITCHES, PlanRules.SECTION_STITCHES, rounds, stitches));
    }

    private SectionYarn section(Section section, Step worked) {
        return weighed(section, worked, model.metresOf(section.title() + " metres", worked));
    }

    private SectionYarn ends(Step tails) {
        Step bindOff = Computed.of("stitches of the bind-off", Unit.STITCHES, PlanRules.BIND_OFF, stitches);
        Step metres = Computed.of(
                "metres of bind-off and tails",
                Unit.METRES,
                PlanRules.ENDS_METRES,
                model.metresOf("metres of the bind-off", bindOff),
                tails);
        return weighed(Section.ENDS, bindOff, metres);
    }

    private SectionYarn weighed(Section section, Step worked, Step metres) {
        return new SectionYarn(section, worked, metres, model.gramsOf(section.title() + " grams", metres));
    }
}
