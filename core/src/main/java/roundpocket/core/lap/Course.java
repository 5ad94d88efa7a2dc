package roundpocket.core.lap;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.lap.LapPlan.Progress;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.Way;

/**
 * What one sock is knitted by: the plan as it was begun with, or what a tape check or rounds off the plan have made of
 * it since. What is knitted stays as it is in every later course; only what is still to come is planned anew.
 *
 * @param spec what the plan is made from
 * @param heelWhen when the heel is knitted
 * @param sock which sock of the pair, 1 or 2: a ready tube is cut with the first
 * @param plan the plan
 * @param lap its steps
 */
public record Course(SockSpec spec, HeelWhen heelWhen, int sock, SockPlan plan, LapPlan lap) {
    /** Sections whose rounds a knitter may make more or fewer of than planned. */
    private static final Set<Section> FREE = EnumSet.of(Section.FOOT, Section.LEG, Section.CUFF);

    /** A tape that tells of rounds so unlike the swatch's was misread. */
    private static final double LEAST_OF_SWATCH = 0.6;

    private static final double MOST_OF_SWATCH = 1.6;
    private static final int MOST_ROUNDS = 1000;

    /** Rounds of plain tube that tell of its gauge: 5 to 7 cm in sock yarn. */
    private static final int MEASURED_AFTER = 25;

    private static final double MM = 100;

    /** The course of the first sock. Refuses where no plan can be made, or the heel cannot be knitted then. */
    public static Course of(SockSpec spec, HeelWhen heelWhen) {
        if (!heelWhen.goesWith(spec.choices().tube().wayTaken())) {
            throw refusal(
                    "lap.heel-when",
                    "heelWhen",
                    heelWhen.notNow(spec.choices().tube().wayTaken()),
                    "Knit the heel after the tube, or last of all.",
                    Map.of());
        }
        return of(spec, heelWhen, 1);
    }

    /** The course of the first sock, its heel when the plan has it. */
    public static Course asPlanned(SockSpec spec) {
        return of(spec, spec.choices().technique().heelWhenTaken());
    }

    /** The course of a pair that is begun now. Refuses also where a ready tube is too short for the two pieces. */
    public static Course beginning(SockSpec spec, HeelWhen heelWhen) {
        Course course = of(spec, heelWhen);
        course.plan()
                .tube()
                .cut()
                .filter(cut -> cut.remnantRounds().value() < 0)
                .ifPresent(cut -> {
                    throw refusal(
                            "lap.tube-short",
                            "choices.tube",
                            "The tube is {missing} too short for two such pieces and their cuts.",
                            "Choose a shorter leg, cut the tube in half, or take a longer tube.",
                            Map.of("missing", Amount.rounds(-cut.remnantRounds().value())));
                });
        return course;
    }

    private static Course of(SockSpec spec, HeelWhen heelWhen, int sock) {
        SockPlan plan = spec.plan(sock);
        return new Course(spec, heelWhen, sock, plan, LapPlan.of(plan, heelWhen, sock));
    }

    /** The same course for a sock of the pair. */
    public Course forSock(int number) {
        if (number == sock) {
            return this;
        }
        return spec.feet().each()
                ? of(spec, heelWhen, number)
                : new Course(spec, heelWhen, number, plan, LapPlan.of(plan, heelWhen, number));
    }

    /**
     * The course once the tube itself was measured: its round gauge takes the place of the swatch's for all that is still
     * to come.
     *
     * @param position presses done
     * @param rounds rounds counted on the tube
     * @param spanMm length they were counted over
     */
    public Course measured(int position, double rounds, double spanMm) {
        int done = roundsDone(position);
        if (done < 1) {
            throw refusal(
                    "lap.tape.nothing",
                    "rounds",
                    "There is no tube to measure yet.",
                    "Knit a hand’s width first, then measure.",
                    Map.of());
        }
        TubeReading reading = new TubeReading(rounds, spanMm, done);
        if (rounds > done) {
            throw refusal(
                    "lap.tape.more-than-knitted",
                    "rounds",
                    "{found} were counted, and only {max} are knitted.",
                    "Count fewer, or change your place if the counter is behind.",
                    Map.of("found", Amount.rounds(rounds), "max", Amount.rounds(done)));
        }
        double swatch = spec.swatch().ownGauge().rounds().value();
        double tape = rounds / spanMm * MM;
        if (tape < LEAST_OF_SWATCH * swatch || tape > MOST_OF_SWATCH * swatch) {
            throw refusal(
                    "lap.tape.unlike-swatch",
                    "rounds",
                    "That would be {found}, and the swatch had {swatch}.",
                    "Count again, over a length that lies flat and is not stretched.",
                    Map.of(
                            "found", new Amount(tape, Unit.ROUNDS_PER_10CM),
                            "swatch", new Amount(swatch, Unit.ROUNDS_PER_10CM)));
        }
        Swatch own = spec.swatch();
        Swatch read = new Swatch(own.stitches(), own.rounds(), own.fabric(), Optional.of(reading));
        return replanned(position, spec.withSwatch(read), Map.of());
    }

