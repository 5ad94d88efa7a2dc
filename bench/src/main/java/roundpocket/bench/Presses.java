package roundpocket.bench;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Presses on a sock, through a real server that is killed at random moments. */
final class Presses implements AutoCloseable {
    private static final int PRESSES = 500;
    private static final int KILLS = 20;
    private static final int MEASURED = 1_000;
    private static final int MANY = 5_000;
    private static final int AT_ONCE = 200;
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final Pattern POSITION = Pattern.compile("\"position\":(\\d+)");

    /** Starts a server on the same home. */
    interface Start {
        Program get() throws IOException, InterruptedException;
    }

    private final Start start;
    private final Random random = new Random(20);
    private final String spec;
    private final String events;
    private Program program;

    Presses(Start start, String spec) throws IOException, InterruptedException {
        this.start = start;
        this.program = start.get();
        // A pair for each sock that is knitted here; a large one, so that there are presses enough.
        String large = spec.replace("\"lengthMm\":246", "\"lengthMm\":340")
                .replace("\"ballGirthMm\":231", "\"ballGirthMm\":300")
                .replaceFirst("}$", ",\"choices\":{\"tube\":{\"legMm\":600}}}");
        this.spec = large;
        this.events = begun();
    }

    /** A pair on the needles, by its address. */
    private String begun() throws IOException, InterruptedException {
        Matcher id = ID.matcher(program.send("/api/pairs", "{\"name\":\"Pressed\",\"spec\":" + spec + "}", 201));
        if (!id.find()) {
            throw new IllegalStateException("no id");
        }
        program.send("/api/laps/" + id.group(1), "{}", 200);
        return "/api/laps/" + id.group(1);
    }

    private static String press(int sock) {
        return "[{\"id\":\"" + UUID.randomUUID() + "\",\"sock\":" + sock
                + ",\"kind\":\"DONE\",\"device\":\"bench\",\"at\":\"2026-11-23T19:00:00Z\"}]";
    }

    /** 500 presses with 20 kills in the middle of one: what was not acknowledged is sent once more. */
    List<Row> killed() throws IOException, InterruptedException {
        Set<Integer> kills = new TreeSet<>();
        while (kills.size() < KILLS) {
            kills.add(random.nextInt(PRESSES));
        }
        for (int i = 0; i < PRESSES; i++) {
            String press = press(1);
            if (kills.contains(i)) {
                Program doomed = program;
                int afterMs = random.nextInt(12);
                Thread killer = new Thread(() -> doomed.killAfter(afterMs));
                killer.start();
                tried(press);
                killer.join();
                program = start.get();
            }
            program.send(events + "/events", press, 200);
        }
        int counted = position();
        if (counted != PRESSES) {
            throw new IllegalStateException(PRESSES + " presses, and " + counted + " are counted");
        }
        return List.of(new Row(
                "presses counted of those made, the server killed " + KILLS + " times in the middle of one",
                counted + "",
                PRESSES + "",
                "1.00",
                "all"));
    }

    private void tried(String press) throws InterruptedException {
        try {
            program.send(events + "/events", press, 200);
        } catch (IOException killed) {
            Thread.sleep(1); // not acknowledged: it is sent once more
        }
    }

    private int position() throws IOException, InterruptedException {
        Matcher position = POSITION.matcher(program.read(events));
        if (!position.find()) {
            throw new IllegalStateException("no position");
        }
        return Integer.parseInt(position.group(1));
    }

    /** How long an acknowledgement takes, each written through to the disk. */
    List<Row> acknowledged() throws IOException, InterruptedException {
        List<Double> presses = new ArrayList<>();
        List<Double> trivial = new ArrayList<>();
        HttpRequest.Builder file = program.request("/pocket.svg").GET();
        for (int i = 0; i < MEASURED; i++) {
            String body = i % 2 == 0 ? press(2) : press(2).replace("DONE", "UNDONE");
            HttpRequest.Builder press = program.request(events + "/events")
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(body));
            List<List<Double>> both = program.alternate(1, press, file);
            presses.addAll(both.get(0));
            trivial.addAll(both.get(1));
        }
        double seconds = presses.stream().mapToDouble(Double::doubleValue).sum() / 1000;
        double fetching = trivial.stream().mapToDouble(Double::doubleValue).sum() / 1000;
        return List.of(
                Row.of(
                        "acknowledging a press, on the disk, against fetching a small file, 95th percentile of "
                                + MEASURED,
                        "ms",
                        Bench.at(presses, 0.95),
                        Bench.at(trivial, 0.95),
                        "—"),
                Row.of(
                        "presses acknowledged in a second, one after the other, against fetches",
                        "/s",
                        MEASURED / seconds,
                        MEASURED / fetching,
                        "—"));
    }

    /** A press on a pair with thousands of events, against one with a few. */
    List<Row> onOldAndNew() throws IOException, InterruptedException {
        String fresh = begun();
        String old = begun();
        for (int i = 0; i < MANY / AT_ONCE; i++) {
            StringBuilder many = new StringBuilder();
            for (int j = 0; j < AT_ONCE; j++) {
                String press = pressOrBack(j);
                many.append(j == 0 ? "[" : ",").append(press, 1, press.length() - 1);
            }
            program.send(old + "/events", many + "]", 200);
        }
        List<Double> onOld = new ArrayList<>();
        List<Double> onFresh = new ArrayList<>();
        for (int i = 0; i < MEASURED / 4; i++) {
            List<List<Double>> both = program.alternate(1, pressing(old, i), pressing(fresh, i));
            onOld.addAll(both.get(0));
            onFresh.addAll(both.get(1));
        }
        return List.of(Row.of(
                "a press on a pair with " + MANY + " events, against one on a new pair, median of " + MEASURED / 4,
                "ms",
                Bench.at(onOld, 0.5),
                Bench.at(onFresh, 0.5),
                "1.5"));
    }

    private static String pressOrBack(int i) {
        return i % 2 == 0 ? press(1) : press(1).replace("DONE", "UNDONE");
    }

    private HttpRequest.Builder pressing(String pair, int i) {
        return program.request(pair + "/events")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(pressOrBack(i)));
    }

    @Override
    public void close() {
        program.close();
    }
}
