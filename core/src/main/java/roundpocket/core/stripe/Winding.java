package roundpocket.core.stripe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;

/**
 * Yarn that is wound off until a place of its repeat comes. The colour to stop at is surer than the metres, and where those are
 * very unsure they are not told at all.
 *
 * @param metres how much that is, with how sure it is
 * @param until the colour that begins there, or that the place lies in
 * @param onM metres of that colour that go as well; below nothing where one cuts before it begins, so that an end is left to join
 * @param knotM metres to the last knot that goes with it; 0 where none does
 * @param repeatM metres of a repeat: behind the knot the place comes within that
 */
public record Winding(Step metres, String until, double onM, double knotM, double repeatM) {
    /** Of a repeat: from this ± on metres say less than the eye. */
    private static final double TELLS = 0.25;

    /** Wound off from {@code fromM} on, on a cake that is known so well by then. */
    public static Winding along(Thread thread, double fromM, Step metres, double wanted, double tailM) {
        double knotM = thread.lastKnot(fromM, fromM + metres.value());
        int band = thread.seenFrom(wanted);
        double into = thread.into(band, wanted);
        return new Winding(
                metres,
                name(thread, band),
                (into < thread.repeat().stitchM() ? 0 : into) - tailM,
                knotM,
                thread.repeat().lengthM());
    }

    /** Wound off where the order of the bands breaks, until a place of the repeat comes. */
    public static Winding at(Repeat repeat, Step metres, double wanted) {
        return along(Thread.forwards(repeat, wanted, List.of(), 1), 0, metres, wanted, 0);
    }

    /** What a band is called, with the one before it where the repeat has its colour more than once. */
    private static String name(Thread thread, int band) {
        List<Band> bands = thread.repeat().striping().bands();
        String name = bands.get(band).called();
        boolean again =
                bands.stream().filter(other -> other.called().equals(name)).count() > 1;
        return again ? name + " after the " + bands.get(thread.bandAhead(band)).called() : name;
    }

    /** Whether the metres are too unsure to be told: also where the place may have gone by, so that a repeat more would go. */
    public boolean tooUnsure() {
        double unsure = metres.plusMinus95();
        return unsure > TELLS * repeatM || unsure >= metres.value();
    }

    /** What to do, without how much that is; {@code begin} ends with “wind off”. */
    public Sentence todo(String begin) {
        return sentence(begin + todo() + ".");
    }

    /** How much that is. */
    public Sentence much() {
        return sentence("To wind off here: " + howMuch() + ".");
    }

    /** What to do, and how much that is. */
    public Sentence said(String begin) {
        return sentence(begin + todo() + ": " + howMuch() + ".");
    }

    /** Where a skein is cut in two at this place: after so many repeats, where that is known. */
    public Sentence cutThere(OptionalInt repeats) {
        String after = repeats.isEmpty()
                ? ""
                : ", after " + repeats.getAsInt() + (repeats.getAsInt() == 1 ? " repeat" : " repeats");
        String unsure = metres.plusMinus95() > 0 ? ", give or take {woundUnsure}" : "";
        return sentence("Cut the skein where "
                + (onM > 0 ? "{woundInto} of the " + until + " are gone" : "the " + until + " begins") + after
                + ": {woundOff}" + unsure + ", from its outer end.");
    }

    private String todo() {
        return (knotM > 0 ? " to the knot that comes, and on" : "")
                + (onM > 0 ? " until {woundInto} of the " + until + " are gone" : " until the " + until + " begins")
                + (onM < 0 ? ", and cut {cutBefore} before it" : "");
    }

    private String howMuch() {
        return tooUnsure() ? "{woundMost} at most" : "about {woundOff}, give or take {woundUnsure}";
    }

    private Sentence sentence(String template) {
        Map<String, Amount> amounts = new HashMap<>(Map.of(
                "woundInto", metres(onM),
                "cutBefore", Amount.mm(-onM * 1000),
                "woundMost", metres(knotM + repeatM),
                "woundOff", metres(metres.value()),
                "woundUnsure", metres(metres.plusMinus95())));
        amounts.keySet().removeIf(name -> !template.contains("{" + name + "}"));
        return new Sentence(template, amounts);
    }

    private static Amount metres(double metres) {
        return new Amount(metres, Unit.METRES);
    }
}
