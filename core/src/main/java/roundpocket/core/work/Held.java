package roundpocket.core.work;

/**
 * Live loops.
 *
 * @param by what holds them
 * @param loops how many, 1 or more
 */
public record Held(Holder by, int loops) {
    Held by(Holder other) {
        return new Held(other, loops);
    }

    Held counting(int number) {
        return new Held(by, number);
    }
}
