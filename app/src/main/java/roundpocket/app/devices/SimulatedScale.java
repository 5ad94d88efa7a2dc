package roundpocket.app.devices;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/**
 * A stand-in for a kitchen scale: it shows whole grams, takes a moment to settle when something is put on it, and trembles
 * a little all the while.
 */
@Component
class SimulatedScale implements Scale {
    static final double MOST_G = 5000;

    /** After so long, all but a third of a change is shown. */
    private static final double SETTLING_S = 0.35;

    private static final double TREMBLE_G = 0.12;
    private static final int ALIKE_WHEN_STEADY = 5;

    private final LongSupplier nanos;
    private final Random tremble;
    private final Deque<Integer> last = new ArrayDeque<>();
    private double from;
    private double to;
    private double zero;
    private long changedAt;

    @Autowired
    SimulatedScale() {
        this(System::nanoTime, new Random());
    }

    SimulatedScale(LongSupplier nanos, Random tremble) {
        this.nanos = nanos;
        this.tremble = tremble;
        this.changedAt = nanos.getAsLong();
    }

    /** Puts so much on it in the place of what lay there, 0 to 5000 g. */
    synchronized void put(double grams) {
        if (!(grams >= 0 && grams <= MOST_G)) {
            throw new Refusal(List.of(
                    new Problem("scale.range", "grams", "This scale takes 0 to 5000 g.", "Put less on it.", Map.of())));
        }
        from = settling();
        to = grams;
        changedAt = nanos.getAsLong();
        last.clear();
    }

    @Override
    public synchronized void tare() {
        zero = settling();
        last.clear();
    }

    @Override
    public synchronized Reading read() {
        int shown = (int) Math.round(settling() - zero + TREMBLE_G * tremble.nextGaussian());
        last.addLast(shown);
        if (last.size() > ALIKE_WHEN_STEADY) {
            last.removeFirst();
        }
        boolean steady = last.size() == ALIKE_WHEN_STEADY
                && last.stream().allMatch(each -> each == shown)
                && Math.abs(settling() - to) < 0.5;
        return new Reading(shown, steady);
    }

    /** Grams that press on it by now. */
    private double settling() {
        double seconds = (nanos.getAsLong() - changedAt) / 1e9;
        return to + (from - to) * Math.exp(-seconds / SETTLING_S);
    }
}
