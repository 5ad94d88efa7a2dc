package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntSupplier;
import java.util.stream.Stream;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.stripe.Pass;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.stripe.Winding;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.TubeRounds;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.YarnModel;

/**
 * One sock as the main yarn meets it: the tube in one go, then heel and late toe, each with its ends.
 *
 * @param ends the ends that are left where yarn is joined and cut
 * @param model what a stitch of the main yarn takes
 * @param stitches stitches of the tube
 * @param cuff rounds of the cuff
 * @param tube the tube
 * @param toe the toe
 * @param heel the heel
 * @param gauge the gauge
 */
record StripedSock(
        Ends ends, YarnModel model, Step stitches, Step cuff, Tube tube, Shaping toe, Shaping heel, Gauge gauge) {
    private static final double MM = 1000;

    /** A round of a section, counted from 1 in the order of the knitting, with the stitches worked in it; 0 for a tail. */
    private record Worked(Section section, int round, Pass pass) {}

    /** A round with its colours. */
    record Coloured(Section section, int round, StripedRound colours) {}

    /** A stretch knitted in one go. */
    record Run(List<Coloured> rounds, Thread thread, double fromM, double toM) {
        /** The same on the cake as it is known later. */
        Run on(Thread known) {
            return new Run(rounds, known, fromM, toM);
        }
    }

    /**
     * The tube's run, the cuff's where it has one of its own, and those of heel and toe; what was wound off before either.
     */
    record Colours(
            StripedSock sock,
            Thread thread,
            Run tube,
            Optional<Run> cuff,
            Optional<Run> heel,
            Optional<Run> toe,
            Optional<Winding> heelWindOff,
            Optional<Winding> toeWindOff,
            double startM,
            double endM) {
        double usedM() {
            double knittedToPiece = runs().stream()
                    .filter(run -> run.thread() != thread)
                    .mapToDouble(run -> run.toM() - run.fromM())
                    .sum();
            return endM - startM + knittedToPiece;
        }

        List<Run> runs() {
            List<Run> runs = new ArrayList<>(List.of(tube));
            cuff.ifPresent(runs::add);
            heel.ifPresent(runs::add);
            toe.ifPresent(runs::add);
            return runs;
        }

        SockStripes stripes(Optional<Winding> windOff) {
            LaidColours laid = new LaidColours(sock, this);
            return new SockStripes(
                    tube.rounds().get(0).colours().band(),
                    windOff,
                    heelWindOff,
                    toeWindOff,
                    Given.tried("metres from the cake in this sock", usedM(), Unit.METRES),
                    sock.unsureAtHeelLine(this),
                    laid.shares(),
                    laid.onTheTape(),
                    laid.heelRounds());
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
        return ends.yarns().of(section) == YarnRole.MAIN;
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
            case FOOT -> full(section, tube.rounds().foot().count());
            case LEG ->
                full(
                        section,
                        tube.rounds().leg().count() + tube.rounds().sacrificed().count());
            case CUFF -> full(section, cuff.count());
            case ENDS, CONTRAST_ENDS -> List.of();
        };
    }

    private List<Worked> full(Section section, int rounds) {
        Pass round = Pass.round(stitches.count());
        List<Worked> worked = new ArrayList<>(rounds);
        for (int i = 1; i <= rounds; i++) {
            worked.add(new Worked(section, i, round));
        }
        return worked;
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
        if (!knitted()) {
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
        if (!ends.toeGoesOn()) {
            run.add(tail(sections.get(sections.size() - 1), ColourWindOff.endM()));
        }
        return run;
    }

    private Optional<List<Worked>> lateRun(Section section, String name, Shaping shaping) {
        boolean late = order().indexOf(section) >= order().indexOf(Section.HEEL);
        if (!late || !main(section)) {
            return Optional.empty();
        }
        List<Worked> run = new ArrayList<>();
        if (section != Section.TOE || !ends.toeGoesOn()) {
            run.add(tail(section, ColourWindOff.endM()));
        }
        run.addAll(rounds(section));
        if (section == Section.HEEL ? ends.heelLength() : ends.toeLength()) {
            run.add(tail(section, ColourWindOff.endM()));
        }
        YarnPlanner.tail(name, shaping, gauge).ifPresent(length -> run.add(tail(section, length.value() / MM)));
        return Optional.of(run);
    }

    /** Metres of yarn in one sock, whatever yarn it is: no less than what the main yarn is knitted for. */
    double metres() {
        double rounds = tube.rounds().foot().value()
                + tube.rounds().leg().value()
                + tube.rounds().sacrificed().value()
                + cuff.value()
                + 1;
        double worked = rounds * stitches.value()
                + heel.stitchesWorked().value()
                + toe.stitchesWorked().value();
        return worked * stitchM();
    }

    /** Knits the sock from where the walk is. */
    Colours colours(Walk walk, ColourChoice choice, double startM) {
        Run tubeRun = run(walk, tubeRun());
        Optional<List<Worked>> heelRun = lateRun(Section.HEEL, "heel", heel);
        Optional<Winding> heelWindOff = heelRun.flatMap(run -> windOff(
                "to wind off before the heel",
                walk,
                choice.heelTaken(),
                choice.heelBand(),
                () -> bandBelowTheHeelLine(tubeRun)));
        Optional<Run> heelColours = heelRun.map(run -> run(walk, run));
        Optional<List<Worked>> toeRun = lateRun(Section.TOE, "toe", toe);
        Optional<Winding> toeWindOff = toeRun.flatMap(run -> windOff(
                "to wind off before the toe",
                walk,
                choice.toeTaken(),
                choice.toeBand(),
                () -> bandBesideTheToe(tubeRun)));
        Optional<Run> toeColours = toeRun.map(run -> run(walk, run));
        Thread thread = walk.thread();
        return new Colours(
                this,
                thread,
                tubeRun.on(thread),
                Optional.empty(),
                heelColours.map(run -> run.on(thread)),
                toeColours.map(run -> run.on(thread)),
                heelWindOff,
                toeWindOff,
                startM,
                walk.atM());
    }

    /**
     * A piece of a tube, and what is knitted to it of the yarn that was unravelled.
     *
     * @param fromM metres of the tube’s yarn before its first round
     * @param ball that yarn; empty where nothing is known of its colours
     */
    Colours piece(Thread thread, double fromM, Optional<Walk> ball) {
        Walk walk = new Walk(thread, fromM);
        Run tubeRun = run(walk, tubeRun());
        Optional<Run> cuffRun = ball.filter(any -> main(Section.CUFF)).map(any -> run(any, cuffRun()));
        Optional<Run> heelRun =
                ball.flatMap(any -> lateRun(Section.HEEL, "heel", heel).map(run -> run(any, run)));
        Optional<Run> toeRun =
                ball.flatMap(any -> lateRun(Section.TOE, "toe", toe).map(run -> run(any, run)));
        return new Colours(
                this, thread, tubeRun, cuffRun, heelRun, toeRun, Optional.empty(), Optional.empty(), fromM, walk.atM());
    }

    /** Rounds of the uncut tube before the second piece’s first: it has its cuff at the far end, behind what is ravelled. */
    double beforeTheSecond() {
        TubeRounds rounds = tube.rounds();
        double piece = rounds.foot().value()
                + rounds.leg().value()
                + rounds.sacrificed().value();
        double tubeRounds = tube.cut()
                .filter(cut -> cut.cut() != Cut.PIECES)
                .map(cut -> cut.tubeRounds().value()
                        - cut.ravelled().map(Step::value).orElse(0.0))
                .orElse(piece);
        return Math.max(0, tubeRounds - piece);
    }

    private List<Worked> cuffRun() {
        List<Worked> run = new ArrayList<>();
        run.add(tail(Section.CUFF, ColourWindOff.endM()));
        run.addAll(rounds(Section.CUFF));
        run.add(tail(Section.CUFF, stitches.value() * stitchM()));
        run.add(tail(Section.CUFF, ColourWindOff.endM()));
        return run;
    }

    private static Optional<Winding> windOff(
            String label, Walk walk, ColourStart start, OptionalInt chosen, IntSupplier beside) {
        return ColourWindOff.before(label, start, chosen, beside, walk);
    }

    private static Run run(Walk walk, List<Worked> worked) {
        double from = walk.atM();
        List<Pass> passes = new ArrayList<>(worked.size());
        worked.forEach(one -> passes.add(one.pass()));
        List<StripedRound> rounds = walk.knit(passes);
        List<Coloured> coloured = new ArrayList<>(worked.size());
        int at = 0;
        for (Worked one : worked) {
            if (one.round() > 0) {
                coloured.add(new Coloured(one.section(), one.round(), rounds.get(at++)));
            }
        }
        return new Run(coloured, walk.thread(), from, walk.atM());
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
        Repeat repeat = colours.thread().repeat();
        String label = "colours at the heel line unsure by";
        double roundM = before.stitches() * stitchM();
        return before.lost() ? repeat.lostRounds(label, roundM) : repeat.unsureRounds(label, before.sinceM(), roundM);
    }
}
