package roundpocket.app.demo;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FootView;
import roundpocket.app.plans.ReadingPart;
import roundpocket.app.tubes.TubeBandPart;
import roundpocket.app.tubes.TubeWishPart;
import roundpocket.app.tubes.TubeWrite;
import roundpocket.app.tubes.TubesShelf;
import roundpocket.app.yarns.YarnView;

/** The ringers' tubes: a long striped one for three of them, two alike, and what is left of an earlier one. */
@Component
@Lazy
class RingersTubes {
    private final TubesShelf tubes;

    RingersTubes(TubesShelf tubes) {
        this.tubes = tubes;
    }

    void fill(FootView marit, FootView tore, FootView aashild, FootView odd, YarnView rope, YarnView frost) {
        tubes.create(tube(
                "Long rope tube",
                64,
                860,
                new Look(
                        null,
                        List.of(
                                new TubeBandPart("madder", "#a13d4b", 9),
                                new TubeBandPart("fleece", "#efe6d2", 6),
                                new TubeBandPart("woad", "#2b4a6f", 9)),
                        5),
                false,
                20.0,
                "Knitted by machine in one evening.",
                List.of(
                        new TubeWishPart(marit.id(), null, 110, 150, true, false, null),
                        new TubeWishPart(tore.id(), null, 80, 120, true, false, null),
                        new TubeWishPart(aashild.id(), null, 90, 120, true, true, null))));
        tubes.create(tube(
                "Two green tubes",
                72,
                230,
                new Look(rope.id(), List.of(), 0),
                true,
                20.0,
                null,
                List.of(new TubeWishPart(odd.id(), null, 100, 160, true, false, null))));
        tubes.create(tube(
                "Frost, what was left",
                60,
                104,
                new Look(frost.id(), List.of(), 0),
                false,
                null,
                "The end of last winter’s tube.",
                List.of()));
    }

    /** How it looks: its yarn, or its bands and how far into them it begins. */
    private record Look(@Nullable UUID yarn, List<TubeBandPart> bands, double start) {}

    private static TubeWrite tube(
            String name,
            int stitches,
            int rounds,
            Look look,
            boolean two,
            @Nullable Double contrastG,
            @Nullable String notes,
            List<TubeWishPart> wishes) {
        return new TubeWrite(
                null,
                name,
                stitches,
                rounds,
                null,
                null,
                new ReadingPart(31, 100),
                new ReadingPart(43, 100),
                look.yarn(),
                look.bands(),
                look.start(),
                true,
                true,
                two,
                null,
                contrastG,
                notes,
                wishes);
    }
}
