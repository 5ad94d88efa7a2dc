package roundpocket.bench;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Answers to whatever a person can enter: plans at random, cuts of tubes at random, and every list of a full home. */
final class Answers {
    private static final int FEET = 60;
    private static final int YARNS = 60;
    private static final int TUBES = 400;
    private static final int WARM_UP = 1_000;
    private static final int MANY = 20_000;
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final List<String> LISTS =
            List.of("/api/basket", "/api/feet", "/api/yarns", "/api/tubes", "/api/stash", "/api/log", "/api/pairs");
    private static final List<String> WAYS = List.of("TOE_UP", "CUFF_DOWN");

    private final Program program;
    private final Random random = new Random(20261201);
    private final List<String> feet = new ArrayList<>();
    private final List<String> tubes = new ArrayList<>();

    Answers(Program program) throws IOException, InterruptedException {
        this.program = program;
        for (int i = 0; i < FEET; i++) {
            feet.add(id(program.send(
                    "/api/feet",
                    "{\"name\":\"f%d\",\"foot\":{\"lengthMm\":%d,\"ballGirthMm\":%d}}"
                            .formatted(i, 180 + 2 * i, 170 + 2 * i),
                    201)));
        }
        for (int i = 0; i < YARNS; i++) {
            program.send(
                    "/api/yarns",
                    "{\"name\":\"y%d\",\"colour\":\"#112233\",\"yarn\":{\"lengthM\":%d,\"massG\":100,\"onHandG\":%d}}"
                            .formatted(i, 350 + i, 20 + i),
                    201);
        }
        for (int i = 0; i < TUBES; i++) {
            tubes.add(id(program.send("/api/tubes", tube(i), 201)));
        }
    }

    private static String id(String answer) {
        Matcher id = ID.matcher(answer);
        if (!id.find()) {
            throw new IllegalStateException("no id");
        }
        return id.group(1);
    }

    private String tube(int number) {
        StringBuilder wishes = new StringBuilder();
        int from = 40 + random.nextInt(120);
        String whose = feet.get(random.nextInt(FEET));
        boolean alike = random.nextBoolean();
        for (int i = 1 + random.nextInt(8); i > 0; i--) {
            wishes.append(wishes.isEmpty() ? "" : ",")
                    .append("{\"footId\":\"%s\",\"legFromMm\":%d,\"legToMm\":%d,\"alike\":true,\"ravel\":%b}"
                            .formatted(
                                    alike ? whose : feet.get(random.nextInt(FEET)),
                                    from,
                                    from + random.nextInt(3) * 50,
                                    random.nextBoolean()));
        }
        String bands = bands(5, "rounds", 2, 20);
        return "{\"name\":\"t%d\",\"stitches\":64,\"rounds\":%d,\"two\":%b,\"stitchReading\":{\"count\":31,\"spanMm\":100},"
                        .formatted(number, 300 + random.nextInt(1_700), random.nextInt(5) == 0)
                + "\"roundReading\":{\"count\":43,\"spanMm\":100},\"bands\":[" + bands + "],\"wishes\":[" + wishes
                + "]}";
    }

    /** Fewer bands than {@code most}, each of an extent from {@code least} to {@code span} more. */
    private String bands(int most, String extent, double least, double span) {
        return random.ints(random.nextInt(most), 0, 1 << 24)
                .mapToObj(colour -> String.format(
                        Locale.ROOT,
                        "{\"colour\":\"#%06x\",\"%s\":%.2f}",
                        colour,
                        extent,
                        least + span * random.nextDouble()))
                .collect(Collectors.joining(","));
    }

    private String spec() {
        String bands = bands(9, "lengthM", 1, 15);
        return "{\"foot\":{\"lengthMm\":%d,\"ballGirthMm\":%d},\"swatch\":{\"stitches\":[{\"count\":%d,\"spanMm\":100}],"
                        .formatted(150 + random.nextInt(180), 150 + random.nextInt(150), 20 + random.nextInt(20))
                + "\"rounds\":[{\"count\":%d,\"spanMm\":100}]},\"yarn\":{\"lengthM\":420,\"massG\":100,\"onHandG\":%d},"
                        .formatted(28 + random.nextInt(28), 20 + random.nextInt(130))
                + (bands.isEmpty() ? "" : "\"striping\":{\"bands\":[" + bands + "]},")
                + "\"choices\":{\"tube\":{\"way\":\"%s\",\"legMm\":%d}}}"
                        .formatted(WAYS.get(random.nextInt(2)), 40 + random.nextInt(400));
    }

    private HttpRequest.Builder next() {
        int kind = random.nextInt(10);
        if (kind < 6) {
            return post(kind < 5 ? "/api/plans/preview" : "/api/plans/variants", spec());
        }
        return program.request(
                kind < 8
                        ? LISTS.get(random.nextInt(LISTS.size()))
                        : "/api/tubes/" + tubes.get(random.nextInt(TUBES)) + (kind == 8 ? "/cutting" : "/fits"));
    }

    private HttpRequest.Builder post(String path, String body) {
        return program.request(path).header("Content-Type", "application/json").POST(BodyPublishers.ofString(body));
    }

    List<Row> rows() throws IOException, InterruptedException {
        times(WARM_UP);
        List<Double> times = times(MANY);
        double high = Bench.at(times, 0.95);
        String which = MANY + " answers to anything that can be entered, ";
        return List.of(
                Row.of(which + "95th percentile against median", "ms", high, Bench.at(times, 0.5), "under 200 ms"),
                Row.of(which + "longest against 95th percentile", "ms", Bench.at(times, 1), high, "under 1000 ms"));
    }

    /** Milliseconds of so many answers: what cannot be knitted answers too. */
    private List<Double> times(int number) throws IOException, InterruptedException {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            times.add(program.timeOfAnyAnswer(next()));
        }
        return times;
    }
}
