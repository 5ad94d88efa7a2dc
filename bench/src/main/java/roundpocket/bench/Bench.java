package roundpocket.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.Result;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.util.Statistics;

/**
 * Measures Round Pocket against what it is compared with, in one run, and writes docs/bench.md. With any second argument it
 * measures the screen and the presses alone and only says what it found.
 */
public final class Bench {
    private static final int[] STITCHES = {48, 96, 192, 384};
    private static final int STARTS = 7;
    private static final int REQUESTS = 2_000;
    private static final int WARM_UP = 1_000;
    private static final String SPEC = "{\"foot\":{\"lengthMm\":246,\"ballGirthMm\":231},"
            + "\"swatch\":{\"stitches\":[{\"count\":31,\"spanMm\":100}],\"rounds\":[{\"count\":43,\"spanMm\":100}]}}";
    private static final Pattern FIRST_SCRIPTS = Pattern.compile("(?:src|href)=\"/(assets/[^\"]+\\.js)\"");

    private final Path project;
    private final List<Row> rows = new ArrayList<>();

    private Bench(Path project) {
        this.project = project;
    }

    public static void main(String[] args) throws IOException, InterruptedException, RunnerException {
        Bench bench = new Bench(Path.of(args[0]));
        if (args.length > 1) { // the screen and the presses alone, to try things out; nothing is written
            bench.screen();
            bench.presses();
            System.out.println(bench.table());
            return;
        }
        bench.plan();
        bench.starts();
        bench.requests();
        bench.script();
        bench.screen();
        bench.presses();
        bench.report();
    }

    /** What one benchmark gave for one stitch count. */
    private record Sampled(double median, double high, double kilobytes) {}

    /** Bytes allocated in one run of a benchmark. */
    private static double allocated(RunResult result) {
        for (Map.Entry<String, ?> entry : result.getSecondaryResults().entrySet()) {
            if (entry.getKey().endsWith("gc.alloc.rate.norm") && entry.getValue() instanceof Result<?> bytes) {
                return bytes.getScore();
            }
        }
        throw new IllegalStateException("JMH says nothing of what was allocated");
    }

    private void plan() throws RunnerException {
        Map<String, Sampled> results = new TreeMap<>();
        for (RunResult result : new Runner(new OptionsBuilder()
                        .include(PlanBenchmark.class.getSimpleName())
                        .addProfiler(GCProfiler.class)
                        .build())
                .run()) {
            Statistics times = result.getPrimaryResult().getStatistics();
            double bytes = allocated(result);
            results.put(
                    result.getPrimaryResult().getLabel() + result.getParams().getParam("stitches"),
                    new Sampled(times.getPercentile(50), times.getPercentile(99), bytes / 1000));
        }
        PlanBenchmark smallest = PlanBenchmark.of(STITCHES[0]);
        Sampled first = results.get("compute" + STITCHES[0]);
        for (int stitches : STITCHES) {
            Sampled compute = results.get("compute" + stitches);
            Sampled write = results.get("write" + stitches);
            String of = " (" + stitches + " stitches)";
            rows.add(Row.of(
                    "computing a plan, against writing it as JSON, median" + of,
                    "µs",
                    compute.median(),
                    write.median(),
                    "at most 1"));
            rows.add(Row.of("the same, 99th percentile" + of, "µs", compute.high(), write.high(), "—"));
            rows.add(Row.of("memory allocated for the same" + of, "kB", compute.kilobytes(), write.kilobytes(), "—"));
            if (stitches != STITCHES[0]) {
                double times = (double) PlanBenchmark.of(stitches).rounds() / smallest.rounds();
                rows.add(Row.of(
                        "median" + of + ", against that of " + STITCHES[0] + " stitches",
                        "µs",
                        compute.median(),
                        first.median(),
                        String.format(Locale.ROOT, "at most %.1f, as many times the rounds", times)));
            }
        }
    }

    private Program ours() throws IOException, InterruptedException {
        return ours(Files.createTempDirectory("round-pocket-bench"));
    }

    private Program ours(Path home) throws IOException, InterruptedException {
        int port = Program.freePort();
        return Program.start(project, port, "./pocket", "start", "--port", "" + port, "--home", home.toString());
    }

    private Program bare() throws IOException, InterruptedException {
        int port = Program.freePort();
        String jar = project.resolve("bench/target/bench-bare.jar").toString();
        return Program.start(project, port, "java", "-jar", jar, "--server.port=" + port);
    }

