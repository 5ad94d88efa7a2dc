package roundpocket.core.judge;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.judge.Questions.Finished;
import roundpocket.core.measure.Unit;
import roundpocket.core.opening.Opening;
import roundpocket.core.plan.LegYarn;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.Yarns;
import roundpocket.core.sock.SockRules;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.TubeRules;

/**
 * The answers to {@link Questions}, each where it was asked.
 *
 * @param stitches the stitch count for a wanted ease
 * @param leg the leg that the yarn at hand allows
 * @param plainRounds the plain rounds of the heel for a wanted stretch
 * @param fits the foot that a finished sock fits
 */
public record Answers(
        Optional<StitchCount> stitches,
        Optional<LegYarn> leg,
        Optional<PlainRounds> plainRounds,
        Optional<FittingFoot> fits) {
    private static final int MOST_PLAIN = 30;

    /**
     * The plain rounds of a heel for a wanted stretch.
     *
     * @param wanted the stretch that was asked for
     * @param fewest the fewest plain rounds that do; empty where even 30 do not
     * @param tried what they, or 30 plain rounds, give
     */
    public record PlainRounds(Step wanted, OptionalInt fewest, HeelRoom.Option tried) {}

    /**
     * The foot that a finished sock fits.
     *
     * @param length length of the foot, in millimetres
     * @param girth around the ball at the usual ease
     * @param smallestGirth around the ball where it just sits, without ease
     * @param largestGirth around the ball where it is as tight as is planned
     * @param leg height above the heel line
     */
    public record FittingFoot(Step length, Step girth, Step smallestGirth, Step largestGirth, Step leg) {}

    /** Answers what was asked about a plan. */
    public static Answers of(SockSpec spec, SockPlan plan, Questions questions) {
        return new Answers(
                questions.wantedEase().isEmpty()
                        ? Optional.empty()
                        : Optional.of(stitches(plan, questions.wantedEase().getAsDouble())),
                questions.atHandG().isEmpty()
                        ? Optional.empty()
                        : leg(spec, questions.atHandG().getAsDouble()),
                questions.wantedStretch().isEmpty()
                        ? Optional.empty()
                        : Optional.of(plain(plan, questions.wantedStretch().getAsDouble())),
                questions.finished().map(finished -> fits(finished, plan.basis().gauge())));
    }

    private static StitchCount stitches(SockPlan plan, double ease) {
        Step wanted = Given.measured("smaller than the foot", ease, Unit.PERCENT, "questions.wantedEase");
        return StitchCount.of(
                plan.basis().foot().ballGirth(), wanted, plan.basis().gauge(), Optional.empty());
    }

    private static Optional<LegYarn> leg(SockSpec spec, double grams) {
        Yarns yarns = spec.yarns();
        Yarns asked = yarns.withMain(yarns.main().withOnHand(grams));
        return spec.withYarns(asked).plan().yarn().leg();
    }

    private static PlainRounds plain(SockPlan plan, double stretch) {
        Step wanted = Given.measured("wanted stretch at the heel", stretch, Unit.PERCENT, "questions.wantedStretch");
        Opening opening = plan.opening();
        List<HeelRoom.Option> options = HeelRoom.upTo(
                MOST_PLAIN,
                plan.heel().shaping(),
                plan.stitchCount().half(),
                opening.heelSide(),
                wanted,
                plan.basis().foot(),
                plan.basis().gauge());
        Optional<HeelRoom.Option> fewest =
                options.stream().filter(HeelRoom.Option::easy).findFirst();
        return new PlainRounds(
                wanted,
                fewest.map(option -> OptionalInt.of(option.plainRounds())).orElse(OptionalInt.empty()),
                fewest.orElse(options.get(MOST_PLAIN)));
    }

    private static FittingFoot fits(Finished finished, Gauge gauge) {
        Step stitches = counted("stitches around the sock", finished.stitches(), Unit.STITCHES, "stitches");
        Step opening = counted("rounds to the heel line", finished.openingRound(), Unit.ROUNDS, "openingRound");
        Step heel = counted("rounds of the heel", finished.heelRounds(), Unit.ROUNDS, "heelRounds");
        Step leg = counted("rounds above the heel line", finished.legRounds(), Unit.ROUNDS, "legRounds");
        Step tube = SockRules.girthOf(stitches, gauge);
        return new FittingFoot(
                TubeRules.sockFoot(opening, heel, gauge),
                girthAt(tube, SizeChoice.USUAL_EASE),
                girthAt(tube, SizeChoice.easeLimit().min()),
                girthAt(tube, SizeChoice.easeLimit().max()),
                TubeRules.lengthOf("height above the heel line", leg, gauge));
    }

    private static Step girthAt(Step tube, double ease) {
        return SockRules.girthFor(tube, Given.tried("smaller than the foot", ease, Unit.PERCENT));
    }

    private static Step counted(String label, int count, Unit unit, String field) {
        return Given.measured(label, count, unit, "questions.finished." + field);
    }
}
