package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.stripe.Winding;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.YarnModel;

/**
 * A pair on the needles, from everything that happened to it so far. What happens to one sock happens to the plan of the
 * other as well, as long as the other is not knitted past it: both socks alike, by rounds and not by tape.
 */
public final class PairWork {
    private static final int SOCKS = 2;

    private final Course begun;
    private final List<SockWork> socks = new ArrayList<>();
    private final List<Weighing> weighings = new ArrayList<>();
    private final List<SeenColour> seen = new ArrayList<>();
    private final Set<String> withdrawn = new HashSet<>();
    private Optional<Refusal> refusal = Optional.empty();
    private final PressLog presses = new PressLog();
    private KnitOrder order;

    public PairWork(Course begun) {
        this.begun = begun;
        this.order = begun.spec().choices().orderTaken();
        for (int sock = 1; sock <= SOCKS; sock++) {
            socks.add(new SockWork(begun.forSock(sock)));
        }
    }

    /** What the pair was begun with. */
    public Course begun() {
        return begun;
    }

    /** The first sock is 1, the second 2. */
    public SockWork sock(int sock) {
        return socks.get(sock - 1);
    }

    /** The other one of the pair. */
    public SockWork other(int sock) {
        return sock(SOCKS + 1 - sock);
    }

    public boolean finished() {
        return socks.stream().allMatch(SockWork::finished);
    }

    /** What was weighed and not taken back, in its order. */
    public List<Weighing> weighings() {
        return weighings.stream().filter(each -> !withdrawn.contains(each.id())).toList();
    }

    /**
     * Takes in what happened; false where there is nothing that it could change, and then nothing changes. What does not
     * go with what is knitted does not either; {@link #refusal()} says why.
     */
    public boolean hear(KnitEvent knitEvent) {
        refusal = Optional.empty();
        try {
            if (knitEvent instanceof KnitEvent.Done done) {
                return press(done.sock(), done.both(), each -> each.done(done.atMs()));
            } else if (knitEvent instanceof KnitEvent.Undone undone) {
                return undo(undone);
            } else if (knitEvent instanceof KnitEvent.Jumped jumped) {
                return press(jumped.sock(), jumped.both(), each -> each.jumped(jumped.to()));
            } else if (knitEvent instanceof KnitEvent.Ordered ordered) {
                return order(ordered.order());
            } else if (knitEvent instanceof KnitEvent.Replanning replanning) {
                return follow(replanning.sock(), tried(replanning));
            } else if (knitEvent instanceof KnitEvent.Weighed weighed) {
                return weigh(weighed);
            } else if (knitEvent instanceof KnitEvent.ColourSeen colour) {
                return see(colour);
            } else {
                return withdraw((KnitEvent.Withdrawn) knitEvent);
            }
        } catch (Refusal because) {
            refusal = Optional.of(because);
            return false;
        }
    }

    /** In which order the socks are knitted. */
    public KnitOrder order() {
        return order;
    }

    /** For which socks the last presses were, 0 for both, the latest last, at most {@code most}. */
    public List<Integer> pressed(int most) {
        return presses.trail(most);
    }

    /**
     * Which sock is next. Of two at a time a heel or a toe that is begun is done to its end, and else the sock that is behind
     * is next; otherwise the one that is further on, until it is done.
     */
    public int next() {
        int first = sock(1).position();
        int second = sock(2).position();
        if (sock(1).finished() || sock(2).finished()) {
            return sock(1).finished() ? 2 : 1;
        }
        if (order != KnitOrder.TWO_AT_A_TIME) {
            return second > first ? 2 : 1;
        }
        Sharing one = step(1).sharing();
        boolean through = one == Sharing.HEEL_THROUGH || one == Sharing.TOE_THROUGH;
        boolean inOne = through && one == step(2).sharing();
        return first == second || first > second == inOne ? 1 : 2;
    }

    /** Whether the next press is for both socks. */
    public boolean nextIsBoth() {
        return order == KnitOrder.TWO_AT_A_TIME
                && socks.stream().noneMatch(SockWork::finished)
                && sock(1).position() == sock(2).position()
                && step(1).sharing() == Sharing.BOTH
                && alike();
    }

    /** Whether both socks are in the same step, and as far in it: after one was made longer, equal counts are not. */
    private boolean alike() {
        return step(1).name() == step(2).name() && place(1).done() == place(2).done();
    }

    private LapPlan.Place place(int number) {
        return sock(number).course().lap().at(sock(number).position());
    }

    private LapStep step(int number) {
        LapPlan lap = sock(number).course().lap();
        return lap.steps().get(lap.at(sock(number).position()).step());
    }

