package roundpocket.app.files;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FeetKept;
import roundpocket.app.home.RestoreCheck;
import roundpocket.app.log.LogNoteKind;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.store.Document;
import roundpocket.app.store.Required;
import roundpocket.app.swatches.SwatchKept;
import roundpocket.app.tubes.TubeKept;
import roundpocket.app.yarns.YarnKept;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.plan.Section;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.WearNote;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whether every plan and every word in a backup is one that this program reads. */
@Component
class RestoredWords implements RestoreCheck {
    private static final List<String> PLANS = List.of("sock_pair", "pair_change", "lap");

    private static final Map<String, Class<?>> DOCUMENTS =
            Map.of("foot", FeetKept.class, "swatch", SwatchKept.class, "yarn", YarnKept.class, "tube", TubeKept.class);

    private static final Map<String, Class<? extends Enum<?>>> WORDS = Map.ofEntries(
            Map.entry("lap.heel_when", HeelWhen.class),
            Map.entry("log_note.kind", LogNoteKind.class),
            Map.entry("log_note.fit", FitNote.class),
            Map.entry("log_note.wear", WearNote.class),
            Map.entry("log_note.section", Section.class));

    private final JsonMapper mapper;

    RestoredWords(JsonMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public void check(Connection backup) throws SQLException {
        try (Statement statement = backup.createStatement()) {
            for (String table : PLANS) {
                try (ResultSet row =
                        statement.executeQuery("select distinct spec from " + table + " where spec is not null")) {
                    while (row.next()) {
                        plan(table, row.getString(1));
                    }
                }
            }
            for (Map.Entry<String, Class<?>> each : DOCUMENTS.entrySet()) {
                try (ResultSet row = statement.executeQuery("select document from " + each.getKey())) {
                    while (row.next()) {
                        document(each.getKey(), row.getString(1), each.getValue());
                    }
                }
            }
            for (Map.Entry<String, Class<? extends Enum<?>>> each : WORDS.entrySet()) {
                int dot = each.getKey().indexOf('.');
                String table = each.getKey().substring(0, dot);
                String column = each.getKey().substring(dot + 1);
                Set<String> known = Arrays.stream(each.getValue().getEnumConstants())
                        .map(Enum::name)
                        .collect(Collectors.toSet());
                try (ResultSet row = statement.executeQuery(
                        "select distinct " + column + " from " + table + " where " + column + " is not null")) {
                    while (row.next()) {
                        if (!known.contains(row.getString(1))) {
                            throw unknown(table, row.getString(1));
                        }
                    }
                }
            }
        }
    }

    private void document(String table, String document, Class<?> type) {
        try {
            if (finite(mapper.valueToTree(Document.read(document, type)))) {
                return;
            }
        } catch (JacksonException unreadable) {
            // said below
        }
        throw unknown(table, "a document");
    }

    private static boolean finite(JsonNode value) {
        return value.isNumber()
                ? Double.isFinite(value.doubleValue())
                : value.valueStream().allMatch(RestoredWords::finite);
    }

    private void plan(String table, String spec) {
        try {
            planned(mapper.readValue(spec, SpecPart.class).moved());
        } catch (RuntimeException unreadable) {
            throw unknown(table, "a plan");
        }
    }

    /** What later limits refuse may stand there, and says so where it is shown; what cannot even be made a plan may not. */
    private static void planned(SpecPart spec) {
        try {
            spec.toCore().plan();
        } catch (Refusal said) {
            if (said.problems().stream().anyMatch(problem -> problem.code().equals(Required.MISSING))) {
                throw said;
            }
        }
    }

    private static Refusal unknown(String table, String what) {
        return new Refusal(List.of(new Problem(
                "backup",
                "file",
                "In this backup, the table " + table + " holds something that Round Pocket can’t read: " + what + ".",
                "Nothing was changed. Choose an earlier backup.",
                Map.of())));
    }
}