    /**
     * The course once a section was made longer or shorter than planned.
     *
     * @param position presses done
     * @param section foot, leg or cuff
     * @param rounds rounds it has, 1 to 1000, and no fewer than are pressed of it while it is not complete
     */
    public Course worked(int position, Section section, int rounds) {
        Progress progress = lap.progress(position).get(section);
        if (progress == null || !mayChange(plan, section)) {
            throw refusal(
                    "lap.rounds.section",
                    "section",
                    "Only foot, leg and cuff can have more or fewer rounds than planned.",
                    "Change the plan of the next pair.",
                    Map.of());
        }
        int least = progress.complete() ? 1 : Math.max(1, progress.done());
        if (rounds < least || rounds > MOST_ROUNDS) {
            throw refusal(
                    "lap.rounds.range",
                    "rounds",
                    "The " + section.title() + " must have {min} to {max} (you entered {found}).",
                    "Undo rounds first where you ripped some out.",
                    Map.of(
                            "found", Amount.rounds(rounds),
                            "min", Amount.rounds(least),
                            "max", Amount.rounds(MOST_ROUNDS)));
        }
        return replanned(position, spec, Map.of(section, rounds));
    }

    /**
     * The course by a plan that was edited on the way: what is knitted stays, what is still to come follows the edited
     * plan. Refuses where that plan does not go with what is on the needles.
     *
     * @param position presses done
     */
    public Course by(int position, SockSpec edited) {
        SockSpec asked = spec.swatch().onTheTube().isPresent()
                        && edited.swatch().onTheTube().isEmpty()
                ? edited.withSwatch(new Swatch(
                        edited.swatch().stitches(),
                        edited.swatch().rounds(),
                        edited.swatch().fabric(),
                        spec.swatch().onTheTube()))
                : edited;
        Course then = heelBy(asked);
        Course next = position == 0 ? of(asked, then.heelWhen, sock) : then.replanned(position, asked, Map.of());
        List<String> otherwise = lap.workAt(position).otherIn(next.lap.workAt(lap.carried(position, next.lap)));
        if (!otherwise.isEmpty()) {
            throw refusal(
                    "lap.replan.knitted",
                    "",
                    "The edited plan does not go with what is already knitted. This can’t change any more: "
                            + String.join("; ", otherwise) + ".",
                    "Keep the edited plan for the next pair, or rip back first.",
                    Map.of());
        }
        return next;
    }

    /** This course with its heel when the edited plan has it; a plan that never said when leaves that as it is. */
    private Course heelBy(SockSpec edited) {
        Optional<HeelWhen> said = spec.choices().technique().heelWhen();
        Optional<HeelWhen> asked = edited.choices().technique().heelWhen();
        HeelWhen when = asked.orElse(said.isPresent() ? HeelWhen.AFTER_TUBE : heelWhen);
        return when == heelWhen ? this : of(spec, when, sock);
    }

    /** This course by the gauge that another one was given on its tube. */
    Course gaugedAs(Course other, int position) {
        return by(position, spec.withSwatch(other.spec.swatch()));
    }

    /** The same course by a specification that differs in what was weighed alone: no round of it changes. */
    Course knowing(SockSpec known) {
        return new Course(known, heelWhen, sock, known.plan(sock), lap);
    }

    /** Stitches of one of the yarns that are worked by a position. */
    int stitches(YarnRole role, int position) {
        Set<Section> of = EnumSet.noneOf(Section.class);
        plan.yarn().sections().stream()
                .filter(section -> section.role() == role)
                .forEach(section -> of.add(section.section()));
        return lap.stitches(position, of);
    }

    /** Whether a section of a plan may be made longer or shorter while it is knitted. */
    public static boolean mayChange(SockPlan plan, Section section) {
        return FREE.contains(section) && plan.tube().way() != Way.READY_TUBE;
    }

    /**
     * Whether somebody at {@code position} of this course goes on by the other: every row knitted, every loop, every cut and
     * every end of yarn is then as it would be there.
     */
    public boolean leadsInto(Course other, int position) {
        int there = lap.carried(position, other.lap);

        return lap.workAt(position).sameAs(other.lap.workAt(there));
    }

    /**
     * Presses after which the tube is long enough to be measured; empty where it was measured, or is there already. Common
     * practice: once five to seven centimetres of it are knitted.
     */
    public OptionalInt measureAt() {
        if (plan.tube().way() == Way.READY_TUBE || spec.swatch().onTheTube().isPresent()) {
            return OptionalInt.empty();
        }
        for (int i = 0; i < lap.steps().size(); i++) {
            LapStep step = lap.steps().get(i);
            boolean plain = step.doing() == Doing.ROUNDS
                    && step.section().filter(s -> s != Section.CUFF).isPresent();
            if (plain && step.presses().size() > MEASURED_AFTER) {
                return OptionalInt.of(lap.starts().get(i) + MEASURED_AFTER);
            }
        }
        return OptionalInt.empty();
    }

