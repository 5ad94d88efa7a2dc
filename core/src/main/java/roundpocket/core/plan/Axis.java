package roundpocket.core.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import roundpocket.core.explain.Step;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.Tube;

/** Lays the rounds along the tape, toe tip at 0, each with its place in the knitter's own count and the yarn used. */
final class Axis {
    private final Tube tube;
    private final Shaping toe;
    private final WorkOrder order;
    private final Map<Section, Double> grams;
    private final double cakeG;
    private final int toeRounds;
    private final int opening;
    private final int cuffStart;
    private final int all;

    private Axis(Tube tube, Shaping toe, YarnNeed yarn) {
        this.tube = tube;
        this.toe = toe;
        this.order = WorkOrder.of(tube);
        this.grams = yarn.sections().stream().collect(Collectors.toMap(SectionYarn::section, section -> section.grams()
                .value()));
        this.cakeG = yarn.leg()
                .filter(leg -> yarn.roles().size() == 1)
                .map(leg -> leg.cake().value())
                .orElse(yarn.sockGrams().value());
        this.toeRounds = toe.rounds().count();
        this.opening = tube.heelLine().round().count();
        this.cuffStart = opening + tube.rounds().leg().count();
        this.all = tube.rounds().all().count();
    }

    static List<AxisRound> of(Tube tube, Step cuff, Shaping toe, YarnNeed yarn) {
        return new Axis(tube, toe, yarn).rounds();
    }

    private List<AxisRound> rounds() {
        double mmPerRound = tube.lengths().all().value() / all;
        double[] used = used();
        return IntStream.rangeClosed(1, all)
                .mapToObj(round -> new AxisRound(
                        round, counted(round), sectionOf(round), round * mmPerRound, used[round], cakeG - used[round]))
                .toList();
    }

    private Section sectionOf(int round) {
        return round <= toeRounds
                ? Section.TOE
                : round <= opening ? Section.FOOT : round <= cuffStart ? Section.LEG : Section.CUFF;
    }

    /** Where the knitter's count stands when this round is done. */
    private int counted(int round) {
        int lost = tube.rounds().sacrificed().count();
        boolean pickedUpToe = round <= toeRounds && !order.sections().get(0).equals(Section.TOE);
        if (pickedUpToe) {
            return toeRounds - round + 1;
        }
        int beyond = round > opening ? lost : 0;
        int before = round <= opening ? lost : 0;
        return switch (tube.heelLine().count().from()) {
            case TOE_TIP -> round + beyond;
            case END_OF_TOE -> round - toeRounds + beyond;
            case CUFF_EDGE -> all - round + 1 + before;
            case START_OF_LEG -> round > cuffStart ? round - cuffStart : cuffStart - round + 1 + before;
        };
    }

    /** Grams used in this sock once a round is knitted, by round from the tip of the toe. */
    private double[] used() {
        double[] used = new double[all + 1];
        double soFar = 0;
        for (Section section : order.sections()) {
            double here = grams.getOrDefault(section, 0.0);
            int[] rounds = worked(section);
            double[] shares = section == Section.TOE ? toeShares(rounds.length) : evenShares(rounds.length);
            for (int i = 0; i < rounds.length; i++) {
                used[rounds[i]] = soFar + here * shares[i];
            }
            soFar += here;
        }
        fillUnworked(used);
        return used;
    }

    /** Rounds of a section on the tape, in the order in which they are knitted. */
    private int[] worked(Section section) {
        int[] upwards =
                switch (section) {
                    case TOE -> IntStream.rangeClosed(1, toeRounds).toArray();
                    case FOOT -> IntStream.rangeClosed(toeRounds + 1, opening).toArray();
                    case LEG -> IntStream.rangeClosed(opening + 1, cuffStart).toArray();
                    case CUFF -> IntStream.rangeClosed(cuffStart + 1, all).toArray();
                    default -> new int[0];
                };
        boolean downwards = section == Section.TOE
                ? order.sections().get(0) != Section.TOE
                : tube.heelLine().count().from() == CountFrom.CUFF_EDGE;
        return downwards ? reversed(upwards) : upwards;
    }

    private static int[] reversed(int[] rounds) {
        return IntStream.range(0, rounds.length)
                .map(i -> rounds[rounds.length - 1 - i])
                .toArray();
    }

    private static double[] evenShares(int rounds) {
        return IntStream.rangeClosed(1, rounds)
                .mapToDouble(i -> (double) i / rounds)
                .toArray();
    }

    /** Of short rows there are two to a round of depth, so a round on the tape takes its share of the rows. */
    private double[] toeShares(int rounds) {
        List<ShapingRound> list = toe.list();
        double whole = list.get(list.size() - 1).cumulative();
        return IntStream.rangeClosed(1, rounds)
                .mapToDouble(
                        i -> list.get(Math.max(0, list.size() * i / rounds - 1)).cumulative() / whole)
                .toArray();
    }

    /** A ready tube takes no yarn for foot and leg: there, what was used before still stands. */
    private void fillUnworked(double[] used) {
        if (!order.sections().contains(Section.LEG)) {
            double cuffAndHeel = grams.getOrDefault(Section.CUFF, 0.0);
            Arrays.fill(used, toeRounds + 1, cuffStart + 1, cuffAndHeel);
        }
    }
}
