package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.judge.Doubts;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.Recipe;
import roundpocket.core.plan.SockSpec;

/**
 * Five hundred laps of every kind, written to {@code target/texts/laps.txt} to be read by a person; what a machine can
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
                out.add("== " + written);
                write(course.get(), written % 2 == 0 ? LengthUnit.CM : LengthUnit.INCH, out);
            }
        }
        Path file = Path.of("target", "texts", "laps.txt");
        Files.createDirectories(file.getParent());
        Files.write(file, out);
        assertThat(out.stream().flatMap(line -> PlainWords.amiss(line).stream()).distinct())
                .isEmpty();
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

    private static void write(Course course, LengthUnit lengths, List<String> out) {
        for (int sock = 1; sock <= 2; sock++) {
            for (LapStep step : course.forSock(sock).lap().steps()) {
                out.add("  " + step.title() + ". "
                        + step.said(step.instruction()).text(lengths));
                step.presses().stream()
                        .map(press -> step.said(press.words()).text(lengths))
                        .distinct()
                        .filter(words -> !words.equals(step.instruction()))
                        .forEach(words -> out.add("    - " + words));
            }
        }
        Doubts.of(course.spec(), course.plan())
                .forEach(doubt -> out.add("  ? " + doubt.said().message(lengths)));
        for (Recipe.Options options : Recipe.of(course.spec(), course.plan()).options()) {
            out.add("  | " + options.title() + ": " + options.phrase());
        }
    }
}
