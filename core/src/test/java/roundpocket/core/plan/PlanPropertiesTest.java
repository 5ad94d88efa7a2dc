package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.Reporter;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Origin;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;

/** What holds of every plan, tried on many random specifications. */
public class PlanPropertiesTest {
    private static final long SEED = 20261123L;
    private static final int WANTED = 2_500;

    private final List<SockSpec> specs = new ArrayList<>();
    private final List<SockPlan> plans = new ArrayList<>();

    @BeforeClass
    public void planMany() {
        Random random = new Random(SEED);
        int refused = 0;
        while (plans.size() < WANTED) {
            SockSpec spec = Specs.random(random);
            Optional<SockPlan> plan = planned(spec);
            if (plan.isPresent()) {
                specs.add(spec);
                plans.add(plan.get());
            } else {
                refused++;
            }
        }
        Reporter.log("seed " + SEED + ": " + plans.size() + " plans, " + refused + " had no room", true);
        assertThat(refused).isLessThan(WANTED / 10);
    }

    private static Optional<SockPlan> planned(SockSpec spec) {
        try {
            return Optional.of(spec.plan());
        } catch (Refusal noRoom) {
            assertThat(noRoom.problems()).allMatch(p -> p.code().endsWith("no-room"));
            return Optional.empty();
        }
    }

    @Test
    public void stitchesAreAMultipleOfFourAndBothSidesAreEqual() {
        plans.forEach(plan -> {
            int stitches = plan.stitchCount().stitches().count();
            assertThat(stitches % 4).isZero();
            assertThat(plan.stitchCount().half().count() * 2).isEqualTo(stitches);
            assertThat(plan.opening().below().count())
                    .isEqualTo(plan.opening().above().count());
            // two extra at either corner
            assertThat(plan.opening().live().count()).isEqualTo(stitches + 4);
        });
    }

    @Test
    public void theNearestCountIsTaken() {
        plans.forEach(plan -> assertThat(plan.stitchCount().stitches().value())
                .isCloseTo(plan.stitchCount().ideal().value(), within(2.0 + 1e-9)));
    }

    @Test
    public void roundsOfTheSectionsAddUp() {
        plans.forEach(plan -> {
            int sum = plan.toe().shaping().rounds().count()
                    + plan.tube().rounds().foot().count()
                    + plan.tube().rounds().leg().count()
                    + plan.cuff().rounds().count();
            assertThat(plan.tube().rounds().all().count()).isEqualTo(sum);
            assertThat(plan.axis()).hasSize(sum);
            assertThat(plan.axis()).extracting(AxisRound::round).isSorted();
            assertThat(plan.axis()
                            .get(plan.tube().heelLine().round().count() - 1)
                            .counted())
                    .isEqualTo(plan.tube().rounds().foot().count());
            assertThat(plan.axis().get(0).counted())
                    .isEqualTo(plan.toe().shaping().rounds().count());
        });
    }

    @Test
    public void theDrawingEndsWhereTheTapeDoes() {
        plans.forEach(plan -> {
            Outline outline = plan.outline();
            Outline.Span cuff = outline.spans().get(3);
            assertThat(cuff.toRound()).isEqualTo(plan.tube().rounds().all().count());
            assertThat(cuff.toMm()).isCloseTo(outline.lengthMm(), within(1e-9));
            assertThat(outline.spans().get(1).toMm()).isCloseTo(outline.openingMm(), within(1e-9));
            assertThat(outline.heel()
                            .get(plan.heel().shaping().rounds().count())
                            .depthMm())
                    .isCloseTo(plan.heel().shaping().depth().value(), within(1e-9));
            assertThat(2 * outline.widthMm())
                    .isCloseTo(plan.stitchCount().finishedGirth().value(), within(1e-9));
        });
    }

    @Test
    public void theSockIsAsLongAsTheFootToHalfARound() {
        for (int i = 0; i < plans.size(); i++) {
            double halfRound = 50 / plans.get(i).basis().gauge().rounds().value();
            assertThat(plans.get(i).tube().lengths().foot().value())
                    .isCloseTo(plans.get(i).basis().foot().length().value(), within(halfRound + 1e-9));
        }
    }

