package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.KnitEvent.Done;
import roundpocket.core.lap.KnitEvent.Jumped;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.tube.HeelWhen;

public class OutingTest {
    private static final int A_ROUND_MS = 120_000;

    /** Two minutes a round, measured over 20 rounds of 64 stitches. */
    private static PairWork at(SockSpec spec, int position, boolean both) {
        PairWork pair = new PairWork(Course.of(spec, HeelWhen.AFTER_TUBE));
        pair.hear(new Done(1, 0, both));
        for (int i = 1; i <= 21; i++) {
            pair.hear(new Done(1, (long) i * A_ROUND_MS, both));
        }
        pair.hear(new Jumped(1, position, both));
        return pair;
    }

    private static Outing in(PairWork pair, int minutes) {
        return Outing.of(pair, 1).stream()
                .filter(each -> each.minutes() == minutes)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void fortyMinutesAreTwentyRoundsOfTwoMinutes() {
        PairWork pair = at(Specs.wholeExample(), 22, false);
        assertThat(in(pair, 40).words()).isEqualTo("In 40 minutes: about 20 rounds of the foot.");
        assertThat(in(pair, 40).bring()).isEmpty();
    }

    /** 55 rounds of foot begin with press 2: from press 46 ten are left to the heel line, which waits with its yarn. */
    @Test
    public void whoArrivesAtTheHeelLineHasTheWasteYarn() {
        PairWork pair = at(Specs.wholeExample(), 46, false);
        assertThat(in(pair, 20).words()).isEqualTo("In 20 minutes: about 10 rounds, you’ll reach “heel line”.");
        assertThat(in(pair, 20).bring()).hasSize(1);
        assertThat(in(pair, 40).words()).isEqualTo("In 40 minutes: about 15 rounds, on into the leg.");
    }

    @Test
    public void aRoundOnBothSocksTakesAsLongAsItTook() {
        SockSpec spec = Specs.wholeExample();
        PairWork pair = at(spec.withChoices(spec.choices().withOrder(KnitOrder.TWO_AT_A_TIME)), 22, true);
        assertThat(in(pair, 40).words()).isEqualTo("In 40 minutes: about 20 rounds of the foot.");
    }

    @Test
    public void whereverOneIsThereIsSomethingToDoInPlainWords() {
        Random random = new Random(40);
        for (int i = 0; i < 150; i++) {
            PairWork pair;
            try {
                pair = new PairWork(Course.of(Specs.anySchool(random), HeelWhen.AFTER_TUBE));
            } catch (Refusal noRoom) {
                continue;
            }
            int presses = pair.sock(1).course().lap().presses();
            pair.hear(new Jumped(1, random.nextInt(presses)));
            List<Outing> outings = Outing.of(pair, 1);
            assertThat(outings).hasSize(4);
            for (Outing outing : outings) {
                assertThat(PlainWords.amiss(outing.words())).isEmpty();
                assertThat(outing.words()).contains("(average speed)");
            }
            pair.hear(new Jumped(1, presses));
            assertThat(Outing.of(pair, 1)).isEmpty();
        }
    }
}
