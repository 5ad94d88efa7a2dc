package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.Graft;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.StepWriter.Drafted;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.ShapedPart;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.shaping.ShapingRound.Kind;
import roundpocket.core.shaping.Turning;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.work.Edge;
import roundpocket.core.work.FinishWork;
import roundpocket.core.work.Operation;
import roundpocket.core.work.ShapeWork;
import roundpocket.core.work.YarnWork;

/** The rounds, rows and the close of a heel or a toe. */
final class ShapeSteps {
    private final SockPlan plan;
    private final StepWriter out;
    private final Turning turning;
    private final WindOffs windOffs;
    /** Sections before which it was told already what is wound off: once is enough. */
    private final Set<Section> told = EnumSet.noneOf(Section.class);

    ShapeSteps(SockPlan plan, StepWriter out, WindOffs windOffs) {
        this.plan = plan;
        this.out = out;
        this.windOffs = windOffs;
        this.turning = plan.technique().turningTaken();
    }

    private ShapedPart part(Section section) {
        return section == Section.HEEL ? plan.heel() : plan.toe();
    }

    /** The rounds of a heel or a toe, or those of them that are worked by now, at an edge. */
    void rounds(StepName name, String title, Section section, Edge edge, List<ShapingRound> rounds) {
        if (rounds.isEmpty()) {
            return;
        }
        Shaping shaping = part(section).shaping();
        YarnRole role = out.roleOf(section);
        int rows = (int)
                rounds.stream().filter(round -> round.kind() == Kind.SHORT_ROW).count();
        // The rounds of a toe that begins in short rows come after its rows, which are counted already.
        int before = shaping.list().indexOf(rounds.get(0));
        int worked = before <= 0 ? 0 : shaping.list().get(before - 1).cumulative();
        int row = 0;
        int number = out.work().rows(section);
        List<Drafted> all = new ArrayList<>();
        for (ShapingRound round : rounds) {
            boolean turned = round.kind() == Kind.SHORT_ROW;
            row += turned ? 1 : 0;
            number++;
            Operation operation = turned
                    ? new ShapeWork.Row(
                            edge,
                            section,
                            role,
                            number,
                            row,
                            round.side(),
                            rows,
                            turning,
                            turning.words(new Turning.Row(row, round.side(), widest(rounds), rows)))
                    : new ShapeWork.Round(edge, section, role, number, round.kind(), round.side(), words(round));
            all.add(new Drafted(operation, round.cumulative() - worked));
            worked = round.cumulative();
        }
        boolean inRows = rows > 0;
        // Short rows are worked on the sole, so that is where the yarn has to hang.
        List<Operation> yarn = inRows && edge == Edge.TOE_END
                ? out.begunAt(RoundStart.SOLE, edge, yarnFor(section, edge))
                : yarnFor(section, edge);
        all.set(0, all.get(0).with(yarn, List.of()));
        List<Operation> lead = inRows ? List.of() : List.of(new ShapeWork.Begin(edge));
        out.many(name, Doing.SHAPE, title, Stage.KNIT, lead, before(section, shaping, rounds, inRows), all);
    }

    /** What is said of a shaping before its first round. */
    private String before(Section section, Shaping shaping, List<ShapingRound> rounds, boolean inRows) {
        return inRows
                ? inShortRows(section, shaping, rounds)
                : shaping.school().inSections() ? inSections(shaping, rounds) : "";
    }

    /** The four sections of a round, and where one sees them. */
    private static String inSections(Shaping shaping, List<ShapingRound> rounds) {
        int change = shaping.begun() ? -2 : 2;
        int half = rounds.stream()
                .filter(round -> round.kind() == Kind.DECREASE || round.kind() == Kind.INCREASE)
                .findFirst()
                .map(round -> round.side() + change)
                .orElseGet(() -> rounds.get(0).side());
        int first = (half + 1) / 2;
        String sections = half % 2 == 0 ? "of " + first + " sts each" : "of " + first + " and " + half / 2 + " sts";
        String once = rounds.get(0).kind() == Kind.CORNERS ? ", once the extra sts at the corners are gone" : "";
        String marker = " shows where the first one ends.";
        return "The round has four sections, two on each " + NeedleKind.HALF + ", " + sections + once + ". Each "
                + (shaping.begun() ? "gains" : "loses") + " one st, always at its end, so the "
                + (shaping.begun() ? "increases" : "decreases") + " wind round. "
                + NeedleKind.told(
                        "A ring marker between the two on a needle" + marker,
                        "A ring marker between the two of a half" + marker,
                        "Lay each section on a needle of its own.",
                        "On double points, lay each section on a needle of its own.");
    }

