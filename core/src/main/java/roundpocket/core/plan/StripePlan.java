package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Sentence;
import roundpocket.core.stripe.StripedRound.ChangeAt;
import roundpocket.core.stripe.Winding;
import roundpocket.core.yarn.Left;
import roundpocket.core.yarn.YarnModel;

/**
 * The colours of a pair from a yarn that changes colour.
 *
 * @param bands the bands of one repeat
 * @param repeat metres of one repeat
 * @param repeatRounds rounds that one repeat takes in the tube
 * @param oneColour whether nothing is to be seen, since every band has the same colour
 * @param lateToe whether there is a toe of this yarn that is begun anew after the tube
 * @param socks the first sock and the second
 * @param woundOff metres wound off for the whole pair, where any are
 * @param woundOffGrams the same in grams
 * @param winding the same one by one, in the order of the work
 * @param cut where the skein is cut in two, where it is
 * @param candidates where else the heel line could go with regard to the colours, nearest first
 * @param knots the knots that come up while knitting
 */
public record StripePlan(
        List<BandPlan> bands,
        Step repeat,
        Step repeatRounds,
        boolean oneColour,
        boolean lateToe,
        List<SockStripes> socks,
        Optional<Step> woundOff,
        Optional<Step> woundOffGrams,
        List<Due> winding,
        Optional<CakeCut> cut,
        List<HeelLineAt> candidates,
        List<KnotMet> knots) {

    /**
     * One band of the repeat.
     *
     * @param name what it is called
     * @param colour its colour as #rrggbb
     * @param metres metres of yarn in it
     * @param rounds rounds it takes in the tube
     */
    public record BandPlan(String name, String colour, Step metres, Step rounds) {}

    /**
     * One sock's colours.
     *
     * @param startBand the band that its first stitch has
     * @param windOff what is wound off before it is begun, where anything is
     * @param heelWindOff what is wound off before its heel
     * @param toeWindOff what is wound off before its toe
     * @param used metres of the cake that have gone when it is done, tails and what was wound off among them
     * @param unsureAtHeelLine how far the colours at the heel line may come early or late, as a standard uncertainty in rounds
     * @param shares metres of each colour that are in it, tails among them
     * @param tube its rounds on the tape, from the tip of the toe to the edge of the cuff
     * @param heel the heel cup's rounds from its pick-up to its tip
     */
    public record SockStripes(
            int startBand,
            Optional<Winding> windOff,
            Optional<Winding> heelWindOff,
            Optional<Winding> toeWindOff,
            Step used,
            Step unsureAtHeelLine,
            List<Share> shares,
            List<ColourRound> tube,
            List<ColourRound> heel) {
        public SockStripes {
            shares = List.copyOf(shares);
            tube = List.copyOf(tube);
            heel = List.copyOf(heel);
        }

        /** The same once more, after so much was wound off. */
        SockStripes after(Optional<Winding> before) {
            return new SockStripes(
                    startBand, before, heelWindOff, toeWindOff, used, unsureAtHeelLine, shares, tube, heel);
        }
    }

    /** What yarn is wound off for. */
    public enum DueFor {
        SOCK,
        HEEL,
        TOE,
        KNOT
    }

    /**
     * What is wound off, as it stands in the list of it.
     *
     * @param sock the sock before which or in which it is due
     * @param what what it is for
     * @param metres how much, with how sure that is
     * @param grams the same in grams
     * @param tooUnsure whether the metres are too unsure to be told
     * @param said what to do, with the colour to stop at
     */
    public record Due(int sock, DueFor what, Step metres, Step grams, boolean tooUnsure, Sentence said) {}

    /**
     * What one colour has of a sock.
     *
     * @param band the first band of that name and colour
     * @param metres metres of it
     * @param grams grams of it
     */
    public record Share(int band, Step metres, Step grams) {}

    /**
     * One round as it looks.
     *
     * @param stitches stitches in it
     * @param band the band of its first stitch; -1 where it is knitted from another yarn
     * @param changes the changes of colour inside it
     * @param nth how often its colour has come in this sock by now, from 1; 0 where it is of another yarn
     * @param inBand the how-manieth round of its band it is
     * @param ofBand how many rounds its band has here
     * @param unsureRounds how far its colours may come early or late, as a standard uncertainty in rounds
     */
    public record ColourRound(
            int stitches, int band, List<ChangeAt> changes, int nth, int inBand, int ofBand, double unsureRounds) {
        /** The band of a round that is not of the striping yarn. */
        public static final int OTHER_YARN = -1;

        public ColourRound {
            changes = List.copyOf(changes);
        }

        /** The band at the middle of it. */
        public int middleBand() {
            return changes.stream()
                    .filter(change -> change.stitch() <= (stitches + 1) / 2)
                    .reduce((one, later) -> later)
                    .map(ChangeAt::band)
                    .orElse(band);
        }

        static ColourRound other(int stitches) {
            return new ColourRound(stitches, OTHER_YARN, List.of(), 0, 0, 0, 0);
        }
    }

    /**
     * Where a skein is cut so that both socks begin at the same place of the repeat.
     *
     * @param repeats whole repeats in the first half; empty where a knot lies in it
     * @param metres metres of the first half, with how sure they are
     * @param said where, with the colour that is seen there
     * @param first grams of the first half
     * @param second grams of the second
     * @param enough whether each half holds a sock
     */
    public record CakeCut(OptionalInt repeats, Step metres, Sentence said, Step first, Step second, boolean enough) {}

    /**
     * A place for the heel line with regard to the colours.
     *
     * @param between whether it lies between two bands; else it interrupts one at its middle
     * @param band the band that begins there, or that is interrupted
     * @param moved rounds that it lies further on in the order of the knitting; negative where it comes earlier
     * @param near whether it lies within six rounds
     * @param kept what it does to the sock, for either thing that can be kept
     * @param startFurther metres to start the cake further on so that the same lies at today's heel line; nothing where the tube
     *     is there already
     */
    public record HeelLineAt(
            boolean between, int band, int moved, boolean near, List<Kept> kept, Optional<Step> startFurther) {
        public HeelLineAt {
            kept = List.copyOf(kept);
        }
    }

    /**
     * A moved heel line with one length kept.
     *
     * @param what what is kept
     * @param openingRound rounds from the tip of the toe to the heel line
     * @param legRounds rounds above the heel line, cuff included
     * @param sockFoot the sock's foot, in millimetres
     * @param footOut how much longer than wanted the foot comes out, in millimetres
     * @param fits whether that is within half a centimetre
     */
    public record Kept(What what, int openingRound, int legRounds, Step sockFoot, Step footOut, boolean fits) {
        /** What stays as long as it is. */
        public enum What {
            LEG,
            FOOT,
            TUBE
        }
    }

    /**
     * A knot that comes up.
     *
     * @param sock 1 or 2
     * @param section the section it comes in
     * @param round the round of the section, in the order of the knitting; 0 where it comes in a tail or while winding off
     * @param atM metres from the cake's outer end
     * @param goesOnKnown whether it is known which colour follows
     * @param taken what is done about it
     * @param ways what else can be done about it, knitting on left out
     */
    public record KnotMet(
            int sock, Section section, int round, double atM, boolean goesOnKnown, KnotWay taken, List<KnotCost> ways) {
        public KnotMet {
            ways = List.copyOf(ways);
        }

        KnotMet with(UnaryOperator<KnotCost> change) {
            return new KnotMet(
                    sock,
                    section,
                    round,
                    atM,
                    goesOnKnown,
                    taken,
                    ways.stream().map(change).toList());
        }
    }

    /**
     * What getting rid of a knot takes.
     *
     * @param way how
     * @param windOff metres wound off for it
     * @param metres the same with the two ends that are woven in
     * @param pair metres wound off in the whole pair if every knot is treated so
     * @param left what is then left of the yarn, where it is known what there is
     */
    public record KnotCost(KnotWay way, Step windOff, Step metres, Optional<Step> pair, Optional<Left> left) {
        KnotCost of(Optional<Step> woundOff) {
            return new KnotCost(way, windOff, metres, woundOff, left);
        }

        KnotCost leaving(Optional<Left> rest) {
            return new KnotCost(way, windOff, metres, pair, rest);
        }
    }

    /** The same with what each way around a knot leaves of the yarn. */
    StripePlan judged(RoleYarn main, YarnModel model) {
        List<KnotMet> judged = knots.stream()
                .map(knot -> knot.with(cost -> cost.leaving(
                        cost.way() == knot.taken() ? main.left() : Knots.left(cost, woundOff, main, model))))
                .toList();
        return new StripePlan(
                bands,
                repeat,
                repeatRounds,
                oneColour,
                lateToe,
                socks,
                woundOff,
                woundOffGrams,
                winding,
                cut,
                candidates,
                judged);
    }

    /** Whether the heel is of another yarn. */
    boolean heelOther() {
        return socks.get(0).heel().get(0).band() == ColourRound.OTHER_YARN;
    }

    public StripePlan {
        bands = List.copyOf(bands);
        socks = List.copyOf(socks);
        winding = List.copyOf(winding);
        candidates = List.copyOf(candidates);
        knots = List.copyOf(knots);
    }
}
