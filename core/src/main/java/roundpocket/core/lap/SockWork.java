package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.yarn.WeighIn;

/** One sock on the needles: what it is knitted by, and how far it is. */
public final class SockWork {
    private Course course;
    /** What its course is made from by now, where it is not made yet: of many weighings only the last is planned with. */
    private Optional<SockSpec> known = Optional.empty();

    private Tally tally;
    private final Pace pace = new Pace();

    SockWork(Course course) {
        this.course = course;
        this.tally = new Tally(course.lap().presses());
    }

    public Course course() {
        known.ifPresent(spec -> course = course.knowing(spec));
        known = Optional.empty();
        return course;
    }

    /** The first sock is 1, the second 2. */
    int number() {
        return course.sock();
    }

    /** Presses that are done. */
    public int position() {
        return tally.position();
    }

    /** The positions that undoing leads back to, the nearest last, at most {@code most}. */
    public List<Integer> trail(int most) {
        return tally.trail(most);
    }

    public boolean finished() {
        return position() == course.lap().presses();
    }

    /** Rounds in an hour; empty while too little is known. */
    public OptionalDouble roundsPerHour() {
        return pace.roundsPerHour();
    }

    /** Stitches of one of the yarns that are worked so far: what was weighed of it does not change that. */
    int stitches(YarnRole role) {
        return course.stitches(role, position());
    }

    /** Whether it is knitted with that yarn. */
    boolean has(YarnRole role) {
        return course.plan().yarn().models().containsKey(role);
    }

    /** Rounds that are knitted of it. */
    int rounds() {
        return course.lap().progress(position()).values().stream()
                .mapToInt(LapPlan.Progress::done)
                .sum();
    }

    /** Stitches in an hour; empty while too little is known. */
    public OptionalDouble stitchesPerHour() {
        return pace.stitchesPerHour();
    }

    boolean done(long atMs) {
        LapPlan.Place place = course.lap().at(position());
        if (!tally.done()) {
            return false;
        }
        LapStep step = course.lap().steps().get(place.step());
        if (step.doing().paced()) {
            pace.pressed(atMs, step.presses().get(place.done()).stitches());
        }
        return true;
    }

    boolean undone() {
        return tally.undone();
    }

    boolean jumped(int to) {
        return tally.jumped(to);
    }

    /** Goes on by another course, in the place of it that this one has led to. */
    void follow(Course other) {
        LapPlan before = course.lap();
        tally = tally.carried(other.lap().presses(), at -> before.carried(at, other.lap()));
        course = other;
        known = Optional.empty();
    }

    /**
     * The same course with what was weighed of its yarn.
     *
     * @param before what was weighed before the pair was begun
     * @param since what was weighed since
     */
    void weighed(List<WeighIn> before, List<WeighIn> since) {
        List<WeighIn> all = new ArrayList<>(before);
        all.addAll(since);
        known = Optional.of(all)
                .filter(now -> !now.equals(course.spec().weighIns()))
                .map(course.spec()::withWeighIns);
    }
}
