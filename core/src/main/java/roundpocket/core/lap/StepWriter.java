package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SectionYarn;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.work.Edge;
import roundpocket.core.work.Line;
import roundpocket.core.work.LineWork;
import roundpocket.core.work.Operation;
import roundpocket.core.work.TubeWork;
import roundpocket.core.work.Work;
import roundpocket.core.work.YarnWork;
import roundpocket.core.yarn.YarnModel;

/** Writes steps one after the other by doing on the work what each of them says: what cannot be done cannot be written. */
final class StepWriter {
    private static final Amount JOIN_TAIL = Amount.mm(YarnModel.JOIN_TAIL.value());

    private final SockPlan plan;
    private final boolean twoYarns;
    private final int half;
    private final List<LapStep> steps = new ArrayList<>();
    private final Work begun;
    private Work work;
    private Optional<Sharing> through = Optional.empty();

    StepWriter(SockPlan plan, Set<YarnRole> atHand) {
        this.plan = plan;
        this.twoYarns = plan.yarn().models().containsKey(YarnRole.CONTRAST);
        this.half = plan.stitchCount().half().count();
        this.begun = Work.with(atHand);
        this.work = begun;
    }

    /**
     * A press to be written.
     *
     * @param operations what is done for it
     * @param stitches stitches worked for it
     * @param pattern which round of the pattern it is; 0 where it is plain
     */
    record Drafted(List<Operation> operations, int stitches, int pattern) {
        Drafted(Operation only, int stitches) {
            this(List.of(only), stitches, 0);
        }

        Drafted with(List<Operation> first, List<Operation> last) {
            return new Drafted(
                    Stream.of(first, operations, last).flatMap(List::stream).toList(), stitches, pattern);
        }
    }

    /** The work as it is by now. */
    Work work() {
        return work;
    }

    /** The work before the first step. */
    Work begun() {
        return begun;
    }

    List<LapStep> written() {
        return steps;
    }

    YarnRole roleOf(Section section) {
        return plan.yarn().find(section).map(SectionYarn::role).orElse(YarnRole.MAIN);
    }

    // --- steps ------------------------------------------------------------------------------------------------------

    /** A step of one press. */
    void one(StepName name, Doing doing, String title, Stage stage, String done, Operation... operations) {
        single(name, doing, title, stage, 0, done, List.of(operations));
    }

    void one(StepName name, Doing doing, String title, Stage stage, String done, List<Operation> operations) {
        single(name, doing, title, stage, 0, done, operations);
    }

    /** The line of the heel, with the stitches of the round that is lost at it. */
    void line(int stitches, List<Operation> operations) {
        single(StepName.LINE, Doing.LINE, "Heel line", Stage.KNIT, stitches, "The heel line is in", operations);
    }

    private void single(
            StepName name,
            Doing doing,
            String title,
            Stage stage,
            int stitches,
            String done,
            List<Operation> operations) {
        int before = work.onNeedles();
        Sentence said = joined(told(operations));
        Press press = new Press(done, work.onNeedles(), stitches, 0, operations);
        add(step(name, doing, title, said, before, List.of(press), expected(doing, name), stage));
    }

    /** A step of many presses; what is said first has its operations done with the first of them. */
    void many(
            StepName name,
            Doing doing,
            String title,
            Stage stage,
            List<Operation> lead,
            String rest,
            List<Drafted> all) {
        if (all.isEmpty()) {
            return;
        }
        int before = work.onNeedles();
        List<Sentence> first = new ArrayList<>(told(lead));
        if (!rest.isEmpty()) {
            first.add(Sentence.of(rest));
        }
        List<Sentence> said = new ArrayList<>(first);
        List<Press> presses = new ArrayList<>();
        for (Drafted each : all) {
            Sentence words = joined(told(each.operations()));
            List<Operation> done =
                    presses.isEmpty() ? each.with(lead, List.of()).operations() : each.operations();
            said.add(words);
            presses.add(new Press(words.template(), work.onNeedles(), each.stitches(), each.pattern(), done));
        }
        Sentence instruction = new Sentence(joined(first).template(), amounts(said));
        add(step(name, doing, title, instruction, before, presses, OptionalInt.empty(), stage));
    }

    /** Rounds of the tube or the cuff, the first of them with what yarn it needs, and with a thread that is due. */
    void rounds(StepName name, String title, String instruction, Edge edge, List<Drafted> rounds) {
        rounds(name, title, instruction, edge, work.begins(), rounds);
    }

    /** The same, where the round begins elsewhere from then on. */
    void rounds(StepName name, String title, String instruction, Edge edge, RoundStart begins, List<Drafted> rounds) {
        if (rounds.isEmpty()) {
            return;
        }
        List<Drafted> all = new ArrayList<>(rounds);
        List<Operation> yarn = begunAt(begins, edge, yarnFor(name.section().orElseThrow(), edge));
        all.set(0, all.get(0).with(yarn, threadDue(edge)));
        many(name, Doing.ROUNDS, title, Stage.KNIT, List.of(), instruction, all);
    }

