package roundpocket.app.laps;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.foot.Foot;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.KnitEvent;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.PairWork;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.yarn.Yarn;
import tools.jackson.databind.json.JsonMapper;

/**
 * Pins what thousands of sequences of presses lead to: web/test/folds.json, which the page’s own fold is held to. Run with
 * {@code -Dopenapi.write=true} to write it anew.
 */
public class GoldenFoldsTest {
    private static final Path COMMITTED = Path.of("..", "web", "test", "folds.json");
    private static final int SEQUENCES = 2_000;
    private static final int TRAIL = 100;
    private static final SockSpec SMALL = new SockSpec(
            new Foot(118, 118),
            new Swatch(List.of(new Reading(26, 100)), List.of(new Reading(36, 100))),
            new Yarn(420, 100, OptionalDouble.of(100)),
            Choices.usual().withTube(TubeChoice.usual().withLegMm(60)).withOrder(KnitOrder.TWO_AT_A_TIME));

    /** Both socks alike, or the first with a leg of its own: the second is past it when that is made. */
    private static PairWork pair(boolean unlike) {
        PairWork pair = new PairWork(Course.of(SMALL, HeelWhen.AFTER_TUBE));
        if (unlike) {
            int presses = pair.sock(2).course().lap().presses();
            pair.hear(new KnitEvent.Jumped(2, presses - 20));
            pair.hear(new KnitEvent.Worked(1, Section.LEG, 5));
            pair.hear(new KnitEvent.Undone(2));
        }
        return pair;
    }

    private static KnitEvent any(Random random, int presses) {
        int sock = 1 + random.nextInt(2);
        boolean both = random.nextInt(3) == 0;
        return switch (random.nextInt(8)) {
            case 0, 1 -> new KnitEvent.Undone(sock, both);
            case 2 -> new KnitEvent.Jumped(sock, random.nextInt(presses + 12) - 4, both);
            default -> new KnitEvent.Done(sock, 0, both);
        };
    }

    private static List<Object> said(KnitEvent event) {
        if (event instanceof KnitEvent.Done done) {
            return List.of("DONE", done.sock(), done.both());
        } else if (event instanceof KnitEvent.Undone undone) {
            return List.of("UNDONE", undone.sock(), undone.both());
        }
        KnitEvent.Jumped jumped = (KnitEvent.Jumped) event;
        return List.of("JUMPED", jumped.sock(), jumped.both(), jumped.to());
    }

    private static Map<String, Object> state(PairWork pair) {
        Map<String, Object> state = new LinkedHashMap<>();
        state.put("at", List.of(pair.sock(1).position(), pair.sock(2).position()));
        state.put("trails", List.of(pair.sock(1).trail(TRAIL), pair.sock(2).trail(TRAIL)));
        state.put("pressed", pair.pressed(TRAIL));
        return state;
    }

    private static Map<String, Object> work(LapPlan lap) {
        Map<String, Object> work = new LinkedHashMap<>();
        work.put("presses", lap.presses());
        work.put("starts", lap.starts());
        work.put(
                "steps",
                lap.steps().stream()
                        .map(step -> List.of(
                                step.id(), step.sharing(), step.presses().size()))
                        .toList());
        return work;
    }

    @Test
    public void whereSequencesOfPressesLead() throws IOException {
        Random random = new Random(20261201);
        List<Object> pairs = new ArrayList<>();
        List<Object> cases = new ArrayList<>();
        for (boolean unlike : List.of(false, true)) {
            PairWork works = pair(unlike);
            pairs.add(List.of(
                    work(works.sock(1).course().lap()),
                    work(works.sock(2).course().lap())));
        }
        for (int i = 0; i < SEQUENCES; i++) {
            boolean unlike = i % 2 == 1;
            PairWork pair = pair(unlike);
            int presses = pair.sock(1).course().lap().presses();
            List<KnitEvent> events = new ArrayList<>();
            for (int j = 3 + random.nextInt(9); j > 0; j--) {
                events.add(any(random, presses));
            }
            int heard = random.nextInt(events.size());
            events.subList(0, heard).forEach(pair::hear);
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("pair", unlike ? 1 : 0);
            one.put("heard", state(pair));
            one.put(
                    "waiting",
                    events.subList(heard, events.size()).stream()
                            .map(GoldenFoldsTest::said)
                            .toList());
            events.subList(heard, events.size()).forEach(pair::hear);
            one.put("then", state(pair));
            one.put("next", pair.finished() ? List.of() : List.of(pair.next(), pair.nextIsBoth()));
            cases.add(one);
        }
        JsonMapper mapper = new JsonMapper();
        StringBuilder text = new StringBuilder("{\"pairs\":")
                .append(mapper.writeValueAsString(pairs))
                .append(",\n\"cases\":[\n");
        for (int i = 0; i < cases.size(); i++) {
            text.append(mapper.writeValueAsString(cases.get(i))).append(i + 1 < cases.size() ? ",\n" : "\n");
        }
        text.append("]}\n");
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, text);
        }
        assertThat(Files.readString(COMMITTED))
                .as("run this test with -Dopenapi.write=true and commit the result")
                .isEqualTo(text.toString());
    }
}
