package roundpocket.app;

import java.io.Console;
import java.io.IOException;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import roundpocket.app.home.HomeFolder;
import roundpocket.app.home.HomeTrouble;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Makes a backup or puts one back from the command line: through the Round Pocket that has the home open, or through one
 * that is started for it.
 */
final class HomeCommand {
    static final Set<String> NAMES = Set.of("backup", "restore");

    private static final Map<String, String> MODES = Map.of("--take", "MERGE_TAKING_CLASHES", "--replace", "REPLACE");

    private final HomeFolder home;
    private final PrintStream out;
    private final String port;
    private final HttpClient http = HttpClient.newHttpClient();
    private final JsonMapper mapper = new JsonMapper();

    private HomeCommand(HomeFolder home, PrintStream out, String port) {
        this.home = home;
        this.out = out;
        this.port = port;
    }

    /** Runs {@code backup [file]} or {@code restore file}; gives 0 where it was done. */
    static int run(String... args) {
        try {
            return tried(new ArrayList<>(List.of(args)));
        } catch (HomeTrouble trouble) {
            System.err.println("pocket: " + trouble.getMessage() + " " + trouble.remedy());
        } catch (IOException cannot) {
            System.err.println("pocket: " + cannot.getMessage());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        return 1;
    }

    private static int tried(List<String> args) throws IOException, InterruptedException {
        String command = args.remove(0);
        String path = option(args, "--home");
        HomeFolder home =
                new HomeFolder(Path.of(path == null ? System.getProperty("user.home") + "/.round-pocket" : path)
                        .toAbsolutePath());
        boolean yes = args.remove("--yes");
        Optional<String> mode = MODES.keySet().stream().filter(args::remove).findFirst();
        String file = args.isEmpty() ? null : args.get(0);
        if (command.equals("backup") && !home.hasData()) {
            throw new HomeTrouble(
                    "There is no Round Pocket data in " + home.path() + ".",
                    "Check the folder after --home; nothing was made there.");
        }
        if (home.free()) {
            try (ConfigurableApplicationContext own = new SpringApplicationBuilder(RoundPocketApplication.class)
                    .run(
                            "--pocket.home=" + home.path(),
                            "--server.port=0",
                            "--logging.level.root=error",
                            "--logging.level.roundpocket=error")) {
                String port = String.valueOf(own.getEnvironment().getProperty("local.server.port"));
                return new HomeCommand(home, System.out, port).run(command, file, mode, yes);
            }
        }
        return new HomeCommand(home, System.out, home.portInUse()).run(command, file, mode, yes);
    }

    private static @Nullable String option(List<String> args, String name) {
        int at = args.indexOf(name);
        if (at < 0 || at + 1 >= args.size()) {
            return null;
        }
        args.remove(at);
        return args.remove(at);
    }

    private int run(String command, @Nullable String file, Optional<String> mode, boolean yes)
            throws IOException, InterruptedException {
        if (command.equals("backup")) {
            return backup(file);
        }
        if (file == null) {
            throw new HomeTrouble("It takes the file to put back.", "./pocket restore FILE");
        }
        return restore(Path.of(file), mode.map(MODES::get).orElse("MERGE"), yes);
    }

    private int backup(@Nullable String file) throws IOException, InterruptedException {
        JsonNode made = json("POST", "/api/home/backups", BodyPublishers.noBody());
        Path kept = home.path().resolve("backups").resolve(made.get("name").asString());
        Path where = kept;
        if (file != null) {
            where = Path.of(file).toAbsolutePath();
            Files.copy(kept, where, StandardCopyOption.REPLACE_EXISTING);
        }
        out.println("Backup made: " + where);
        out.println(made.get("pairs").asLong() + " pairs, " + made.get("feet").asLong() + " feet, "
                + made.get("yarns").asLong() + " yarns, " + made.get("presses").asLong() + " presses and notes.");
        return 0;
    }

    private int restore(Path file, String mode, boolean yes) throws IOException, InterruptedException {
        if (!Files.isRegularFile(file)) {
            throw new HomeTrouble(
                    "There is no file " + file + ".",
                    "Name a backup; those made by themselves are in "
                            + home.path().resolve("backups") + ".");
        }
        JsonNode look = json("POST", "/api/home/incoming", BodyPublishers.ofFile(file));
        Map<String, Long> fates = look.get("found")
                .valueStream()
                .collect(Collectors.groupingBy(
                        each -> each.get("fate").asString(), TreeMap::new, Collectors.counting()));
        out.println("Backup of " + look.get("made").asString() + ":");
        out.println("  to be added: " + fates.getOrDefault("ADD", 0L));
        out.println("  newer in the backup: " + fates.getOrDefault("RENEW", 0L));
        out.println("  changed here later: " + fates.getOrDefault("CLASH", 0L)
                + (mode.equals("MERGE")
                        ? " (stay as they are here; --take takes the backup’s)"
                        : " (the backup’s is taken)"));
        out.println("  the same: " + fates.getOrDefault("SAME", 0L));
        out.println("  only here: " + look.get("here").asInt()
                + (mode.equals("REPLACE") ? " (go: --replace was said)" : " (stay)"));
        if (!yes && !agreed()) {
            out.println("Nothing was changed.");
            return 1;
        }
        JsonNode done = json(
                "POST",
                "/api/home/restore",
                BodyPublishers.ofString(
                        "{\"source\": \"" + look.get("source").asString() + "\", \"mode\": \"" + mode + "\"}"));
        out.println("Done: " + done.get("added").asInt() + " added, "
                + done.get("renewed").asInt() + " replaced, " + done.get("left").asInt()
                + " left as they are.");
        if (done.has("before")) {
            out.println("What was here before is kept in "
                    + home.path().resolve("backups").resolve(done.get("before").asString()) + ".");
        }
        return 0;
    }

    /** Asks, where there is somebody to ask. */
    private static boolean agreed() {
        Console console = System.console();
        if (console == null) {
            throw new HomeTrouble("Nobody is there to ask.", "Say --yes to put it back without being asked.");
        }
        String answer = console.readLine("Put it back? [y/N] ");
        return answer != null && answer.strip().equalsIgnoreCase("y");
    }

    private JsonNode json(String method, String path, BodyPublisher body) throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .header("Pocket-Token", home.secretInUse())
                        .header("Content-Type", path.endsWith("incoming") ? "application/zip" : "application/json")
                        .method(method, body)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        JsonNode json = mapper.readTree(answer.body());
        if (answer.statusCode() >= 400) {
            throw new HomeTrouble(json.path("detail").asString("It was refused."), "");
        }
        return json;
    }
}
