package roundpocket.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
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
 * Measures Round Pocket against what it is compared with, in one run, and writes docs/bench.md after each part, so that
 * nothing measured is lost. With a second argument it measures that part alone and only says what it found.
 */
public final class Bench {
    private static final int[] STITCHES = {48, 96, 192, 384};
    private static final int STARTS = 7;
    private static final int REQUESTS = 2_000;
    private static final int WARM_UP = 1_000;
    private static final String SPEC = "{\"foot\":{\"lengthMm\":246,\"ballGirthMm\":231},"
            + "\"swatch\":{\"stitches\":[{\"count\":31,\"spanMm\":100}],\"rounds\":[{\"count\":43,\"spanMm\":100}]}}";
    /** As few as fill a list of either kind: with fewer, more would be shown of the many. */
    private static final int FEW = 24;

    private static final int MANY = 1000;
    private static final int A_HUNDRED = 100;
    private static final int LISTED = 200;
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final Pattern PRESSES = Pattern.compile("\"presses\":(\\d+)");
    private static final Pattern FIRST_SCRIPTS = Pattern.compile("(?:src|href)=\"/(assets/[^\"]+\\.js)\"");

    private final Path project;
    private final List<Row> rows = new ArrayList<>();

    private Bench(Path project) {
        this.project = project;
    }

    public static void main(String[] args) throws IOException, InterruptedException, RunnerException {
        Bench bench = new Bench(Path.of(args[0]));
        boolean alone = args.length > 1;
        for (Map.Entry<String, Part> part : bench.parts().entrySet()) {
            if (alone && !part.getKey().equals(args[1])) {
                continue;
            }
            System.out.println("Measuring " + part.getKey() + ".");
            part.getValue().measure();
            if (!alone) {
                bench.report();
            }
        }
        System.out.println(bench.table());
        if (!alone) {
            bench.remember();
        }
    }

    private interface Part {
        void measure() throws IOException, InterruptedException, RunnerException;
    }

