package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SectionYarn;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.Enough;
import roundpocket.core.yarn.Left;
import roundpocket.core.yarn.YarnModel;

/**
 * What yarn that was just weighed says of the rest of the sock, or of both socks where it is for both.
 *
 * @param role which yarn
 * @param sock which sock is knitted from it; 0 where both are
 * @param cake grams of it
 * @param needed grams that are still to be knitted from it
 * @param left grams left over at the end; below nothing, what is missing
 * @param enough whether it will do
 * @param leg how far the leg may go, while it is not complete
 * @param words what to do, in a sentence or two
 */
public record CakeCheck(
        YarnRole role, int sock, Step cake, Step needed, Step left, Enough enough, Optional<Leg> leg, String words) {
    /**
     * How far the leg may go.
     *
     * @param stopWeight grams that the cake must still weigh when the leg stops
     * @param allowed rounds of leg that may still be knitted; below nothing when the cake is too light already
     * @param planned rounds of leg that the plan still has
     * @param total rounds of leg the cake allows in all, at least one; by whole repeats where it is to end with one
     * @param whole rounds from here to the end of the last repeat that there is yarn for, where it is to end with one
     */
    public record Leg(Step stopWeight, Step allowed, int planned, int total, OptionalInt whole) {
        /** Whether the leg must end sooner than planned. */
        public boolean sooner() {
            return allowed.value() < planned;
        }
    }

    /**
     * What the latest weighing of each yarn of a pair says, the latest first; none for a yarn that was not weighed. Where
     * both socks are on the needles together each has a cake of its own.
     */
    public static List<CakeCheck> of(PairWork pair) {
        List<CakeCheck> checks = new ArrayList<>();
        List<Weighing> all = pair.weighings();
        for (int i = all.size() - 1; i >= 0; i--) {
            Weighing each = all.get(i);
            if (checks.stream().noneMatch(check -> check.sameYarn(each, pair.order()))) {
                checks.add(of(pair, each));
            }
        }
        return checks;
    }

    private boolean sameYarn(Weighing weighing, KnitOrder order) {
        int other = weighing.shared() ? 0 : weighing.sock();
        return role == weighing.role() && (order != KnitOrder.TWO_AT_A_TIME || sock == other);
    }

    private static CakeCheck of(PairWork pair, Weighing weighing) {
        SockWork sock = pair.sock(weighing.sock());
        Step cake = byNow(pair, weighing);
        List<Step> before = new ArrayList<>();
        List<Step> after = new ArrayList<>();
        YarnRole role = weighing.role();
        int whose = weighing.shared() ? 0 : weighing.sock();
        rest(sock.course(), role, sock.position(), "", before, after);
        if (weighing.shared()) {
            SockWork other = pair.other(weighing.sock());
            // What the other sock needs must stay in the cake, whatever becomes of this leg.
            rest(other.course(), role, other.position(), " of the other sock", after, after);
        }
        Optional<Step> legRest =
                role == YarnRole.MAIN ? rest(sock.course(), role, sock.position(), Section.LEG, "") : Optional.empty();
        List<Step> every = new ArrayList<>(before);
        legRest.ifPresent(every::add);
        every.addAll(after);
        Step needed = every.isEmpty()
                ? Given.tried("still to knit", 0, Unit.GRAMS)
                : YarnModel.sum("still to be knitted", Unit.GRAMS, every);
        Optional<Leg> leg = legRest.filter(step -> !after.isEmpty())
                .map(step -> leg(sock.course(), sock.position(), cake, before, after));
        if (needed.value() == 0) {
            return new CakeCheck(role, whose, cake, needed, cake, Enough.SURE, leg, "All done with this yarn.");
        }
        Left left = Left.of("left when it is done", cake, needed);
        return new CakeCheck(
                role, whose, cake, needed, left.left(), left.enough(), leg, words(sock.course(), left, leg));
    }

    /** The cake as it was weighed, less what was knitted from it since. */
    private static Step byNow(PairWork pair, Weighing weighing) {
        SockWork sock = pair.sock(weighing.sock());
        SockWork other = pair.other(weighing.sock());
        Step weighed = Given.measured("the cake", weighing.grams(), Unit.GRAMS, "grams");
        int since = sock.course().stitches(weighing.role(), sock.position())
                + (weighing.shared() ? other.course().stitches(weighing.role(), other.position()) : 0)
                - weighing.stitches();
        Optional<SectionYarn> known = sock.course().plan().yarn().sections().stream()
                .filter(yarn ->
                        yarn.role() == weighing.role() && yarn.stitches().value() > 0)
                .findFirst();
        return since <= 0 || known.isEmpty()
                ? weighed
                : Computed.of(
                        "the cake by now",
                        Unit.GRAMS,
                        LapRules.BY_NOW.of(
                                weighed,
                                Given.tried("stitches knitted since", since, Unit.STITCHES),
                                known.get().grams(),
                                known.get().stitches()));
    }

    private static Leg leg(Course course, int position, Step cake, List<Step> before, List<Step> after) {
        Step stop = YarnModel.stopWeight(
                course.plan().tube().way() == Way.CUFF_DOWN
                        ? "make the heel line when the yarn weighs"
                        : "start the cuff when the yarn weighs",
                YarnModel.sum("still to be knitted after the leg", Unit.GRAMS, after));
        List<Step> kept = new ArrayList<>(List.of(stop));
        kept.addAll(before);
        SectionYarn yarn = course.plan().yarn().of(Section.LEG);
        Step perRound = YarnModel.perRound(
                "grams in a round of the leg",
                yarn.grams(),
                course.plan().tube().rounds().leg());
        Step allowed = YarnModel.roundsFrom(
                "rounds of leg that the cake still allows",
                cake,
                YarnModel.sum("all but the leg, and the reserve", Unit.GRAMS, kept),
                perRound);
        LapPlan.Progress progress = course.lap().progress(position).get(Section.LEG);
        int total = Math.max(1, progress.done() + Math.max(0, allowed.count()));
        OptionalInt whole = byWholeRepeats(course, progress.done(), total);
        return new Leg(
                stop,
                allowed,
                progress.all() - progress.done(),
                whole.orElse(total),
                whole.isPresent() ? OptionalInt.of(whole.getAsInt() - progress.done()) : whole);
    }

    /** Where the leg is to end with a whole repeat, the last such round that is not knitted past yet and not too far. */
    private static OptionalInt byWholeRepeats(Course course, int done, int total) {
        Tube tube = course.plan().tube();
        return course.plan().pattern().filter(pattern -> pattern.made().whole()).stream()
                .flatMap(pattern -> pattern
                        .made()
                        .longestWholeLeg(
                                Given.tried("rounds of leg that there is yarn for", total, Unit.ROUNDS),
                                tube.rounds().foot(),
                                tube.way() == Way.CUFF_DOWN)
                        .stream())
                .mapToInt(Step::count)
                .filter(rounds -> rounds >= Math.max(1, done))
                .findFirst();
    }

    /** What is still to be knitted of each section of the main yarn, the leg left out: before the leg, and after it. */
    private static void rest(
            Course course, YarnRole role, int position, String of, List<Step> before, List<Step> after) {
        Set<Section> earlier = beforeLeg(course);
        for (SectionYarn yarn : course.plan().yarn().sections()) {
            boolean other = !of.isEmpty();
            if (yarn.role() != role || yarn.section() == Section.LEG && !other) {
                continue;
            }
            rest(course, role, position, yarn.section(), of)
                    .ifPresent(step -> (earlier.contains(yarn.section()) ? before : after).add(step));
        }
    }

    private static Optional<Step> rest(Course course, YarnRole role, int position, Section section, String of) {
        Optional<SectionYarn> yarn = course.plan().yarn().find(section).filter(each -> each.role() == role);
        if (yarn.isEmpty() || position == course.lap().presses()) {
            return Optional.empty();
        }
        int all = course.lap().stitches(course.lap().presses(), EnumSet.of(section));
        int done = course.lap().stitches(position, EnumSet.of(section));
        if (all == 0 || done == 0) {
            return Optional.of(yarn.get().grams());
        }
        return done == all
                ? Optional.empty()
                : Optional.of(Computed.of(
                        "still to be knitted of the " + section.title() + of,
                        Unit.GRAMS,
                        LapRules.REST.of(
                                yarn.get().grams(),
                                Given.tried(section.title() + " stitches left" + of, all - done, Unit.STITCHES),
                                Given.tried(section.title() + " stitches in all" + of, all, Unit.STITCHES))));
    }

    private static Set<Section> beforeLeg(Course course) {
        Way way = course.plan().tube().way();
        if (way == Way.CUFF_DOWN) {
            return EnumSet.of(Section.CUFF);
        }
        return course.plan().tube().toeStart().toeFirst()
                ? EnumSet.of(Section.TOE, Section.FOOT)
                : EnumSet.of(Section.FOOT);
    }

    private static String rounds(int more) {
        return more + (more == 1 ? " more round" : " more rounds");
    }

    private static String whole(Leg leg) {
        if (leg.whole().isEmpty()) {
            return "";
        }
        int more = leg.whole().getAsInt();
        return more == 0
                ? " This round is the end of the last whole repeat."
                : " The last whole repeat ends after " + rounds(more) + ".";
    }

    private static String words(Course course, Left left, Optional<Leg> leg) {
        if (leg.isPresent() && leg.get().sooner()) {
            boolean cuffDown = course.plan().tube().way() == Way.CUFF_DOWN;
            int allowed = leg.get().allowed().count();
            String rest = cuffDown ? "foot, heel and toe" : "cuff, heel and toe";
            return allowed < 0
                    ? "This yarn is too light for the sock as planned, even without more leg: find more of it, or"
                            + " knit heel,"
                            + " toe or cuff from another."
                    : "You have yarn for " + rounds(allowed) + " of leg, not "
                            + leg.get().planned() + "."
                            + whole(leg.get()) + " Then " + (cuffDown ? "make the heel line" : "start the cuff")
                            + ": the rest of the yarn is for " + rest + ".";
        }
        return switch (left.enough()) {
            case SURE -> "Plenty: this yarn is enough.";
            case LIKELY -> "This yarn is probably enough. Weigh again before the last section.";
            case GAMBLE -> "Risky: this yarn may not be enough. Have more of it ready.";
            case NOT_ENOUGH -> "Not enough yarn for what is left of the plan.";
        };
    }
}
