package roundpocket.core.lap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.finish.Move;
import roundpocket.core.judge.Stage;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Section;
import roundpocket.core.work.FinishWork;
import roundpocket.core.work.Operation;
import roundpocket.core.work.Picture;
import roundpocket.core.work.Work;

/**
 * One step of the work on one sock.
 *
 * @param name which step it is, unique within the sock
 * @param doing what is done in it
 * @param title short name, as it stands above the count
 * @param template what to do, in a sentence or two, with {@code {name}} where an amount goes and sides and kinds of needles
 *     as in {@link Sentence}
 * @param amounts the amounts by name
 * @param before live loops on the needles before it
 * @param presses what is pressed once it is done, one by one: rounds, moves, or the step itself
 * @param expected loops that each of two needles must hold, where they are counted
 * @param forGood whether it cannot be undone
 * @param stage the stage whose cautions belong to it, where it has any
 * @param sharing how it is done where both socks are on the needles together
 */
public record LapStep(
        StepName name,
        Doing doing,
        String title,
        String template,
        Map<String, Amount> amounts,
        int before,
        List<Press> presses,
        OptionalInt expected,
        boolean forGood,
        Optional<Stage> stage,
        Sharing sharing) {

    /** What is drawn of it for who begins it with that work; empty where words do. */
    public Optional<Picture> picture(Work work) {
        return presses.stream()
                .flatMap(press -> press.operations().stream())
                .flatMap(operation -> operation.picture(work).stream())
                .findFirst();
    }

    /**
     * One press.
     *
     * @param template what is done for it, with amounts and sides as in the step's own
     * @param loops live loops on the needles after it
     * @param stitches stitches worked for it; none where no fabric is made
     * @param pattern which round of the pattern it is, from 1; 0 where it is plain
     * @param operations what is done to the work for it
     */
    public record Press(String template, int loops, int stitches, int pattern, List<Operation> operations) {
        public Press {
            operations = List.copyOf(operations);
        }

        private Stream<GraftMove> moves() {
            return operations.stream()
                    .filter(FinishWork.Stitch.class::isInstance)
                    .map(each -> ((FinishWork.Stitch) each).made());
        }

        private boolean begins(Move move) {
            return moves().anyMatch(made -> made.move() == move);
        }

        /** What is done for it, as most do it. */
        public String words() {
            return Sentence.usual(template);
        }
    }

    public LapStep {
        presses = List.copyOf(presses);
        amounts = Map.copyOf(amounts);
    }

    LapStep shared(Sharing other) {
        return new LapStep(name, doing, title, template, amounts, before, presses, expected, forGood, stage, other);
    }

    /** What to do, as most do it. */
    public String instruction() {
        return Sentence.usual(template);
    }

    /** Its instruction, or the words of one of its presses, with the amounts in them. */
    public Sentence said(String words) {
        return new Sentence(words, amounts);
    }

    /** Whether a cut of the tube or of the heel is made in it. */
    public boolean cuts() {
        return doing == Doing.CUT;
    }

    /** The name as it is kept and sent. */
    public String id() {
        return name.id();
    }

    /** The section that its rounds make; none for a step that makes no fabric. */
    public Optional<Section> section() {
        return name.section();
    }

    /** The section that its yarn is counted with; the round that is lost at the opening goes with the leg. */
    Optional<Section> yarnSection() {
        return name == StepName.LINE ? Optional.of(Section.LEG) : section();
    }

    /**
     * Of a graft: after how many presses its set-up is done and each of its stitches, whose moves begin where one comes off the
     * front needle. Of another step: none.
     */
    public List<Integer> stitchEnds() {
        if (doing != Doing.GRAFT) {
            return List.of();
        }
        return IntStream.rangeClosed(1, presses.size())
                .filter(done -> done == presses.size() || presses.get(done).begins(Move.FRONT_KNITWISE_OFF))
                .boxed()
                .toList();
    }

    /** Of a graft: what each press does. Of another step: none. */
    public List<GraftMove> moves() {
        return presses.stream().flatMap(Press::moves).toList();
    }

    /** Live loops on the needles after it. */
    public int after() {
        return presses.get(presses.size() - 1).loops();
    }
}
