package roundpocket.core.stripe;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Distribution;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Spread;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.yarn.YarnModel;

/** One repeat of a striping yarn in metres, for a yarn whose use a stitch is known. */
public final class Repeat {
    private final Striping striping;
    private final YarnModel model;
    private final List<Step> bands;
    private final Step metres;
    private final double[] starts;
    /** How far the yarn in a stitch is to be trusted for where these bands come. */
    private final Step trust;
    /** The rule for one metre in a round of one metre; it is proportional to the one and inversely to the other. */
    private final double unsureOfAMetre;

    private Repeat(Striping striping, YarnModel model, List<Step> bands) {
        this.striping = striping;
        this.model = model;
        this.bands = List.copyOf(bands);
        this.metres =
                bands.size() == 1 ? bands.get(0) : Computed.of("one repeat", Unit.METRES, StripeRules.REPEAT.of(bands));
        this.starts = new double[bands.size()];
        for (int i = 1; i < starts.length; i++) {
            starts[i] = starts[i - 1] + bands.get(i - 1).value();
        }
        // Bands counted in a fabric take the same stitches whatever a stitch takes: only their dyeing is unsure.
        boolean counted = striping.bands().stream().allMatch(Band::countedAlone);
        this.trust = counted
                ? Given.tried("bands counted in rounds move with the stitches", 0, Unit.PERCENT)
                : Computed.of(
                        "how far the yarn in a stitch is to be trusted",
                        Unit.PERCENT,
                        StripeRules.RELATIVE.of(Spread.of(model.factor()), model.factor()));
        this.unsureOfAMetre = StripeRules.UNSURE.apply(1, trust.value(), StripeRules.BAND_TRUE.value(), 1);
    }

    /** Refuses a start, or a going on behind a knot, that lies outside the repeat. */
    public static Repeat of(Striping striping, YarnModel model) {
        List<Step> bands = IntStream.range(0, striping.bands().size())
                .mapToObj(i -> striping.bands().get(i).metres(i, model))
                .toList();
        Repeat repeat = new Repeat(striping, model, bands);
        repeat.checkPlaces();
        return repeat;
    }

    /** Whether all bands were counted in a fabric and none was measured. */
    public boolean countedAlone() {
        return striping.bands().stream().allMatch(Band::countedAlone);
    }

    private void checkPlaces() {
        Problems problems = new Problems();
        inside(problems, "startM", "The cake begins {found} into the repeat, which is {max} long.", striping.startM());
        striping.ravelled()
                .ifPresent(yarn -> inside(
                        problems,
                        "ravelled.startM",
                        "The ball that was unravelled begins {found} into the repeat, which is {max} long.",
                        yarn.startM()));
        for (int i = 0; i < striping.knots().size(); i++) {
            String field = "knots[" + i + "].goesOnM";
            striping.knots()
                    .get(i)
                    .goesOnM()
                    .ifPresent(place -> inside(
                            problems,
                            field,
                            "Behind the knot the yarn goes on {found} into the repeat, which is {max} long.",
                            place));
        }
        problems.throwIfAny();
    }

    private void inside(Problems problems, String field, String template, double place) {
        if (place >= lengthM()) {
            problems.add(new Problem(
                    "striping.outside",
                    field,
                    template,
                    "Count from the start of the first band, and begin again after each repeat.",
                    Map.of("found", new Amount(place, Unit.METRES), "max", new Amount(lengthM(), Unit.METRES))));
        }
    }

    public Striping striping() {
        return striping;
    }

    /** Metres of each band, in their order. */
    public List<Step> bands() {
        return bands;
    }

    /** Metres of the whole repeat. */
    public Step metres() {
        return metres;
    }

    /** Rounds that metres of this yarn take in a tube of so many stitches. */
    public Step rounds(String label, Step length, Step stitches) {
        return Computed.of(
                label, Unit.ROUNDS, StripeRules.BAND_ROUNDS.of(length, stitches, model.loopLength(), model.factor()));
    }

    /** Metres that one stitch takes. */
    public double stitchM() {
        return model.loopLength().value() / 1000 * model.factor().value();
    }

    /** The place at which a band starts, in metres. */
    public double startOf(int band) {
        return starts[band];
    }

    /** The place of the repeat at which a cake begins, in metres. */
    public double startM() {
        return striping.startM();
    }

    double lengthM() {
        return metres.value();
    }

