package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.explain.Step;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.Shaping.Width;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.Tube;

/**
 * The sock as it lies flat on the table, toe tip at 0, for drawing to scale. All lengths in millimetres.
 *
 * @param lengthMm toe tip to cuff edge
 * @param widthMm width of the flattened tube, half its girth
 * @param openingMm toe tip to the heel line
 * @param spans the sections along the tape
 * @param toe the toe's edge from its pick-up to its tip
 * @param heel the heel's edge from its pick-up to its graft
 */
public record Outline(
        double lengthMm, double widthMm, double openingMm, List<Span> spans, List<Edge> toe, List<Edge> heel) {

    /**
     * A section on the tape.
     *
     * @param section toe, foot, leg or cuff
     * @param fromRound first round, counted from the tip of the toe
     * @param toRound last round
     * @param fromMm where it begins
     * @param toMm where it ends
     */
    public record Span(Section section, int fromRound, int toRound, double fromMm, double toMm) {}

    /**
     * The flat width of a heel or a toe at one depth.
     *
     * @param depthMm from the pick-up
     * @param widthMm one side's stitches, laid flat
     */
    public record Edge(double depthMm, double widthMm) {}

    public Outline {
        spans = List.copyOf(spans);
        toe = List.copyOf(toe);
        heel = List.copyOf(heel);
    }

    static Outline of(Step half, Step cuff, Tube tube, Shaping toe, Shaping heel, Gauge gauge) {
        double mmPerStitch = 100 / gauge.stitches().value();
        double mmPerRound = 100 / gauge.rounds().value();
        double widthMm = half.value() * mmPerStitch;
        return new Outline(
                tube.lengths().all().value(),
                widthMm,
                tube.heelLine().fromToe().value(),
                spans(
                        mmPerRound,
                        toe.rounds().count(),
                        tube.rounds().foot().count(),
                        tube.rounds().leg().count(),
                        cuff.count()),
                edges(toe, widthMm, mmPerStitch, mmPerRound),
                edges(heel, widthMm, mmPerStitch, mmPerRound));
    }

    private static List<Span> spans(double mmPerRound, int toe, int foot, int leg, int cuff) {
        List<Span> spans = new ArrayList<>();
        int[] rounds = {toe, foot, leg, cuff};
        Section[] sections = {Section.TOE, Section.FOOT, Section.LEG, Section.CUFF};
        int done = 0;
        for (int i = 0; i < rounds.length; i++) {
            int end = done + rounds[i];
            spans.add(new Span(sections[i], done + 1, end, done * mmPerRound, end * mmPerRound));
            done = end;
        }
        return spans;
    }

    private static List<Edge> edges(Shaping shaping, double widthMm, double mmPerStitch, double mmPerRound) {
        List<Edge> edges = new ArrayList<>();
        edges.add(new Edge(0, widthMm));
        for (Width width : shaping.widths()) {
            edges.add(new Edge(width.rounds() * mmPerRound, width.side() * mmPerStitch));
        }
        return edges;
    }
}
