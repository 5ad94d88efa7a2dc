package roundpocket.core.wear;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.Difference;
import roundpocket.core.lap.PairWork;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.WeighIn;

/**
 * What the needles taught: how a pair came out otherwise than it was planned, as a proposal for the plan of another. Gauge
 * and yarn belong to the yarn and the hand, lengths to the foot.
 */
public final class Taught {
    /** A gauge, or a use of yarn, that differs by less is what was planned. */
    private static final double LEAST = 0.005;

    private static final double PERCENT = 100;

    private final Course begun;
    private final Course knitted;
    private final SockSpec next;
    private final List<Lesson> lessons = new ArrayList<>();

    private Taught(PairWork pair, SockSpec next) {
        this.begun = pair.begun();
        this.knitted = pair.sock(1).course();
        this.next = next;
    }

    /** What a lesson is about. */
    public enum Kind {
        GAUGE,
        YARN,
        FOOT,
        LEG,
        HEEL
    }

    /**
     * A proposal for another plan.
     *
     * @param kind what it is about
     * @param said what to plan with and what is planned with now
     * @param reason how it was found out
     * @param rounds the round readings that take the place of the swatch's; none where it keeps its own
     * @param weighIns what was weighed, to be added to what is known of the yarn
     * @param proposal the choices that it changes
     */
    public record Lesson(
            Kind kind,
            Sentence said,
            String reason,
            List<Reading> rounds,
            List<WeighIn> weighIns,
            List<Proposal.Change> proposal) {
        public Lesson {
            rounds = List.copyOf(rounds);
            weighIns = List.copyOf(weighIns);
            proposal = List.copyOf(proposal);
        }

        /** The other plan with it taken. */
        public SockSpec taken(SockSpec spec) {
            SockSpec taught = spec.withChoices(Proposal.of(proposal).taken(spec.choices()));
            if (!rounds.isEmpty()) {
                Swatch own = spec.swatch();
                taught = taught.withSwatch(new Swatch(own.stitches(), rounds, own.fabric(), own.onTheTube()));
            }
            if (!weighIns.isEmpty()) {
                List<WeighIn> all = new ArrayList<>(spec.weighIns());
                all.addAll(weighIns);
                taught = taught.withWeighIns(all);
            }
            return taught;
        }

        /** What it would change in the plan, the most telling first. */
        public List<Difference> effect(SockSpec spec) {
            return Difference.between(spec.plan(), taken(spec).plan());
        }
    }

    /**
     * What a pair as it was knitted teaches for another plan.
     *
     * @param pair the pair, knitted at least in part
     * @param next the other plan as it stands
     * @param sameYarn whether it is knitted from the same yarn
     * @param sameFoot whether it is for the same foot
     */
    public static List<Lesson> of(PairWork pair, SockSpec next, boolean sameYarn, boolean sameFoot) {
        Taught taught = new Taught(pair, next);
        boolean knitted = next.choices().tube().wayTaken() != Way.READY_TUBE
                && taught.begun.plan().tube().way() != Way.READY_TUBE;
        if (sameYarn && knitted) {
            taught.gauge();
        }
        if (sameYarn) {
            taught.yarn();
        }
        if (sameFoot && knitted) {
            taught.foot();
            taught.leg();
        }
        if (sameFoot) {
            taught.heel();
        }
        return taught.lessons;
    }

    private void gauge() {
        Optional<TubeReading> tape = knitted.spec().swatch().onTheTube();
        if (tape.isEmpty() || next.swatch().onTheTube().isPresent()) {
            return;
        }
        Reading found = new Reading(tape.get().rounds(), tape.get().spanMm());
        double now = next.swatch().ownGauge().rounds().value();
        double then = found.count() / found.spanMm() * PERCENT;
        if (Math.abs(then / now - 1) < LEAST) {
            return;
        }
        add(
                Kind.GAUGE,
                "Plan with {then} as knitted, instead of {now}.",
                "You measured it on the tube after " + count(tape.get().roundsDone(), "round") + ".",
                Map.of(
                        "then",
                        new Amount(tenth(then), Unit.ROUNDS_PER_10CM),
                        "now",
                        new Amount(tenth(now), Unit.ROUNDS_PER_10CM)),
                List.of(found),
                List.of(),
                List.of());
    }

