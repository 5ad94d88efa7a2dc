package roundpocket.core.stripe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.yarn.YarnModel;

/**
 * Knitting from a cake, round after round. A change that was seen puts the yarn right: what lies between two seen changes is
 * spread evenly between them, and what comes later is counted from the last one.
 */
public final class Walk {
    private static final double HALF = 0.5;

    private Thread thread;
    private double at;
    private double sureAt;
    private double unsureM;
    /** The stretch of colour that the last round began in. */
    private int stretch;

    /** Begins at so many metres from the end of the cake. */
    public Walk(Thread thread, double fromM) {
        this(thread, fromM, 0);
    }

    /** Begins where the colour is known and the place in it is not, but for {@code unsureM} metres. */
    public Walk(Thread thread, double fromM, double unsureM) {
        this.unsureM = unsureM;
        this.thread = thread;
        this.at = fromM;
        this.sureAt = fromM;
    }

    /** The same, where so much of another thread was knitted since a change was seen on it. */
    public Walk(Thread thread, double fromM, double unsureM, double knittedM) {
        this(thread, fromM, unsureM);
        this.sureAt = fromM - knittedM;
    }

    /** Metres knitted since the last change that was seen. */
    public double knittedM() {
        return at - sureAt;
    }

    /** How sure it was where the yarn was begun, in metres; no more of it once a change was seen. */
    public double unsureM() {
        return unsureM;
    }

    /** Metres from the end of the cake to where the yarn is now. */
    public double atM() {
        return at;
    }

    /** The cake, with all that is known of it by now. */
    public Thread thread() {
        return thread;
    }

    /** Whether nobody knows which band is at hand: a knot went by, and no change of colour has been seen since. */
    public boolean lost() {
        return thread.lostAt(at, sureAt);
    }

    /** Winds yarn off. Who winds off until a colour comes sees the change. */
    public void windOff(Step metres) {
        at += metres.value();
        sureAt = at;
        unsureM = 0;
    }

    /**
     * Winds yarn off until a place of the repeat comes, {@code tailM} metres behind where it is begun. Where nobody knows
     * what is at hand, that may be anything up to a repeat.
     */
    public Step windOffTo(String label, double wanted, double tailM) {
        boolean lost = lost();
        Repeat repeat = thread.repeat();
        Step metres = lost ? repeat.windOffLost(label) : inOrder(thread.windOffTo(label, wanted, at + tailM));
        double knotM = thread.knotBehind(at);
        if (knotM < at + metres.value()) {
            Step toTheKnot = Given.tried("to a knot that comes before", knotM - at, Unit.METRES);
            windOff(toTheKnot);
            return YarnModel.sum(label, Unit.METRES, List.of(toTheKnot, windOffTo("on from the knot", wanted, tailM)));
        }
        windOff(metres);
        if (lost) {
            isAt(thread.before(wanted, tailM));
        }
        return metres;
    }

    private Step inOrder(Computed metres) {
        return metres.within(thread.repeat().unsurePlace(knittedM(), metres.value(), unsureM));
    }

    /** The same, with the colour to stop at; nothing where that is at hand already. */
    public Optional<Winding> winding(String label, double wanted, double tailM) {
        double fromM = at;
        Thread cake = thread;
        Step metres = windOffTo(label, wanted, tailM);
        return metres.value() > 0 ? Optional.of(Winding.along(cake, fromM, metres, wanted, tailM)) : Optional.empty();
    }

    /** The yarn is at this place of the repeat: one has looked. */
    public void isAt(double place) {
        thread = thread.knownFrom(at, place);
        stretch = 0;
        sureAt = at;
    }

    /** Knits what comes in a row, and gives the rounds among it with their colours. */
    public List<StripedRound> knit(List<Pass> passes) {
        List<StripedRound> rounds = new ArrayList<>(passes.size());
        int done = 0;
        for (int i = 0; i < passes.size(); i++) {
            if (passes.get(i).seen().isPresent()) {
                List<Pass> stretch = passes.subList(done, i + 1);
                findBySight(stretch);
                OptionalDouble seenAt = place(stretch);
                if (seenAt.isPresent()) {
                    stretch(stretch, seenAt.getAsDouble(), rounds);
                    done = i + 1;
                }
            }
        }
        plain(passes.subList(done, passes.size()), 1, rounds);
        return rounds;
    }

