package roundpocket.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.Yarns;
import roundpocket.core.swatch.FabricState;

/** Every remedy that a doubt offers makes it better. */
public class CuresTest {
    /** What a person does where no choice of the plan cures: she measures, counts or weighs again. */
    private static SockSpec measuredAgain(String code, SockSpec spec) {
        Foot foot = spec.feet().first();
        OptionalDouble length = OptionalDouble.of(
                foot.lengthMm().orElse(spec.plan().basis().foot().length().value()));
        OptionalDouble ball = OptionalDouble.of(
                foot.ballGirthMm().orElse(spec.plan().basis().foot().ballGirth().value()));
        return switch (code) {
            case "foot.estimated", "foot.guessed", "heel.estimated" ->
                spec.withFeet(Feet.both(new Foot(
                        length,
                        foot.shoe(),
                        ball,
                        OptionalDouble.of(
                                spec.plan().basis().foot().heelDiagonal().value()),
                        foot.legGirthMm(),
                        foot.toeForm())));
            case "swatch.tiny", "swatch.unsure", "swatch.once", "swatch.apart" ->
                spec.withSwatch(Specs.swatch(
                        spec.plan().basis().gauge().stitches().value() * 2,
                        spec.plan().basis().gauge().rounds().value() * 2,
                        200));
            case "swatch.unwashed" -> DoubtsTest.fabric(Optional.of(FabricState.WASHED), Optional.empty(), 31);
            case "yarn.not-enough", "yarn.gamble", "yarn.likely" ->
                spec.withYarns(Yarns.one(spec.yarns().main().withOnHand(200)));
            default -> null;
        };
    }

    @DataProvider
    public Object[][] allDoubts() {
        return Stream.concat(Arrays.stream(new DoubtsTest().doubts()), Arrays.stream(new DoubtsTest().fabricDoubts()))
                .toArray(Object[][]::new);
    }

    /** A remedy that does not make it better is none: applied, the doubt is gone or its figure lies nearer. */
    @Test(dataProvider = "allDoubts")
    public void everyRemedyCures(String code, Weight weight, String words, SockSpec spec) {
        Doubt before = find(code, spec).orElseThrow();
        if (code.endsWith(".parity")) {
            return; // either of two counts is right; the other is only offered
        }
        SockSpec cured = before.cure().map(cure -> cure.apply(spec)).orElseGet(() -> measuredAgain(code, spec));
        if (cured == null) {
            assertThat(ONLY_TOLD).as(code + " has a remedy that nobody tried").contains(code);
            return;
        }
        betterThan(before, find(code, cured), code);
    }

    /** Doubts whose remedy is done with hands: a column marked, another bind-off, another needle, another foot. */
    private static final Set<String> ONLY_TOLD = Set.of(
            "foot.differ",
            "toe.in-line",
            "swatch.ratio",
            "tube.opening-passed",
            "swatch.flat",
            "swatch.off-gauge",
            "swatch.flimsy",
            "swatch.jamming",
            "yarn.nylon",
            "yarn.weigh-in");

    private static Optional<Doubt> find(String code, SockSpec spec) {
        return all(code, spec).findFirst();
    }

    /** Doubts of a kind: whether there is enough of a yarn is one, however much it matters. */
    private static Stream<Doubt> all(String code, SockSpec spec) {
        String family = code.startsWith("yarn.") ? "yarn." : code;
        return Doubts.of(spec, spec.plan()).stream()
                .filter(doubt -> doubt.code().startsWith(family))
                .filter(doubt -> !doubt.code().equals("yarn.nylon") || code.equals("yarn.nylon"));
    }

    /** Figures of which more is better; of all others less is. */
    private static final Set<String> MORE_IS_BETTER =
            Set.of("ease.loose", "ease.little", "leg.loose", "tube.too-short");

    private static void betterThan(Doubt before, Optional<Doubt> after, String code) {
        after.ifPresent(doubt -> {
            double was = before.figure().orElseThrow().value();
            double is = doubt.figure().orElseThrow().value();
            if (MORE_IS_BETTER.contains(code) || code.startsWith("yarn.") && !code.equals("yarn.nylon")) {
                assertThat(is).as(code).isGreaterThan(was);
            } else {
                assertThat(Math.abs(is)).as(code).isLessThan(Math.abs(was));
            }
        });
    }

    /** Over plans of every school: whatever cure is handed out can be planned and cures. */
    @Test
    public void everyCureOfAnyPlanCures() {
        Random random = new Random(20261126);
        Map<String, Integer> cured = new TreeMap<>();
        for (int i = 0; i < 700; i++) {
            SockSpec spec = Specs.anySchool(random);
            List<Doubt> doubts;
            try {
                doubts = Doubts.of(spec, spec.plan());
            } catch (Refusal noRoom) {
                continue;
            }
            for (Doubt doubt : doubts) {
                if (doubt.cure().isPresent()
                        && !doubt.code().endsWith(".parity")
                        && !doubt.code().equals("swatch.ratio")) {
                    SockSpec better = doubt.cure().get().apply(spec);
                    assertThatCode(better::plan)
                            .as(doubt.said().message(LengthUnit.CM))
                            .doesNotThrowAnyException();
                    betterThan(
                            doubt,
                            all(doubt.code(), better)
                                    .filter(other -> other.said()
                                            .field()
                                            .equals(doubt.said().field()))
                                    .findFirst(),
                            doubt.code());
                    cured.merge(doubt.code(), 1, Integer::sum);
                }
            }
        }
        assertThat(cured.keySet())
                .contains(
                        "ease.little",
                        "heel.tight",
                        "heel.share",
                        "heel.corners",
                        "placing.out",
                        "toe.form",
                        "leg.tight",
                        "tube.too-short",
                        "cuff.rib",
                        "yarn.not-enough");
    }
}
