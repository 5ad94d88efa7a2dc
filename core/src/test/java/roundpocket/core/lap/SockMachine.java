package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.Way;

/**
 * Knits one sock by doing what the steps say and nothing else: it reads the instructions as a knitter does, keeps the
 * fabric it made, and stops where it is told to do what cannot be done.
 */
final class SockMachine {
    /** What a stitch of the heel line is. */
    private enum Line {
        YARN,
        WASTE,
        CUT,
        OUT
    }

    private final String what;
    private final SockPlan plan;
    private final int stitches;
    private final int half;
    /** Rounds of the tube from the end it was begun at; a ready tube's piece has its own from the start. */
    private final List<String> tube = new ArrayList<>();

    private final Deque<Integer> threads = new ArrayDeque<>();
    private final WrittenRounds written;
    private int needles;
    /** The yarn that hangs from the needles; none after a close. */
    private YarnRole yarn;

    private YarnRole waiting;
    private int castOnWaste;
    private Line[] line = {};
    private int lineAfter = -1;
    private int lower;
    private int upper;
    private int cornersPickedUp;
    private boolean cornersShut;
    private int heelRounds;
    private final List<String> closed = new ArrayList<>();
    private int pieceRounds;
    private int rims;
    private int cutOff;

    SockMachine(String what, SockPlan plan) {
        this.what = what;
        this.plan = plan;
        this.written = new WrittenRounds(what, plan.stitchCount().half().count());
        this.stitches = plan.stitchCount().stitches().count();
        this.half = stitches / 2;
    }

    /** A piece of a ready tube that was cut off with the first sock. */
    SockMachine withPiece(int rounds) {
        pieceRounds = rounds;
        return this;
    }

    void knit(LapPlan lap) {
        for (LapStep step : lap.steps()) {
            assertThat(needles)
                    .as("%s: on the needles before %s", what, step.id())
                    .isEqualTo(step.before());
            String text = step.said(step.instruction()).text(LengthUnit.CM);
            switch (step.doing()) {
                case BEGIN -> begin(text);
                case ROUNDS -> {
                    takeYarn(step);
                    step.presses().forEach(press -> tube.add(step.title()));
                }
                case LINE -> line(text);
                case CHECK -> check(step, text);
                case HOLD -> hold(text);
                case PICK_UP -> pickUp(step, text);
                case CUT -> cut(step, text);
                case UNPICK -> unpick(step, text);
                case CORNERS -> corners(text);
                case SHAPE -> {
                    takeYarn(step);
                    shape(step);
                }
                case GRAFT -> graft(step, text);
                case CLOSE -> close(step, text);
                case FINISH -> cornersShut |= text.contains("round and round the gap");
                default -> throw new AssertionError(what + ": nobody knows how to " + step.doing());
            }
            assertThat(needles)
                    .as("%s: on the needles after %s", what, step.id())
                    .isEqualTo(step.after());
        }
    }

    static int number(String pattern, String text) {
        Matcher found = Pattern.compile(pattern).matcher(text);
        assertThat(found.find()).as("“%s” says %s", text, pattern).isTrue();
        return Integer.parseInt(found.group(1));
    }

    private void begin(String text) {
        needles = number("(\\d+)\\s+sts", text);
        yarn = plan.yarn()
                .of(
                        plan.tube().way() == Way.CUFF_DOWN
                                ? Section.CUFF
                                : plan.toe().shaping().begun() || !text.contains("The toe is picked up there later")
                                        ? Section.TOE
                                        : Section.FOOT)
                .role();
        castOnWaste = text.contains("waste yarn") ? needles : 0;
    }

    private void line(String text) {
        if (text.contains("The next round is the heel line")) {
            lineAfter = number("count (\\d+) round", text);
            line = filled(Line.YARN);
            return;
        }
        lineAfter = tube.size();
        if (text.contains("waste yarn")) {
            line = filled(Line.WASTE);
            assertThat(number("Knit the (\\d+) sole sts", text)).as(what).isEqualTo(half);
        } else {
            line = filled(Line.YARN);
            tube.add("line");
        }
    }

