package roundpocket.core.ready;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * What is left of a tube, and what it would still make.
 *
 * @param rounds its rounds
 * @param length its length, in millimetres
 * @param metres metres of yarn in it
 * @param grams its mass, in grams
 * @param uses what it is enough for
 */
public record Remnant(Step rounds, Step length, Step metres, Step grams, List<Use> uses) {
    /** What a remnant is enough for. */
    public enum Use implements Named {
        HEELS_TOES_CUFFS(
                "heels, toes and cuffs of another pair", remnant -> remnant.grams >= ReadyRules.CONTRAST.value()),
        HEELS("both heels of another pair", remnant -> remnant.grams >= ReadyRules.HEELS.value()),
        WRIST_WARMERS("a pair of wrist warmers", remnant -> remnant.length >= ReadyRules.WRIST_WARMERS.value()),
        HAT(
                "a newborn’s hat",
                remnant -> remnant.length >= ReadyRules.HAT_LENGTH.value()
                        && remnant.girth * ReadyRules.HAT_STRETCH.value() >= ReadyRules.HAT_GIRTH.value()),
        SWATCH("a swatch", remnant -> remnant.length >= ReadyRules.SWATCH.value());

        private final String title;
        private final Predicate<Size> enough;

        Use(String title, Predicate<Size> enough) {
            this.title = title;
            this.enough = enough;
        }

        @Override
        public String title() {
            return title;
        }
    }

    private record Size(double length, double girth, double grams) {}

    public Remnant {
        uses = List.copyOf(uses);
    }

    /** What so many rounds of a tube are. */
    public static Remnant of(TubeStock.Known tube, int count) {
        Step rounds = Given.tried("rounds left over", count, Unit.ROUNDS);
        Step length = tube.lengthOf("length left over", rounds);
        Step metres = tube.metres(rounds);
        Step grams = tube.grams(metres);
        Size size = new Size(length.value(), tube.girthMm(), grams.value());
        List<Use> uses =
                Arrays.stream(Use.values()).filter(use -> use.enough.test(size)).toList();
        return new Remnant(rounds, length, metres, grams, uses);
    }
}
