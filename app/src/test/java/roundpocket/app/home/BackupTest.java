package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Backups and pairs as files: what goes out comes back letter by letter, and nothing else gets in. */
public class BackupTest {
    private static final JsonMapper JSON = new JsonMapper();

    private final Path home = Running.earlier("first-rules.mv.db.gz");
    private Running app;

    @BeforeClass
    public void open() {
        app = Running.on(home);
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    private static byte[] backup(Running from) {
        JsonNode made = Running.json(from.send("POST", "/api/home/backups", ""));
        return from.bytes("/api/home/backups/" + made.get("name").asString());
    }

    private static JsonNode look(Running at, byte[] file) {
        return Running.json(at.upload("/api/home/incoming", file));
    }

    private static JsonNode restore(Running at, byte[] file, String mode) {
        JsonNode look = look(at, file);
        HttpResponse<String> answer = at.send(
                "POST",
                "/api/home/restore",
                "{\"source\": \"" + look.get("source").asString() + "\", \"mode\": \"" + mode + "\"}");
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        return Running.json(answer);
    }

    static Map<String, String> entries(byte[] zip) {
        Map<String, String> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        }
        return entries;
    }

    private static byte[] zip(Map<String, String> entries) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                out.putNextEntry(new ZipEntry(entry.getKey()));
                out.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        }
        return bytes.toByteArray();
    }

    private static Map<String, String> tables(byte[] backup) {
        Map<String, String> entries = entries(backup);
        entries.remove(Manifest.ENTRY);
        return entries;
    }

    @Test
    public void aRoundTripIsLetterByLetter() {
        byte[] backup = backup(app);
        assertThat(entries(backup).get("tables/sock_pair.json"))
                .contains("\"spec\":{\"version\"", "Marit’s chamber socks");
        try (Running other = Running.on(Running.newHome())) {
            JsonNode look = look(other, backup);
            assertThat(look.get("found")
                            .valueStream()
                            .map(each -> each.get("fate").asString())
                            .distinct())
                    .containsExactly("ADD");
            restore(other, backup, "REPLACE");
            assertThat(tables(backup(other))).isEqualTo(tables(backup));
            String pair = other.json("/api/laps").get(0).get("pairId").asString();
            assertThat(other.json("/api/laps")).isEqualTo(app.json("/api/laps"));
            assertThat(press(other, pair)).as("the store’s own numbers go on").isTrue();
        }
    }

    private static boolean press(Running at, String pair) {
        HttpResponse<String> heard = at.send(
                "POST",
                "/api/laps/" + pair + "/events",
                "[{\"id\": \"" + UUID.randomUUID()
                        + "\", \"sock\": 1, \"kind\": \"DONE\", \"device\": \"d\", \"at\": \"" + Instant.now()
                        + "\"}]");
        assertThat(heard.statusCode()).as(heard.body()).isEqualTo(200);
        return Running.json(heard).at("/heard/0/counted").asBoolean();
    }

    private static String name(Running at, String path, String id) {
        return at.json(path)
                .valueStream()
                .filter(each -> each.get("id").asString().equals(id))
                .map(each -> each.get("name").asString())
                .findFirst()
                .orElse("gone");
    }

    private static void rename(Running at, JsonNode yarn, String name) {
        ObjectNode write = JSON.createObjectNode()
                .put("name", name)
                .put(
                        "version",
                        at.json("/api/yarns/" + yarn.get("id").asString())
                                .get("version")
                                .asLong());
        write.set("yarn", yarn.get("yarn"));
        HttpResponse<String> answer =
                at.send("PUT", "/api/yarns/" + yarn.get("id").asString(), write.toString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
    }

    /** Added, renewed, clashing and the same are told apart, and what clashes stays unless it is wanted. */
    @Test
    public void thingsAreBroughtBackOneByOne() {
        try (Running other = Running.on(Running.newHome())) {
            byte[] first = backup(app);
            restore(other, first, "REPLACE");
            JsonNode yarn = other.json("/api/yarns").get(0);
            JsonNode gone = other.json("/api/yarns").get(1);
            String id = yarn.get("id").asString();
            assertThat(other.send(
                                    "DELETE",
                                    "/api/yarns/" + gone.get("id").asString() + "?version="
                                            + gone.get("version").asLong(),
                                    "")
                            .statusCode())
                    .isEqualTo(204);
            rename(other, yarn, "later here");
            assertThat(restore(other, first, "MERGE").get("left").asInt()).isEqualTo(1);
            assertThat(name(other, "/api/yarns", id)).isEqualTo("later here");
            assertThat(name(other, "/api/yarns", gone.get("id").asString()))
                    .isEqualTo(gone.get("name").asString());

            byte[] second = backup(other);
            assertThat(restore(other, first, "MERGE_TAKING_CLASHES")
                            .get("renewed")
                            .asInt())
                    .isPositive();
            assertThat(name(other, "/api/yarns", id)).isEqualTo(yarn.get("name").asString());
            assertThat(restore(other, second, "MERGE").get("renewed").asInt()).isPositive();
            assertThat(name(other, "/api/yarns", id)).isEqualTo("later here");
            assertThat(other.json("/api/pairs")).hasSize(10);
            assertThat(other.json("/api/laps")).isEqualTo(app.json("/api/laps"));
        }
    }

    /** A pair that is brought back alone does without what it says of a pair that is gone. */
    @Test
    public void aPairComesBackWithoutThePairItHadLeftALessonOf() {
        try (Running other = Running.on(Running.newHome())) {
            restore(other, backup(app), "REPLACE");
            String one = other.json("/api/laps").get(0).get("pairId").asString();
            String another = other.json("/api/laps").get(1).get("pairId").asString();
            // Each of the other: one of the two is brought back first, when the other is not there yet.
            for (String left : List.of(
                    "/api/pairs/" + one + "/lessons/left?from=" + another + "&kind=LEG",
                    "/api/pairs/" + another + "/lessons/left?from=" + one + "&kind=LEG")) {
                assertThat(other.send("POST", left, "").statusCode()).isEqualTo(204);
            }
            byte[] both = backup(other);
            try (Running bare = Running.on(Running.newHome())) {
                assertThat(restore(bare, both, "MERGE").get("added").asInt()).isPositive();
                assertThat(bare.json("/api/pairs")).hasSameSizeAs(other.json("/api/pairs"));
            }
        }
    }

    @Test
    public void onePairGoesToAFriendWithoutSomebodysFeet() {
        String pair = app.json("/api/laps").get(0).get("pairId").asString();
        String other = app.json("/api/laps").get(1).get("pairId").asString();
        String left = "/api/pairs/" + pair + "/lessons/left?from=" + other + "&kind=LEG";
        assertThat(app.send("POST", left, "").statusCode()).isEqualTo(204);
        byte[] file = app.bytes("/api/home/pairs/" + pair);
        assertThat(entries(file).get("tables/lesson_left.json").strip())
                .as("what was left of a pair that stays at home")
                .isEqualTo("[]");
        assertThat(app.send("DELETE", left, "").statusCode()).isEqualTo(204);
        assertThat(entries(file).get("tables/foot.json").strip()).isEqualTo("[]");
        byte[] withFeet = app.bytes("/api/home/pairs/" + pair + "?feet=true");
        assertThat(entries(withFeet).get("tables/foot.json")).contains("ballGirthMm");
        try (Running friend = Running.on(Running.newHome())) {
            assertThat(restore(friend, file, "MERGE").get("added").asInt()).isEqualTo(3);
            assertThat(friend.json("/api/feet")).isEmpty();
            assertThat(friend.json("/api/laps/" + pair).get("socks"))
                    .isEqualTo(app.json("/api/laps/" + pair).get("socks"));
            restore(friend, withFeet, "MERGE_TAKING_CLASHES");
            assertThat(friend.json("/api/feet")).hasSize(1);
            assertThat(Running.json(friend.send(
                                    "POST", "/api/home/restore", "{\"source\": \"x\", \"mode\": \"MERGE\"}"))
                            .get("detail")
                            .asString())
                    .contains("no longer there");
        }
    }

    @DataProvider
    public Object[][] hostile() {
        UnaryOperator<Map<String, String>> renamed = entries -> {
            entries.put("tables/foot.json", entries.get("tables/foot.json").replace("Marit", "Malit"));
            return entries;
        };
        UnaryOperator<Map<String, String>> missing = entries -> {
            entries.remove("tables/yarn.json");
            return entries;
        };
        return new Object[][] {
            {renamed, "damaged"},
            {missing, "damaged"},
            {manifest(m -> m.put("schema", 99)), "newer Round Pocket"},
            {manifest(m -> m.put("version", 2)), "newer Round Pocket"},
            {manifest(m -> m.put("format", "other")), "damaged"},
            {manifest(m -> m.remove("rows")), "damaged"},
            {sealed("yarn", "\"lengthM\":420.0", "\"lengthM\":1e999"), "a document"},
            {sealed("yarn", "\"lengthM\":420.0", "\"lengthM\":\"); drop table yarn; --\""), "a document"},
            {sealed("lap", "AFTER_TUBE", "AT_NOON"), "AT_NOON"},
            {sealed("sock_pair", "\"ballGirthMm\"", "\"ball\""), "a plan"},
            {sealed("sock_pair", "\"spec\":{", "\"spec\":{},\"more\":{"), "a plan"},
            {sealed("lap", "\"spec\":{", "\"spec\":{},\"more\":{"), "a plan"},
            {sealed("lap_event", "{\"seq\":1,", "{\"seq\":9223372036854775807,"), "“seq” in the table lap_event"},
            {sealed("foot", "\"created_at\":\"2026", "\"created_at\":\"9926"), "“created at” in the table foot"},
            {sealed("yarn", "\"version\":", "\"version\":-5"), "“version” in the table yarn"},
            {sealed("foot", "}]", "}]" + " ".repeat(50_000)), "damaged"},
            {manifest(m -> ((ObjectNode) m.get("rows")).putNull("foot")), "damaged"},
            {manifest(m -> ((ObjectNode) m.get("entries")).putNull("tables/foot.json")), "damaged"},
            {manifest(m -> m.putNull("counters")), "damaged"},
            {replanned(), "more was counted or changed on one pair"},
        };
    }

    /** One pair of which the plan was changed 400 times. */
    private static UnaryOperator<Map<String, String>> replanned() {
        return entries -> {
            String name = Manifest.entry("lap_event");
            JsonNode first = JSON.readTree(entries.get(name)).get(0);
            StringBuilder more = new StringBuilder();
            for (int i = 0; i < 400; i++) {
                ObjectNode row = (ObjectNode) first.deepCopy();
                row.put("seq", 1_000 + i)
                        .put("id", UUID.randomUUID().toString())
                        .put("kind", "MEASURED");
                row.put("payload", "{\"rounds\": 43, \"spanMm\": 100}");
                more.append(",\n").append(row);
            }
            long rows = JSON.readTree(entries.get(name)).size() + 400;
            Map<String, String> changed =
                    sealed("lap_event", "}]", "}" + more + "]").apply(entries);
            return manifest(m -> ((ObjectNode) m.get("rows")).put("lap_event", rows))
                    .apply(changed);
        };
    }

    private static UnaryOperator<Map<String, String>> manifest(Consumer<ObjectNode> change) {
        return entries -> {
            ObjectNode manifest = (ObjectNode) JSON.readTree(entries.get(Manifest.ENTRY));
            change.accept(manifest);
            entries.put(Manifest.ENTRY, manifest.toString());
            return entries;
        };
    }

    /** Changes a table and gives it the checksum that goes with the change. */
    private static UnaryOperator<Map<String, String>> sealed(String table, String from, String to) {
        return entries -> {
            String name = Manifest.entry(table);
            String changed = entries.get(name).replace(from, to);
            assertThat(changed).as("has " + from).isNotEqualTo(entries.get(name));
            entries.put(name, changed);
            String sum =
                    HexFormat.of().formatHex(BackupWriter.sha256().digest(changed.getBytes(StandardCharsets.UTF_8)));
            return manifest(m -> ((ObjectNode) m.get("entries")).put(name, sum)).apply(entries);
        };
    }

    @Test(dataProvider = "hostile")
    public void whatIsAmissIsRefusedAndChangesNothing(UnaryOperator<Map<String, String>> how, String said) {
        Map<String, String> before = tables(backup(app));
        HttpResponse<String> answer = app.upload("/api/home/incoming", zip(how.apply(entries(backup(app)))));
        assertThat(answer.statusCode()).as("refused with " + said).isEqualTo(422);
        assertThat(Running.json(answer).get("detail").asString()).contains(said);
        assertThat(tables(backup(app))).isEqualTo(before);
    }

    @Test
    public void whatIsNoZipIsRefused() {
        for (byte[] file : new byte[][] {{}, "PK".getBytes(StandardCharsets.UTF_8), zip(Map.of("a", "b"))}) {
            HttpResponse<String> answer = app.upload("/api/home/incoming", file);
            assertThat(answer.statusCode()).isEqualTo(422);
            assertThat(answer.body()).contains("not a backup that Round Pocket made");
        }
    }

    /** A backup of the tables as they were is read for good. */
    @Test
    public void oneThatAnEarlierSchemaMadeIsRead() throws IOException {
        Backups.Kept upgrade = new Backups(new HomeFolder(home), Clock.systemUTC(), ZoneOffset.UTC)
                .list().stream()
                        .filter(each -> each.reason() == Backups.Reason.UPGRADE)
                        .findFirst()
                        .orElseThrow();
        assertThat(upgrade.manifest().schema()).isLessThan(Schema.ofThisProgram());
        JsonNode look = app.json("/api/home/backups/" + upgrade.name() + "/look");
        assertThat(look.get("found")
                        .valueStream()
                        .map(each -> each.get("fate").asString())
                        .distinct())
                .containsExactly("SAME");
    }

    /** A damaged home answers nothing but what can be done about it, until that is done. */
    @Test
    public void aDamagedHomeOffersItsLastBackup() throws IOException {
        Path folder = Running.newHome();
        byte[] backup = backup(app);
        try (Running good = Running.on(folder)) {
            restore(good, backup, "REPLACE");
            good.send("POST", "/api/home/backups", "");
        }
        Path file = new HomeFolder(folder).database().file();
        Files.write(file, Arrays.copyOf(Files.readAllBytes(file), 30_000));
        try (Running damaged = Running.on(folder)) {
            assertThat(damaged.send("GET", "/api/pairs", "").statusCode()).isEqualTo(503);
            JsonNode state = damaged.json("/api/home");
            String offered = state.at("/damage/backup").asString();
            assertThat(offered).startsWith("asked-");
            assertThat(damaged.send(
                                    "POST",
                                    "/api/home/restore",
                                    "{\"source\": \"" + offered + "\", \"mode\": \"REPLACE\"}")
                            .statusCode())
                    .isEqualTo(200);
            assertThat(damaged.json("/api/home").has("damage")).isFalse();
            assertThat(tables(backup(damaged))).isEqualTo(tables(backup));
            assertThat(folder.resolve(state.at("/damage/file").asString())).exists();
            assertThat(damaged.send("POST", "/api/home/empty", "").statusCode()).isEqualTo(204);
        }
        HomeFolder.delete(new HomeFolder(folder).closed()); // as after a kill
        try (Running again = Running.on(folder)) {
            assertThat(again.json("/api/home").has("damage"))
                    .as("what was wanted is no damage")
                    .isFalse();
        }
    }
}