    private Line[] filled(Line with) {
        Line[] cells = new Line[half];
        Arrays.fill(cells, with);
        return cells;
    }

    private void check(LapStep step, String text) {
        if (text.contains("rounds in each")) {
            pieceRounds = number("(\\d+) rounds in each", text);
        }
        switch (step.id()) {
            case "heel-count" ->
                assertThat(new int[] {lower, upper})
                        .as(what)
                        .containsOnly(step.expected().orElseThrow());
            case "tube-count" ->
                assertThat(needles).as(what).isEqualTo(2 * step.expected().orElseThrow());
            case "rims-count-1", "rims-count-2" ->
                assertThat(rims).as(what).isEqualTo(2 * step.expected().orElseThrow());
            default -> {}
        }
    }

    private void hold(String text) {
        assertThat(number("all (\\d+) live sts", text)).as(what).isEqualTo(needles);
        threads.push(needles);
        needles = 0;
        waiting = yarn;
        yarn = null;
    }

    private void pickUp(LapStep step, String text) {
        if (text.contains("foot side of the heel line")) {
            lower = number("each of the (\\d+) sts", text);
            needles += lower;
        } else if (text.contains("Skip the heel-line row")) {
            upper = number("each of the (\\d+) sts", text);
            needles += upper;
        } else if (text.contains("waiting sts")) {
            needles += number("the (\\d+) waiting", text);
            assertThat(threads.pop()).as(what).isEqualTo(needles);
            yarn = waiting;
        } else if (text.contains("waste yarn") || text.contains("the chain comes out")) {
            assertThat(castOnWaste)
                    .as("%s: nothing was begun with live sts", what)
                    .isPositive();
            needles += number("the (?:toe’s )?(\\d+) sts", text);
            castOnWaste = 0;
        } else if (step.id().startsWith("rims-")) {
            pieceRounds = number("count (\\d+) rounds", text);
            rims = 2 * stitches;
            needles += rims;
        } else {
            needles += number("Put the (\\d+) sts", text);
            pieceRounds -= spare(text);
        }
    }

    /** Rounds that are ravelled at a cut rim before its stitches are taken. */
    private static int spare(String text) {
        Matcher more = Pattern.compile("Unravel the (\\d+) spare rounds").matcher(text);
        return more.find() ? Integer.parseInt(more.group(1)) : text.contains("the spare round") ? 1 : 0;
    }

    private void cut(LapStep step, String text) {
        if (step.id().startsWith("cut-")) {
            assertThat(rims).as("%s: a rim is cut that nothing holds", what).isEqualTo(2 * stitches);
            assertThat(text).contains("the round between the needles");
            needles -= rims;
            rims = 0;
            cutOff++;
            return;
        }
        int at = number("one leg of st (\\d+) of", text);
        assertThat(new int[] {lower, upper})
                .as("%s: cut before both needles hold their sts", what)
                .containsOnly(half);
        assertThat(text).contains("in the row between the needles");
        assertThat(line[at - 1]).as(what).isEqualTo(Line.YARN);
        line[at - 1] = Line.CUT;
    }

    private void unpick(LapStep step, String text) {
        if (step.id().equals("ready-ravel")) {
            return;
        }
        int said = number("(\\d+) sts", text.replaceAll("stop \\S+ (?:and a half )?sts before", ""));
        int out = 0;
        if (text.contains("waste yarn")) {
            int rows = text.contains("both rows") ? 2 : 1;
            for (int i = 0; i < half; i++) {
                out += line[i] == Line.WASTE ? rows : 0;
                line[i] = Line.OUT;
            }
            assertThat(said).as(what + ": " + text).isEqualTo(out);
            return;
        }
        assertThat(line)
                .as("%s: nothing was cut, so nothing can be unpicked", what)
                .contains(Line.CUT);
        double stay = text.contains("one and a half sts") ? 1.5 : text.contains("stop 2 sts") ? 2 : 0;
        for (int i = 0; i < half; i++) {
            // a stitch of which half stays is not out
            boolean left = i + 1 <= Math.ceil(stay) || half - i <= Math.ceil(stay);
            line[i] = left ? Line.YARN : Line.OUT;
        }
        assertThat((double) said).as(what + ": " + text).isEqualTo(half - 2 * stay);
    }

