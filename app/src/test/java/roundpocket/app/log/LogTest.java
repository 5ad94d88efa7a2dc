package roundpocket.app.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A finished pair is kept with what was planned and what was knitted, and teaches the next one. */
public class LogTest extends AppTest {
    private static final String FOOT = "{\"lengthMm\": 246, \"ballGirthMm\": 231}";
    private static final String SPEC = "{\"foot\": " + FOOT
            + ", \"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";

    private String footId;
    private String worn;

    @BeforeMethod
    public void aFinishedPair() {
        footId = body(post("/api/feet", "{\"name\": \"Marit\", \"foot\": " + FOOT + "}"))
                .get("id")
                .asString();
        worn = pair("Worn");
        post("/api/laps/" + worn, "{}");
        for (int sock = 1; sock <= 2; sock++) {
            event(sock, "JUMPED", ", \"to\": 20");
            event(sock, "WEIGHED", ", \"grams\": 50");
            if (sock == 1) {
                event(1, "WORKED", ", \"section\": \"LEG\", \"rounds\": 30");
            }
            int presses = body(get("/api/laps/" + worn))
                    .at("/works/" + (sock - 1) + "/presses")
                    .asInt();
            event(sock, "JUMPED", ", \"to\": " + presses);
            event(sock, "WEIGHED", ", \"grams\": 28");
        }
    }

    private String pair(String name) {
        return pairWith(SPEC, name);
    }

    private String pairWith(String spec, String name) {
        return body(post(
                        "/api/pairs",
                        "{\"name\": \"" + name + "\", \"footId\": \"" + footId + "\", \"spec\": " + spec + "}"))
                .get("id")
                .asString();
    }

    private void event(int sock, String kind, String more) {
        JsonNode heard = body(post(
                "/api/laps/" + worn + "/events",
                "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": " + sock + ", \"kind\": \"" + kind
                        + "\", \"device\": \"a\", \"at\": \"2026-11-01T19:00:00Z\"" + more + "}]"));
        assertThat(heard.at("/heard/0/counted").asBoolean())
                .as(heard.toString())
                .isTrue();
    }

