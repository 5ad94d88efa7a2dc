package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.TubeCut;
import roundpocket.core.tube.Way;

/** Pairs of every way, both socks of them, knitted loop by loop by a hand that only does what the steps say. */
public class PlayedPairsTest {
    private static final int PAIRS_OF_EACH_WAY = 200;
    private static final long SEED = 20_270_110;

    @Test
    public void everyPairEndsInTwoSocks() {
        Random random = new Random(SEED);
        Map<Way, Integer> played = new EnumMap<>(Way.class);
        while (played.size() < Way.values().length
                || played.values().stream().anyMatch(pairs -> pairs < PAIRS_OF_EACH_WAY)) {
            Optional<SockPlan> plan = planned(random);
            plan.ifPresent(each -> {
                for (HeelWhen when : HeelWhen.values()) {
                    if (when.goesWith(each.tube().way())) {
                        play(each, when);
                    }
                }
                played.merge(each.tube().way(), 1, Integer::sum);
            });
        }
    }

    private static Optional<SockPlan> planned(Random random) {
        try {
            return Optional.of(
                    Course.beginning(Specs.anySchool(random), HeelWhen.LAST).plan());
        } catch (Refusal noRoom) {
            return Optional.empty();
        }
    }

    private static void play(SockPlan plan, HeelWhen when) {
        List<Map<String, Integer>> socks = new ArrayList<>();
        for (int sock = 1; sock <= 2; sock++) {
            String what = plan.tube().way() + ", " + plan.opening().way() + ", "
                    + plan.opening().corners() + ", " + when + ", sock " + sock;
            Cloth cloth = new Cloth(what);
            cloth.does(LapPlan.of(plan, when, sock));
            assertThat(cloth.faults()).as(what).isEmpty();
            assertThat(cloth.sameInBoth())
                    .as(what)
                    .containsEntry("HEEL", plan.heel().shaping().list().size());
            checkLine(plan, cloth, what);
            if (sock == 1 && plan.tube().way() == Way.READY_TUBE) {
                checkCut(plan.tube().cut().orElseThrow(), cloth, what);
            }
            cloth.yarns().forEach((section, roles) -> assertThat(roles)
                    .as("%s: the yarn of the %s", what, section)
                    .containsExactly(plan.yarn().of(section).role()));
            socks.add(cloth.sameInBoth());
        }
        assertThat(socks.get(1))
                .as("%s, %s: both socks", plan.tube().way(), when)
                .isEqualTo(socks.get(0));
    }

    /** The heel stands in the round that was planned, as it is found in the cloth. */
    private static void checkLine(SockPlan plan, Cloth cloth, String what) {
        int foot = plan.tube().rounds().foot().count();
        int cuff = plan.cuff().rounds().count();
        int leg = plan.tube()
                .heelLine()
                .countedFrom(CountFrom.START_OF_LEG)
                .rounds()
                .count();
        boolean down = plan.tube().way() == Way.CUFF_DOWN;
        assertThat(cloth.below()).as(what + ": below the heel line").isEqualTo(down ? cuff + leg : foot);
        assertThat(cloth.above()).as(what + ": above the heel line").isEqualTo(down ? foot : leg + cuff);
    }

    /** Two pieces, what the cuts lose and what is left are the tube. */
    private static void checkCut(TubeCut cut, Cloth cloth, String what) {
        int ravelled = cut.ravelled().map(rounds -> rounds.count()).orElse(0);
        assertThat(cloth.cuts()).as(what).isEqualTo(cut.cuts());
        if (cut.cut() == Cut.PIECES) {
            return; // two pieces that were cut before
        }
        assertThat(2 * cut.pieceRounds().count()
                        + cut.cuts()
                        + cut.remnantRounds().count()
                        + ravelled)
                .as(what)
                .isEqualTo(cut.tubeRounds().count());
        assertThat(cloth.rest())
                .as(what + ": what the last cut leaves")
                .isEqualTo(cut.remnantRounds().count()
                        + (cut.cuts() == 1 ? cut.pieceRounds().count() : 0));
    }
}
