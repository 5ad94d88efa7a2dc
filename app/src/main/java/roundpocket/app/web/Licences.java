package roundpocket.app.web;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whose work ships with the application, and under which licences: read from what the builds noted. */
@RestController
class Licences {
    private static final String SERVER = "/META-INF/sbom/application.cdx.json";
    private static final String PAGES = "/META-INF/resources/licences.json";
    private static final String OWN = "roundpocket";

    private final JsonMapper mapper;

    Licences(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * A library or a font.
     *
     * @param licence its SPDX name, or several
     * @param text the whole licence, where it came along
     */
    record LicenceView(
            String name,
            String version,
            String licence,
            @Nullable String text) {}

    /** All of them, by name. */
    @GetMapping("/api/licences")
    List<LicenceView> all() throws IOException {
        List<LicenceView> all = new ArrayList<>();
        for (JsonNode library : read(SERVER).path("components")) {
            if (!library.path("group").asString("").equals(OWN)) {
                all.add(new LicenceView(
                        library.path("name").asString(""),
                        library.path("version").asString(""),
                        named(library),
                        null));
            }
        }
        for (JsonNode library : read(PAGES)) {
            all.add(new LicenceView(
                    library.path("name").asString(""),
                    library.path("version").asString(""),
                    library.path("identifier").asString(""),
                    library.path("text").asString(null)));
        }
        all.sort(Comparator.comparing(LicenceView::name));
        return all;
    }

    /** One of several may be chosen. */
    private static String named(JsonNode library) {
        return library.path("licenses")
                .valueStream()
                .map(each -> each.path("license")
                        .path("id")
                        .asString(each.path("license")
                                .path("name")
                                .asString(each.path("expression").asString(""))))
                .collect(Collectors.joining(" or "));
    }

    private JsonNode read(String what) throws IOException {
        // A program built without a network has no list of what ships with it, and answers all the same.
        try (InputStream in = Licences.class.getResourceAsStream(what)) {
            return in == null ? mapper.createObjectNode() : mapper.readTree(in);
        }
    }
}
