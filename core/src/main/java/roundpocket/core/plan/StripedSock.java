package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntSupplier;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.StripePlan.Share;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.stripe.Pass;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.YarnModel;

/**
 * One sock as the main yarn meets it: the tube in one go, then heel and late toe, each with its ends.
 *
 * @param yarns which section is of which yarn
 * @param model what a stitch of the main yarn takes
 * @param stitches stitches of the tube
 * @param cuff rounds of the cuff
 * @param tube the tube
 * @param toe the toe
 * @param heel the heel
 * @param gauge the gauge
 */
record StripedSock(
        Yarns yarns, YarnModel model, Step stitches, Step cuff, Tube tube, Shaping toe, Shaping heel, Gauge gauge) {
    private static final double MM = 1000;

    /** A round of a section, counted from 1 in the order of the knitting, with the stitches worked in it; 0 for a tail. */
    private record Worked(Section section, int round, Pass pass) {}

    /** A round with its colours. */
    record Coloured(Section section, int round, StripedRound colours) {}

    /** A stretch knitted in one go. */
    record Run(List<Coloured> rounds, double fromM, double toM) {}

    /** Both the tube's run and those of heel and toe; what was wound off before either. */
    record Colours(
            StripedSock sock,
            Thread thread,
            Run tube,
            Optional<Run> heel,
            Optional<Run> toe,
            Optional<Step> heelWindOff,
            Optional<Step> toeWindOff,
            double startM,
            double endM) {
        double usedM() {
            return endM - startM;
        }

        List<Run> runs() {
            List<Run> runs = new ArrayList<>(List.of(tube));
            heel.ifPresent(runs::add);
            toe.ifPresent(runs::add);
            return runs;
        }

        SockStripes stripes(Optional<Step> windOff) {
            return new SockStripes(
                    tube.rounds().get(0).colours().band(),
                    windOff,
                    heelWindOff,
                    toeWindOff,
                    Given.tried("metres from the cake in this sock", usedM(), Unit.METRES),
                    sock.unsureAtHeelLine(this),
                    sock.shares(this),
                    sock.onTheTape(this),
                    sock.heelRounds(this));
        }
    }

    /** Whether the tube is knitted for this pair. */
    boolean knitted() {
        return tube.way() != Way.READY_TUBE;
    }

    /** Whether its tube was cut into pieces before: then it has the stripes that it has. */
    boolean inPieces() {
        return tube.cut().filter(cut -> cut.cut() == Cut.PIECES).isPresent();
    }

    private boolean main(Section section) {
        return yarns.of(section) == YarnRole.MAIN;
    }

    private List<Section> order() {
        return WorkOrder.of(tube).sections();
    }

    private double stitchM() {
        return model.loopLength().value() / MM * model.factor().value();
    }

    private static Worked tail(Section section, double metres) {
        return new Worked(section, 0, Pass.tail(metres));
    }

    private List<Worked> rounds(Section section) {
        return switch (section) {
            case TOE -> shaped(section, toe);
            case HEEL -> shaped(section, heel);
            case FOOT -> full(section, tube.footRounds().count());
            case LEG ->
                full(section, tube.legRounds().count() + tube.sacrificed().count());
            case CUFF -> full(section, cuff.count());
            case ENDS, CONTRAST_ENDS -> List.of();
        };
    }

    private List<Worked> full(Section section, int rounds) {
        Pass round = Pass.round(stitches.count());
        return IntStream.rangeClosed(1, rounds)
                .mapToObj(i -> new Worked(section, i, round))
                .toList();
    }

    private static List<Worked> shaped(Section section, Shaping shaping) {
        List<Worked> rounds = new ArrayList<>();
        int before = 0;
        for (ShapingRound round : shaping.list()) {
            rounds.add(new Worked(section, round.number(), Pass.round(round.cumulative() - before)));
            before = round.cumulative();
        }
        return rounds;
    }

    /** The tube with its first and its last end, and the edge of the cuff where that is of this yarn. */
    private List<Worked> tubeRun() {
        if (inPieces()) {
            return Stream.of(Section.FOOT, Section.LEG)
                    .flatMap(section -> rounds(section).stream())
                    .toList();
        }
        List<Section> sections = order().subList(0, order().indexOf(Section.HEEL)).stream()
                .filter(this::main)
                .toList();
        Worked edge = tail(Section.CUFF, stitches.value() * stitchM());
        List<Worked> run = new ArrayList<>();
        run.add(tail(sections.get(0), ColourWindOff.endM()));
        if (sections.get(0) == Section.TOE) {
            // A toe that is begun at its tip has the stitches of its start, which are no round.
            double start = toe.stitchesWorked().value()
                    - toe.list().get(toe.list().size() - 1).cumulative();
            run.add(tail(Section.TOE, start * stitchM()));
        }
        for (Section section : sections) {
            if (section == Section.CUFF && tube.way() == Way.CUFF_DOWN) {
                run.add(edge);
            }
            run.addAll(rounds(section));
            if (section == Section.CUFF && tube.way() != Way.CUFF_DOWN) {
                run.add(edge);
            }
        }
        run.add(tail(sections.get(sections.size() - 1), ColourWindOff.endM()));
        return run;
    }

    private Optional<List<Worked>> lateRun(Section section, String name, Shaping shaping) {
        boolean late = order().indexOf(section) >= order().indexOf(Section.HEEL);
        if (!late || !main(section) || inPieces()) {
            return Optional.empty();
        }
        List<Worked> run = new ArrayList<>();
        run.add(tail(section, ColourWindOff.endM()));
        run.addAll(rounds(section));
        YarnPlanner.tail(name, shaping, gauge).ifPresent(length -> run.add(tail(section, length.value() / MM)));
        return Optional.of(run);
    }

    /** Metres of yarn in one sock, whatever yarn it is: no less than what the main yarn is knitted for. */
    double metres() {
        double rounds = tube.footRounds().value()
                + tube.legRounds().value()
                + tube.sacrificed().value()
                + cuff.value()
                + 1;
        double worked = rounds * stitches.value()
                + heel.stitchesWorked().value()
                + toe.stitchesWorked().value();
        return worked * stitchM();
    }

    /** Knits the sock from where the walk is. */
    Colours colours(Thread thread, Walk walk, ColourChoice choice, double startM) {
        Run tubeRun = run(walk, tubeRun());
        Optional<List<Worked>> heelRun = lateRun(Section.HEEL, "heel", heel);
        Optional<Step> heelWindOff = heelRun.flatMap(run -> windOff(
                "to wind off before the heel",
                thread,
                walk,
                choice.heelTaken(),
                choice.heelBand(),
                () -> bandBelowTheHeelLine(tubeRun)));
        Optional<Run> heelColours = heelRun.map(run -> run(walk, run));
        Optional<List<Worked>> toeRun = lateRun(Section.TOE, "toe", toe);
        Optional<Step> toeWindOff = toeRun.flatMap(run -> windOff(
                "to wind off before the toe",
                thread,
                walk,
                choice.toeTaken(),
                choice.toeBand(),
                () -> bandBesideTheToe(tubeRun)));
        Optional<Run> toeColours = toeRun.map(run -> run(walk, run));
        return new Colours(this, thread, tubeRun, heelColours, toeColours, heelWindOff, toeWindOff, startM, walk.atM());
    }

    private static Optional<Step> windOff(
            String label, Thread thread, Walk walk, ColourStart start, OptionalInt chosen, IntSupplier beside) {
        Optional<Step> metres = ColourWindOff.before(label, start, chosen, beside, thread, walk.atM());
        metres.ifPresent(walk::windOff);
        return metres.filter(some -> some.value() > 0);
    }

    private static Run run(Walk walk, List<Worked> worked) {
        double from = walk.atM();
        List<StripedRound> rounds = walk.knit(worked.stream().map(Worked::pass).toList());
        List<Coloured> coloured = new ArrayList<>();
        int at = 0;
        for (Worked one : worked) {
            if (one.round() > 0) {
                coloured.add(new Coloured(one.section(), one.round(), rounds.get(at++)));
            }
        }
        return new Run(coloured, from, walk.atM());
    }

    private int bandBelowTheHeelLine(Run tubeRun) {
        return atHeelLine(tubeRun).lastBand();
    }

    /** The round of the foot that lies beside the heel line. */
    private StripedRound atHeelLine(Run tubeRun) {
        return tubeRun.rounds().stream()
                .filter(one -> one.section() == Section.FOOT)
                .reduce((first, second) -> tube.way() == Way.CUFF_DOWN ? first : second)
                .orElseThrow()
                .colours();
    }

    private int bandBesideTheToe(Run tubeRun) {
        return tubeRun.rounds().stream()
                .filter(one -> one.section() == Section.FOOT)
                .reduce((first, second) -> tube.way() == Way.CUFF_DOWN ? second : first)
                .orElseThrow()
                .colours()
                .lastBand();
    }

    private Step unsureAtHeelLine(Colours colours) {
        StripedRound before = atHeelLine(colours.tube());
        return colours.thread()
                .repeat()
                .unsureRounds("colours at the heel line unsure by", before.sinceM(), before.stitches() * stitchM());
    }

    private List<Share> shares(Colours colours) {
        Map<String, List<Step>> metres = new HashMap<>();
        Map<String, Integer> first = new HashMap<>();
        Repeat repeat = colours.thread().repeat();
        for (Run run : colours.runs()) {
            double at = run.fromM();
            Map<String, Double> here = new HashMap<>();
            List<Thread.Change> changes = new ArrayList<>(colours.thread().changes(at, run.toM()));
            changes.add(new Thread.Change(run.toM(), 0));
            int band = colours.thread().bandAt(at);
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
                    return new Share(entry.getValue(), sum, model.gramsOf("grams of " + name, sum));
                })
                .toList();
    }

    /** Every round with the how-manieth of its colour it belongs to; what lies on the table is seen, and sure. */
    private static Map<Section, List<ColourRound>> counted(Run run, boolean seen) {
        Map<Section, List<ColourRound>> counted = new EnumMap<>(Section.class);
        Map<Integer, Integer> times = new HashMap<>();
        List<Coloured> rounds = run.rounds();
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
    private static int middle(Coloured round) {
        return round.colours().bandOf((round.colours().stitches() + 1) / 2);
    }

    private List<ColourRound> onTheTape(Colours colours) {
        Map<Section, List<ColourRound>> rounds = new EnumMap<>(Section.class);
        colours.runs().forEach(run -> rounds.putAll(counted(run, inPieces())));
        List<ColourRound> tape = new ArrayList<>();
        tape.addAll(laid(rounds.get(Section.TOE), toe.rounds().count(), this::toeIndex, toe));
        boolean down = tube.way() == Way.CUFF_DOWN;
        int foot = tube.footRounds().count();
        int leg = tube.legRounds().count();
        int lost = tube.sacrificed().count();
        tape.addAll(straight(rounds.get(Section.FOOT), foot, i -> down ? foot - 1 - i : i));
        // The round that is unpicked is knitted beside the heel line, and is not in the sock.
        tape.addAll(straight(rounds.get(Section.LEG), leg, i -> down ? leg - 1 - i : i + lost));
        tape.addAll(straight(rounds.get(Section.CUFF), cuff.count(), i -> down ? cuff.count() - 1 - i : i));
        return tape;
    }

    private List<ColourRound> straight(List<ColourRound> worked, int rounds, IntUnaryOperator index) {
        return IntStream.range(0, rounds)
                .mapToObj(i -> worked == null ? ColourRound.other(stitches.count()) : worked.get(index.applyAsInt(i)))
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
        int rounds = toe.rounds().count();
        if (!toe.begun()) {
            return rounds - 1 - i;
        }
        return toe.school().inRounds() ? i : toe.list().size() - rounds + i;
    }

    private List<ColourRound> heelRounds(Colours colours) {
        List<ColourRound> worked =
                colours.heel().map(run -> counted(run, false).get(Section.HEEL)).orElse(null);
        return laid(worked, heel.rounds().count(), i -> i, heel);
    }
}
