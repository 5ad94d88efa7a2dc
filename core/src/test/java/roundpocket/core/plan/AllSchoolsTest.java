package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.Reporter;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Origin;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Doubts;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.Opening.LiveCount;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.shaping.ShapingRound.Kind;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.Placing;
import roundpocket.core.tube.TubeCut;
import roundpocket.core.tube.Way;

/** What holds of every plan of every school, way and opening, tried on many random specifications. */
public class AllSchoolsTest {
    private static final long SEED = 20261124L;
    private static final int WANTED = 5_000;
    /** What may be refused though each part can be used by itself. */
    private static final Set<String> MAY_NOT_FIT = Set.of(
            "tube.foot.no-room",
            "tube.leg.no-room",
            "shaping.too-far",
            "shaping.nothing-to-close",
            "tube.half.no-room");

    /** A plan and what it was made from. */
    private record Made(SockSpec spec, SockPlan plan) {}

    private final List<Made> all = new ArrayList<>();

    @BeforeClass
    public void planMany() {
        Random random = new Random(SEED);
        int refused = 0;
        Map<Way, Integer> ways = new EnumMap<>(Way.class);
        while (all.size() < WANTED) {
            SockSpec spec = Specs.anySchool(random);
            try {
                all.add(new Made(spec, spec.plan()));
                ways.merge(spec.choices().tube().wayTaken(), 1, Integer::sum);
            } catch (Refusal refusal) {
                refused++;
                assertThat(refusal.problems()).allSatisfy(AllSchoolsTest::saysWhatWouldHelp);
            }
        }
        Reporter.log("seed " + SEED + ": " + all.size() + " plans " + ways + ", " + refused + " did not fit", true);
        assertThat(refused).isLessThan(WANTED / 2);
    }

    private static void saysWhatWouldHelp(Problem problem) {
        assertThat(problem.code()).isIn(MAY_NOT_FIT);
        assertThat(problem.remedy()).isNotBlank();
        assertThat(problem.field()).isNotBlank();
        assertThat(problem.message(LengthUnit.INCH)).doesNotContain("{", "}");
    }

    @Test
    public void everySchoolIsAmongThem() {
        Set<ShapingSchool> heels = new HashSet<>();
        all.forEach(made -> heels.add(made.plan().heel().shaping().school()));
        assertThat(heels).containsExactlyInAnyOrder(ShapingSchool.values());
    }

    @Test
    public void roundByRoundAddsUp() {
        all.forEach(made -> {
            addsUp(
                    made.plan().heel().shaping(),
                    made.plan().opening().heelSide().count());
            addsUp(made.plan().toe().shaping(), made.plan().stitchCount().half().count());
            assertThat(made.plan()
                            .heel()
                            .worked()
                            .get(made.plan().heel().worked().size() - 1)
                            .cumulativeG())
                    .isCloseTo(made.plan().yarn().of(Section.HEEL).grams().value(), within(1e-9));
        });
    }

    private static void addsUp(Shaping shaping, int side) {
        int sum = 0;
        for (ShapingRound round : shaping.list()) {
            sum += round.stitches();
            assertThat(round.cumulative()).isEqualTo(sum);
            // while extra stitches of the corners go there are a few more
            assertThat(round.side()).isBetween(1, side + (round.kind() == Kind.CORNERS ? 2 : 0));
            assertThat(round.stitches()).isEqualTo(round.kind() == Kind.SHORT_ROW ? round.side() : 2 * round.side());
            assertThat(round.instruction()).isNotBlank();
        }
        int start = shaping.begun() && shaping.school().inRounds()
                ? 2 * shaping.closingSide().count()
                : 0;
        assertThat(shaping.stitchesWorked().count()).isEqualTo(sum + start);
        assertThat(shaping.widths()).hasSize(shaping.rounds().count());
        if (shaping.school().inRounds()) {
            assertThat(shaping.list()).hasSize(shaping.rounds().count());
            assertThat(side - 2 * shaping.decreaseRounds().count())
                    .isEqualTo(shaping.closingSide().count());
        }
        assertThat(shaping.widths().get(shaping.widths().size() - 1).side())
                .isEqualTo(shaping.closingSide().count());
    }

    @Test
    public void roundsOfTheSockAddUpFromWhereverTheyAreCounted() {
        all.forEach(made -> {
            SockPlan plan = made.plan();
            int toe = plan.toe().shaping().rounds().count();
            int foot = plan.tube().rounds().foot().count();
            int leg = plan.tube().rounds().leg().count();
            int cuff = plan.cuff().rounds().count();
            int lost = plan.tube().rounds().sacrificed().count();
            assertThat(plan.tube().heelLine().counts())
                    .extracting(counted -> counted.rounds().count())
                    .containsExactly(toe + foot, foot, leg, leg + cuff);
            assertThat(plan.tube().rounds().tube().count()).isEqualTo(foot + leg + lost);
            assertThat(plan.axis()).hasSize(toe + foot + leg + cuff);
            assertThat(plan.axis()).extracting(AxisRound::counted).allMatch(counted -> counted >= 1);
            assertThat(plan.tube().heelLine().count().markers().count())
                    .isEqualTo(plan.tube().heelLine().count().rounds().count() / 10);
            plan.tube().cut().filter(cut -> cut.cuts() > 0).ifPresent(cut -> assertThat(
                            cut.tubeRounds().count())
                    .isEqualTo(2 * (foot + leg + lost + cut.spareRounds().count())
                            + (cut.cut() == Cut.TO_LENGTH && cut.remnantRounds().count() >= 0 && !exact(cut) ? 2 : 1)
                            + cut.ravelled().map(Step::count).orElse(0)
                            + cut.remnantRounds().count()));
        });
    }

