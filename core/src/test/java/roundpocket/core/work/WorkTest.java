package roundpocket.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.finish.Move;
import roundpocket.core.finish.Needle;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Hand;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.opening.Corners;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.shaping.Turning;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;

/** What can be done at the needles and what cannot. All of it is common practice, with no source. */
public class WorkTest {
    private static final int HALF = 32;
    private static final Amount TAIL = Amount.mm(200);
    private static final Work NOTHING = Work.with(EnumSet.of(YarnRole.MAIN, YarnRole.CONTRAST));

    private static Work does(Work work, Operation... operations) {
        Work after = work;
        for (Operation each : operations) {
            after = each.on(after);
        }
        return after;
    }

    private static Operation castOn() {
        return new BeginWork.CastOn(
                BeginWork.Start.OPEN_ROUND, 64, HALF, YarnRole.MAIN, Provisional.CHAIN, RoundStart.SOLE);
    }

    private static Operation round(Section section, int number) {
        return new TubeWork.Round(Edge.CUFF_END, section, Rows.Kind.ROUND, YarnRole.MAIN, number, 0, "Knit.");
    }

    private static Operation lost() {
        return new TubeWork.Round(Edge.CUFF_END, Section.LEG, Rows.Kind.LOST, YarnRole.MAIN, 1, 0, "Knit.");
    }

    private static Operation[] rounds(Section section, int from, int to) {
        List<Operation> all = new ArrayList<>();
        for (int number = from; number <= to; number++) {
            all.add(round(section, number));
        }
        return all.toArray(Operation[]::new);
    }

    private static Work foot() {
        return does(does(NOTHING, castOn()), rounds(Section.FOOT, 1, 10));
    }

    private static Work tubeWith(Operation... line) {
        return does(
                does(does(foot(), line), rounds(Section.LEG, 1, 5)),
                new YarnWork.Cut(YarnRole.MAIN, Edge.CUFF_END, false, TAIL),
                new TubeWork.ToThread(Edge.CUFF_END));
    }

    private static Operation[] waste(int rows) {
        Operation in = new LineWork.WasteRows(Edge.CUFF_END, HALF, rows, YarnRole.MAIN, 10);
        return rows == 1
                ? new Operation[] {in, new LineWork.KnitAgain(Edge.CUFF_END, YarnRole.MAIN)}
                : new Operation[] {in};
    }

    private static Operation thread(int after) {
        return new LineWork.Thread(Edge.CUFF_END, HALF, after);
    }

    private static Operation pickUp(boolean upper) {
        return new OpeningWork.PickUp(upper, HALF);
    }

    private static Work counted(Work tube) {
        return does(tube, pickUp(false), pickUp(true), new OpeningWork.CountNeedles(HALF));
    }

    private static Work open(int rows) {
        return does(counted(tubeWith(waste(rows))), new OpeningWork.WasteOut(rows, rows * HALF));
    }

    private static Operation join(YarnRole role, Edge edge) {
        return new YarnWork.Join(role, edge, true, TAIL);
    }

    @DataProvider
    static Object[][] impossible() {
        Operation snip = new OpeningWork.Snip(16, HALF);
        return new Object[][] {
            {"a round of the leg before the foot is there", foot(), round(Section.FOOT, 12), "does not come after"},
            {"the second thread after one round", does(foot(), thread(10), lost()), thread(11), "one whole row"},
            {
                "a third round before the second thread",
                does(foot(), thread(10), lost(), round(Section.LEG, 1)),
                round(Section.LEG, 2),
                "the second thread is not in"
            },
            {"a thread with the yarn inside the sole", does(foot(), waste(1)), thread(10), "stands inside"},
            {
                "a cut before both needles are counted",
                does(tubeWith(lost(), new OpeningWork.Mark(10)), pickUp(false)),
                snip,
                "not COUNTED"
            },
            {"a cut where waste yarn comes out", counted(tubeWith(waste(1))), snip, "no row of fabric"},
            {
                "one row of waste yarn where there are two",
                counted(tubeWith(waste(2))),
                new OpeningWork.WasteOut(1, HALF),
                "no such waste yarn"
            },
            {"a pick-up while the tube is on the needles", does(foot(), waste(2)), pickUp(false), "other loops"},
            {
                "extra loops before the yarn is joined",
                open(1),
                new OpeningWork.ExtraLoops(2, 68, YarnRole.MAIN),
                "does not hang"
            },
            {"a ball in two places", does(foot(), waste(2)), join(YarnRole.MAIN, Edge.CUFF_END), "elsewhere"},
            {
                "a heel that is not open",
                does(counted(tubeWith(waste(1))), join(YarnRole.MAIN, Edge.HEEL)),
                new ShapeWork.Round(Edge.HEEL, Section.HEEL, YarnRole.MAIN, 1, ShapingRound.Kind.PLAIN, HALF, "Knit."),
                "not open"
            },
            {
                "waiting loops taken up while the heel is on the needles",
                open(1),
                new TubeWork.TakeUp(Edge.CUFF_END),
                "other loops"
            },
            {"ends woven in while loops are live", open(2), new FinishWork.WeaveIn(), "loops are live"},
        };
    }

    @Test(dataProvider = "impossible")
    public void cannotBeDone(String what, Work work, Operation operation, String why) {
        assertThatThrownBy(() -> operation.on(work))
                .as(what)
                .isInstanceOf(NotPossible.class)
                .hasMessageContaining(why);
    }

