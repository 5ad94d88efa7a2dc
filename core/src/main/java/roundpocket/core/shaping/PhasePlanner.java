package roundpocket.core.shaping;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.ShapingSchool.Rhythm;

/** Works out how many decrease rounds each phase has and what it leaves. */
final class PhasePlanner {
    static final String EVERY = "one decrease round in so many rounds";

    private final String name;
    private final ShapingChoice choice;
    private final Step side;

    PhasePlanner(String name, ShapingChoice choice, Step side) {
        this.name = name;
        this.choice = choice;
        this.side = side;
    }

    /** The phases in order; those whose end is reached before they begin are left out. */
    List<PhasePlan> plan() {
        List<PhasePlan> plans = new ArrayList<>();
        Step now = side;
        for (Wanted wanted : choice.schoolTaken() == ShapingSchool.OWN ? own() : ofTheSchool()) {
            double sideNow = now.value();
            if (wanted.target().filter(target -> target.value() >= sideNow).isPresent()) {
                continue;
            }
            PhasePlan plan = plan(wanted, now);
            if (plan.decreases().count() > 0) {
                plans.add(plan);
                now = plan.side();
            }
        }
        if (plans.isEmpty()) {
            throw new Refusal(List.of(new Problem(
                    "shaping.nothing-to-close",
                    "",
                    "The " + choice.schoolTaken().title() + " ends at more stitches than {found} on each needle.",
                    "Take the wedge, or more stitches in the tube.",
                    Map.of("found", Amount.stitches(side.value())))));
        }
        return plans;
    }

    /** What a phase asks for: a count of decrease rounds, or a target. */
    private record Wanted(Step every, Optional<Step> times, Optional<Step> target) {}

    private List<Wanted> own() {
        List<Wanted> wanted = new ArrayList<>();
        for (int i = 0; i < choice.phases().size(); i++) {
            Phase phase = choice.phases().get(i);
            String at = "choices." + name + ".phases[" + i + "]";
            wanted.add(new Wanted(
                    Given.choice(EVERY, phase.every(), Unit.ROUNDS, false, at + ".every"),
                    step("decrease rounds wanted", phase.times(), Unit.ROUNDS, at + ".times"),
                    step("stitches wanted on each needle", phase.until(), Unit.STITCHES, at + ".until")));
        }
        return wanted;
    }

    private static Optional<Step> step(String label, OptionalInt value, Unit unit, String field) {
        return value.isEmpty()
                ? Optional.empty()
                : Optional.of(Given.choice(label, value.getAsInt(), unit, false, field));
    }

    private List<Wanted> ofTheSchool() {
        ShapingSchool school = choice.schoolTaken();
        List<Wanted> wanted = new ArrayList<>();
        for (Rhythm rhythm : school.rhythms()) {
            boolean last = rhythm == school.rhythms().get(school.rhythms().size() - 1);
            Step constant = last && choice.closeTaken() == Close.DRAW_THROUGH && !school.inSections()
                    ? ShapingRules.DRAW_THROUGH_SIDE.step()
                    : school.constant(rhythm).step();
            Step every = school.everyConstant(rhythm).step();
            if (rhythm.times() > 0) {
                wanted.add(new Wanted(every, Optional.of(constant), Optional.empty()));
            } else {
                Step target = rhythm.share()
                        ? Computed.of(name + " side wanted", Unit.STITCHES, ShapingRules.TARGET.of(side, constant))
                        : constant;
                wanted.add(new Wanted(every, Optional.empty(), Optional.of(target)));
            }
        }
        return wanted;
    }

    private PhasePlan plan(Wanted wanted, Step from) {
        Step decreases =
                wanted.times().orElseGet(() -> reaching(from, wanted.target().orElseThrow()));
        Step after = Computed.of(
                name + " stitches on each needle after " + decreases.count() + " decreases",
                Unit.STITCHES,
                ShapingRules.SIDE_AFTER.of(from, decreases));
        boolean tied = wanted.target()
                .filter(target -> Math.abs(Math.abs(target.value() - after.value()) - 1) < 1e-9)
                .isPresent();
        OptionalInt other = tied
                ? OptionalInt.of(after.count() + (choice.parityTaken() == Parity.BELOW ? 2 : -2))
                : OptionalInt.empty();
        return new PhasePlan(wanted.every(), wanted.target(), decreases, after, other);
    }

    private Step reaching(Step from, Step target) {
        boolean below = choice.parityTaken() == Parity.BELOW;
        return Rounded.of(
                name + " decrease rounds from " + from.count(),
                Computed.of("decrease rounds, exactly", Unit.ROUNDS, ShapingRules.DECREASES.of(from, target)),
                below ? Rounding.NEAREST : Rounding.NEAREST_FEWER,
                "each needle loses two at a time, so the nearest count that twos reach is taken, and of two equally"
                        + " near"
                        + " ones the " + (below ? "lower" : "higher"));
    }
}