    /** What is done so that the round begins there: before the yarn is joined there, or else by knitting on. */
    List<Operation> begunAt(RoundStart begins, Edge edge, List<Operation> yarn) {
        List<Operation> all = new ArrayList<>(yarn);
        if (work.begins() != begins) {
            all.add(Math.max(0, all.size() - 1), new TubeWork.BeginAt(edge, begins, half));
        }
        return all;
    }

    private List<Operation> threadDue(Edge edge) {
        boolean due = work.line()
                .filter(line -> line.way() == OpeningWay.LIFELINES && line.state() == Line.State.BEGUN)
                .isPresent();
        return due ? List.of(new LineWork.Thread(edge, half, work.rounds() + 1)) : List.of();
    }

    /** What is done so that the yarn of a section hangs at an edge: nothing where it does. */
    List<Operation> yarnFor(Section section, Edge edge) {
        YarnRole role = roleOf(section);
        List<Operation> needed = new ArrayList<>();
        if (Optional.ofNullable(work.yarns().get(role))
                .filter(at -> at.edge() == edge)
                .isPresent()) {
            return needed;
        }
        work.yarns().forEach((other, at) -> {
            if (at.edge() == edge) {
                needed.add(new YarnWork.Cut(other, edge, twoYarns, JOIN_TAIL));
            }
        });
        needed.add(new YarnWork.Join(role, edge, twoYarns, JOIN_TAIL));
        return needed;
    }

    /** Yarn that hangs at an edge is cut there, and joined again. */
    List<Operation> cutAndJoin(Section section, Edge edge) {
        YarnRole role = roleOf(section);
        return List.of(
                new YarnWork.Cut(role, edge, twoYarns, JOIN_TAIL), new YarnWork.Join(role, edge, twoYarns, JOIN_TAIL));
    }

    /** Loops wait on a thread, and their yarn too unless another section takes it meanwhile. */
    void hold(StepName name, String title, Edge edge, Section meanwhile) {
        YarnRole role = roleOf(meanwhile);
        List<Operation> operations = new ArrayList<>();
        if (Optional.ofNullable(work.yarns().get(role))
                .filter(at -> at.edge() == edge)
                .isPresent()) {
            operations.add(new YarnWork.Cut(role, edge, twoYarns, JOIN_TAIL));
        }
        operations.add(new TubeWork.ToThread(edge));
        one(name, Doing.HOLD, title, Stage.KNIT, "They are on a thread", operations);
    }

    private OptionalInt expected(Doing doing, StepName name) {
        if (doing != Doing.CHECK && doing != Doing.CUT && doing != Doing.PICK_UP) {
            return OptionalInt.empty();
        }
        return switch (name) {
            case TUBE_COUNT -> OptionalInt.of(half);
            case TOE_PICK_UP, TOE_OTHER_SIDE, CUFF_ON, FOOT_TAKEN_UP, LEG_TAKEN_UP -> OptionalInt.of(half);
            case HEEL_COUNT, SNIP -> OptionalInt.of(half);
            case OLD_HEEL_COUNT, OLD_HEEL_OFF -> OptionalInt.of(work.at(Edge.HEEL) / 2);
            case RIMS_COUNT_1, RIMS_COUNT_2, CUT_1, CUT_2 -> OptionalInt.of(2 * half);
            default -> OptionalInt.empty();
        };
    }

    /** Does what is told, one after the other, and says it. */
    private List<Sentence> told(List<Operation> operations) {
        List<Sentence> told = new ArrayList<>();
        for (Operation each : operations) {
            Sentence said = each.told(work);
            work = each.on(work);
            if (!said.template().isEmpty()) {
                told.add(said);
            }
        }
        return told;
    }

    private static Sentence joined(List<Sentence> all) {
        return new Sentence(all.stream().map(Sentence::template).collect(Collectors.joining(" ")), amounts(all));
    }

    /** What comes next is one sock's to its end, before the other's. */
    void through(Sharing part) {
        through = Optional.of(part);
    }

    void inCommon() {
        through = Optional.empty();
    }

    private void add(LapStep step) {
        steps.add(step.shared(through.orElse(step.doing().onBoth() ? Sharing.BOTH : Sharing.EACH)));
    }

    /** The amounts of several sentences; one name stands for one amount. */
    private static Map<String, Amount> amounts(List<Sentence> all) {
        Map<String, Amount> amounts = new HashMap<>();
        all.forEach(each -> each.amounts().forEach((name, amount) -> {
            Amount other = amounts.putIfAbsent(name, amount);
            if (other != null && !other.equals(amount)) {
                throw new IllegalStateException("two amounts are called " + name);
            }
        }));
        return amounts;
    }

    private static LapStep step(
            StepName name,
            Doing doing,
            String title,
            Sentence said,
            int before,
            List<Press> presses,
            OptionalInt expected,
            Stage stage) {
        return new LapStep(
                name,
                doing,
                title,
                said.template(),
                said.amounts(),
                before,
                presses,
                expected,
                doing == Doing.CUT,
                Optional.of(stage),
                Sharing.EACH);
    }
}
