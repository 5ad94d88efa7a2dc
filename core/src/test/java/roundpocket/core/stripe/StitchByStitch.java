package roundpocket.core.stripe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roundpocket.core.finish.Graft;
import roundpocket.core.finish.Needle;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.ShapedPart;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.tube.Way;

/**
 * The main yarn of one sock walked stitch by stitch, as plainly as can be: no rounds at once, no search, no sums. What the
 * core lays out must be the same.
 */
final class StitchByStitch {
    private static final double EVEN = 1e-7;

    private final SockSpec spec;
    private final SockPlan plan;
    private final double stitchM;
    private final double repeatM;
    private final List<String> colours = new ArrayList<>();
    private final List<Double> starts = new ArrayList<>();
    private final List<Section> sections = new ArrayList<>();
    private final List<String> stitches = new ArrayList<>();
    private final List<Boolean> close = new ArrayList<>();
    private double at;

    StitchByStitch(SockSpec spec, SockPlan plan) {
        this.spec = spec;
        this.plan = plan;
        this.stitchM =
                plan.yarn().loopLength().value() / 1000 * plan.yarn().factor().value();
        double sum = 0;
        for (Band band : spec.yarns().striping().orElseThrow().bands()) {
            starts.add(sum);
            colours.add(band.colour());
            sum += band.lengthM().isPresent()
                    ? band.lengthM().getAsDouble()
                    : band.rounds().getAsDouble() * band.stitches().getAsInt() * stitchM;
        }
        repeatM = sum;
        at = spec.yarns().striping().orElseThrow().startM();
        walk();
    }

    private void walk() {
        boolean toeUp = plan.tube().way() == Way.TOE_UP;
        boolean toeFirst = toeUp && plan.tube().toeStart().toeFirst();
        at += 0.2;
        if (toeUp) {
            if (toeFirst && main(Section.TOE)) {
                at += (plan.toe().shaping().stitchesWorked().value()
                                - last(plan.toe().shaping()))
                        * stitchM;
                shaped(Section.TOE, plan.toe().shaping());
            }
            full(Section.FOOT, plan.tube().rounds().foot().count());
            full(
                    Section.LEG,
                    plan.tube().rounds().sacrificed().count()
                            + plan.tube().rounds().leg().count());
            full(Section.CUFF, plan.cuff().rounds().count());
            edge();
        } else {
            edge();
            full(Section.CUFF, plan.cuff().rounds().count());
            full(
                    Section.LEG,
                    plan.tube().rounds().leg().count()
                            + plan.tube().rounds().sacrificed().count());
            full(Section.FOOT, plan.tube().rounds().foot().count());
        }
        // A toe that is knitted straight on from the foot: nobody cuts the yarn before it.
        boolean straightOn = !toeUp && main(Section.TOE) && !main(Section.HEEL);
        at += straightOn ? 0 : 0.2;
        late(Section.HEEL, plan.heel(), plan.yarn().heelTail().value(), 0.2);
        if (!toeFirst) {
            late(Section.TOE, plan.toe(), plan.yarn().toeTail().orElseThrow().value(), straightOn ? 0 : 0.2);
        }
    }

    private boolean main(Section section) {
        return spec.yarns().of(section) == YarnRole.MAIN;
    }

    private void edge() {
        if (main(Section.CUFF)) {
            at += plan.stitchCount().stitches().value() * stitchM;
        }
    }

    private void full(Section section, int rounds) {
        if (main(section)) {
            knit(section, rounds * plan.stitchCount().stitches().count());
        }
    }

    private void shaped(Section section, Shaping shaping) {
        if (main(section)) {
            knit(section, last(shaping));
        }
    }

    private static int last(Shaping shaping) {
        List<ShapingRound> list = shaping.list();
        return list.get(list.size() - 1).cumulative();
    }

    private void late(Section section, ShapedPart part, double tailMm, double joined) {
        if (main(section)) {
            at += joined;
            shaped(section, part.shaping());
            at += part.graft().filter(any -> sewnWithItsOwn(part, any)).isPresent() ? 0.2 : 0;
            at += tailMm / 1000;
        }
    }

    /** After rounds the yarn hangs behind, after rows in front; elsewhere the end is woven in, and a new one is threaded. */
    private static boolean sewnWithItsOwn(ShapedPart part, Graft graft) {
        boolean hangsBehind = part.shaping().school().inRounds();
        boolean comesFromBehind = graft.yarnAt() == Needle.BACK;
        return hangsBehind != comesFromBehind || !comesFromBehind && !graft.setUp();
    }

    private void knit(Section section, int number) {
        for (int i = 0; i < number; i++) {
            at += stitchM;
            sections.add(section);
            stitches.add(colourAt(at));
            close.add(!colourAt(at - EVEN).equals(colourAt(at + EVEN)));
        }
    }

    private String colourAt(double metres) {
        double place = metres - Math.floor(metres / repeatM) * repeatM;
        String colour = colours.get(0);
        for (int i = 0; i < starts.size(); i++) {
            if (place >= starts.get(i)) {
                colour = colours.get(i);
            }
        }
        return colour;
    }

    /** The colour of a stitch of a section, from 0 in the order of the knitting; empty where it is too close to call. */
    String colour(Section section, int stitch) {
        int at = sections.indexOf(section) + stitch;
        if (sections.get(at) != section) {
            throw new IllegalArgumentException(String.format(Locale.ROOT, "%s has no stitch %d", section, stitch));
        }
        return close.get(at) ? "" : stitches.get(at);
    }

    double usedM() {
        return at - spec.yarns().striping().orElseThrow().startM();
    }
}
