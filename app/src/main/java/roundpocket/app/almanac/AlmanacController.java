package roundpocket.app.almanac;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.plans.Workings;
import roundpocket.app.plans.WorkingsView;
import roundpocket.app.store.NotStoredException;
import roundpocket.core.almanac.Almanac;
import roundpocket.core.almanac.Almanac.Kind;
import roundpocket.core.almanac.Calculator;
import roundpocket.core.almanac.Calculator.Answer;
import roundpocket.core.almanac.RuleAsked;
import roundpocket.core.explain.Rule;
import tools.jackson.databind.json.JsonMapper;

/** The almanac over HTTP. */
@RestController
@RequestMapping("/api/almanac")
public class AlmanacController {
    private final JsonMapper mapper;

    AlmanacController(JsonMapper mapper) {
        this.mapper = mapper;
    }

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

    /**
     * What a rule makes of numbers, in the order of the names in its formula.
     *
     * @param id the rule, by its stable name
     * @param in the numbers: lengths in millimetres, weights in grams, gauges per 10 cm; without any, the rule's own example
     */
    @GetMapping("/rules/{id}")
    public RuleAsked asked(@PathVariable String id, @RequestParam(required = false) @Nullable List<Double> in) {
        Rule rule = Almanac.rule(id).orElseThrow(() -> new NotStoredException("rule"));
        return in == null || in.isEmpty() ? RuleAsked.example(rule) : RuleAsked.of(rule, in);
    }

    /** The small calculators, each with what it asks and what it answers to the usual numbers. */
    @GetMapping("/calculators")
    public List<CalculatorView> calculators() {
        return Stream.of(Calculator.values()).map(CalculatorView::of).toList();
    }

    /**
     * What a small calculator answers.
     *
     * @param in a number for each of its questions, in their order: lengths in millimetres, gauges per 10 cm, shares as ratios
     */
    @GetMapping("/calculators/{id}")
    public List<Answer> answers(@PathVariable Calculator id, @RequestParam List<Double> in) {
        return id.answers(in);
    }

    /**
     * How the figures that a small calculator answers came about, at the numbers that they name.
     *
     * @param in a number for each of its questions, as it was asked
     */
    @GetMapping("/calculators/{id}/workings")
    public WorkingsView workings(@PathVariable Calculator id, @RequestParam List<Double> in) {
        return Workings.of(answers(id, in), mapper);
    }
}
