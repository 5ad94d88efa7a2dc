package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.judge.Doubts;
import roundpocket.core.measure.Hand;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Recipe;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.work.Glance;
import roundpocket.core.work.Work;

/**
 * Five hundred laps of every kind, for either hand and each kind of needles, written to {@code target/texts/laps.txt} to be read by a person; what a machine can
 * see is amiss in a text is seen here.
 */
public class WrittenOutTest {
    private static final int LAPS = 500;

    @Test
    public void fiveHundredLapsAreInPlainWords() throws IOException {
        Random random = new Random(163);
        List<String> out = new ArrayList<>();
        int written = 0;
        while (written < LAPS) {
            Optional<Course> course = course(random);
            if (course.isPresent()) {
                written++;
                Reader reader = new Reader(written);
                out.add("== " + written + ", " + reader.title());
                write(course.get(), reader, out);
            }
        }
        Path file = Path.of("target", "texts", "laps.txt");
        Files.createDirectories(file.getParent());
        Files.write(file, out);
        assertThat(out.stream().flatMap(line -> PlainWords.amiss(line).stream()).distinct())
                .isEmpty();
    }

    /** Who is told: each combination comes up again and again. */
    private record Reader(LengthUnit lengths, Hand hand, NeedleKind kind) {
        /** What is said of halves of needles that have no two. */
        private static final Pattern ON_TWO = Pattern.compile("(both|each of two|lower|upper) needles?|on each needle");

        Reader(int number) {
            this(
                    number % 2 == 0 ? LengthUnit.CM : LengthUnit.INCH,
                    Hand.values()[number / 2 % 2],
                    NeedleKind.values()[number / 4 % 4]);
        }

        String title() {
            return (hand.name() + "-hand, " + kind.name())
                    .toLowerCase(Locale.ROOT)
                    .replace('_', ' ')
                    .replace("loop", "needle");
        }

        String reads(Sentence sentence) {
            String text = new Sentence(kind.says(hand.says(sentence.template())), sentence.amounts()).text(lengths);
            assertThat(text).doesNotContain("[", "|", "{", "  ");
            if (kind == NeedleKind.LONG_LOOP) {
                assertThat(ON_TWO.matcher(text).find()).as(text).isFalse();
            }
            return text;
        }
    }

    private static Optional<Course> course(Random random) {
        SockSpec spec = Specs.anySchool(random);
        HeelWhen when = HeelWhen.values()[random.nextInt(HeelWhen.values().length)];
        try {
            return Optional.of(Course.of(spec, when));
        } catch (Refusal noRoom) {
            assertThat(noRoom.problems())
                    .allSatisfy(problem -> assertThat(PlainWords.amiss(problem.message(LengthUnit.CM)))
                            .isEmpty());
            return Optional.empty();
        }
    }

    private static void write(Course course, Reader reader, List<String> out) {
        for (int sock = 1; sock <= 2; sock++) {
            LapPlan lap = course.forSock(sock).lap();
            List<List<Work>> before = lap.before();
            for (int i = 0; i < before.size(); i++) {
                LapStep step = lap.steps().get(i);
                String instruction = reader.reads(step.said(step.template()));
                out.add("  " + step.title() + ". " + instruction);
                Glance.of(before.get(i).get(0)).words().stream()
                        .map(words -> reader.reads(Sentence.of(words)))
                        .forEach(words -> out.add("    = " + words));
                step.presses().stream()
                        .map(press -> reader.reads(step.said(press.template())))
                        .distinct()
                        .filter(words -> !words.equals(instruction))
                        .forEach(words -> out.add("    - " + words));
            }
        }
        LengthUnit lengths = reader.lengths();
        Doubts.of(course.spec(), course.plan())
                .forEach(doubt -> out.add("  ? " + doubt.said().message(lengths)));
        for (Recipe.Options options : Recipe.of(course.spec(), course.plan()).options()) {
            out.add("  | " + options.title() + ": " + options.phrase());
        }
    }
}