    private Map<String, Part> parts() {
        Map<String, Part> parts = new LinkedHashMap<>();
        parts.put("script", this::script);
        parts.put("screen", this::screen);
        parts.put("starts", this::starts);
        parts.put("requests", this::requests);
        parts.put("lists", this::lists);
        parts.put("presses", this::presses);
        parts.put("answers", this::answers);
        parts.put("cuts", this::cuts);
        parts.put("plan", this::plan);
        return parts;
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

    private void answers() throws IOException, InterruptedException {
        try (Program program = ours()) {
            rows.addAll(new Answers(program).rows());
        }
    }

    private void cuts() {
        Cuts.Times few = Cuts.of(2);
        Cuts.Times many = Cuts.of(8);
        rows.add(Row.of(
                "the best cut of a striped tube of 1000 rounds, 8 wishes against 2, median",
                "ms",
                many.median(),
                few.median(),
                "—"));
        rows.add(Row.of("the same, 95th percentile", "ms", many.high(), few.high(), "8 wishes in under 100 ms"));
        Cuts.AgainstSolver small = Cuts.againstSolver();
        rows.add(Row.of(
                "the best cuts of " + small.tubes() + " small tubes by a general constraint solver, against by us",
                "ms",
                small.theirsMs(),
                small.oursMs(),
                "at least 100"));
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
            PlanBenchmark.Turns turns = PlanBenchmark.of(stitches).turns();
            rows.add(Row.of(
                    "computing a plan with stripes, against one without, in turns, median" + of,
                    "µs",
                    turns.striped(),
                    turns.plain(),
                    "at most 2"));
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
        List<Double> withData = new ArrayList<>();
        for (int i = 0; i < STARTS; i++) {
            for (int kind = 0; kind < 2; kind++) {
                try (Program program = kind == 0 ? ours() : bare()) {
                    seconds.get(kind).add(program.secondsToFirstAnswer());
                    if (kind == 0) {
                        program.read("/api/basket");
                        withData.add(program.secondsSinceItsStart());
                    }
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
                "start to the basket’s pairs, against the same first answer",
                "s",
                at(withData, 0.5),
                at(seconds.get(1), 0.5),
                "—"));
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

    /** The basket and the log of very many pairs, against those of a few. */
    private void lists() throws IOException, InterruptedException {
        try (Program few = ours();
                Program many = ours()) {
            plan(few, FEW);
            plan(many, MANY);
            for (String list : List.of("/api/basket", "/api/basket?finished=true", "/api/log")) {
                List<List<Double>> millis = new ArrayList<>(List.of(new ArrayList<>(), new ArrayList<>()));
                for (int i = 0; i < LISTED + A_HUNDRED; i++) {
                    double of = many.time(many.request(list).GET());
                    double against = few.time(few.request(list).GET());
                    if (i >= A_HUNDRED) {
                        millis.get(0).add(of);
                        millis.get(1).add(against);
                    }
                }
                rows.add(Row.of(
                        list + " with " + MANY + " pairs, half of them finished, against " + FEW
                                + ", of which as many are shown, median of " + LISTED,
                        "ms",
                        at(millis.get(0), 0.5),
                        at(millis.get(1), 0.5),
                        "at most 1.5"));
            }
        }
    }

    /** Plans pairs, and knits every second one to its end. */
    private static void plan(Program program, int pairs) throws IOException, InterruptedException {
        for (int i = 0; i < pairs; i++) {
            String id = first(ID, program.send("/api/pairs", "{\"name\":\"Listed\",\"spec\":" + SPEC + "}", 201));
            String lap = program.send("/api/laps/" + id, "{}", 200);
            for (int sock = 1; i % 2 == 0 && sock <= 2; sock++) {
                program.send(
                        "/api/laps/" + id + "/events",
                        "[{\"id\":\"" + UUID.randomUUID() + "\",\"sock\":" + sock + ",\"kind\":\"JUMPED\",\"to\":"
                                + first(PRESSES, lap) + ",\"device\":\"bench\",\"at\":\"2026-11-23T19:00:00Z\"}]",
                        200);
            }
        }
    }

    private static String first(Pattern what, String text) {
        Matcher found = what.matcher(text);
        if (!found.find()) {
            throw new IllegalStateException("no " + what);
        }
        return found.group(1);
    }

    /** What somebody at the screen waits for. */
    private void screen() throws IOException, InterruptedException {
        try (Program program = ours();
                Screen screen = new Screen(program.address(), project)) {
            program.send("/api/pairs", "{\"name\":\"Measured\",\"spec\":" + SPEC + "}", 201);
            rows.addAll(screen.firstView());
            rows.addAll(screen.scripts());
            rows.addAll(screen.keys());
            rows.addAll(screen.picture());
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
        rows.add(Row.of("script loaded first, against all script, gzip", "kB", first, all, "first at most 200 kB"));
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
        String text = """
            # Bench

            Measured by `./pocket bench` on %s with %d processors (Linux, Java %s, Chromium headless at 1280 × 800), everything in one run, starts alternating (median of %d),
            requests alternating one by one after %d of each to warm up. Ratios carry over to other machines; seconds do not.

            | what | Round Pocket | compared with | ratio | wanted |
            | --- | --- | --- | --- | --- |
            %s
            """.formatted(
                        LocalDate.now(),
                        Runtime.getRuntime().availableProcessors(),
                        Runtime.version().feature(),
                        STARTS,
                        WARM_UP,
                        table());
        Files.writeString(project.resolve("docs/bench.md"), text);
    }

    /** A line for this run, under those of the runs before, so that what becomes slower is seen. */
    private void remember() throws IOException {
        Path history = project.resolve("docs/bench-history.csv");
        if (!Files.exists(history)) {
            Files.writeString(history, "date,processors,what,ratio\n");
        }
        StringBuilder lines = new StringBuilder();
        for (Row row : rows) {
            lines.append(LocalDate.now())
                    .append(',')
                    .append(Runtime.getRuntime().availableProcessors())
                    .append(",\"")
                    .append(row.what())
                    .append("\",")
                    .append(row.ratio())
                    .append('\n');
        }
        Files.writeString(history, lines, StandardOpenOption.APPEND);
    }
}
