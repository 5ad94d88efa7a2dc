package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
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
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Thread;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.YarnModel;

/** The colours of a sock as it lies on the tape, and how much of each there is. */
final class LaidColours {
    private final StripedSock sock;
    private final StripedSock.Colours colours;

    LaidColours(StripedSock sock, StripedSock.Colours colours) {
        this.sock = sock;
        this.colours = colours;
    }

    List<Share> shares() {
        Map<String, List<Step>> metres = new HashMap<>();
        Map<String, Integer> first = new HashMap<>();
        Repeat repeat = colours.thread().repeat();
        for (StripedSock.Run run : colours.runs()) {
            double at = run.fromM();
            Map<String, Double> here = new HashMap<>();
            List<Thread.Change> changes = new ArrayList<>(run.thread().changes(at, run.toM()));
            changes.add(new Thread.Change(run.toM(), 0));
            int band = run.thread().bandAt(at);
            for (Thread.Change change : changes) {
                String colour = repeat.striping().bands().get(band).colour();
                here.merge(colour, change.atM() - at, Double::sum);
                first.merge(colour, band, Math::min);
                at = change.atM();
                band = change.band();
            }
            here.forEach((colour, length) -> metres.computeIfAbsent(colour, any -> new ArrayList<>())
                    .add(Given.tried("metres in one go", length, Unit.METRES)));
        }
        return first.entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .map(entry -> {
                    String name =
                            repeat.striping().bands().get(entry.getValue()).called();
                    Step sum = YarnModel.sum("metres of " + name, Unit.METRES, metres.get(entry.getKey()));
                    return new Share(entry.getValue(), sum, sock.model().gramsOf("grams of " + name, sum));
                })
                .toList();
    }

    /** Every round with the how-manieth of its colour it belongs to; what lies on the table is seen, and sure. */
    private static Map<Section, List<ColourRound>> counted(StripedSock.Run run, boolean seen) {
        Map<Section, List<ColourRound>> counted = new EnumMap<>(Section.class);
        Map<Integer, Integer> times = new HashMap<>();
        List<StripedSock.Coloured> rounds = run.rounds();
        for (int i = 0; i < rounds.size(); ) {
            int band = middle(rounds.get(i));
            int end = i;
            while (end < rounds.size() && middle(rounds.get(end)) == band) {
                end++;
            }
            int nth = times.merge(band, 1, Integer::sum);
            for (int j = i; j < end; j++) {
                StripedRound colours = rounds.get(j).colours();
                counted.computeIfAbsent(rounds.get(j).section(), any -> new ArrayList<>())
                        .add(new ColourRound(
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
        return counted;
    }

    /** The band that most of a round has, near enough: that of its middle stitch. */
    private static int middle(StripedSock.Coloured round) {
        return round.colours().bandOf((round.colours().stitches() + 1) / 2);
    }

    List<ColourRound> onTheTape() {
        Map<Section, List<ColourRound>> rounds = new EnumMap<>(Section.class);
        colours.runs().forEach(run -> rounds.putAll(counted(run, sock.inPieces() && run == colours.tube())));
        List<ColourRound> tape = new ArrayList<>();
        tape.addAll(laid(rounds.get(Section.TOE), sock.toe().rounds().count(), this::toeIndex, sock.toe()));
        boolean down = sock.tube().way() == Way.CUFF_DOWN;
        int foot = sock.tube().footRounds().count();
        int leg = sock.tube().legRounds().count();
        int lost = sock.tube().sacrificed().count();
        tape.addAll(straight(rounds.get(Section.FOOT), foot, i -> down ? foot - 1 - i : i));
        // The round that is unpicked is knitted beside the heel line, and is not in the sock.
        tape.addAll(straight(rounds.get(Section.LEG), leg, i -> down ? leg - 1 - i : i + lost));
        tape.addAll(straight(
                rounds.get(Section.CUFF),
                sock.cuff().count(),
                i -> down ? sock.cuff().count() - 1 - i : i));
        return tape;
    }

    private List<ColourRound> straight(List<ColourRound> worked, int rounds, IntUnaryOperator index) {
        return IntStream.range(0, rounds)
                .mapToObj(i ->
                        worked == null ? ColourRound.other(sock.stitches().count()) : worked.get(index.applyAsInt(i)))
                .toList();
    }

    private static List<ColourRound> laid(
            List<ColourRound> worked, int rounds, IntUnaryOperator index, Shaping shaping) {
        return IntStream.range(0, rounds)
                .mapToObj(i -> {
                    int at = Math.max(0, Math.min(shaping.list().size() - 1, index.applyAsInt(i)));
                    return worked == null
                            ? ColourRound.other(shaping.list().get(at).stitches())
                            : worked.get(at);
                })
                .toList();
    }

    /**
     * Which of the toe's rounds lies at the i-th round from its tip, from 0. Short rows lie there twice, out and back; the
     * ones back are shown where the toe is knitted first, since the foot goes on from them, else those out.
     */
    private int toeIndex(int i) {
        int rounds = sock.toe().rounds().count();
        if (!sock.toe().begun()) {
            return rounds - 1 - i;
        }
        return sock.toe().school().inRounds() ? i : sock.toe().list().size() - rounds + i;
    }

    List<ColourRound> heelRounds() {
        List<ColourRound> worked =
                colours.heel().map(run -> counted(run, false).get(Section.HEEL)).orElse(null);
        return laid(worked, sock.heel().rounds().count(), i -> i, sock.heel());
    }
}
