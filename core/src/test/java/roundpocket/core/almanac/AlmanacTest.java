package roundpocket.core.almanac;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.almanac.Almanac.Entry;
import roundpocket.core.almanac.Almanac.Kind;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Origin;
import roundpocket.core.explain.Provenance;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.Tracing;
import roundpocket.core.plan.PlanRules;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.PlacingSchool;

public class AlmanacTest {
    private static final List<Entry> ENTRIES = Almanac.entries();

    private static Set<String> ids(Kind kind) {
        return ENTRIES.stream().filter(e -> e.kind() == kind).map(Entry::id).collect(Collectors.toSet());
    }

    @Test
    public void everyEntryHasAnIdOfItsOwnWordsAndASource() {
        assertThat(ENTRIES).extracting(Entry::id).doesNotHaveDuplicates();
        assertThat(ENTRIES).allSatisfy(entry -> {
            assertThat(entry.title()).isNotBlank();
            assertThat(entry.text()).isNotBlank();
            assertThat(entry.source().text()).isNotBlank();
        });
        assertThat(ENTRIES).extracting(e -> e.source().provenance()).contains(Provenance.values());
        assertThat(ids(Kind.SCHOOL)).hasSizeGreaterThan(40);
    }

    @Test
    public void everySchoolStandsInIt() {
        for (ShapingSchool school : ShapingSchool.values()) {
            assertThat(ids(Kind.SCHOOL)).contains("school.ShapingSchool." + school.name());
        }
        for (PlacingSchool school : PlacingSchool.values()) {
            assertThat(ids(Kind.SCHOOL)).contains("school.PlacingSchool." + school.name());
        }
    }

    /** Every rule and every constant that a working names is an entry, over plans of all schools. */
    @Test
    public void everyWorkingNamesAnEntry() {
        Random random = new Random(3);
        Set<String> rulesUsed = new TreeSet<>();
        Set<String> constantsUsed = new TreeSet<>();
        Set<Step> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        for (int i = 0; i < 500; i++) {
            SockSpec spec = i < 400 ? Specs.anySchool(random) : Specs.randomStriped(random);
            try {
                Specs.figures((i % 10 == 0 ? traced(spec) : spec).plan())
                        .forEach(step -> walk(step, seen, rulesUsed, constantsUsed));
            } catch (Refusal noRoom) {
                continue; // what is refused has no working
            }
        }
        assertThat(ids(Kind.RULE)).containsAll(rulesUsed);
        List<String> labels = PlanRules.CONSTANTS.stream().map(Constant::label).toList();
        assertThat(labels).containsAll(constantsUsed);
        Set<String> never =
                new TreeSet<>(PlanRules.EVERY.stream().map(rule -> rule.id()).toList());
        never.removeAll(rulesUsed);
        // what only answers to questions and doubts use, and what feet, tubes and weighings of other tests have
        assertThat(never)
                .containsExactly(
                        "fit.heel-share",
                        "foot.ball-guessed",
                        "foot.difference",
                        "foot.shoe-eu",
                        "foot.shoe-uk",
                        "foot.shoe-us-men",
                        "foot.shoe-us-women",
                        "sock.girth-for",
                        "swatch.apart",
                        "swatch.rounds-per-stitch",
                        "tube.from-mass",
                        "tube.usual-leg",
                        "yarn.off-the-model");
    }

    private static SockSpec traced(SockSpec spec) {
        Foot foot = spec.feet().first();
        double width = 0.4 * foot.ballGirthMm().orElseThrow();
        return spec.withFeet(Feet.both(foot.traced(new Tracing(width, 0.3 * width, 0.4 * width))));
    }

    private static void walk(Step step, Set<Step> seen, Set<String> rules, Set<String> constants) {
        if (!seen.add(step)) {
            return;
        }
        if (step instanceof Computed computed) {
            rules.add(computed.rule().id());
            computed.ownUncertainty().ifPresent(own -> walk(own, seen, rules, constants));
        }
        if (step instanceof Given given && given.origin() == Origin.CONSTANT) {
            constants.add(given.label());
        }
        step.inputs().forEach(input -> walk(input, seen, rules, constants));
    }

    /** RuleAsked by their names, rules give what was worked out by hand beside each of them. */
    @Test
    public void everyRuleIsAskedDirectly() {
        int asked = 0;
        for (Almanac.Entry entry : Almanac.entries()) {
            Optional<Rule> rule = Almanac.rule(entry.id());
            if (rule.isPresent()) {
                RuleAsked example = RuleAsked.example(rule.get());
                assertThat(example.result())
                        .as(entry.id())
                        .isCloseTo(
                                rule.get().example().result(),
                                within(rule.get().example().tolerance()));
                assertThat(example.names()).hasSameSizeAs(example.in()).doesNotHaveDuplicates();
                asked++;
            }
        }
        assertThat(asked).isGreaterThan(100);
    }

    /** Whatever is typed, a rule answers with a number or says that there is none. */
    @Test
    public void noNumbersBreakARule() {
        double[] hostile = {0, -1, 1e-300, 1e308, -1e308, 0.5, 7, Double.NaN, Double.POSITIVE_INFINITY};
        Random random = new Random(5);
        for (Almanac.Entry entry : Almanac.entries()) {
            Rule rule = Almanac.rule(entry.id()).orElse(null);
            for (int i = 0; rule != null && i < 60; i++) {
                int inputs = rule.example().in().size();
                List<Double> in = random.doubles(inputs)
                        .mapToObj(any -> hostile[random.nextInt(hostile.length)])
                        .toList();
                try {
                    assertThat(RuleAsked.of(rule, in).result()).isFinite();
                } catch (Refusal refusal) {
                    assertThat(refusal.problems()).hasSize(1);
                }
            }
        }
    }

    @Test
    public void aRuleTakesAsManyNumbersAsItNames() {
        Rule rule = Almanac.rule("tube.out-by").orElseThrow();
        assertThat(RuleAsked.of(rule, List.of(230.0, 240.0)).result()).isEqualTo(-10);
        assertThatThrownBy(() -> RuleAsked.of(rule, List.of(230.0)))
                .hasMessageContaining("This rule takes 2 numbers (you gave 1).")
                .hasMessageContaining("sock, wanted");
        assertThat(Almanac.rule("no.such")).isEmpty();
    }
}
