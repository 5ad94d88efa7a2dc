package roundpocket.app.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import roundpocket.app.devices.Scale.Reading;
import roundpocket.core.explain.Refusal;

/** The stand-in behaves as a kitchen scale does. */
public class ScaleTest {
    private long nanos;
    private SimulatedScale scale;

    @BeforeMethod
    public void plugIn() {
        nanos = 0;
        scale = new SimulatedScale(() -> nanos, new Random(3));
    }

    /** Readings until it is steady, at most 40 of them; the last of them. */
    private Reading settled() {
        Reading reading = scale.read();
        for (int i = 0; i < 40 && !reading.steady(); i++) {
            nanos += 150_000_000;
            reading = scale.read();
        }
        assertThat(reading.steady()).isTrue();
        return reading;
    }

    @Test
    public void itTakesAMomentToSettle() {
        settled();
        scale.put(48.2);
        nanos += 150_000_000;
        Reading early = scale.read();
        assertThat(early.grams()).isBetween(5, 40);
        assertThat(early.steady()).isFalse();
        assertThat(settled().grams()).isEqualTo(48);
    }

    @Test
    public void itIsTaredWithTheBowlOnIt() {
        scale.put(212);
        settled();
        scale.tare();
        assertThat(settled().grams()).isZero();
        scale.put(212 + 37);
        assertThat(settled().grams()).isEqualTo(37);
        scale.put(0);
        assertThat(settled().grams()).isEqualTo(-212);
    }

    /** Between two whole grams it may show either, and is seldom steady for it. */
    @Test
    public void betweenTwoGramsItWavers() {
        scale.put(50.5);
        nanos += 5_000_000_000L;
        int fifties = 0;
        for (int i = 0; i < 400; i++) {
            int grams = scale.read().grams();
            assertThat(grams).isIn(50, 51);
            fifties += grams == 50 ? 1 : 0;
        }
        assertThat(fifties).isBetween(100, 300);
    }

    @Test
    public void itRefusesWhatItCannotCarry() {
        for (double grams : new double[] {-1, 5001, Double.NaN, Double.POSITIVE_INFINITY}) {
            assertThatThrownBy(() -> scale.put(grams)).isInstanceOf(Refusal.class);
        }
    }
}
