package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.Way;

/** Pairs of every way, both socks of them, knitted by a machine that only does what the steps say. */
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
            return Optional.of(Specs.anySchool(random).plan());
        } catch (Refusal noRoom) {
            return Optional.empty();
        }
    }

    private static void play(SockPlan plan, HeelWhen when) {
        int piece = 0;
        for (int sock = 1; sock <= 2; sock++) {
            String what = plan.tube().way() + ", " + plan.opening().way() + ", "
                    + plan.opening().corners() + ", " + when + ", sock " + sock;
            SockMachine machine = new SockMachine(what, plan).withPiece(piece);
            machine.knit(LapPlan.of(plan, when, sock));
            assertThat(machine.faults(plan.toe().shaping().begun())).as(what).isEmpty();
            assertThat(machine.heelRounds())
                    .as(what)
                    .isEqualTo(plan.heel().shaping().list().size());
            checkLine(plan, machine, what);
            if (sock == 1 && plan.tube().way() == Way.READY_TUBE) {
                piece = plan.tube().cut().orElseThrow().pieceRounds().count();
                checkCut(plan, machine, what);
            }
        }
    }

    /** The heel stands in the round that was planned. */
    private static void checkLine(SockPlan plan, SockMachine machine, String what) {
        int foot = plan.tube().rounds().foot().count();
        switch (plan.tube().way()) {
            case TOE_UP -> {
                int toe = plan.tube().toeStart().toeFirst()
                        ? plan.toe().shaping().list().size()
                        : 0;
                assertThat(machine.lineFrom(true)).as(what).isEqualTo(foot + toe);
            }
            case CUFF_DOWN -> assertThat(machine.lineFrom(false)).as(what).isEqualTo(foot);
            case READY_TUBE -> {
                int counted = plan.tube()
                        .heelLine()
                        .countedFrom(CountFrom.START_OF_LEG)
                        .rounds()
                        .count();
                assertThat(machine.lineAfter()).as(what).isEqualTo(counted);
                // what is left of the piece below the line, once the line is unpicked, is the foot
                assertThat(machine.piece() - machine.lineAfter() - 1).as(what).isEqualTo(foot);
            }
            default -> throw new AssertionError("no way: " + plan.tube().way());
        }
    }

    /** Two pieces, what the cuts lose and what is left are the tube. */
    private static void checkCut(SockPlan plan, SockMachine machine, String what) {
        var cut = plan.tube().cut().orElseThrow();
        int ravelled = cut.ravelled().map(rounds -> rounds.count()).orElse(0);
        assertThat(machine.cutOff()).as(what).isEqualTo(cut.cuts());
        if (cut.cut() == Cut.PIECES) {
            return; // two pieces that were cut before
        }
        assertThat(2 * cut.pieceRounds().count()
                        + cut.cuts()
                        + cut.remnantRounds().count()
                        + ravelled)
                .as(what)
                .isEqualTo(cut.tubeRounds().count());
    }
}
