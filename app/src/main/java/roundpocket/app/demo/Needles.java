package roundpocket.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FootView;
import roundpocket.app.laps.LapEvent;
import roundpocket.app.laps.LapViews.LapWorkView;
import roundpocket.app.laps.Laps;
import roundpocket.app.pairs.PairWrite;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.ChoicesPart;
import roundpocket.app.plans.FinishPart;
import roundpocket.app.plans.ShapingPart;
import roundpocket.app.plans.SizePart;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.TubePart;
import roundpocket.app.swatches.SwatchView;
import roundpocket.app.yarns.YarnView;

/** The ringers' needles: pairs are planned on them, and pressed as their knitter presses them. */
@Component
@Lazy
class Needles {
    static final String DEVICE = "the demo";

    private final PairsShelf pairs;
    private final Laps laps;

    Needles(PairsShelf pairs, Laps laps) {
        this.pairs = pairs;
        this.laps = laps;
    }

    /**
     * When somebody knits.
     *
     * @param first when the first evening begins
     * @param rounds presses of an evening; the next is two days later
     * @param seconds of a press
     */
    record Evenings(String first, int rounds, int seconds) {
        Instant at(int press) {
            return Instant.parse(first)
                    .plus(Duration.ofDays(2L * (press / rounds)))
                    .plusSeconds((long) seconds * (press % rounds));
        }
    }

    UUID keep(String name, FootView foot, SwatchView swatch, YarnView yarn, @Nullable ChoicesPart choices) {
        SpecPart spec = new SpecPart(
                        foot.kept().foot(), swatch.kept().swatch(), yarn.kept().yarn(), choices)
                .striped(yarn.striping());
        return pairs.create(new PairWrite(null, name, spec, foot.id(), swatch.id(), yarn.id(), null))
                .id();
    }

    void hear(UUID pair, LapEvent... events) {
        laps.hear(pair, List.of(events));
    }

    /** So many presses, one after another; on both socks where they are knitted two at a time. */
    void press(UUID pair, int sock, boolean both, int presses, Evenings evenings) {
        List<LapEvent> pressed = new ArrayList<>();
        for (int i = 0; i < presses; i++) {
            pressed.add(new LapEvent.Done(UUID.randomUUID(), sock, DEVICE, evenings.at(i), both ? true : null));
        }
        laps.hear(pair, pressed);
    }

    static LapEvent jumped(int sock, int to, String at) {
        return new LapEvent.Jumped(UUID.randomUUID(), sock, DEVICE, Instant.parse(at), to, null);
    }

    static LapEvent weighed(int sock, double grams, String at) {
        return LapEvent.Weighed.of(UUID.randomUUID(), sock, DEVICE, Instant.parse(at), grams);
    }

    /** The position at which a step of the first sock begins. */
    int start(UUID pair, String id) {
        LapWorkView work = laps.view(pair).works().get(0);
        for (int i = 0; i < work.steps().size(); i++) {
            if (work.steps().get(i).id().equals(id)) {
                return work.starts().get(i);
            }
        }
        throw new IllegalStateException("no step " + id);
    }

    /** All presses of a sock. */
    int presses(UUID pair, int sock) {
        return laps.view(pair).works().get(sock - 1).presses();
    }

    static ChoicesPart choices(
            @Nullable Double ease,
            double legMm,
            @Nullable ShapingPart heel,
            @Nullable ShapingPart toe,
            @Nullable Integer cuffRounds) {
        return new ChoicesPart(
                ease == null ? null : new SizePart(ease, null, null),
                new TubePart(null, null, null, legMm, null, null),
                heel,
                toe,
                null,
                null,
                cuffRounds == null ? null : new FinishPart(cuffRounds, null, null, null),
                null,
                null,
                null,
                null);
    }
}