    /** Rounds that are knitted, counted from where this knitter counts. */
    private int roundsDone(int position) {
        Map<Section, Progress> progress = lap.progress(position);
        CountFrom from = plan.tube().heelLine().count().from();
        Set<Section> counted =
                switch (from) {
                    case TOE_TIP -> EnumSet.of(Section.TOE, Section.FOOT, Section.LEG);
                    case END_OF_TOE, START_OF_LEG -> EnumSet.of(Section.FOOT, Section.LEG);
                    case CUFF_EDGE -> EnumSet.of(Section.CUFF, Section.LEG, Section.FOOT);
                };
        return progress.entrySet().stream()
                .filter(entry -> counted.contains(entry.getKey()))
                .mapToInt(entry -> entry.getValue().done())
                .sum();
    }

    private Course replanned(int position, SockSpec changed, Map<Section, Integer> wanted) {
        Map<Section, Progress> progress = lap.progress(position);
        SockSpec kept = keeping(position, changed, progress, wanted);
        // A section that is begun has at least what is knitted of it, also where the new plan would end it sooner.
        Course first = of(kept, heelWhen, sock);
        Map<Section, Integer> atLeast = new EnumMap<>(Section.class);
        atLeast.putAll(wanted);
        first.lap().progress(0).forEach((section, planned) -> {
            int done = Optional.ofNullable(progress.get(section))
                    .map(Progress::done)
                    .orElse(0);
            if (FREE.contains(section) && !wanted.containsKey(section) && done > planned.all()) {
                atLeast.put(section, done);
            }
        });
        return atLeast.equals(wanted) ? first : of(keeping(position, changed, progress, atLeast), heelWhen, sock);
    }

    /** The specification with the rounds of what is knitted, and of what is wanted, as choices of the knitter. */
    private SockSpec keeping(
            int position, SockSpec changed, Map<Section, Progress> progress, Map<Section, Integer> wanted) {
        Choices choices = changed.choices();
        if (plan.tube().way() != Way.READY_TUBE) {
            OptionalInt cuff = fixed(Section.CUFF, progress, wanted);
            if (cuff.isPresent()) {
                FinishChoice finish = choices.finish();
                choices =
                        choices.withFinish(new FinishChoice(cuff, finish.rib(), finish.graftSetUp(), finish.yarnAt()));
            }
            OptionalInt foot = fixed(Section.FOOT, progress, wanted);
            if (foot.isPresent()) {
                int opening = plan.toe().shaping().rounds().count() + foot.getAsInt();
                choices = choices.withPlacing(PlacingChoice.marked(opening, CountFrom.TOE_TIP));
            }
            OptionalInt leg = fixed(Section.LEG, progress, wanted);
            if (leg.isPresent() && choices.placing().marksTheLeg()) {
                // A mark in a length would have other rounds by another gauge.
                choices = choices.withPlacing(PlacingChoice.marked(leg.getAsInt(), CountFrom.START_OF_LEG));
            }
            if (leg.isPresent()) {
                int rounds = leg.getAsInt() + cuff(changed.withChoices(choices));
                // A leg of that many rounds, whether or not they end with a whole repeat of its pattern.
                choices = choices.withTube(
                                choices.tube().withLegFrom(LegFrom.OPENING).withLegRounds(rounds))
                        .withPattern(choices.pattern().withWhole(false));
            }
        }
        if (lap.cutBy(position)
                && plan.tube().cut().filter(cut -> cut.cut() == Cut.TO_LENGTH).isPresent()) {
            // The pieces are as long as they are: what the foot has more the leg has less.
            int piece = plan.tube().rounds().foot().count()
                    + plan.tube().rounds().leg().count();
            int left = piece - changed.plan(sock).tube().rounds().foot().count();
            choices = choices.withTube(choices.tube()
                    .withLegFrom(LegFrom.OPENING)
                    .withLegRounds(left + cuff(changed.withChoices(choices))));
        }
        Progress heel = progress.get(Section.HEEL);
        if (heel != null && heel.begun()) {
            choices = choices.withHeel(choices.heel()
                    .withPlainRounds(plan.heel().shaping().plainRounds().count()));
        }
        return changed.withChoices(choices);
    }

    private int cuff(SockSpec of) {
        return of.forSock(sock).cuff().count();
    }

    /** Rounds that a section has for good: those wanted, or those knitted where it is complete. */
    private static OptionalInt fixed(Section section, Map<Section, Progress> progress, Map<Section, Integer> wanted) {
        if (wanted.containsKey(section)) {
            return OptionalInt.of(wanted.get(section));
        }
        Progress knitted = progress.get(section);
        return knitted != null && knitted.complete() ? OptionalInt.of(knitted.all()) : OptionalInt.empty();
    }

    private static Refusal refusal(
            String code, String field, String template, String remedy, Map<String, Amount> amounts) {
        return new Refusal(List.of(new Problem(code, field, template, remedy, amounts)));
    }
}