    private JsonNode entry() {
        return body(get("/api/log?most=1000"))
                .get("entries")
                .valueStream()
                .filter(entry -> entry.get("pairId").asString().equals(worn))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode note(String note) {
        var answer = post("/api/log/" + worn + "/notes", note);
        assertThat(answer).hasStatus(201);
        return body(answer);
    }

    @Test
    public void theLogSetsWhatWasKnittedBesideWhatWasPlanned() {
        JsonNode entry = entry();
        JsonNode leg = entry.get("sections")
                .valueStream()
                .filter(section -> section.get("section").asString().equals("LEG"))
                .findFirst()
                .orElseThrow();
        assertThat(leg.get("planned").asInt()).isNotEqualTo(30);
        assertThat(leg.get("first").asInt()).isEqualTo(30);
        assertThat(leg.get("second").asInt()).as("alike by rounds").isEqualTo(30);
        assertThat(entry.get("usedG").asDouble()).isEqualTo(44);
        assertThat(entry.get("plannedG").asDouble()).isBetween(30.0, 80.0);
        assertThat(entry.at("/foot/name").asString()).isEqualTo("Marit");
    }

    /** 44 g between the weighings, for the same stitches as planned: all pairs together say so, by foot as well. */
    @Test
    public void allFinishedPairsAreCountedTogether() {
        note("{\"kind\": \"WEAR\", \"wear\": \"THIN\", \"section\": \"HEEL\", \"sock\": 2, \"words\": \"\"}");
        JsonNode tallies = body(get("/api/log/tallies"));
        JsonNode mine = tallies.get("predictions")
                .valueStream()
                .filter(each -> each.get("pairId").asString().equals(worn))
                .findFirst()
                .orElseThrow();
        assertThat(mine.get("weighedG").asDouble()).isEqualTo(44);
        assertThat(mine.get("plannedG").asDouble())
                .isEqualTo(entry().get("usedPlannedG").asDouble());
        assertThat(tallies.at("/all/weighed").asInt())
                .isEqualTo(tallies.get("predictions").size());
        JsonNode had = tallies.get("feet")
                .valueStream()
                .filter(each -> each.get("footId").asString().equals(footId))
                .findFirst()
                .orElseThrow();
        assertThat(had.get("pairs"))
                .as("a pair that is only planned is not had")
                .hasSize(1);
        assertThat(had.at("/pairs/0/said/0").asString()).isEqualTo("heel: thin");
        assertThat(entry().at("/notes/0/sock").asInt()).isEqualTo(2);
        assertThat(post(
                        "/api/log/" + worn + "/notes",
                        "{\"kind\": \"WEAR\", \"wear\": \"THIN\", \"section\": \"HEEL\", \"sock\": 3}"))
                .hasStatus(422);
    }

    /** The pair was planned on 43 rounds; the tape on its tube said 41.5. The next in the yarn is planned on those. */
    @Test
    public void whatWasKnittedInAYarnIsKnownOfIt() {
        String yarn = body(post(
                        "/api/yarns",
                        "{\"name\": \"Known\", \"colour\": \"#336699\","
                                + " \"yarn\": {\"lengthM\": 420, \"massG\": 100, \"onHandG\": 100}}"))
                .get("id")
                .asString();
        worn = body(post(
                        "/api/pairs",
                        "{\"name\": \"First in it\", \"yarnId\": \"" + yarn + "\", \"spec\": " + SPEC + "}"))
                .get("id")
                .asString();
        assertThat(known(yarn)).as("only planned").isEmpty();
        post("/api/laps/" + worn, "{}");
        event(1, "WEIGHED", ", \"grams\": 50");
        event(1, "JUMPED", ", \"to\": 60");
        event(1, "MEASURED", ", \"rounds\": 41.5, \"spanMm\": 100");
        event(1, "WEIGHED", ", \"grams\": 38");
        JsonNode known = known(yarn).get(0);
        assertThat(known.at("/swatch/stitches/0/count").asDouble()).isEqualTo(31);
        assertThat(known.at("/swatch/rounds/0/count").asDouble()).isEqualTo(41.5);
        assertThat(known.at("/rounds/value").asDouble()).isEqualTo(41.5);
        assertThat(known.at("/measured").asInt()).isEqualTo(1);
        assertThat(known.at("/weighIns/0/usedG").asDouble()).isEqualTo(12);
        ObjectNode next = (ObjectNode) json().readTree(SPEC);
        next.set("swatch", known.get("swatch"));
        next.set("weighIns", known.get("weighIns"));
        JsonNode plan = body(post("/api/plans/preview", next.toString()));
        assertThat(plan.at("/basis/gauge/rounds/value").asDouble()).isEqualTo(41.5);
    }

    private List<JsonNode> known(String yarn) {
        return body(get("/api/yarns/known"))
                .valueStream()
                .filter(each -> each.get("yarnId").asString().equals(yarn))
                .toList();
    }

    /** A deeper heel and a longer foot at once: with all of it taken nothing is left to propose. */
    @Test
    public void severalNotesAreReckonedTogether() {
        note("{\"kind\": \"FIT\", \"fit\": \"HEEL_TIGHT\", \"words\": \"\"}");
        note("{\"kind\": \"FIT\", \"fit\": \"FOOT_SHORT\", \"words\": \"\"}");
        String next = pair("Together");
        assertThat(body(get("/api/pairs/" + next + "/proposals"))).hasSize(2);
        ObjectNode spec = (ObjectNode) json().readTree(SPEC);
        ObjectNode choices = spec.putObject("choices");
        body(get("/api/pairs/" + next + "/proposals/together")).forEach(change -> {
            String path = change.get("choice").asString();
            int last = path.lastIndexOf('.');
            choices.withObject("/" + path.substring(0, last).replace('.', '/'))
                    .set(
                            path.substring(last + 1),
                            change.hasNonNull("number")
                                    ? json().valueToTree(change.get("number").asInt())
                                    : change.get("name"));
        });
        assertThat(choices.propertyNames()).contains("heel");
        assertThat(body(get("/api/pairs/" + pairWith(spec.toString(), "All taken") + "/proposals")))
                .isEmpty();
    }

    /** From a note to a choice of the next pair, which can be planned and is never applied unasked. */
    @Test
    public void aFitNoteProposesAChangeOfTheNextPair() {
        String next = pair("Next");
        assertThat(body(get("/api/pairs/" + next + "/proposals"))).isEmpty();
        String before = body(get("/api/pairs/" + next)).toString();
        note("{\"kind\": \"FIT\", \"fit\": \"HEEL_TIGHT\", \"words\": \"after a day of stairs\"}");
        JsonNode proposal = body(get("/api/pairs/" + next + "/proposals")).get(0);
        assertThat(proposal.get("from").asString()).isEqualTo("Worn");
        assertThat(proposal.get("said").asString()).contains("heel tight").contains("stairs");
        assertThat(proposal.at("/changes/0/choice").asString()).isEqualTo("heel.plainRounds");
        assertThat(body(get("/api/pairs/" + next)).toString()).isEqualTo(before);
        ObjectNode spec = (ObjectNode) json().readTree(SPEC);
        spec.putObject("choices")
                .putObject("heel")
                .put("plainRounds", proposal.at("/changes/0/number").asInt());
        JsonNode plan = body(post("/api/plans/preview", spec.toString()));
        assertThat(plan.at("/heel/shaping/plainRounds/value").asInt())
                .isEqualTo(proposal.at("/changes/0/number").asInt());
        // Whose plan has it already is told nothing, and is told again once it has it no more.
        String deep = pairWith(spec.toString(), "Deep");
        assertThat(body(get("/api/pairs/" + deep + "/proposals"))).isEmpty();
        String noteId = proposal.get("noteId").asString();
        assertThat(post("/api/pairs/" + next + "/proposals/" + noteId + "?taken=false", ""))
                .hasStatus(204);
        assertThat(body(get("/api/pairs/" + next + "/proposals"))).isEmpty();
        assertThat(body(get("/api/pairs/" + pair("Third") + "/proposals"))).hasSize(1);
        assertThat(body(get("/api/pairs/" + worn + "/proposals")))
                .as("the pair itself")
                .isEmpty();
    }

    /** Long on the shorter of two feet is as it has to be; on the longer one it is three rounds too many. */
    @Test
    public void aNoteIsOnOneOfTwoUnlikeFeet() {
        ObjectNode spec = (ObjectNode) json().readTree(SPEC);
        ObjectNode other = spec.putObject("otherFoot");
        double length = spec.at("/foot/lengthMm").asDouble();
        other.put("lengthMm", length - 6)
                .put("ballGirthMm", spec.at("/foot/ballGirthMm").asDouble());
        String next = pairWith(spec.toString(), "Unlike");
        note("{\"kind\": \"FIT\", \"fit\": \"FOOT_LONG\", \"sock\": 2, \"words\": \"\"}");
        assertThat(body(get("/api/pairs/" + next + "/proposals"))).isEmpty();
        note("{\"kind\": \"FIT\", \"fit\": \"FOOT_LONG\", \"sock\": 1, \"words\": \"\"}");
        assertThat(body(get("/api/pairs/" + next + "/proposals"))).hasSize(1);
    }

    @Test
    public void wearIsNotedAndAHeelReplaced() {
        JsonNode thin = note("{\"kind\": \"WEAR\", \"wear\": \"THIN\", \"section\": \"HEEL\", \"on\": \"2026-11-20\"}");
        assertThat(thin.get("title").asString()).isEqualTo("heel: thin");
        note("{\"kind\": \"OTHER\", \"words\": \"Washed warm.\"}");
        assertThat(entry().get("notes")).hasSize(2);
        assertThat(delete("/api/log/notes/" + thin.get("id").asString())).hasStatus(204);
        assertThat(delete("/api/log/notes/" + thin.get("id").asString())).hasStatus(404);
        assertThat(entry().get("notes")).hasSize(1);
        JsonNode repair = body(get("/api/log/" + worn + "/new-heel"));
        assertThat(repair.get("steps").valueStream().map(step -> step.get("forGood")
                        .asBoolean()))
                .contains(true);
        assertThat(repair.at("/yarn/value").asDouble()).isBetween(2.0, 30.0);
        JsonNode choices = body(get("/api/log/choices"));
        assertThat(choices.get("fit").size()).isGreaterThan(5);
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {"{\"kind\": \"FIT\"}", 422},
            {"{\"kind\": \"WEAR\", \"fit\": \"HEEL_TIGHT\"}", 422},
            {"{\"kind\": \"OTHER\", \"words\": \"  \"}", 422},
            {"{\"kind\": \"OTHER\", \"words\": \"x\", \"on\": \"2999-01-01\"}", 422},
            {"{\"kind\": \"OTHER\", \"words\": \"" + "x".repeat(2001) + "\"}", 422},
            {"{\"kind\": \"FIT\", \"fit\": \"HEEL_GREEN\"}", 400},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsRefused(String note, int status) {
        assertThat(post("/api/log/" + worn + "/notes", note)).hasStatus(status);
        assertThat(entry().get("notes")).isEmpty();
        assertThat(post("/api/log/" + UUID.randomUUID() + "/notes", "{\"kind\": \"OTHER\", \"words\": \"x\"}"))
                .hasStatus(404);
    }

    /** The leg was ended at 30 rounds, and the yarn weighed: the foot’s next pair hears of the one, not of the other. */
    @Test
    public void whatTheNeedlesTaughtIsProposedWhereItBelongs() {
        String next = pair("Next");
        JsonNode lessons = body(get("/api/pairs/" + next + "/lessons"));
        assertThat(lessons.valueStream().map(each -> each.get("kind").asString()))
                .containsExactly("LEG");
        assertThat(lessons.at("/0/from").asString()).isEqualTo("Worn");
        assertThat(lessons.at("/0/changes/0/choice").asString()).isEqualTo("tube.legMm");
        assertThat(lessons.at("/0/effect").valueStream().map(each -> each.get("label")
                        .asString()))
                .contains("Leg");
        assertThat(body(get("/api/pairs/" + worn + "/lessons"))).isEmpty();
    }

    /** Neither pair has a yarn on the shelf; planned with one swatch they are of one yarn, and its use was weighed. */
    @Test
    public void aYarnWithoutAPlaceOnTheShelfIsKnownByItsSwatch() {
        String swatch = body(get("/api/pairs/" + worn)).at("/swatch/id").asString();
        String next = body(post(
                        "/api/pairs",
                        "{\"name\": \"Same swatch\", \"swatchId\": \"" + swatch + "\", \"spec\": " + SPEC + "}"))
                .get("id")
                .asString();
        assertThat(body(get("/api/pairs/" + next + "/lessons")).valueStream().map(each -> each.get("kind")
                        .asString()))
                .containsExactly("YARN");
    }

    @Test
    public void whatIsNotWantedForAPairIsNotProposedAgainUntilItIsBroughtBack() {
        String next = pair("Next");
        String left = "/api/pairs/" + next + "/lessons/left?from=" + worn + "&kind=LEG";
        assertThat(post(left, "")).hasStatus(204);
        assertThat(post(left, "")).as("twice is once").hasStatus(204);
        assertThat(body(get("/api/pairs/" + next + "/lessons"))).isEmpty();
        assertThat(body(get("/api/pairs/" + pair("Another") + "/lessons"))).hasSize(1);
        assertThat(delete(left)).hasStatus(204);
        assertThat(body(get("/api/pairs/" + next + "/lessons"))).hasSize(1);
        // What was said of the fit before it was knitted decides nothing; what was said since does.
        note("{\"kind\": \"FIT\", \"fit\": \"LEG_LONG\", \"on\": \"2026-10-01\"}");
        assertThat(body(get("/api/pairs/" + next + "/lessons"))).hasSize(1);
        note("{\"kind\": \"FIT\", \"fit\": \"LEG_LONG\", \"on\": \"2026-11-20\"}");
        assertThat(body(get("/api/pairs/" + next + "/lessons"))).isEmpty();
        assertThat(post(left.replace("LEG", "ARM"), "")).hasStatus(400);
        assertThat(post(left.replace(worn, UUID.randomUUID().toString()), "")).hasStatus(404);
    }

    @Test
    public void aPairIsKnittedAgainAsItWasKnitted() {
        JsonNode again = body(get("/api/pairs/" + worn + "/again"));
        String named = again.get("name").asString();
        assertThat(named).isEqualTo("Worn, again");
        pair(named);
        assertThat(body(get("/api/pairs/" + worn + "/again")).get("name").asString())
                .isEqualTo("Worn, again 2");
        assertThat(again.get("lessons").valueStream().map(each -> each.get("kind")
                        .asString()))
                .containsExactly("YARN", "LEG");
        assertThat(again.at("/lessons/0/weighIns")).hasSize(2);
        assertThat(again.at("/spec/foot/lengthMm").asDouble()).isEqualTo(246);
        assertThat(get("/api/pairs/" + pair("Never begun") + "/again")).hasStatus(404);
    }

    /** By the pair's own name, the foot's or the yarn's, in whatever case; signs of a search language are none here. */
    @Test
    public void aPairIsFoundByItsNameOrItsFoot() {
        for (String words : new String[] {"wor", "WORN", "marit", " ari "}) {
            assertThat(found(words)).as(words).contains(worn);
        }
        for (String words : new String[] {"%", "_", "nobody’s", "Worn' or 1=1"}) {
            assertThat(found(words)).as(words).isEmpty();
        }
    }

    private List<String> found(String words) {
        return body(get("/api/log?most=1000&words=" + words))
                .get("entries")
                .valueStream()
                .map(entry -> entry.get("pairId").asString())
                .toList();
    }
}
