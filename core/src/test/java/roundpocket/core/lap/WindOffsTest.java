package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.tube.Way;

/** What is wound off is told when it is due, with the colour to stop at. */
public class WindOffsTest {
    private static Optional<SockPlan> striped(Random random) {
        try {
            return Optional.of(Specs.randomStriped(random).plan())
                    .filter(plan -> plan.stripes().isPresent() && plan.tube().way() != Way.READY_TUBE);
        } catch (Refusal noSockComesOfThat) {
            return Optional.empty();
        }
    }

    private static String said(LapPlan lap, StepName... names) {
        return lap.steps().stream()
                .filter(step -> java.util.List.of(names).contains(step.name()))
                .flatMap(step -> java.util.stream.Stream.of(
                        step.instruction(), step.presses().get(0).words()))
                .collect(Collectors.joining(" "));
    }

    private static boolean due(Optional<Step> metres) {
        return metres.filter(each -> each.value() > 0).isPresent();
    }

    @Test
    public void heelAndToeSayWhatIsWoundOffBeforeThem() {
        Random random = new Random(66);
        int heels = 0;
        int toes = 0;
        while (heels < 40 || toes < 20) {
            Optional<SockPlan> plan = striped(random);
            if (plan.isEmpty()) {
                continue;
            }
            for (int sock = 1; sock <= 2; sock++) {
                SockStripes stripes = plan.get().stripes().orElseThrow().socks().get(sock - 1);
                LapPlan lap = LapPlan.of(plan.get(), HeelWhen.AFTER_TUBE, sock);
                String heel = said(lap, StepName.CORNERS, StepName.HEEL);
                if (due(stripes.heelWindOff()) && stripes.heel().get(0).band() >= 0) {
                    heels++;
                    String band = plan.get()
                            .stripes()
                            .orElseThrow()
                            .bands()
                            .get(stripes.heel().get(0).band())
                            .name();
                    assertThat(heel).contains("For the heel wind off until the " + band + " begins");
                } else {
                    assertThat(heel).doesNotContain("wind off");
                }
                if (due(stripes.toeWindOff())) {
                    toes++;
                    assertThat(said(lap, StepName.TOE)).contains("For the toe wind off until the ");
                }
            }
        }
    }
}