    /** A change that is seen behind a knot tells where in the repeat the yarn went on. */
    private void findBySight(List<Pass> stretch) {
        double seenAt = at + expected(stretch);
        if (thread.lostAt(seenAt, sureAt)) {
            int band = stretch.get(stretch.size() - 1).seen().orElseThrow().band();
            thread = thread.seen(seenAt, thread.seenAt(band));
            this.stretch = 0;
        }
    }

    /** Metres that a stretch takes up to the change that was seen in its last round, as the model has it. */
    private double expected(List<Pass> stretch) {
        double stitchM = thread.repeat().stitchM();
        double metres = 0;
        for (Pass pass : stretch) {
            metres += pass.metres(stitchM);
        }
        return metres - stitchM * beyond(stretch.get(stretch.size() - 1));
    }

    /** Stitches of a round behind the change that was seen in it: in the middle of the stitch, or of the round. */
    private static double beyond(Pass last) {
        Pass.Seen seen = last.seen().orElseThrow();
        return last.stitches() - (seen.stitch().isPresent() ? seen.stitch().getAsInt() - HALF : HALF * last.stitches());
    }

    /** Where on the cake the change lies that was seen; empty where the cake has no such change near enough. */
    private OptionalDouble place(List<Pass> stretch) {
        double expected = expected(stretch);
        int band = thread.repeat()
                .run(stretch.get(stretch.size() - 1).seen().orElseThrow().band());
        double reach = Math.max(expected, thread.repeat().lengthM());
        return thread.changes(at, at + expected + reach).stream()
                .filter(change -> change.band() == band)
                .mapToDouble(Thread.Change::atM)
                .boxed()
                .min((a, b) -> Double.compare(Math.abs(a - at - expected), Math.abs(b - at - expected)))
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
    }

    private void stretch(List<Pass> stretch, double seenAt, List<StripedRound> rounds) {
        double scale = (seenAt - at) / expected(stretch);
        plain(stretch, scale, rounds);
        sureAt = seenAt;
        unsureM = 0;
        at = seenAt + beyond(stretch.get(stretch.size() - 1)) * thread.repeat().stitchM();
    }

    /** Each pass at {@code scale} times what the model expects of it. */
    private void plain(List<Pass> passes, double scale, List<StripedRound> rounds) {
        double stitchM = thread.repeat().stitchM() * scale;
        for (Pass pass : passes) {
            double end = at + pass.stitches() * stitchM + pass.tailM() * scale;
            if (pass.stitches() > 0) {
                rounds.add(round(pass.stitches(), stitchM, end));
            }
            at = end;
        }
    }

    private StripedRound round(int stitches, double stitchM, double end) {
        stretch = thread.stretchAt(at, stretch);
        List<Thread.Change> all = thread.changes(stretch, end);
        List<StripedRound.ChangeAt> changes = all.isEmpty() ? List.of() : new ArrayList<>();
        for (Thread.Change change : all) {
            int stitch = Math.min(stitches, (int) Math.ceil((change.atM() - at) / stitchM));
            boolean sameStitch =
                    !changes.isEmpty() && changes.get(changes.size() - 1).stitch() == stitch;
            if (sameStitch) {
                changes.remove(changes.size() - 1);
            }
            changes.add(new StripedRound.ChangeAt(Math.max(1, stitch), change.band()));
        }
        double roundM = stitches * stitchM;
        double since = Math.max(0, end - sureAt);
        double counted = thread.repeat().unsureRounds(since, roundM);
        boolean lost = thread.lostAt(end, sureAt);
        // Nearly every round of every plan is knitted here: no root is drawn where there is nothing to add.
        double unsure = unsureM == 0 ? counted : Math.hypot(counted, unsureM / roundM);
        return new StripedRound(
                stitches,
                thread.bandOf(stretch),
                changes,
                end,
                since,
                lost ? thread.repeat().lostRounds(roundM) : unsure,
                lost);
    }
}