    @Test
    public void shapingsCloseByTwosToTheirGraft() {
        plans.forEach(plan -> {
            closes(plan.heel().shaping(), plan.stitchCount().half().count());
            closes(plan.toe().shaping(), plan.stitchCount().half().count());
        });
    }

    private static void closes(Shaping shaping, int side) {
        int before = side;
        int worked = 0;
        for (ShapingRound round : shaping.list()) {
            assertThat(round.side()).isEqualTo(before - (round.decrease() ? 2 : 0));
            before = round.side();
            worked += round.stitches();
        }
        assertThat(shaping.list()).hasSize(shaping.rounds().count());
        assertThat(shaping.closingSide().count()).isEqualTo(before);
        assertThat(shaping.stitchesWorked().count()).isEqualTo(worked);
        assertThat(side / 2 - before).as("the nearest, and of two the lower").isBetween(0, 1);
    }

    @Test
    public void yarnOfTheSectionsAddsUpAndNothingIsFree() {
        plans.forEach(plan -> {
            double sum = plan.yarn().sections().stream()
                    .mapToDouble(s -> s.grams().value())
                    .sum();
            assertThat(plan.yarn().sockGrams().value()).isCloseTo(sum, within(1e-9));
            assertThat(plan.yarn().pairGrams().value()).isCloseTo(2 * sum, within(1e-9));
            assertThat(plan.yarn().sections())
                    .allSatisfy(s -> assertThat(s.grams().value()).isPositive());
            double used =
                    plan.axis().stream().mapToDouble(AxisRound::usedG).max().orElseThrow();
            double ends = plan.yarn().of(Section.ENDS).grams().value();
            assertThat(used + ends).isCloseTo(sum, within(1e-9));
        });
    }

    @Test
    public void moreFootNeverGivesFewerRounds() {
        Random random = new Random(SEED);
        for (int i = 0; i < WANTED; i++) {
            double length = 200 + 80 * random.nextDouble();
            long seed = random.nextLong();
            SockSpec shorter = Specs.randomFor(new Random(seed), length, 220);
            Foot longer = new Foot(length + 30 * random.nextDouble(), 220);
            SockPlan plan = shorter.plan();
            SockPlan more = shorter.withFeet(Feet.both(longer)).plan();
            assertThat(more.tube().heelLine().round().count())
                    .isGreaterThanOrEqualTo(plan.tube().heelLine().round().count());
            assertThat(more.tube().rounds().tube().count())
                    .isGreaterThanOrEqualTo(plan.tube().rounds().tube().count());
        }
    }

    @Test
    public void workingsEndInInputsAndEveryRuleIsKnown() {
        plans.subList(0, 200).forEach(plan -> {
            Set<Step> seen = Collections.newSetFromMap(new IdentityHashMap<>());
            walk(plan.yarn().left().orElseThrow().margin(), seen);
            walk(plan.tube().lengths().foot(), seen);
            walk(plan.tube().lengths().all(), seen);
            walk(plan.opening().comesOut(), seen);
            walk(plan.stitchCount().realEase(), seen);
            assertThat(seen).hasSizeGreaterThan(40);
        });
    }

    private static void walk(Step step, Set<Step> seen) {
        if (!seen.add(step)) {
            return;
        }
        assertThat(Double.isFinite(step.value())).isTrue();
        assertThat(step.label()).isNotBlank();
        if (step instanceof Given given) {
            assertThat(given.field().isPresent())
                    .isEqualTo(given.origin() != Origin.CONSTANT && given.origin() != Origin.TRIED);
            assertThat(given.source().isPresent()).isEqualTo(given.origin() == Origin.CONSTANT);
        } else if (step instanceof Computed computed) {
            assertThat(PlanRules.EVERY).contains(computed.rule());
            assertThat(computed.rule().takesMany()
                            || computed.rule().symbols().size()
                                    == computed.inputs().size())
                    .isTrue();
            assertThat(computed.inputs()).isNotEmpty();
        } else if (step instanceof Rounded rounded) {
            assertThat(rounded.reason()).isNotBlank();
        }
        step.inputs().forEach(input -> walk(input, seen));
    }
}