    private void yarn() {
        boolean contrast = next.yarns().contrast().isPresent();
        List<WeighIn> found = knitted.spec().weighIns().stream()
                .filter(each -> !begun.spec().weighIns().contains(each))
                .filter(each -> contrast || !each.contrast())
                .filter(each -> !next.weighIns().contains(each))
                .toList();
        Step factor = knitted.plan().yarn().models().get(YarnRole.MAIN).factor();
        double more = factor.value() - 1;
        if (found.isEmpty()) {
            return;
        }
        int percent = (int) Math.round(Math.abs(more) * PERCENT);
        String much = percent == 0
                ? "Plan with the yarn use you found: just what was expected."
                : "Plan " + percent + " % " + (more > 0 ? "more" : "less") + " yarn.";
        add(
                Kind.YARN,
                much,
                "From your weighings, or from the colours that came while you knitted.",
                Map.of(),
                List.of(),
                found,
                List.of());
    }

    private void foot() {
        // Where the tape moved the line, the gauge says so already.
        if (knitted.spec().swatch().onTheTube().isPresent()) {
            return;
        }
        int changed = knitted.plan().tube().rounds().foot().count()
                - begun.plan().tube().rounds().foot().count();
        SockPlan plan = next.plan();
        double longer = knitted.plan().tube().lengths().foot().value()
                - plan.tube().lengths().foot().value();
        int by = (int) Math.round(longer * plan.basis().gauge().rounds().value() / PERCENT);
        if (changed != 0) {
            proposed(
                    Kind.FOOT,
                    by,
                    changed,
                    next().footRoundsBy(by, "Knit {then} between toe and heel line instead of {now}.", Map.of()),
                    "foot");
        }
    }

    private void leg() {
        SockPlan plan = knitted.plan();
        int longer = plan.tube().rounds().leg().count()
                - begun.plan().tube().rounds().leg().count();
        boolean changed = longer != 0;
        boolean inRounds = next.choices().tube().legRounds().isPresent()
                || next.choices().tube().legFromTaken() != LegFrom.OPENING
                || next.plan().tube().wanted().legIsResult();
        double then = Math.round(plan.tube().wanted().legAbove().value());
        double now = next.plan().tube().wanted().legAbove().value();
        boolean retaped = knitted.spec().swatch().onTheTube().isPresent()
                && Math.abs(then - begun.plan().tube().wanted().legAbove().value()) < PERCENT / 10;
        if (!changed || inRounds || retaped || Math.abs(then - now) < 1) {
            return;
        }
        add(
                Kind.LEG,
                "Plan a leg of {then} as knitted, instead of {now}.",
                "You made the leg " + (longer > 0 ? "longer" : "shorter") + " than planned.",
                Map.of("then", Amount.mm(then), "now", Amount.mm(now)),
                List.of(),
                List.of(),
                List.of(Proposal.Change.number(Setting.LEG_MM, then)));
    }

    private void heel() {
        int plain = knitted.plan().heel().shaping().plainRounds().count();
        int changed = plain - begun.plan().heel().shaping().plainRounds().count();
        int by = plain - next.plan().heel().shaping().plainRounds().count();
        if (changed != 0) {
            int now = next.plan().heel().shaping().plainRounds().count();
            proposed(
                    Kind.HEEL,
                    by,
                    changed,
                    next().heelPlainTo(
                                    plain,
                                    "Try {then} plain " + (plain == 1 ? "round" : "rounds") + " at the heel instead of "
                                            + now + "."),
                    "heel");
        }
    }

    private Next next() {
        return new Next(next, next.plan(), knitted.plan());
    }

    private void proposed(Kind kind, int by, int changed, Proposal proposal, String what) {
        if (by != 0 && proposal.changes(next.choices())) {
            String how = count(Math.abs(changed), "round") + (changed > 0 ? " more" : " fewer");
            add(
                    kind,
                    proposal.said().template(),
                    "You knitted the " + what + " with " + how + " than planned.",
                    proposal.said().amounts(),
                    List.of(),
                    List.of(),
                    proposal.changes());
        }
    }

    private void add(
            Kind kind,
            String words,
            String reason,
            Map<String, Amount> amounts,
            List<Reading> rounds,
            List<WeighIn> weighIns,
            List<Proposal.Change> changes) {
        lessons.add(new Lesson(kind, new Sentence(words, amounts), reason, rounds, weighIns, changes));
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static String count(int number, String what) {
        return number + " " + what + (number == 1 ? "" : "s");
    }
}