    /** What is done so that the yarn of a section hangs there: what is wound off comes before it is joined. */
    List<Operation> yarnFor(Section section, Edge edge) {
        Optional<Sentence> windOff = Optional.of(section)
                .filter(told::add)
                .flatMap(first -> first == Section.HEEL ? windOffs.heel() : windOffs.toe());
        List<Operation> all = new ArrayList<>(out.yarnFor(section, edge));
        if (windOff.isPresent()) {
            boolean hangs = all.isEmpty();
            if (hangs) {
                // The yarn hangs there: to begin with another colour it is cut, and joined again.
                all.addAll(out.cutAndJoin(section, edge));
            }
            all.add(hangs ? 1 : all.size() - 1, new YarnWork.WindOff(out.roleOf(section), windOff.get()));
        }
        return all;
    }

    private static String words(ShapingRound round) {
        return switch (round.kind()) {
            case PLAIN, CORNERS, SHORT_ROW -> sentence(round.instruction());
            case DECREASE, INCREASE -> "On each " + NeedleKind.HALF + ": " + round.instruction() + ".";
        };
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".";
    }

    /** Stitches of the longest row, which works all of them. */
    private static int widest(List<ShapingRound> rounds) {
        return rounds.stream()
                .filter(round -> round.kind() == Kind.SHORT_ROW)
                .mapToInt(ShapingRound::side)
                .max()
                .orElse(0);
    }

    /** Which half is worked in short rows, and which one waits. */
    private String inShortRows(Section section, Shaping shaping, List<ShapingRound> rounds) {
        String begin = rounds.get(0).kind() == Kind.SHORT_ROW ? "Short rows" : "Plain rounds first. Then short rows";
        String rows = ", each a st shorter than the one before, then each a st longer again; ";
        String where = section == Section.HEEL
                ? " on the lower " + NeedleKind.HALF + rows + "the sts of the upper one wait and are grafted to it. "
                : shaping.begun()
                        ? " on these sts" + rows + "the cast-on end waits and becomes the instep. "
                        : " on the sole’s half" + rows + "the instep’s half waits and is grafted to it. ";
        return begin + where + turning.beforehand();
    }

    /** Closes a heel or a toe. */
    void close(Section section) {
        boolean heel = section == Section.HEEL;
        Edge edge = FinishWork.edge(section);
        YarnRole role = out.roleOf(section);
        ShapedPart part = part(section);
        if (part.graft().isEmpty()) {
            out.one(
                    heel ? StepName.HEEL_DRAW : StepName.TOE_DRAW,
                    Doing.CLOSE,
                    "Cinch",
                    Stage.FINISH,
                    "Closed",
                    new FinishWork.DrawThrough(
                            edge, 2 * part.shaping().closingSide().count(), role, tail(section)));
            return;
        }
        Graft graft = part.graft().get();
        List<Drafted> moves = new ArrayList<>();
        for (GraftMove move : graft.list()) {
            moves.add(new Drafted(new FinishWork.Stitch(edge, move, graft.list().size()), 0));
        }
        out.many(
                heel ? StepName.HEEL_GRAFT : StepName.TOE_GRAFT,
                Doing.GRAFT,
                "Graft (Kitchener stitch)",
                Stage.GRAFT,
                List.of(new FinishWork.CutForGraft(
                        edge,
                        graft.loops().count(),
                        role,
                        graft.yarnAt(),
                        graft.setUp(),
                        part.ownLength(),
                        tail(section))),
                "",
                moves);
        out.one(
                heel ? StepName.HEEL_EAR : StepName.TOE_EAR,
                Doing.FINISH,
                "Close the corners",
                Stage.GRAFT,
                "Done",
                new FinishWork.PullEars(edge, graft.setUp()));
    }

    /** The tail that closes a heel or a toe. */
    private Amount tail(Section section) {
        Step tail = section == Section.HEEL
                ? plan.yarn().heelTail()
                : plan.yarn().toeTail().orElse(plan.yarn().heelTail());
        return Amount.mm(tail.value());
    }
}
