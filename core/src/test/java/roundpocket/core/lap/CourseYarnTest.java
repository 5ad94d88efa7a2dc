package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SectionYarn;
import roundpocket.core.plan.ShapedPart;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.StripedRound.ChangeAt;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Way;
import roundpocket.core.work.Operation;
import roundpocket.core.work.YarnWork;

/** A course takes the yarn that its plan has reckoned with, every end and every tail of it. */
public class CourseYarnTest {
    private static final int OF_EACH_WAY = 60;
    private static final double END_M = 0.2;

    private static Optional<Course> course(Random random, HeelWhen when) {
        SockSpec spec = random.nextBoolean() ? Specs.anySchool(random) : Specs.randomStriped(random);
        try {
            return Optional.of(Course.beginning(spec, when));
        } catch (Refusal noSockComesOfThat) {
            return Optional.empty();
        }
    }

    private static double metres(Course course, YarnRole role) {
        double stitchM =
                course.plan().yarn().models().get(role).metresOf("one", one()).value();
        double metres = 0;
        for (LapStep step : course.lap().steps()) {
            boolean own = step.yarnSection()
                    .filter(section -> course.spec().yarns().of(section) == role)
                    .isPresent();
            for (LapStep.Press press : step.presses()) {
                metres += own ? press.stitches() * stitchM : 0;
                for (Operation each : press.operations()) {
                    metres += each.taken()
                            .filter(taken -> taken.role() == role)
                            .map(taken -> taken.stitches() * stitchM
                                    + taken.ends() * END_M
                                    + taken.tail().map(Amount::value).orElse(0.0) / 1000)
                            .orElse(0.0);
                }
            }
        }
        return metres;
    }

    private static Step one() {
        return Given.tried("one", 1, Unit.STITCHES);
    }

    /** What a plan counts of a yarn; the foot and the leg of a tube that is there already are in it. */
    private static double planned(SockPlan plan, YarnRole role) {
        Set<Section> there = plan.tube().way() == Way.READY_TUBE ? Set.of(Section.FOOT, Section.LEG) : Set.of();
        return plan.yarn().sections().stream()
                .filter(section -> section.role() == role && !there.contains(section.section()))
                .map(SectionYarn::metres)
                .mapToDouble(Step::value)
                .sum();
    }

    @Test
    public void aCourseTakesWhatItsPlanReckonsWith() {
        Random random = new Random(331);
        Map<Way, Integer> done = new EnumMap<>(Way.class);
        Set<Integer> cuts = new HashSet<>();
        while (done.size() < Way.values().length || done.values().stream().anyMatch(each -> each < OF_EACH_WAY)) {
            course(random, HeelWhen.AFTER_TUBE).ifPresent(first -> {
                for (Course course : List.of(first, first.forSock(2))) {
                    for (YarnRole role : course.plan().yarn().models().keySet()) {
                        assertThat(metres(course, role))
                                .as("%s of %s: %s", role, course.plan().tube().way(), course.spec())
                                .isCloseTo(planned(course.plan(), role), within(1e-6));
                    }
                }
                cuts.add(cuts(first));
                done.merge(first.plan().tube().way(), 1, Integer::sum);
            });
        }
        assertThat(cuts).hasSizeGreaterThan(2);
    }

    private static int cuts(Course course) {
        return (int) course.lap().steps().stream()
                .flatMap(step -> step.presses().stream())
                .flatMap(press -> press.operations().stream())
                .filter(YarnWork.Cut.class::isInstance)
                .count();
    }

    /** The plan reckons with the heel after the tube; at another time there are at most two ends of a yarn more or fewer. */
    @Test
    public void anotherTimeForTheHeelTakesAtMostTwoEndsMoreOrFewer() {
        Random random = new Random(332);
        int courses = 0;
        for (int i = 0; i < 400; i++) {
            HeelWhen when = random.nextBoolean() ? HeelWhen.LAST : HeelWhen.AT_ONCE;
            Optional<Course> course = course(random, when);
            if (course.isEmpty()) {
                continue;
            }
            SockPlan plan = course.get().plan();
            for (YarnRole role : plan.yarn().models().keySet()) {
                assertThat(metres(course.get(), role) - planned(plan, role))
                        .as("%s, %s of %s", when, role, plan.tube().way())
                        .isBetween(-2 * END_M - 1e-6, 2 * END_M + 1e-6);
            }
            courses++;
        }
        assertThat(courses).isGreaterThan(100);
    }

    /** By its middle: a change that falls between two stitches may be the one’s or the other’s by the last digit. */
    private static String round(int stitches, int band, List<ChangeAt> changes) {
        int middle = changes.stream()
                .filter(change -> change.stitch() <= stitches / 2)
                .reduce((one, later) -> later)
                .map(ChangeAt::band)
                .orElse(band);
        return stitches + " of " + middle;
    }

    private static List<String> planned(SockStripes stripes) {
        return Stream.concat(stripes.tube().stream(), stripes.heel().stream())
                .filter(round -> round.band() != ColourRound.OTHER_YARN)
                .map(round -> round(round.stitches(), round.band(), round.changes()))
                .toList();
    }

    /** Of short rows the tape shows what lies above, and of a round that is unpicked nothing. */
    private static boolean inRounds(ShapedPart part) {
        return part.shaping().school().inRounds();
    }

    /** Tube, heel and toe, each with the ends before and between them. */
    @Test
    public void everyRoundHasTheColoursOfThePlan() {
        Random random = new Random(333);
        Map<Way, Integer> done = new EnumMap<>(Way.class);
        while (done.size() < 2 || done.values().stream().anyMatch(each -> each < OF_EACH_WAY)) {
            Optional<Course> course = course(random, HeelWhen.AFTER_TUBE)
                    .filter(any -> any.plan().stripes().isPresent())
                    .filter(any -> any.plan().tube().way() != Way.READY_TUBE)
                    .filter(any -> any.plan().tube().rounds().sacrificed().value() == 0)
                    .filter(any ->
                            inRounds(any.plan().heel()) && inRounds(any.plan().toe()));
            course.ifPresent(begun -> {
                PairWork pair = new PairWork(begun);
                for (int sock = 1; sock <= 2; sock++) {
                    List<String> knitted = pair.colours(sock).orElseThrow().rounds().stream()
                            .map(LapColours.ColouredPress::colours)
                            .map(round -> round(round.stitches(), round.band(), round.changes()))
                            .toList();
                    assertThat(knitted)
                            .as("sock %d: %s", sock, begun.spec())
                            .containsExactlyInAnyOrderElementsOf(planned(
                                    begun.plan().stripes().orElseThrow().socks().get(sock - 1)));
                }
                done.merge(begun.plan().tube().way(), 1, Integer::sum);
            });
        }
    }
}
