package roundpocket.app.demo;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootView;
import roundpocket.app.feet.FootWrite;
import roundpocket.app.pairs.PairWrite;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.ChoicesPart;
import roundpocket.app.plans.FinishPart;
import roundpocket.app.plans.FootPart;
import roundpocket.app.plans.ReadingPart;
import roundpocket.app.plans.ShapingPart;
import roundpocket.app.plans.SizePart;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.plans.TubePart;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.swatches.SwatchView;
import roundpocket.app.swatches.SwatchWrite;
import roundpocket.app.swatches.SwatchesShelf;
import roundpocket.app.yarns.YarnView;
import roundpocket.app.yarns.YarnWrite;
import roundpocket.app.yarns.YarnsShelf;

/**
 * Fills an empty home with three ringers, two yarns and three pairs. Leaves a home alone that has a pair in it.
 * Done before the first request is taken, so that nobody sees the basket half full.
 */
@Component
@ConditionalOnProperty("pocket.demo")
class RingersDemo implements SmartInitializingSingleton {
    private final FeetShelf feet;
    private final SwatchesShelf swatches;
    private final YarnsShelf yarns;
    private final PairsShelf pairs;

    RingersDemo(FeetShelf feet, SwatchesShelf swatches, YarnsShelf yarns, PairsShelf pairs) {
        this.feet = feet;
        this.swatches = swatches;
        this.yarns = yarns;
        this.pairs = pairs;
    }

    @Override
    @Transactional
    public void afterSingletonsInstantiated() {
        if (!pairs.list().isEmpty()) {
            return;
        }
        FootView marit = feet.create(new FootWrite("Marit", new FootPart(246, 231)));
        FootView odd = feet.create(new FootWrite("Odd", new FootPart(288, 272)));
        FootView pia = feet.create(new FootWrite("Pia", new FootPart(172, 168)));

        YarnView bellrope = yarns.create(new YarnWrite("Bellrope 4-ply", "#2f6f8f", new YarnPart(420, 100, 100.0)));
        YarnView frost = yarns.create(new YarnWrite("Louvre Frost", "#b9828c", new YarnPart(400, 100, 62.0)));

        SwatchView fine = swatches.create(new SwatchWrite(
                "Bellrope, washed",
                new SwatchPart(
                        List.of(reading(31), reading(31.5), reading(30.5)),
                        List.of(reading(43), reading(43.5), reading(42.5)))));
        SwatchView firm = swatches.create(new SwatchWrite(
                "Frost, washed",
                new SwatchPart(List.of(new ReadingPart(29, 101.6)), List.of(new ReadingPart(41, 101.6)))));

        keep("Marit’s chamber socks", marit, fine, bellrope, choices(null, 140, ShapingPart.plain(5), null, 16));
        keep("Odd’s tenor socks", odd, fine, bellrope, choices(0.12, 160, null, ShapingPart.plain(2), null));
        keep("Pia’s first ringing socks", pia, firm, frost, null);
    }

    private static ReadingPart reading(double count) {
        return new ReadingPart(count, 100);
    }

    private static ChoicesPart choices(
            @Nullable Double ease,
            double legMm,
            @Nullable ShapingPart heel,
            @Nullable ShapingPart toe,
            @Nullable Integer cuffRounds) {
        return new ChoicesPart(
                ease == null ? null : new SizePart(ease, null, null),
                new TubePart(null, null, null, legMm, null),
                heel,
                toe,
                null,
                null,
                cuffRounds == null ? null : new FinishPart(cuffRounds, null, null, null));
    }

    private void keep(String name, FootView foot, SwatchView swatch, YarnView yarn, @Nullable ChoicesPart choices) {
        SpecPart spec = new SpecPart(foot.foot(), swatch.swatch(), yarn.yarn(), choices);
        UUID footId = foot.id();
        pairs.create(new PairWrite(null, name, spec, footId, swatch.id(), yarn.id(), null));
    }
}
