package roundpocket.core.stripe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.YarnModel;

/**
 * How a yarn changes colour along its length: bands that recur, where the cake begins among them, and knots.
 *
 * @param bands the bands of one repeat in their order, 1 to 40
 * @param startM the place in the repeat at which the cake begins, in metres from the start of the first band; 0 or more
 * @param knots knots, by their distance from the outer end; at most 24
 * @param ravelled the yarn of heel, toe and cuff, where it was unravelled from the tube that the sock is a piece of
 */
public record Striping(List<Band> bands, double startM, List<Knot> knots, Optional<Ravelled> ravelled) {
    /** The most bands of a repeat. */
    public static final int MOST_BANDS = 40;

    private static final int MOST_KNOTS = 24;
    private static final double MM = 1_000;

    static final Limit START = new Limit(
            "striping.start.range",
            0,
            40_000,
            Unit.METRES,
            "The cake must begin {min} to {max} into the repeat (you entered {found}).",
            "Count from the start of the first band.");

    public Striping {
        Problems problems = new Problems();
        if (bands.isEmpty()) {
            problems.add(new Problem(
                    "striping.empty", "bands", "A striping yarn needs a band.", "Add the first colour.", Map.of()));
        }
        few(problems, "bands", "A repeat can have {max} bands (this has {found}).", bands.size(), MOST_BANDS);
        few(problems, "knots", "A yarn can have {max} knots (this has {found}).", knots.size(), MOST_KNOTS);
        problems.checkRange("startM", startM, START);
        oneColourAName(problems, bands);
        problems.throwIfAny();
        bands = List.copyOf(bands);
        knots = knots.stream().sorted(Comparator.comparingDouble(Knot::atM)).toList();
    }

    private static void few(Problems problems, String field, String template, int found, int most) {
        if (found > most) {
            problems.add(new Problem(
                    "striping." + field + ".many",
                    field,
                    template,
                    "Enter one repeat only.",
                    Map.of(
                            "found", new Amount(found, Unit.NUMBER),
                            "max", new Amount(most, Unit.NUMBER))));
        }
    }

    /** A name is how a colour is told from another by who does not see it: two colours of one name would be one. */
    private static void oneColourAName(Problems problems, List<Band> bands) {
        Map<String, String> colours = new HashMap<>();
        List<String> told = new ArrayList<>();
        for (int i = 0; i < bands.size(); i++) {
            Band band = bands.get(i);
            String name = band.name().toLowerCase(Locale.ROOT);
            String before = name.isEmpty() ? null : colours.putIfAbsent(name, band.colour());
            if (before != null && !before.equals(band.colour()) && !told.contains(name)) {
                told.add(name);
                problems.add(new Problem(
                        "striping.name.twice",
                        "bands[" + i + "].name",
                        "Two colours are both called " + band.name() + ".",
                        "Give each its own name, for example light and dark.",
                        Map.of()));
            }
        }
    }

    public Striping(List<Band> bands, double startM, List<Knot> knots) {
        this(bands, startM, knots, Optional.empty());
    }

    /** Bands in their order, begun with the first, no knots. */
    public static Striping of(Band... bands) {
        return new Striping(List.of(bands), 0, List.of());
    }

    public Striping beginningAt(double metres) {
        return new Striping(bands, metres, knots, ravelled);
    }

    public Striping withKnots(Knot... other) {
        return new Striping(bands, startM, List.of(other), ravelled);
    }

    public Striping with(Ravelled yarn) {
        return new Striping(bands, startM, knots, Optional.of(yarn));
    }

    /**
     * What bands that were measured along the yarn and counted in a fabric as well say of the yarn in a stitch, before the
     * first round of the plan: as much as colour changes that are seen while knitting. Of neighbours only the two ends of
     * all of them were to be counted to the round. Empty where there is no such band.
     *
     * @param model the yarn before anything was weighed
     */
    public Optional<WeighIn> counted(YarnModel model) {
        double metres = 0;
        double stitches = 0;
        double rounding = 0;
        boolean before = false;
        for (Band band : bands) {
            boolean both = band.measuredAndCounted();
            if (both) {
                metres += band.lengthM().getAsDouble();
                stitches += band.rounds().getAsDouble() * band.stitches().getAsInt();
                double roundM = band.stitches().getAsInt() * model.loopLength().value() / MM;
                rounding += before ? 0 : roundM * roundM / 6;
            }
            before = both;
        }
        double unsure = Math.hypot(StripeRules.BAND_TRUE.value() * metres, Math.sqrt(rounding));
        double gramsAMetre = model.fineness().value() / MM;
        return stitches == 0
                ? Optional.empty()
                : WeighIn.ifBelievable(stitches, metres * gramsAMetre, unsure * gramsAMetre);
    }

    /** Whether there is a change of colour to be seen at all. */
    public boolean oneColour() {
        return bands.stream().map(Band::colour).distinct().count() < 2;
    }
}
