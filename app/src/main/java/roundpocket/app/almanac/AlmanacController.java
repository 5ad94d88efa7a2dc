package roundpocket.app.almanac;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.core.almanac.Almanac;
import roundpocket.core.almanac.Almanac.Kind;

/** The almanac over HTTP. */
@RestController
@RequestMapping("/api/almanac")
public class AlmanacController {
    /**
     * The entries, in the order of the work.
     *
     * @param kind only entries of this kind
     * @param words only entries in which all of these words occur
     */
    @GetMapping
    public List<AlmanacEntryView> entries(
            @RequestParam(required = false) @Nullable Kind kind,
            @RequestParam(required = false) @Nullable String words) {
        String[] wanted = words == null
                ? new String[0]
                : words.toLowerCase(Locale.ROOT).strip().split("\\s+");
        return Almanac.entries().stream()
                .filter(entry -> kind == null || entry.kind() == kind)
                .map(AlmanacEntryView::of)
                .filter(entry -> entry.hasAll(wanted))
                .toList();
    }
}