    private boolean press(int number, boolean both, Predicate<SockWork> press) {
        boolean one = press.test(sock(number));
        boolean two = both && press.test(other(number));
        if (one || two) {
            presses.pressed(one && two ? PressLog.BOTH : one ? number : SOCKS + 1 - number);
        }
        return one || two;
    }

    private boolean undo(KnitEvent.Undone undone) {
        if (!undone.both()) {
            boolean taken = sock(undone.sock()).undone();
            if (taken) {
                presses.withdrawn(undone.sock());
            }
            return taken;
        }
        if (presses.isEmpty()) {
            return false;
        }
        int last = presses.pop();
        socks.stream()
                .filter(each -> last == PressLog.BOTH || each.number() == last)
                .forEach(SockWork::undone);
        return true;
    }

    private boolean order(KnitOrder wanted) {
        String notNow = begun.spec().feet().each() && wanted == KnitOrder.TWO_AT_A_TIME
                ? "These two socks have counts of their own, and cannot be knitted two at a time."
                : wanted.notNow(begun.plan().tube().way() == Way.READY_TUBE);
        if (!notNow.isEmpty()) {
            throw new Refusal(List.of(new Problem(
                    "lap.order.ready", "order", notNow, "Knit them in turn, section by section.", Map.of())));
        }
        boolean other = wanted != order;
        order = wanted;
        return other;
    }

    /** Why the last event was not taken in, where there is more to say than that it changes nothing. */
    public Optional<Refusal> refusal() {
        return refusal;
    }

    /** What a sock would be knitted by from here. Refuses as {@link #hear} does. */
    public Course tried(KnitEvent.Replanning replanning) {
        return replanning.course(sock(replanning.sock()));
    }

    /** Whether the other sock goes by the same course too; not where it is knitted past what changes. */
    public boolean otherFollows(int sock, Course next) {
        return forTheOther(sock, next).isPresent();
    }

    /**
     * What the other sock is knitted by once this one goes by another course; nothing where it is knitted past what changes.
     * Where each has a foot of its own, only the gauge goes for both.
     */
    private Optional<Course> forTheOther(int sock, Course next) {
        SockWork other = other(sock);
        Course now = other.course();
        if (!begun.spec().feet().each()) {
            return Optional.of(next.forSock(now.sock())).filter(course -> now.leadsInto(course, other.position()));
        }
        return next.spec().swatch().equals(now.spec().swatch())
                ? Optional.empty()
                : Problems.tried(() -> now.gaugedAs(next, other.position()));
    }

    private boolean follow(int sock, Course next) {
        forTheOther(sock, next).ifPresent(course -> other(sock).follow(course));
        sock(sock).follow(next);
        return true;
    }

    private boolean weigh(KnitEvent.Weighed weighed) {
        Weighing now = Weighing.of(weighed, this);
        Optional<Weighing> before =
                weighed.fresh() ? Optional.empty() : inUse(now).map(cake -> cake.get(cake.size() - 1));
        if (!sock(now.sock()).has(now.role())) {
            throw new Refusal(List.of(new Problem(
                    "lap.weigh.role",
                    "role",
                    "This pair has no contrast yarn to weigh.",
                    "Weigh the main yarn.",
                    Map.of())));
        }
        before.ifPresent(last -> {
            SockPlan plan = sock(now.sock()).course().plan();
            if (order == KnitOrder.TWO_AT_A_TIME && !now.goesAfter(last, plan)) {
                refuseTheOthers(now, plan);
            }
            now.refuseUnlessAfter(last, plan);
        });
        weighings.add(now);
        calibrate();
        return true;
    }

    /** Of two cakes beside each other, one is easily weighed for the other. */
    private void refuseTheOthers(Weighing now, SockPlan plan) {
        Weighing mistaken = now.ofTheOther(this);
        Optional<Weighing> last = inUse(mistaken).map(cake -> cake.get(cake.size() - 1));
        if (!now.sure()
                && last.filter(before -> mistaken.goesAfter(before, plan)).isPresent()) {
            String own = now.sock() == 1 ? "first" : "second";
            String other = now.sock() == 1 ? "second" : "first";
            throw new Refusal(List.of(new Problem(
                    "lap.weigh.mixed-up",
                    "grams",
                    "{found} does not follow on what the " + own + " sock’s yarn weighed last, and fits the " + other
                            + " sock’s yarn, which weighed {other}.",
                    "If you weighed the " + other + " sock’s yarn, say so. If not, say that the weight is right.",
                    Map.of(
                            "found", Amount.grams(now.grams()),
                            "other", Amount.grams(last.get().grams())))));
        }
    }

