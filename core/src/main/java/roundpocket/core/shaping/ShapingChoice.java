package roundpocket.core.shaping;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * How a heel or a toe is to be shaped. What is left empty is as usual.
 *
 * @param school the school; usually the wedge
 * @param plainRounds plain rounds before the first decrease, 0 to 30
 * @param leaning which way the decreases lean; usually towards the middle
 * @param edgeStitch whether a stitch is knitted outside each decrease; usually so
 * @param phases one to eight phases of the knitter's own school; none for any other
 * @param plainBeforeClose the knitter's own school: whether the plain rounds after the last decrease are worked
 * @param close graft or draw-through; usually graft, and a draw-through where the school ends in a ring
 * @param parity what to do where a side count is not reached by twos; usually the one below
 */
public record ShapingChoice(
        Optional<ShapingSchool> school,
        OptionalInt plainRounds,
        Optional<Leaning> leaning,
        Optional<Boolean> edgeStitch,
        List<Phase> phases,
        Optional<Boolean> plainBeforeClose,
        Optional<Close> close,
        Optional<Parity> parity) {
    private static final int MOST_PHASES = 8;
    private static final Limit PLAIN = new Limit(
            "shaping.plain.range",
            0,
            30,
            Unit.ROUNDS,
            "Plain rounds before the first decrease must be {min} to {max} (you entered {found}).",
            "0, 1, 4 or 5 are usual.");

    public ShapingChoice {
        phases = List.copyOf(phases);
        Problems problems = new Problems();
        plainRounds.ifPresent(rounds -> problems.checkRange("plainRounds", rounds, PLAIN));
        boolean own = school.filter(s -> s == ShapingSchool.OWN).isPresent();
        if (own && (phases.isEmpty() || phases.size() > MOST_PHASES)) {
            problems.add(problem(
                    "phases",
                    "phases",
                    "A shaping of your own needs 1 to {max} phases (there are {found}).",
                    "Say how often to decrease and when to stop.",
                    phases.size()));
        }
        if (!own && !phases.isEmpty()) {
            problems.add(problem(
                    "phases",
                    "phases",
                    "Only a shaping of your own has phases; {found} were given.",
                    "Choose your own, or leave the phases out.",
                    phases.size()));
        }
        if (close.filter(c -> c == Close.DRAW_THROUGH).isPresent()
                && !school.orElse(ShapingSchool.WEDGE).mayDrawThrough()) {
            problems.add(problem(
                    "close",
                    "close",
                    "The " + school.orElse(ShapingSchool.WEDGE).title() + " ends too wide to cinch; it is grafted.",
                    "Graft it, or use the three-speed round, the spiral in four or a shaping of your own.",
                    0));
        }
        if (close.filter(c -> c == Close.GRAFT).isPresent()
                && school.filter(ShapingSchool::inSections).isPresent()) {
            problems.add(problem(
                    "close",
                    "close",
                    "The " + ShapingSchool.SPIRAL.title() + " ends in a ring of a few stitches; it is cinched.",
                    "Cinch it, or take a wedge to graft.",
                    0));
        }
        problems.throwIfAny();
    }

    private static Problem problem(String code, String field, String template, String remedy, int found) {
        return new Problem(
                "shaping." + code,
                field,
                template,
                remedy,
                Map.of("found", new Amount(found, Unit.NUMBER), "max", new Amount(MOST_PHASES, Unit.NUMBER)));
    }

    /** Plain rounds before the first decrease. */
    public static Limit plainLimit() {
        return PLAIN;
    }

    /** Everything as usual. */
    public static ShapingChoice usual() {
        return of(Optional.empty(), OptionalInt.empty());
    }

    /** A school with so many plain rounds, all else as usual. */
    public static ShapingChoice of(ShapingSchool school, int plainRounds) {
        return of(Optional.of(school), OptionalInt.of(plainRounds));
    }

    /** The usual school with so many plain rounds. */
    public static ShapingChoice plain(int plainRounds) {
        return of(Optional.empty(), OptionalInt.of(plainRounds));
    }

    /** A shaping of the knitter's own. */
    public static ShapingChoice own(int plainRounds, boolean plainBeforeClose, Close close, List<Phase> phases) {
        return new ShapingChoice(
                Optional.of(ShapingSchool.OWN),
                OptionalInt.of(plainRounds),
                Optional.empty(),
                Optional.empty(),
                phases,
                Optional.of(plainBeforeClose),
                Optional.of(close),
                Optional.empty());
    }

    private static ShapingChoice of(Optional<ShapingSchool> school, OptionalInt plainRounds) {
        return new ShapingChoice(
                school,
                plainRounds,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public ShapingChoice withSchool(ShapingSchool other) {
        return new ShapingChoice(
                Optional.of(other), plainRounds, leaning, edgeStitch, phases, plainBeforeClose, close, parity);
    }

    public ShapingChoice withPlainRounds(int rounds) {
        return new ShapingChoice(
                school, OptionalInt.of(rounds), leaning, edgeStitch, phases, plainBeforeClose, close, parity);
    }

    public ShapingSchool schoolTaken() {
        return school.orElse(ShapingSchool.WEDGE);
    }

    public Leaning leaningTaken() {
        return leaning.orElse(Leaning.TOWARDS_MIDDLE);
    }

    public Close closeTaken() {
        return close.orElse(schoolTaken().usualClose());
    }

    public boolean edgeTaken() {
        return edgeStitch.orElse(true);
    }

    boolean keepsLastPlain() {
        return schoolTaken() == ShapingSchool.OWN
                ? plainBeforeClose.orElse(true)
                : schoolTaken().plainBeforeClose();
    }

    public Parity parityTaken() {
        return parity.orElse(Parity.BELOW);
    }
}
