package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Move;
import roundpocket.core.finish.Needle;
import roundpocket.core.finish.Rib;
import roundpocket.core.lap.LapPlan.Progress;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

/** Every direction with every opening, corner, close and order: the counts add up from the first press to the last. */
public class CombinationsTest {
    private static final int STITCHES = 64;
    private static final Map<String, Move> MOVES =
            Arrays.stream(Move.values()).collect(Collectors.toMap(Move::words, Function.identity()));

    private static List<TubeChoice> tubes() {
        TubeChoice toeUp = TubeChoice.usual();
        List<TubeChoice> tubes = new ArrayList<>();
        for (ToeStart start : ToeStart.values()) {
            tubes.add(new TubeChoice(
                    Optional.of(Way.TOE_UP),
                    Optional.of(start),
                    Optional.empty(),
                    toeUp.legMm(),
                    OptionalInt.empty(),
                    Optional.empty()));
        }
        tubes.add(new TubeChoice(
                Optional.of(Way.CUFF_DOWN),
                Optional.empty(),
                Optional.empty(),
                toeUp.legMm(),
                OptionalInt.empty(),
                Optional.empty()));
        ReadyTube ready = new ReadyTube(
                STITCHES,
                OptionalInt.of(400),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty());
        tubes.add(new TubeChoice(
                Optional.of(Way.READY_TUBE),
                Optional.empty(),
                Optional.of(ready),
                toeUp.legMm(),
                OptionalInt.empty(),
                Optional.empty()));
        return tubes;
    }

    private static List<OpeningChoice> openings(OpeningWay way) {
        List<OpeningChoice> openings = new ArrayList<>();
        Corners.of(way)
                .forEach(corners -> openings.add(new OpeningChoice(
                        Optional.of(way), Optional.of(corners), OptionalInt.empty(), Optional.empty())));
        for (int extra : new int[] {1, 2, 4}) {
            openings.add(OpeningChoice.pickingUp(way, extra, false));
        }
        openings.add(OpeningChoice.pickingUp(way, 2, true));
        return openings;
    }

    @DataProvider
    public Object[][] combinations() {
        List<Object[]> all = new ArrayList<>();
        for (TubeChoice tube : tubes()) {
            boolean ready = tube.wayTaken() == Way.READY_TUBE;
            for (OpeningWay way : OpeningWay.values()) {
                if (!ready || way.afterwards()) {
                    openings(way).forEach(opening -> all.add(new Object[] {tube, opening}));
                }
            }
        }
        return all.toArray(Object[][]::new);
    }

    private static SockSpec spec(TubeChoice tube, OpeningChoice opening, Close close, Needle yarnAt, boolean setUp) {
        ShapingChoice heel = new ShapingChoice(
                // only a round that closes to a few stitches can be drawn together
                Optional.of(close == Close.GRAFT ? ShapingSchool.WEDGE : ShapingSchool.THREE_SPEED),
                OptionalInt.of(6),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.of(close),
                Optional.empty());
        SockSpec spec = Specs.tubeOf(STITCHES, 4);
        // a ready tube has the stitches it has
        Choices own = tube.wayTaken() == Way.READY_TUBE ? spec.choices().withSize(SizeChoice.usual()) : spec.choices();
        Choices choices = own.withTube(tube).withOpening(opening).withHeel(heel);
        choices = choices.withFinish(new FinishChoice(
                OptionalInt.of(16), Optional.of(Rib.ONE_BY_ONE), Optional.of(setUp), Optional.of(yarnAt)));
        return spec.withChoices(choices);
    }

    @Test(dataProvider = "combinations")
    public void countsAddUp(TubeChoice tube, OpeningChoice opening) {
        for (Close close : List.of(Close.GRAFT, Close.DRAW_THROUGH)) {
            for (Needle yarnAt : Needle.values()) {
                SockPlan plan = spec(tube, opening, close, yarnAt, yarnAt == Needle.BACK)
                        .plan();
                for (HeelWhen heelWhen : HeelWhen.values()) {
                    if (!heelWhen.goesWith(tube.wayTaken())) {
                        continue;
                    }
                    for (int sock = 1; sock <= 2; sock++) {
                        LapPlan lap = LapPlan.of(plan, heelWhen, sock);
                        String what =
                                tube.wayTaken() + ", " + opening + ", " + close + ", " + heelWhen + ", sock " + sock;
                        int live = 0;
                        for (LapStep step : lap.steps()) {
                            assertThat(step.before())
                                    .as(what + ": " + step.id())
                                    .isEqualTo(live);
                            live = step.after();
                            if (step.doing() == Doing.GRAFT) {
                                sew(step, what);
                            }
                        }
                        assertThat(live).as(what).isZero();
                        worked(plan, lap, what);
                    }
                }
            }
        }
    }

    /** Stitches that the presses make are the stitches that the yarn is reckoned for. */
    private static void worked(SockPlan plan, LapPlan lap, String what) {
        for (Map.Entry<Section, Progress> part : lap.progress(0).entrySet()) {
            if (plan.yarn().find(part.getKey()).isPresent()) {
                boolean closedStart = part.getKey() == Section.TOE
                        && plan.toe().shaping().begun()
                        && plan.tube().toeStart() == ToeStart.CLOSED;
                // the loops of a closed start are yarn, and no round
                double cast =
                        closedStart ? 2 * plan.toe().shaping().closingSide().value() : 0;
                double reckoned = plan.yarn().of(part.getKey()).stitches().value() - cast;
                assertThat((double) lap.stitches(lap.presses(), EnumSet.of(part.getKey())))
                        .as(what + ": " + part.getKey())
                        .isEqualTo(reckoned);
            }
        }
    }

    /**
     * Runs the moves on two needles of real loops. Each loop is entered once to stay and once, the other way, to come off;
     * only the first pair may come off at its first, where no set-up opened it (common practice, no source).
     */
    private static void sew(LapStep graft, String what) {
        int each = graft.before() / 2;
        int[] off = new int[2];
        boolean[] entered = new boolean[2];
        boolean[] knitwise = new boolean[2];
        for (Press press : graft.presses()) {
            Move move = MOVES.get(press.words());
            int needle = move.needle() == Needle.FRONT ? 0 : 1;
            if (move.off()) {
                boolean first = off[needle] == 0;
                assertThat(entered[needle] || first)
                        .as(what + ": comes off unentered")
                        .isTrue();
                if (entered[needle]) {
                    assertThat(move.knitwise()).as(what + ": same way twice").isNotEqualTo(knitwise[needle]);
                }
                entered[needle] = false;
                off[needle]++;
            } else {
                assertThat(entered[needle]).as(what + ": entered twice").isFalse();
                entered[needle] = true;
                knitwise[needle] = move.knitwise();
            }
            assertThat(press.loops()).as(what).isEqualTo(2 * each - off[0] - off[1]);
        }
        assertThat(off).as(what).containsExactly(each, each);
        assertThat(entered).as(what).containsExactly(false, false);
    }
}