    private boolean see(KnitEvent.ColourSeen colour) {
        LapColours colours = colours(colour.sock())
                .orElseThrow(() -> new Refusal(List.of(new Problem(
                        "lap.colour.plain",
                        "band",
                        "This pair’s yarn has no bands.",
                        "Enter its bands with the yarn, and take them over into the plan.",
                        Map.of()))));
        boolean before = seen().stream().anyMatch(one -> one.sock() == colour.sock());
        seen.add(Seeing.of(colour, colours, sock(colour.sock()), before));
        calibrate();
        return true;
    }

    /** Colours that were seen and not taken back, in what is still knitted. */
    public List<SeenColour> seen() {
        return seen.stream()
                .filter(each -> !withdrawn.contains(each.id()))
                .filter(each -> each.position() <= sock(each.sock()).position())
                .toList();
    }

    /** The colours of a sock as it is knitted; empty where its yarn has no bands. */
    public Optional<LapColours> colours(int sock) {
        Optional<LapColours> first =
                LapColours.of(sock(1).course(), Beginning.colours(this, 1), Optional.empty(), seen());
        return sock == 1 ? first : LapColours.of(sock(2).course(), Beginning.colours(this, 2), first, seen());
    }

    /** What is wound off before the second sock, where it waits for a colour. */
    public Optional<Winding> windOff() {
        return colours(1).flatMap(first -> Beginning.windOff(sock(1).course(), Beginning.colours(this, 1), first));
    }

    /** The same in words, once the first sock is done and before the second is begun. */
    public Optional<Sentence> windOffNow() {
        boolean between = sock(1).finished() && sock(2).position() == 0;
        return between
                ? windOff().map(each -> each.said("Before you cast on the second sock wind off"))
                : Optional.empty();
    }

    private boolean withdraw(KnitEvent.Withdrawn back) {
        boolean known = weighings().stream().anyMatch(each -> each.id().equals(back.id()))
                || seen().stream().anyMatch(each -> each.id().equals(back.id()));
        if (known) {
            withdrawn.add(back.id());
            calibrate();
        }
        return known;
    }

    /** The weighings, cake by cake; of each, the earliest first. */
    private List<List<Weighing>> cakes() {
        List<List<Weighing>> cakes = new ArrayList<>();
        for (Weighing each : weighings()) {
            Optional<List<Weighing>> open = each.fresh()
                    ? Optional.empty()
                    : cakes.stream().filter(cake -> cake.get(0).sameCake(each)).reduce((earlier, later) -> later);
            open.ifPresentOrElse(cake -> cake.add(each), () -> cakes.add(new ArrayList<>(List.of(each))));
        }
        return cakes;
    }

    private Optional<List<Weighing>> inUse(Weighing now) {
        return cakes().stream().filter(cake -> cake.get(0).sameCake(now)).reduce((earlier, later) -> later);
    }

    /** Hours of knitting in both socks, at the pace at which rounds were pressed; empty while that is not known. */
    public OptionalDouble hours() {
        return Pace.hours(this);
    }

    /**
     * What went by the scale between the first and the last weighing of every cake, and what the plan the pair was begun
     * with takes for the very same stitches; empty where nothing was weighed twice.
     */
    public Optional<Used> used() {
        List<Used> each = cakes().stream()
                .filter(cake -> cake.size() > 1)
                .map(cake -> used(cake.get(0), cake.get(cake.size() - 1)))
                .toList();
        return each.stream().reduce(Used::and);
    }

    private Used used(Weighing first, Weighing last) {
        int worked = last.stitches() - first.stitches();
        YarnModel model = begun.plan().yarn().models().get(last.role());
        Step planned =
                model.gramsOf("planned", model.metresOf("planned", Given.tried("stitches", worked, Unit.STITCHES)));
        return new Used(
                first.grams() - last.grams(),
                planned.value(),
                planned.standardUncertainty(),
                WeighIn.unsureInWholeGrams(),
                worked);
    }

    /**
     * Of every cake, what went between the first and the last weighing: two differences with a weighing in common would
     * not be independent of each other, and together they say no more than their sum.
     */
    private void calibrate() {
        List<WeighIn> stretches = new ArrayList<>(cakes().stream()
                .flatMap(cake -> cake.get(cake.size() - 1).since(cake.get(0)).stream())
                .toList());
        for (SockWork sock : socks) {
            List<SeenColour> here =
                    seen().stream().filter(each -> each.sock() == sock.number()).toList();
            if (here.isEmpty()) {
                continue;
            }
            colours(sock.number())
                    .ifPresent(colours ->
                            stretches.addAll(Seeing.observed(colours, here, Seeing.fineness(sock.course()))));
        }
        for (SockWork sock : socks) {
            sock.weighed(begun.spec().weighIns(), stretches);
        }
    }
}