    /** The band at a place of the repeat; a band holds its start and not its end. */
    public int bandAt(double place) {
        double within = StripeRules.mod(place, lengthM());
        int band = starts.length - 1;
        while (band > 0 && starts[band] > within) {
            band--;
        }
        return band;
    }

    /** The first of the bands of one colour that this one belongs to without a boundary. */
    int run(int band) {
        int first = band;
        for (int i = 0; i < starts.length - 1; i++) {
            int before = Math.floorMod(first - 1, starts.length);
            if (!colourOf(before).equals(colourOf(first))) {
                break;
            }
            first = before;
        }
        return first;
    }

    String colourOf(int band) {
        return striping.bands().get(band).colour();
    }

    /** Metres to wind off at {@code now} until {@code wanted} comes, both as places of the repeat. */
    public Computed windOff(String label, double wanted, double now) {
        return Computed.of(
                label,
                Unit.METRES,
                StripeRules.WIND_OFF.of(
                        Given.tried("place of the repeat that is wanted", wanted, Unit.METRES),
                        Given.tried(
                                "place of the repeat that the yarn is at",
                                StripeRules.mod(now, lengthM()),
                                Unit.METRES),
                        metres,
                        Given.tried("yarn in one stitch", stitchM(), Unit.METRES)));
    }

    /** Metres to wind off until some place of the repeat comes, where nobody knows what is at hand. */
    public Step windOffLost(String label) {
        Step unsure = Computed.of("uncertainty of where the yarn is", Unit.METRES, StripeRules.LOST.of(metres));
        return Computed.of(label, Unit.METRES, StripeRules.WIND_OFF_LOST.of(metres))
                .within(unsure, Distribution.RECTANGULAR);
    }

    /** Metres of so many whole repeats. */
    public Step whole(String label, int repeats) {
        Computed all = Computed.of(
                label, Unit.METRES, StripeRules.REPEATS.of(Given.tried("whole repeats", repeats, Unit.NUMBER), metres));
        return all.within(unsurePlace(0, all.value(), 0));
    }

    /**
     * How sure it is where a place of the repeat comes, as a standard uncertainty in metres.
     *
     * @param knittedM metres knitted since the last change that was seen
     * @param offM metres wound off behind that
     * @param begunM how sure it was where the yarn was begun
     */
    public Step unsurePlace(double knittedM, double offM, double begunM) {
        return Computed.of(
                "uncertainty of where that place comes",
                Unit.METRES,
                StripeRules.UNSURE_PLACE.of(
                        Given.tried("knitted since a change that is sure", knittedM, Unit.METRES),
                        trust,
                        Given.tried("wound off", offM, Unit.METRES),
                        StripeRules.BAND_TRUE.step(),
                        Given.tried("unsure where it was begun", begunM, Unit.METRES)));
    }

    /** Metres to wind off behind a knot until the cake’s start comes again. */
    public Step windOffBehind(String label, Knot knot) {
        return knot.goesOnM().isPresent()
                ? windOff(label, startM(), knot.goesOnM().getAsDouble())
                : windOffLost(label);
    }

    /** How many rounds of {@code roundM} a change may come early or late where nobody knows the order. */
    double lostRounds(double roundM) {
        return StripeRules.UNSURE_LOST.apply(lengthM(), roundM);
    }

    /** The same as a figure. */
    public Step lostRounds(String label, double roundM) {
        return Computed.of(
                label,
                Unit.ROUNDS,
                StripeRules.UNSURE_LOST.of(metres, Given.tried("yarn in a round", roundM, Unit.METRES)));
    }

    /** How many rounds of {@code roundM} a change may come early or late, so many metres after one that is sure. */
    public double unsureRounds(double metresSince, double roundM) {
        return metresSince * unsureOfAMetre / roundM;
    }

    /** The same as a figure. */
    public Step unsureRounds(String label, double metresSince, double roundM) {
        return Computed.of(
                label,
                Unit.ROUNDS,
                StripeRules.UNSURE.of(
                        Given.tried("metres since a change that is sure", metresSince, Unit.METRES),
                        trust,
                        StripeRules.BAND_TRUE.step(),
                        Given.tried("yarn in a round", roundM, Unit.METRES)));
    }

    /** Every start of a band that is seen as a change, as places of the repeat. */
    List<Integer> changes() {
        List<Integer> changes = new ArrayList<>();
        for (int band = 0; band < starts.length; band++) {
            if (!colourOf(Math.floorMod(band - 1, starts.length)).equals(colourOf(band))) {
                changes.add(band);
            }
        }
        return changes;
    }
}
