package roundpocket.core.almanac;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Graft;
import roundpocket.core.foot.ShoeSize;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.measure.Unit;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.Yarn;
import roundpocket.core.yarn.YarnModel;

/** One question that the rules answer without a plan: a few numbers in, one or two figures out. */
public enum Calculator implements Named {
    GAUGE(
            "Gauge of a swatch",
            in -> {
                Reading reading = new Reading(in.get(0).value(), in.get(1).value());
                Swatch swatch = new Swatch(List.of(reading), List.of(reading));
                return List.of(new Answer("stitch gauge", swatch.ownGauge().stitches()));
            },
            new Question("Counted", Unit.STITCHES, 31, 1, 400),
            new Question("Over", Unit.MILLIMETRES, 100, 25, 1000)),
    STITCHES(
            "Stitches for a foot",
            in -> {
                Gauge gauge = new Gauge(in.get(1), in.get(1)); // rounds play no part in it
                StitchCount count = StitchCount.of(in.get(0), in.get(2), gauge, Optional.empty());
                return List.of(
                        new Answer("stitches in the tube", count.stitches()),
                        new Answer("smaller than the foot by", count.realEase()));
            },
            new Question("Around the ball", Unit.MILLIMETRES, 225, 80, 400),
            new Question("Gauge", Unit.STITCHES_PER_10CM, 31, 5, 100),
            new Question("Negative ease", Unit.PERCENT, 0.1, 0, 0.25)),
    YARN(
            "Yarn for some rounds",
            in -> {
                Gauge gauge = new Gauge(in.get(2), in.get(3));
                YarnModel yarn = YarnModel.of(
                        new Yarn(in.get(4).value(), 100, OptionalDouble.empty()),
                        gauge,
                        FabricState.WASHED,
                        in.get(0),
                        List.of());
                Step metres =
                        yarn.metresOf("yarn for them", YarnModel.stitchesIn("stitches in them", in.get(1), in.get(0)));
                return List.of(
                        new Answer("yarn", metres), new Answer("its weight", yarn.gramsOf("weight of it", metres)));
            },
            Question.whole("Stitches around", Unit.STITCHES, 64, 8, 400),
            Question.whole("Rounds", Unit.ROUNDS, 20, 1, 2000),
            new Question("Stitch gauge", Unit.STITCHES_PER_10CM, 31, 5, 100),
            new Question("Round gauge", Unit.ROUNDS_PER_10CM, 43, 5, 150),
            new Question("Metres per 100 g", Unit.METRES, 420, 50, 2000)),
    SHOE(
            "Foot from a shoe size",
            in -> {
                ShoeSystem system = ShoeSystem.values()[in.get(0).count()];
                return List.of(
                        new Answer("foot length", new ShoeSize(system, in.get(1).value()).length("in[1]")));
            },
            Question.of("Sizing", ShoeSystem.values()),
            new Question("Size", Unit.NUMBER, 39, -1, 360)),
    GRAFT(
            "Graft",
            in -> List.of(
                    new Answer(
                            "moves, the set-up included",
                            Graft.of("the", in.get(0), FinishChoice.usual()).moves()),
                    new Answer("tail", YarnModel.graftTail("tail", in.get(0), new Gauge(in.get(1), in.get(1))))),
            Question.whole("Stitches on each needle", Unit.STITCHES, 16, 1, 200),
            new Question("Gauge", Unit.STITCHES_PER_10CM, 31, 5, 100));

    private final String title;
    private final Function<List<Given>, List<Answer>> rules;
    private final List<Question> questions;

    Calculator(String title, Function<List<Given>, List<Answer>> rules, Question... questions) {
        this.title = title;
        this.rules = rules;
        this.questions = List.of(questions);
    }

    /**
     * A number that is asked for.
     *
     * @param label what it is
     * @param unit its unit
     * @param usual what it begins with
     * @param min the least it may be
     * @param max the most it may be
     * @param whole whether only whole numbers are one
     * @param options what may be chosen, where it is a choice: the number is the place in this list, from 0
     */
    public record Question(
            String label, Unit unit, double usual, double min, double max, boolean whole, List<String> options) {
        Question(String label, Unit unit, double usual, double min, double max) {
            this(label, unit, usual, min, max, false, List.of());
        }

        static Question whole(String label, Unit unit, double usual, double min, double max) {
            return new Question(label, unit, usual, min, max, true, List.of());
        }

        static Question of(String label, Named... options) {
            return new Question(
                    label,
                    Unit.NUMBER,
                    0,
                    0,
                    options.length - 1.0,
                    true,
                    Stream.of(options).map(Named::title).toList());
        }

        /** Whether it is decided, as how many rounds are, and not read off anything. */
        private boolean chosen() {
            return whole || unit == Unit.PERCENT;
        }

        private Limit limit() {
            return new Limit(
                    "almanac.question", min, max, unit, label + " must be {min} to {max} (you entered {found}).", "");
        }
    }

    /**
     * An answer.
     *
     * @param label what it is
     * @param figure the figure, with what is unsure of it
     */
    public record Answer(String label, Step figure) {}

    @Override
    public String title() {
        return title;
    }

    public List<Question> questions() {
        return questions;
    }

    /** Answers to so many numbers as there are questions, in their order and units; refuses what is out of range. */
    public List<Answer> answers(List<Double> in) {
        Problems problems = new Problems();
        if (in.size() != questions.size()) {
            problems.add(new Problem(
                    "almanac.questions",
                    "in",
                    "Answer every question of the calculator, in their order.",
                    "",
                    Map.of()));
            problems.throwIfAny();
        }
        List<Given> given = IntStream.range(0, in.size())
                .mapToObj(i -> given(problems, i, in.get(i)))
                .toList();
        problems.throwIfAny();
        return rules.apply(given);
    }

    private Given given(Problems problems, int i, double value) {
        Question question = questions.get(i);
        String field = "in[" + i + "]";
        problems.checkRange(field, value, question.limit());
        String label = question.label().toLowerCase(Locale.ROOT);
        double typed = question.whole() ? Math.rint(value) : value;
        return question.chosen()
                ? Given.choice(label, typed, question.unit(), false, field)
                : Given.measured(label, typed, question.unit(), field);
    }
}
