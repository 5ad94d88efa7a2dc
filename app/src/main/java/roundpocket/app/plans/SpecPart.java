package roundpocket.app.plans;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Required;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.judge.Questions;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.Yarns;
import roundpocket.core.stripe.Striping;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.Yarn;

/**
 * A full specification: everything that a plan is made from. The same form is the file format, version 1.
 *
 * @param version version of the form; 1, also where it is left out
 * @param foot the foot
 * @param otherFoot the other foot, where it was measured too
 * @param planOn which of two feet counts; usually the longer and the wider
 * @param swatch the swatch
 * @param tubeReading the round gauge read once more on the tube itself
 * @param yarn the yarn; without one the usual sock yarn stands in
 * @param contrast a second yarn
 * @param contrastSections what is knitted from it: any of TOE, HEEL and CUFF
 * @param striping how the main yarn changes colour, where it does
 * @param weighIns what was weighed of the main yarn
 * @param choices what the knitter decides; without them everything is as usual
 * @param questions what is asked besides; not stored
 */
public record SpecPart(
        @Nullable Integer version,
        FootPart foot,
        @Nullable FootPart otherFoot,
        @Nullable PlanOn planOn,
        SwatchPart swatch,
        @Nullable TubeReadingPart tubeReading,
        @Nullable YarnPart yarn,
        @Nullable YarnPart contrast,
        @Nullable Set<Section> contrastSections,
        @Nullable StripingPart striping,
        @Nullable List<WeighInPart> weighIns,
        @Nullable ChoicesPart choices,
        @Nullable QuestionsPart questions) {
    /** The version of the form that is written. */
    public static final int VERSION = 1;

    private static final int MOST_WEIGH_INS = 200;

    // What was usual under the first rules.
    private static final double FIRST_LEG_MM = 125;
    private static final int FIRST_CUFF = 15;
    private static final int FIRST_PLAIN = 4;
    private static final int FIRST_MOST_PLAIN = 8;
    private static final double FIRST_POINTS = 0.05;

    /** One foot, one yarn. */
    public SpecPart(FootPart foot, SwatchPart swatch, @Nullable YarnPart yarn, @Nullable ChoicesPart choices) {
        this(null, foot, null, null, swatch, null, yarn, null, null, null, null, choices, null);
    }

    /** The specification as it is kept: with its version, and without what was only asked. */
    public SpecPart kept() {
        return new SpecPart(
                VERSION,
                foot,
                otherFoot,
                planOn,
                swatch,
                tubeReading,
                yarn,
                contrast,
                contrastSections,
                striping,
                weighIns,
                choices,
                null);
    }

    /** The same in a yarn that changes colour so, or does not. */
    public SpecPart striped(@Nullable StripingPart other) {
        return new SpecPart(
                version,
                foot,
                otherFoot,
                planOn,
                swatch,
                tubeReading,
                yarn,
                contrast,
                contrastSections,
                other,
                weighIns,
                choices,
                questions);
    }

    /** The same pair from another yarn, of which nothing has been weighed yet. */
    public SpecPart from(YarnPart another, @Nullable StripingPart itsStripes) {
        return new SpecPart(
                version,
                foot,
                otherFoot,
                planOn,
                swatch,
                tubeReading,
                another,
                contrast,
                contrastSections,
                itsStripes,
                null,
                choices,
                null);
    }

    /**
     * The specification as it can be knitted: what earlier plans could ask for, and would leave waste yarn in the sock, is
     * moved to what is usual.
     */
    public SpecPart moved() {
        if (choices == null || choices.opening() == null) {
            return this;
        }
        boolean ready = choices.tube() != null && choices.tube().way() == Way.READY_TUBE;
        OpeningPart opening = choices.opening().moved(ready);
        return opening.equals(choices.opening()) ? this : with(choices.with(opening));
    }

    /** The same with what was usual under the first rules where nothing was chosen: a pair begun by them keeps it. */
    public SpecPart asUsualUnderFirstRules() {
        SpecPart now = moved();
        ChoicesPart chosen = now.choices == null ? ChoicesPart.USUAL : now.choices;
        TubePart tube = chosen.tube() == null ? TubePart.USUAL : chosen.tube();
        if (tube.legMm() == null && tube.legRounds() == null) {
            chosen = chosen.with(tube.withLegMm(FIRST_LEG_MM));
        }
        ShapingPart heel = chosen.heel() == null ? ShapingPart.USUAL : chosen.heel();
        if (heel.plainRounds() == null) {
            chosen = chosen.with(heel.withPlainRounds(firstPlain(now.with(chosen))));
        }
        return now.with(chosen);
    }

    /** The same with the cuff that was usual for every sock before small ones had fewer rounds, where none was chosen. */
    public SpecPart withFirstCuff() {
        ChoicesPart chosen = choices == null ? ChoicesPart.USUAL : choices;
        FinishPart finish = chosen.finish() == null ? FinishPart.USUAL : chosen.finish();
        return finish.cuffRounds() == null ? with(chosen.with(finish.withCuffRounds(FIRST_CUFF))) : this;
    }

    /** Plain rounds of a heel as they were advised first: five points over the ball, up to eight, else four. */
    private static int firstPlain(SpecPart spec) {
        SockPlan plan = spec.plan();
        if (!plan.heel().shaping().school().inRounds()) {
            return 0;
        }
        HeelRoom room = plan.fit().heelRoom();
        return plan.basis().foot().diagonalEstimated()
                ? FIRST_PLAIN
                : room.options().stream()
                        .limit(FIRST_MOST_PLAIN + 1L)
                        .filter(option ->
                                option.stretch().value() <= room.stretchAtBall().value() + FIRST_POINTS)
                        .mapToInt(HeelRoom.Option::plainRounds)
                        .findFirst()
                        .orElse(FIRST_PLAIN);
    }

    private SpecPart with(ChoicesPart other) {
        return new SpecPart(
                version,
                foot,
                otherFoot,
                planOn,
                swatch,
                tubeReading,
                yarn,
                contrast,
                contrastSections,
                striping,
                weighIns,
                other,
                questions);
    }

    /** The core's specification. Refuses with everything that is wrong in any part. */
    public SockSpec toCore() {
        Problems problems = new Problems();
        checkVersion(problems);
        Optional<Foot> first =
                problems.collect("foot", () -> Required.part(foot).toCore());
        Optional<Foot> other =
                Optional.ofNullable(otherFoot).flatMap(part -> problems.collect("otherFoot", part::toCore));
        Optional<TubeReading> reading =
                Optional.ofNullable(tubeReading).flatMap(part -> problems.collect("tubeReading", part::toCore));
        Optional<Swatch> coreSwatch =
                problems.collect("swatch", () -> Required.part(swatch).toCore(reading));
        Optional<Yarn> main = problems.collect("yarn", () -> yarn == null ? Yarn.usual() : yarn.toCore());
        Optional<Yarn> second =
                Optional.ofNullable(contrast).flatMap(part -> problems.collect("contrast", part::toCore));
        Optional<Striping> stripes =
                Optional.ofNullable(striping).flatMap(part -> problems.collect("striping", part::toCore));
        List<WeighIn> weighed = each(problems, "weighIns", weighIns, WeighInPart::toCore);
        Optional<Choices> coreChoices =
                problems.collect("choices", () -> choices == null ? Choices.usual() : choices.toCore());
        problems.throwIfAny();
        return new SockSpec(
                new Feet(first.orElseThrow(), other, planOn == null ? PlanOn.LONGER_AND_WIDER : planOn),
                coreSwatch.orElseThrow(),
                new Yarns(main.orElseThrow(), second, contrastSections == null ? Set.of() : contrastSections, stripes),
                weighed,
                coreChoices.orElseThrow());
    }

    private void checkVersion(Problems problems) {
        if (version != null && version != VERSION) {
            problems.add(new Problem(
                    "spec.version",
                    "version",
                    "This specification is of version " + version + "; this Round Pocket reads version " + VERSION
                            + ".",
                    "Open it with the Round Pocket that wrote it, or a newer one.",
                    Map.of()));
        }
        if (weighIns != null && weighIns.size() > MOST_WEIGH_INS) {
            problems.add(new Problem(
                    "spec.weigh-ins",
                    "weighIns",
                    "These are " + weighIns.size() + " weigh-ins; a pair can have " + MOST_WEIGH_INS + ".",
                    "Leave out the oldest.",
                    Map.of()));
        }
    }

    /** Every part of a list that may be missing; what is refused is noted with its place. */
    public static <P, T> List<T> each(Problems problems, String field, @Nullable List<P> parts, Function<P, T> toCore) {
        List<T> all = new ArrayList<>();
        List<P> present = parts == null ? List.of() : parts;
        for (int i = 0; i < present.size(); i++) {
            P part = present.get(i);
            problems.collect(field + "[" + i + "]", () -> toCore.apply(Required.part(part)))
                    .ifPresent(all::add);
        }
        return all;
    }

    /** The plan. Refuses as {@link #toCore} does, and where the parts do not go together. */
    public SockPlan plan() {
        return toCore().plan(questionsAsked().sockAsked());
    }

    /** What is asked besides. */
    Questions questionsAsked() {
        Problems problems = new Problems();
        Optional<Questions> asked =
                Optional.ofNullable(questions).flatMap(part -> problems.collect("questions", part::toCore));
        problems.throwIfAny();
        return asked.orElse(Questions.NONE);
    }
}