    /** One row of waste yarn, and the half knitted again, leave the knitter half a round on: the instep is due. */
    @Test
    public void afterOneLineOfWasteYarnTheInstepIsDue() {
        Work after = does(foot(), waste(1));
        assertThat(after.halfDue(Edge.CUFF_END)).contains(Spot.CUFF_INSTEP);
        assertThat(round(Section.LEG, 1).told(after).template()).startsWith("Now knit the instep.");
        assertThat(does(after, round(Section.LEG, 1)).halfDue(Edge.CUFF_END)).isEmpty();
        assertThat(does(foot(), waste(2)).halfDue(Edge.CUFF_END)).isEmpty();
    }

    /** Thread, two rounds, thread: of the two rows of loops held, the one between them is whole. */
    @Test
    public void oneWholeRowLiesBetweenTwoLifelines() {
        Work tube = does(
                foot(),
                thread(10),
                lost(),
                round(Section.LEG, 1),
                thread(12),
                new YarnWork.Cut(YarnRole.MAIN, Edge.CUFF_END, false, TAIL),
                new TubeWork.ToThread(Edge.CUFF_END));
        Work cut = does(counted(tube), new OpeningWork.Snip(16, HALF));
        Operation unpick = new OpeningWork.Unpick(Corners.LEAVE_TWO, 28);
        assertThat(unpick.told(cut).template()).endsWith("draw the two threads out.");
        assertThat(does(cut, unpick).line().orElseThrow().threads()).isZero();
    }

    @Test
    public void betweenTheNeedlesLieAsManyRowsAsWereWorked() {
        assertThat(pickUp(true).told(does(tubeWith(waste(2)), pickUp(false))).template())
                .startsWith("Skip both rows of waste yarn.");
        assertThat(pickUp(true).told(does(tubeWith(waste(1)), pickUp(false))).template())
                .startsWith("Skip the row of waste yarn.");
    }

    /** After rounds the yarn hangs at the back, after short rows at the needle that was worked. */
    @Test
    public void aGraftBeginsWhereTheYarnHangs() {
        Work heel = does(open(2), join(YarnRole.MAIN, Edge.HEEL), new OpeningWork.SeeCorners(Corners.CLOSE_LATER));
        Work rounds = does(
                heel,
                new ShapeWork.Round(Edge.HEEL, Section.HEEL, YarnRole.MAIN, 1, ShapingRound.Kind.PLAIN, HALF, "Knit."));
        Work rows = does(
                heel,
                new ShapeWork.Row(Edge.HEEL, Section.HEEL, YarnRole.MAIN, 1, 1, 31, 2, Turning.WRAP, "Knit 31. Turn."),
                new ShapeWork.Row(Edge.HEEL, Section.HEEL, YarnRole.MAIN, 2, 2, HALF, 2, Turning.WRAP, "Purl 32."));
        for (Needle needle : Needle.values()) {
            Operation graft = new FinishWork.CutForGraft(Edge.HEEL, HALF, YarnRole.MAIN, needle, true, false, TAIL);
            Work possible = needle == Needle.BACK ? rounds : rows;
            Work not = needle == Needle.BACK ? rows : rounds;
            assertThat(graft.on(possible).tail()).isPresent();
            assertThatThrownBy(() -> graft.on(not)).hasMessageContaining("the yarn hangs at");
        }
        Operation noSetUp =
                new FinishWork.CutForGraft(Edge.HEEL, HALF, YarnRole.MAIN, Needle.FRONT, false, false, TAIL);
        assertThatThrownBy(() -> noSetUp.on(rows)).hasMessageContaining("its own yarn");
    }

    @Test
    public void movesOfAGraftComeInTheirOrder() {
        Work sewn = does(
                open(2),
                join(YarnRole.MAIN, Edge.HEEL),
                new FinishWork.CutForGraft(Edge.HEEL, HALF, YarnRole.MAIN, Needle.BACK, true, false, TAIL),
                new FinishWork.Stitch(Edge.HEEL, new GraftMove(1, Move.FRONT_PURLWISE_STAY, 1), 130));
        assertThatThrownBy(() ->
                        new FinishWork.Stitch(Edge.HEEL, new GraftMove(3, Move.FRONT_KNITWISE_OFF, 1), 130).on(sewn))
                .hasMessageContaining("does not come after");
    }

    @Test
    public void whatALeftHanderIsToldIsMirrored() {
        String words = pickUp(false).told(tubeWith(waste(2))).template();
        assertThat(Hand.RIGHT.says(words)).contains("pick up the right leg").doesNotContain("left");
        assertThat(Hand.LEFT.says(words)).contains("pick up the left leg").doesNotContain("right");
    }

    /** What is drawn says where every loop is, and the words beside it say the same. */
    @Test
    public void aGlanceTellsWhichLoopIsWhere() {
        Glance glance = Glance.of(does(open(2), join(YarnRole.CONTRAST, Edge.HEEL)));
        assertThat(glance.groups()).hasSize(2).allMatch(group -> group.loops() == HALF);
        assertThat(glance.waiting()).hasSize(2).allMatch(each -> each.loops() == 2 * HALF);
        assertThat(glance.words().stream().map(Sentence::usual))
                .containsExactly(
                        "On the needles: lower needle 32, upper needle 32.",
                        "On a thread: cuff’s end 64.",
                        "On waste yarn: toe’s end 64.",
                        "The contrast yarn hangs where the lower needle begins.",
                        "The heel line: open.");
        assertThat(NeedleKind.DOUBLE_POINTS.says(glance.words().get(0)))
                .isEqualTo("On the needles: lower half 16 and 16, upper half 16 and 16.");
        assertThat(NeedleKind.LONG_LOOP.says(glance.words().get(0)))
                .isEqualTo("On the needle: lower half 32, upper half 32.");
    }
}
