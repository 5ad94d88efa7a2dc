package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.StripePlan.Share;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Thread;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.YarnModel;

/** The colours of a sock as it lies on the tape, and how much of each there is. */
final class LaidColours {
    private final StripedSock sock;
    private final StripedSock.Colours colours;
    private final Map<Section, List<ColourRound>> counted = new EnumMap<>(Section.class);

    LaidColours(StripedSock sock, StripedSock.Colours colours) {
        this.sock = sock;
        this.colours = colours;
        colours.runs().forEach(run -> count(run, sock.inPieces() && run == colours.tube()));
    }

    List<Share> shares() {
        List<Band> bands = colours.thread().repeat().striping().bands();
        int[] alike =
                bands.stream().mapToInt(band -> firstOf(bands, band.colour())).toArray();
        // Of each colour the first band that was met, and what every run has of it.
        int[] met = new int[alike.length];
        Arrays.fill(met, alike.length);
        List<List<Step>> metres = new ArrayList<>();
        bands.forEach(any -> metres.add(new ArrayList<>()));
        for (StripedSock.Run run : colours.runs()) {
            double[] here = here(run, alike, met);
            for (int i = 0; i < here.length; i++) {
                if (here[i] > 0) {
                    metres.get(i).add(Given.tried("metres in one go", here[i], Unit.METRES));
                }
            }
        }
        return IntStream.range(0, alike.length)
                .filter(i -> met[i] < alike.length)
                .boxed()
                .sorted(Comparator.comparing(i -> met[i]))
                .map(i -> share(met[i], bands.get(met[i]).called(), metres.get(i)))
                .toList();
    }

    private static int firstOf(List<Band> bands, String colour) {
        int first = 0;
        while (!bands.get(first).colour().equals(colour)) {
            first++;
        }
        return first;
    }

    /** The metres of each colour in a run, at the first band of that colour. */
    private static double[] here(StripedSock.Run run, int[] alike, int[] met) {
        double[] here = new double[alike.length];
        double at = run.fromM();
        int band = run.thread().bandAt(at);
        for (Thread.Change change : run.thread().changes(at, run.toM())) {
            here[alike[band]] += change.atM() - at;
            met[alike[band]] = Math.min(met[alike[band]], band);
            at = change.atM();
            band = change.band();
        }
        here[alike[band]] += run.toM() - at;
        met[alike[band]] = Math.min(met[alike[band]], band);
        return here;
    }

    private Share share(int band, String name, List<Step> metres) {
        Step sum = YarnModel.sum("metres of " + name, Unit.METRES, metres);
        return new Share(band, sum, sock.model().gramsOf("grams of " + name, sum));
    }

    /** Every round with the how-manieth of its colour it belongs to; what lies on the table is seen, and sure. */
    private void count(StripedSock.Run run, boolean seen) {
        List<StripedSock.Coloured> rounds = run.rounds();
        int[] times = new int[run.thread().repeat().bands().size()];
        int[] band = new int[rounds.size()];
        for (int i = 0; i < band.length; i++) {
            band[i] = middle(rounds.get(i).colours());
        }
        Section section = null;
        List<ColourRound> laid = List.of();
        for (int i = 0; i < band.length; ) {
            int end = i;
            while (end < band.length && band[end] == band[i]) {
                end++;
            }
            int nth = ++times[band[i]];
            for (int j = i; j < end; j++) {
                StripedSock.Coloured round = rounds.get(j);
                if (round.section() != section) {
                    section = round.section();
                    laid = counted.computeIfAbsent(section, any -> new ArrayList<>(band.length));
                }
                StripedRound colours = round.colours();
                laid.add(new ColourRound(
                        colours.stitches(),
                        colours.band(),
                        colours.changes(),
                        nth,
                        j - i + 1,
                        end - i,
                        seen ? 0 : colours.unsureRounds()));
            }
            i = end;
        }
    }

    /** The band that most of a round has, near enough: that of its middle stitch. */
    private static int middle(StripedRound round) {
        return round.bandOf((round.stitches() + 1) / 2);
    }

    List<ColourRound> onTheTape() {
        boolean down = sock.tube().way() == Way.CUFF_DOWN;
        int foot = sock.tube().rounds().foot().count();
        int leg = sock.tube().rounds().leg().count();
        int cuff = sock.cuff().count();
        int lost = sock.tube().rounds().sacrificed().count();
        int toe = sock.toe().rounds().count();
        List<ColourRound> tape = new ArrayList<>(toe + foot + leg + cuff);
        layToe(tape, toe);
        straight(tape, Section.FOOT, foot, i -> down ? foot - 1 - i : i);
        // The round that is unpicked is knitted beside the heel line, and is not in the sock.
        straight(tape, Section.LEG, leg, i -> down ? leg - 1 - i : i + lost);
        straight(tape, Section.CUFF, cuff, i -> down ? cuff - 1 - i : i);
        return tape;
    }

    private void straight(List<ColourRound> tape, Section section, int rounds, IntUnaryOperator index) {
        List<ColourRound> worked = counted.get(section);
        ColourRound other = ColourRound.other(sock.stitches().count());
        for (int i = 0; i < rounds; i++) {
            tape.add(worked == null ? other : worked.get(index.applyAsInt(i)));
        }
    }

    private void shaped(List<ColourRound> tape, Section section, Shaping shaping, int rounds, IntUnaryOperator index) {
        List<ColourRound> worked = counted.get(section);
        int last = shaping.list().size() - 1;
        for (int i = 0; i < rounds; i++) {
            int at = Math.max(0, Math.min(last, index.applyAsInt(i)));
            tape.add(worked == null ? ColourRound.other(shaping.list().get(at).stitches()) : worked.get(at));
        }
    }

    /**
     * The toe's rounds from its tip. Short rows lie there twice, out and back; the ones back are shown where the toe is
     * knitted first, since the foot goes on from them, else those out.
     */
    private void layToe(List<ColourRound> tape, int rounds) {
        Shaping toe = sock.toe();
        int before = toe.school().inRounds() ? 0 : toe.list().size() - rounds;
        shaped(tape, Section.TOE, toe, rounds, toe.begun() ? i -> before + i : i -> rounds - 1 - i);
    }

    List<ColourRound> heelRounds() {
        int rounds = sock.heel().rounds().count();
        List<ColourRound> heel = new ArrayList<>(rounds);
        shaped(heel, Section.HEEL, sock.heel(), rounds, i -> i);
        return heel;
    }
}
