package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every regular expression of the program is fed 100 kB of its worst: none of them goes over it again and again. */
public class PatternsTest {
    private static final int LENGTH = 100_000;

    /** A pattern that takes as long as the square of the text does this in minutes; the limit is for a slow machine. */
    private static final int HANGS_S = 60;

    private static final Pattern WRITTEN = Pattern.compile(
            "(?:Pattern\\.compile|\\.matches|\\.replaceAll|\\.replaceFirst|\\.split)\\(\\s*((?:\"(?:[^\"\\\\]|\\\\.)*\"\\s*\\+?\\s*)+)");

    @DataProvider
    public Object[][] patterns() throws IOException {
        List<Object[]> patterns = new ArrayList<>();
        for (String module : List.of("../core", ".")) {
            try (Stream<Path> files = Files.walk(Path.of(module, "src", "main", "java"))) {
                for (Path file :
                        files.filter(each -> each.toString().endsWith(".java")).toList()) {
                    Matcher written = WRITTEN.matcher(Files.readString(file));
                    while (written.find()) {
                        String pattern = written.group(1).strip().replaceAll("\"\\s*\\+\\s*\"", "");
                        patterns.add(new Object[] {
                            file.getFileName().toString(),
                            pattern.substring(1, pattern.length() - 1).translateEscapes()
                        });
                    }
                }
            }
        }
        return patterns.toArray(Object[][]::new);
    }

    @Test(dataProvider = "patterns")
    public void aPatternGoesOverAnyTextOnce(String file, String written) throws Exception {
        Pattern pattern = Pattern.compile(written);
        ExecutorService reader = Executors.newSingleThreadExecutor(work -> {
            Thread thread = new Thread(work, "pattern");
            thread.setDaemon(true);
            return thread;
        });
        try {
            for (String text : worst(written)) {
                Callable<Integer> all = () -> {
                    Matcher matcher = pattern.matcher(text);
                    int found = 0;
                    while (matcher.find() && found < LENGTH) {
                        found++;
                    }
                    matcher.reset().lookingAt();
                    return matcher.reset().matches() ? found + 1 : found;
                };
                Future<Integer> done = reader.submit(all);
                assertThat(done.get(HANGS_S, TimeUnit.SECONDS)).isNotNegative();
            }
        } finally {
            reader.shutdownNow();
        }
    }

    /** Long runs of each sign that patterns here speak of, alone and in twos, with an end that fits nothing. */
    private static List<String> worst(String written) {
        List<String> texts = new ArrayList<>();
        String signs = " \t0a.,#/x(){}[]\"-+%;:\n"
                + written.chars()
                        .filter(sign -> sign > ' ' && sign < 0x7f)
                        .distinct()
                        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append);
        for (int i = 0; i < signs.length(); i++) {
            String one = signs.substring(i, i + 1);
            texts.add(one.repeat(LENGTH) + "\u0000");
            texts.add((one + " ").repeat(LENGTH / 2) + "\u0000");
            texts.add("#aabbcc " + one.repeat(LENGTH) + "\u0000");
        }
        return texts;
    }
}