    private void corners(String text) {
        if (text.contains("Pick up")) {
            cornersPickedUp = number("Pick up (\\d+) extra", text);
            needles += 2 * cornersPickedUp;
            assertThat(number("(\\d+) sts are live", text)).as(what).isEqualTo(needles);
        } else if (text.contains("still in")) {
            assertThat(line[0]).as("%s: told to look at sts that are out", what).isEqualTo(Line.YARN);
            assertThat(line[half - 1]).as(what).isEqualTo(Line.YARN);
        }
    }

    private void shape(LapStep step) {
        boolean heel = step.id().equals("heel");
        for (Press press : step.presses()) {
            needles = written.worked(needles, press.words().replaceFirst("^Join the [^.]*\\. ", ""));
            heelRounds += heel ? 1 : 0;
        }
        if (!heel && lineAfter < 0) {
            tube.addAll(step.presses().stream().map(press -> "toe").toList());
        }
    }

    /** No round is knitted without the yarn it is planned in, and none is joined that hangs there. */
    private void takeYarn(LapStep step) {
        Matcher join = Pattern.compile("^Join the (main |contrast )?yarn")
                .matcher(step.presses().get(0).words());
        if (join.find()) {
            YarnRole joined = "contrast ".equals(join.group(1)) ? YarnRole.CONTRAST : YarnRole.MAIN;
            assertThat(yarn).as("%s: joined before %s", what, step.id()).isNotEqualTo(joined);
            yarn = joined;
        }
        assertThat(yarn)
                .as("%s: the yarn for %s", what, step.id())
                .isEqualTo(plan.yarn().of(step.section().orElseThrow()).role());
    }

    private void graft(LapStep step, String text) {
        int each = number("^(\\d+) sts on each needle", text);
        assertThat(2 * each).as(what).isEqualTo(needles);
        long front = comeOff(step, "Front");
        long back = comeOff(step, "Back");
        assertThat(new long[] {front, back})
                .as(what + ": loops left after the graft")
                .containsOnly(each);
        needles = 0;
        yarn = null;
        closed.add(step.id());
    }

    private static long comeOff(LapStep graft, String needle) {
        return graft.presses().stream()
                .map(Press::words)
                .filter(words -> words.startsWith(needle) && words.endsWith("off"))
                .count();
    }

    private void close(LapStep step, String text) {
        if (text.contains("Thread it through")) {
            assertThat(number("through the (\\d+) sts", text)).as(what).isEqualTo(needles);
            closed.add(step.id());
        }
        needles = 0;
        yarn = null;
    }

    /** Rounds between the toe's end of the tube and the heel line. */
    int lineFrom(boolean fromToe) {
        return fromToe
                ? lineAfter
                : (int) tube.stream()
                                .skip(lineAfter)
                                .filter("Foot, begun"::equals)
                                .count()
                        + (int) tube.stream()
                                .skip(lineAfter)
                                .filter("Foot"::equals)
                                .count();
    }

    int lineAfter() {
        return lineAfter;
    }

    int heelRounds() {
        return heelRounds;
    }

    int piece() {
        return pieceRounds;
    }

    int cutOff() {
        return cutOff;
    }

    /** What is wrong with the sock as it lies there; nothing where it can be worn. */
    List<String> faults(boolean toeBegun) {
        List<String> faults = new ArrayList<>();
        if (needles > 0 || !threads.isEmpty()) {
            faults.add("live stitches: " + needles + " on the needles, " + threads + " on threads");
        }
        if (castOnWaste > 0 || List.of(line).contains(Line.WASTE)) {
            faults.add("waste yarn in the sock");
        }
        if (closed.stream().noneMatch(id -> id.startsWith("heel"))) {
            faults.add("the heel is open");
        }
        if (!toeBegun && closed.stream().noneMatch(id -> id.startsWith("toe"))) {
            faults.add("the toe is open");
        }
        boolean held = line.length > 0 && line[0] == Line.YARN;
        if (!held && cornersPickedUp == 0 && !cornersShut) {
            faults.add("holes at the corners");
        }
        return faults;
    }
}