    /** Whether two pieces and the round between them are the whole tube. */
    private static boolean exact(TubeCut cut) {
        int left = cut.tubeRounds().count()
                - cut.ravelled().map(Step::count).orElse(0)
                - 2 * cut.pieceRounds().count();
        return left <= 1;
    }

    @Test
    public void yarnAddsUpByYarnAndAlongTheAxis() {
        all.forEach(made -> {
            YarnNeed yarn = made.plan().yarn();
            double sum =
                    yarn.sections().stream().mapToDouble(s -> s.grams().value()).sum();
            assertThat(yarn.sockGrams().value()).isCloseTo(sum, within(1e-9));
            assertThat(yarn.roles().stream()
                            .mapToDouble(r -> r.pairGrams().value())
                            .sum())
                    .isCloseTo(sum + made.spec().plan(2).yarn().sockGrams().value(), within(1e-9));
            double most = made.plan().axis().stream()
                    .mapToDouble(AxisRound::usedG)
                    .max()
                    .orElseThrow();
            assertThat(most).isLessThanOrEqualTo(sum + 1e-9);
            assertThat(made.plan().axis()).extracting(AxisRound::usedG).allMatch(used -> used > 0);
        });
    }

    @Test
    public void theOpeningHoldsBothSidesAndComesDownToTheHeel() {
        all.forEach(made -> {
            SockPlan plan = made.plan();
            int half = plan.stitchCount().half().count();
            List<LiveCount> counts = plan.opening().counts();
            assertThat(plan.opening().below().count()).isEqualTo(half);
            assertThat(plan.opening().above().count()).isEqualTo(half);
            assertThat(counts.get(0).stitches()).isEqualTo(plan.opening().live().count());
            assertThat(counts.get(counts.size() - 1).stitches())
                    .isEqualTo(2 * plan.opening().heelSide().count());
            assertThat(counts.size() - 1)
                    .isLessThanOrEqualTo(plan.heel().shaping().plainRounds().count());
        });
    }

    @Test
    public void byOnesOwnHeelTheFootComesOutRightToHalfARound() {
        all.forEach(made -> {
            Placing own = made.plan().tube().heelLine().placings().get(0);
            double halfRound = 50 / made.plan().basis().gauge().rounds().value();
            assertThat(Math.abs(own.outBy().value())).isLessThanOrEqualTo(halfRound + 1e-9);
        });
    }

    @Test
    public void aGraftHasAsManyMovesAsItsLoopsCallFor() {
        all.forEach(made -> made.plan().heel().graft().ifPresent(graft -> assertThat(graft.list())
                .hasSize(graft.moves().count())));
    }

    @Test
    public void moreRoomAtTheHeelWithEveryPlainRound() {
        all.forEach(made -> assertThat(made.plan().fit().heelRoom().options())
                .extracting(option -> option.stretch().value())
                .isSortedAccordingTo((a, b) -> Double.compare(b, a)));
    }

    /** No figure lacks a working that ends in what was put in, or a provenance. */
    @Test
    public void everyFigureEndsInWhatWasPutIn() {
        all.subList(0, 300).forEach(made -> {
            Set<Step> seen = new HashSet<>();
            List<Step> figures = Specs.figures(made.plan());
            assertThat(figures).hasSizeGreaterThan(150);
            figures.forEach(figure -> walk(figure, seen));
        });
    }

    private static void walk(Step step, Set<Step> seen) {
        if (!seen.add(step)) {
            return;
        }
        assertThat(Double.isFinite(step.value())).isTrue();
        assertThat(step.label()).isNotBlank();
        if (step instanceof Given given) {
            boolean putIn = given.origin() != Origin.CONSTANT && given.origin() != Origin.TRIED;
            assertThat(given.field().isPresent()).as(given.label()).isEqualTo(putIn);
            assertThat(given.source().isPresent()).isEqualTo(given.origin() == Origin.CONSTANT);
        } else {
            assertThat(step.inputs()).isNotEmpty();
        }
        step.inputs().forEach(input -> walk(input, seen));
    }

    @Test
    public void doubtsAreSaidInOrderAndInWholeSentences() {
        assertThat(all.subList(0, 1000)).allSatisfy(made -> {
            var doubts = Doubts.of(made.spec(), made.plan());
            assertThat(doubts).extracting(doubt -> doubt.weight()).isSorted();
            assertThat(doubts).allSatisfy(doubt -> assertThat(doubt.said().message(LengthUnit.CM))
                    .doesNotContain("{", "}")
                    .endsWith("."));
        });
    }
}
