package roundpocket.app.demo;

import java.time.LocalDate;
import java.util.List;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.feet.FeetShelf;
import roundpocket.app.feet.FootView;
import roundpocket.app.feet.FootWrite;
import roundpocket.app.home.HomeKeeper;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.FootPart;
import roundpocket.app.plans.KnotPart;
import roundpocket.app.plans.ReadingPart;
import roundpocket.app.plans.ShoePart;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.plans.TracingPart;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.swatches.SwatchView;
import roundpocket.app.swatches.SwatchWrite;
import roundpocket.app.swatches.SwatchesShelf;
import roundpocket.app.yarns.CakeForm;
import roundpocket.app.yarns.CakePart;
import roundpocket.app.yarns.StripePart;
import roundpocket.app.yarns.YarnView;
import roundpocket.app.yarns.YarnWrite;
import roundpocket.app.yarns.YarnsShelf;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.foot.ToeForm;

/** Fills an empty home with six ringers, four yarns and pairs in every state. Leaves a home alone that has a pair in it. */
@Component
@Lazy
class RingersDemo {
    private final FeetShelf feet;
    private final SwatchesShelf swatches;
    private final YarnsShelf yarns;
    private final PairsShelf pairs;
    private final RingersSocks socks;
    private final RingersTubes tubes;
    private final HomeKeeper home;

    RingersDemo(
            FeetShelf feet,
            SwatchesShelf swatches,
            YarnsShelf yarns,
            PairsShelf pairs,
            RingersSocks socks,
            RingersTubes tubes,
            HomeKeeper home) {
        this.feet = feet;
        this.swatches = swatches;
        this.yarns = yarns;
        this.pairs = pairs;
        this.socks = socks;
        this.tubes = tubes;
        this.home = home;
    }

    @Transactional
    public void fill() {
        if (!pairs.list().isEmpty() || home.damage().isPresent()) {
            return;
        }
        FootView marit =
                feet.create(new FootWrite("Marit", new FootPart(246.0, 231.0).traced(new TracingPart(94, 27, 41))));
        FootView odd = feet.create(new FootWrite("Odd", new FootPart(288, 272)));
        FootView pia = pia();
        FootView tore = tore();
        FootView aashild = aashild();
        FootView jens = jens();
        YarnView bellrope = yarns.create(new YarnWrite(
                null,
                "Bellrope 4-ply",
                "#2f6f8f",
                new YarnPart(420, 100, 100.0, 0.25),
                new CakePart(CakeForm.SKEIN, "75 % wool, 25 % nylon", null, null, null, null)));
        YarnView first = yarns.create(new YarnWrite("Bellrope, first lot", "#3d7d96", new YarnPart(420, 100, 102.0)));
        YarnView rope = yarns.create(new YarnWrite("Rope green 4-ply", "#4c7a5a", new YarnPart(410, 100, 112.0)));
        YarnView frost = yarns.create(new YarnWrite("Louvre Frost", "#b9828c", new YarnPart(400, 100, 62.0)));
        YarnView sally = sally();
        YarnView grey = grey();
        SwatchView fine = swatches.create(new SwatchWrite(
                "Bellrope, washed",
                new SwatchPart(
                        List.of(new ReadingPart(31, 100), new ReadingPart(46.5, 150)),
                        List.of(new ReadingPart(43, 100), new ReadingPart(64.5, 150)))));
        SwatchView firm = swatches.create(new SwatchWrite(
                "Frost, washed",
                new SwatchPart(List.of(new ReadingPart(29, 101.6)), List.of(new ReadingPart(41, 101.6)))));

        socks.fill(new RingersSocks.Shelf(
                marit, odd, pia, tore, aashild, jens, fine, firm, first, bellrope, rope, frost, sally, grey, treble()));
        tubes.fill(marit, tore, aashild, odd, rope, frost);
    }

    /** A child's feet, measured twice. */
    private FootView pia() {
        FootView spring = feet.create(
                new FootWrite(null, "Pia", new FootPart(163, 161), null, LocalDate.of(2026, 2, 14), null, null));
        return feet.update(
                spring.id(),
                new FootWrite(
                        spring.version(),
                        "Pia",
                        new FootPart(172, 168),
                        null,
                        LocalDate.of(2026, 10, 3),
                        "Rings the treble from a box.",
                        true));
    }

    /** Unequal feet with a high instep. */
    private FootView tore() {
        return feet.create(new FootWrite(
                null,
                "Tore",
                new FootPart(271.0, null, 252.0, 358.0, 262.0, ToeForm.SQUARE),
                new FootPart(277.0, null, 255.0, 361.0, 262.0, ToeForm.SQUARE),
                LocalDate.of(2026, 9, 20),
                "High instep; the right foot was broken once.",
                null));
    }

    /** Wide feet. */
    private FootView aashild() {
        return feet.create(new FootWrite(
                null,
                "Åshild",
                new FootPart(238.0, null, 248.0, 318.0, 246.0, ToeForm.ROUND),
                null,
                LocalDate.of(2026, 9, 20),
                null,
                null));
    }

    /** A shoe size only. */
    private FootView jens() {
        return feet.create(new FootWrite(
                null,
                "Jens",
                new FootPart(null, new ShoePart(ShoeSystem.EU, 44), null, null, null, null),
                null,
                LocalDate.of(2026, 11, 1),
                "A surprise: the size is from his boots.",
                null));
    }

    private YarnView sally() {
        return yarns.create(new YarnWrite(
                null,
                "Sally stripe",
                null,
                new YarnPart(400, 100, 96.0, 0.2),
                new CakePart(
                        CakeForm.CAKE,
                        "80 % wool, 20 % nylon",
                        List.of(
                                new StripePart("madder", "#a13d4b", 5.2, null, null),
                                new StripePart("fleece", "#efe6d2", 3.4, null, null),
                                new StripePart("woad", "#2b4a6f", 5.2, null, null)),
                        null,
                        List.of(new KnotPart(148, 7.0)),
                        "Striped like the grip of the bell rope.")));
    }

    private YarnView grey() {
        return yarns.create(new YarnWrite(
                null,
                "Tenor grey, last of",
                "#7b8187",
                new YarnPart(420, 100, 23.0),
                new CakePart(CakeForm.REMNANT, null, null, null, null, "Enough for a pair of heels and toes.")));
    }

    /** Wound into two balls, for both socks at a time. */
    private YarnView treble() {
        return yarns.create(new YarnWrite(
                null,
                "Treble heather",
                "#6d5a85",
                new YarnPart(420, 100, 70.0, 0.25),
                new CakePart(CakeForm.CAKE, "75 % wool, 25 % nylon", null, null, null, "Wound into two balls.")));
    }
}
