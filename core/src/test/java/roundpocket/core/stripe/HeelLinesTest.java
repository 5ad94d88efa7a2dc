package roundpocket.core.stripe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.StripePlan.HeelLineAt;
import roundpocket.core.plan.StripePlan.Kept;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

/** Other places for the heel line with regard to the colours. */
public class HeelLinesTest {
    @Test
    public void candidatesAreThoseThatASearchFinds() {
        StripePlanTest.each(new Random(StripePlanTest.SEED + 3), StripePlanTest.MANY, (spec, plan) -> {
            if (!spec.yarns().striping().orElseThrow().knots().isEmpty()) {
                return;
            }
            StripePlan stripes = plan.stripes().orElseThrow();
            boolean down = plan.tube().way() == Way.CUFF_DOWN;
            List<Double> boundaries = boundaries(spec, plan);
            int now = (down ? plan.tube().rounds().leg() : plan.tube().rounds().foot()).count();
            List<Integer> expected = new ArrayList<>();
            for (int i = 0; i < boundaries.size(); i++) {
                reachable(expected, plan, down, (int) Math.floor(boundaries.get(i) + 0.5) - now);
                if (i + 1 < boundaries.size()) {
                    double middle = (boundaries.get(i) + boundaries.get(i + 1)) / 2;
                    reachable(expected, plan, down, (int) Math.floor(middle + 0.5) - now);
                }
            }
            assertThat(stripes.candidates())
                    .extracting(HeelLineAt::moved)
                    .containsExactlyInAnyOrderElementsOf(expected);
        });
    }

    private static void reachable(List<Integer> expected, SockPlan plan, boolean down, int moved) {
        int foot = plan.tube().rounds().foot().count();
        int leg = plan.tube().rounds().leg().count();
        boolean one = down ? leg + moved >= 1 : foot + moved >= 1;
        boolean other = down ? foot - moved >= 1 && leg + moved >= 1 : leg - moved >= 1 && foot + moved >= 1;
        if (Math.abs(moved) <= 12 && (one || other)) {
            expected.add(moved);
        }
    }

    /** Every change of colour in foot and leg, in rounds from where they begin, found by going along the yarn. */
    private static List<Double> boundaries(SockSpec spec, SockPlan plan) {
        Striping striping = spec.yarns().striping().orElseThrow();
        double stitchM =
                plan.yarn().loopLength().value() / 1000 * plan.yarn().factor().value();
        double roundM = plan.stitchCount().stitches().value() * stitchM;
        boolean down = plan.tube().way() == Way.CUFF_DOWN;
        boolean toeFirst = !down && plan.tube().toeStart().toeFirst();
        double before = 0.2;
        if (down && spec.yarns().of(Section.CUFF) == YarnRole.MAIN) {
            before += roundM + plan.cuff().rounds().value() * roundM;
        }
        if (toeFirst && spec.yarns().of(Section.TOE) == YarnRole.MAIN) {
            before += plan.toe().shaping().stitchesWorked().value() * stitchM;
        }
        int rounds = plan.tube().rounds().foot().count()
                + plan.tube().rounds().leg().count()
                + plan.tube().rounds().sacrificed().count();
        List<Double> found = new ArrayList<>();
        double place = 0;
        while (place < 2 * striping.startM() + before + rounds * roundM + 1) {
            for (int i = 0; i < striping.bands().size(); i++) {
                Band band = striping.bands().get(i);
                Band previous = striping.bands()
                        .get((i + striping.bands().size() - 1)
                                % striping.bands().size());
                double at = (place - striping.startM() - before) / roundM;
                if (at > 0 && at <= rounds && !previous.colour().equals(band.colour())) {
                    found.add(at);
                }
                place += band.lengthM().isPresent()
                        ? band.lengthM().getAsDouble()
                        : band.rounds().getAsDouble() * band.stitches().getAsInt() * stitchM;
            }
        }
        return found;
    }

    @Test
    public void aCandidateThatIsTakenPutsTheHeelLineThere() {
        for (Way way : List.of(Way.TOE_UP, Way.CUFF_DOWN)) {
            SockSpec base = StripePlanTest.striped(StripePlanTest.BELL);
            SockSpec spec = base.withChoices(base.choices()
                    .withTube(new TubeChoice(
                            Optional.of(way),
                            Optional.empty(),
                            Optional.empty(),
                            OptionalDouble.of(127),
                            java.util.OptionalInt.empty(),
                            Optional.empty())));
            for (HeelLineAt candidate : StripePlanTest.plan(spec).candidates()) {
                for (Kept kept : candidate.kept()) {
                    SockPlan taken = taken(spec, way, kept);
                    assertThat(taken.tube().heelLine().round().count()).isEqualTo(kept.openingRound());
                    assertThat(taken.tube().lengths().foot().value())
                            .isCloseTo(kept.sockFoot().value(), within(1e-9));
                    assertThat(taken.stripes().orElseThrow().candidates())
                            .as("%s %s", way, candidate)
                            .anyMatch(one -> one.moved() == 0 && one.between() == candidate.between());
                }
            }
        }
    }

    private static SockPlan taken(SockSpec spec, Way way, Kept kept) {
        return spec.withChoices(spec.choices()
                        .withPlacing(PlacingChoice.atColour(kept.openingRound(), CountFrom.TOE_TIP))
                        .withTube(new TubeChoice(
                                Optional.of(way),
                                Optional.empty(),
                                Optional.empty(),
                                OptionalDouble.empty(),
                                java.util.OptionalInt.of(kept.legRounds()),
                                Optional.of(LegFrom.OPENING))))
                .plan();
    }

    @Test
    public void startingTheCakeFurtherOnPutsTheSameChangeAtTodaysHeelLine() {
        SockSpec spec = StripePlanTest.striped(StripePlanTest.BELL);
        for (HeelLineAt candidate : StripePlanTest.plan(spec).candidates()) {
            double start = (StripePlanTest.BELL.startM()
                            + candidate.startFurther().orElseThrow().value())
                    % 10.5;
            StripePlan moved = StripePlanTest.plan(StripePlanTest.striped(StripePlanTest.BELL.beginningAt(start)));
            assertThat(moved.candidates())
                    .as("%s", candidate)
                    .anyMatch(one ->
                            one.moved() == 0 && one.between() == candidate.between() && one.band() == candidate.band());
        }
    }
}