    private void starts() throws IOException, InterruptedException {
        List<List<Double>> seconds = List.of(new ArrayList<>(), new ArrayList<>());
        List<List<Double>> megabytes = List.of(new ArrayList<>(), new ArrayList<>());
        for (int i = 0; i < STARTS; i++) {
            for (int kind = 0; kind < 2; kind++) {
                try (Program program = kind == 0 ? ours() : bare()) {
                    seconds.get(kind).add(program.secondsToFirstAnswer());
                    Thread.sleep(1000);
                    megabytes.get(kind).add(program.residentMb());
                }
            }
        }
        rows.add(Row.of(
                "start to first answer, against a bare application of the same starters",
                "s",
                at(seconds.get(0), 0.5),
                at(seconds.get(1), 0.5),
                "at most 0.5"));
        rows.add(Row.of(
                "resident memory a second later, against the same",
                "MB",
                at(megabytes.get(0), 0.5),
                at(megabytes.get(1), 0.5),
                "at most 0.8"));
    }

    private void requests() throws IOException, InterruptedException {
        try (Program program = ours()) {
            HttpRequest.Builder preview = program.request("/api/plans/preview")
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(SPEC));
            HttpRequest.Builder trivial = program.request("/pocket.svg").GET();
            program.alternate(WARM_UP, preview, trivial);
            List<List<Double>> millis = program.alternate(REQUESTS, preview, trivial);
            rows.add(Row.of(
                    "preview of a plan, against fetching a small file, median of " + REQUESTS,
                    "ms",
                    at(millis.get(0), 0.5),
                    at(millis.get(1), 0.5),
                    "—"));
            rows.add(Row.of("the same, 95th percentile", "ms", at(millis.get(0), 0.95), at(millis.get(1), 0.95), "—"));
        }
    }

    /** What somebody at the screen waits for. */
    private void screen() throws IOException, InterruptedException {
        try (Program program = ours();
                Screen screen = new Screen(program.address(), project)) {
            program.send("/api/pairs", "{\"name\":\"Measured\",\"spec\":" + SPEC + "}", 201);
            rows.addAll(screen.firstView());
            rows.addAll(screen.scripts());
            rows.addAll(screen.keys());
        }
    }

    /** Presses on a sock: none may be lost when the server is killed, and each is on the disk when it is acknowledged. */
    private void presses() throws IOException, InterruptedException {
        Path home = Files.createTempDirectory("round-pocket-bench");
        try (Presses presses = new Presses(() -> ours(home), SPEC)) {
            rows.addAll(presses.killed());
            rows.addAll(presses.acknowledged());
            rows.addAll(presses.onOldAndNew());
        }
    }

    /** The scripts that the page names itself: what a browser loads before anything is shown. */
    private void script() throws IOException {
        Path pages = project.resolve("web/target/classes/META-INF/resources");
        Matcher names = FIRST_SCRIPTS.matcher(Files.readString(pages.resolve("index.html")));
        double first = 0;
        while (names.find()) {
            first += gzipKb(pages.resolve(names.group(1)));
        }
        double all = 0;
        try (Stream<Path> files = Files.list(pages.resolve("assets"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".js")).toList()) {
                all += gzipKb(file);
            }
        }
        rows.add(Row.of("script loaded first, against all script, gzip", "kB", first, all, "first at most 220 kB"));
    }

    static double gzipKb(Path file) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(bytes)) {
            Files.copy(file, gzip);
        }
        return bytes.size() / 1000.0;
    }

    static double at(List<Double> values, double share) {
        List<Double> sorted = new ArrayList<>(values);
        Collections.sort(sorted);
        return sorted.get((int) Math.min(sorted.size() - 1L, Math.round(share * (sorted.size() - 1))));
    }

    private String table() {
        return rows.stream().map(Row::markdown).collect(Collectors.joining("\n"));
    }

    private void report() throws IOException {
        String text =
                """
            # Bench

            Measured by `./pocket bench` on %s with %d processors, everything in one run, starts alternating (median of %d),
            requests alternating one by one after %d of each to warm up. Ratios carry over to other machines; seconds do not.

            | what | Round Pocket | compared with | ratio | wanted |
            | --- | --- | --- | --- | --- |
            %s
            """.formatted(LocalDate.now(), Runtime.getRuntime().availableProcessors(), STARTS, WARM_UP, table());
        Files.writeString(project.resolve("docs/bench.md"), text);
        System.out.println(text);
    }
}
