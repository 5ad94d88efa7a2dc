package roundpocket.core;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.stripe.Striping;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.Yarn;

/** Specifications for tests: a good one, changed ones, and random valid ones. */
public final class Specs {
    public static final Yarn SOCK_YARN = new Yarn(420, 100, OptionalDouble.of(100));

    private Specs() {}

    /** The whole example of the trade: foot 9½ in, 8 stitches and 10 rounds an inch, an 8 in tube, leg 5 in. */
    public static SockSpec wholeExample() {
        double ballMm = 9 * LengthUnit.INCH_MM;
        return new SockSpec(
                new Foot(9.5 * LengthUnit.INCH_MM, ballMm),
                swatch(32, 40, 4 * LengthUnit.INCH_MM),
                SOCK_YARN,
                choices(4, 4)
                        .withSize(SizeChoice.ofEase(1 - 8.0 / 9.0))
                        .withTube(TubeChoice.usual().withLegMm(5 * LengthUnit.INCH_MM))
                        .withFinish(FinishChoice.cuff(15)));
    }

    /** Usual choices with so many plain rounds at heel and toe. */
    public static Choices choices(int heelPlain, int toePlain) {
        return Choices.usual().withHeel(ShapingChoice.plain(heelPlain)).withToe(ShapingChoice.plain(toePlain));
    }

    public static Swatch swatch(double stitches, double rounds, double spanMm) {
        return new Swatch(List.of(new Reading(stitches, spanMm)), List.of(new Reading(rounds, spanMm)));
    }

    /** A foot in usual choices at 31 stitches and 43 rounds to 10 cm. */
    public static SockSpec usual(double lengthMm, double ballMm) {
        return new SockSpec(new Foot(lengthMm, ballMm), swatch(31, 43, 100), SOCK_YARN, Choices.usual());
    }

    /** Usual choices, and corners that want no plain rounds of their own. */
    public static Choices cornersLater() {
        return Choices.usual().withOpening(OpeningChoice.usual().closingLater());
    }

    /** A foot long enough for every heel and toe. */
    public static SockSpec large() {
        return usual(330, 300);
    }

    /** A tube of so many stitches on a usual foot. */
    public static SockSpec tubeOf(int stitches, int plainRounds) {
        return new SockSpec(
                new Foot(260, 230),
                swatch(31, 43, 100),
                SOCK_YARN,
                choices(plainRounds, plainRounds)
                        .withSize(SizeChoice.ofStitches(stitches))
                        // corners that want no plain rounds of their own
                        .withOpening(OpeningChoice.usual().closingLater()));
    }

    /** A valid specification in a striping yarn; its plan may still find no room. */
    public static SockSpec randomStriped(Random random) {
        SockSpec spec = anySchool(random);
        Striping striping = AnyChoices.striping(random);
        return possible(spec.withYarns(spec.yarns().striped(striping))
                .withChoices(spec.choices()
                        .withColour(AnyChoices.colours(random, striping.bands().size()))));
    }

    /** A valid specification anywhere in the range of what is knitted; its plan may still find no room. */
    public static SockSpec random(Random random) {
        double length = between(random, 130, 320);
        return randomFor(random, length, length * between(random, 0.8, 1.15));
    }

    /** As {@link #random}, with the foot given. */
    public static SockSpec randomFor(Random random, double lengthMm, double ballMm) {
        double stitchGauge = between(random, 20, 48);
        double roundGauge = stitchGauge * between(random, 1.15, 1.6);
        int readings = 1 + random.nextInt(4);
        return new SockSpec(
                new Foot(lengthMm, ballMm),
                new Swatch(readings(random, readings, stitchGauge), readings(random, readings, roundGauge)),
                new Yarn(between(random, 300, 500), 100, OptionalDouble.of(between(random, 40, 200))),
                usualWays(random));
    }

    private static Choices usualWays(Random random) {
        return Choices.usual()
                .withSize(random.nextBoolean() ? SizeChoice.usual() : SizeChoice.ofEase(between(random, 0, 0.25)))
                .withTube(TubeChoice.usual().withLegMm(between(random, 80, 300)))
                .withHeel(random.nextBoolean() ? ShapingChoice.usual() : ShapingChoice.plain(random.nextInt(9)))
                .withToe(random.nextBoolean() ? ShapingChoice.usual() : ShapingChoice.plain(random.nextInt(6)))
                .withFinish(random.nextBoolean() ? FinishChoice.usual() : FinishChoice.cuff(10 + random.nextInt(10)));
    }

    private static List<Reading> readings(Random random, int number, double gauge) {
        return random.doubles(number, 50, 120)
                .mapToObj(span -> new Reading(gauge * span / 100 * between(random, 0.98, 1.02), span))
                .toList();
    }

    private static double between(Random random, double from, double to) {
        return from + (to - from) * random.nextDouble();
    }

    /** A specification whose tube is there already. */
    public static SockSpec readyTube(SockSpec spec, int stitches, int rounds) {
        ReadyTube tube = new ReadyTube(
                stitches,
                OptionalInt.of(rounds),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty());
        return spec.withChoices(Choices.usual()
                .withTube(new TubeChoice(
                        Optional.of(Way.READY_TUBE),
                        Optional.empty(),
                        Optional.of(tube),
                        OptionalDouble.empty(),
                        OptionalInt.empty(),
                        Optional.empty())));
    }

    /** A valid specification of any school, way, opening, corners, rib, contrast and reading there is. */
    public static SockSpec anySchool(Random random) {
        SockSpec plain = random(random);
        return possible(plain.withChoices(AnyChoices.of(random, plain.choices()))
                .withFeet(AnyChoices.feet(random, plain.feet().first()))
                .withSwatch(AnyChoices.swatch(random, plain.swatch()))
                .withYarns(AnyChoices.yarns(random, plain.yarns().main()))
                .withWeighIns(random.nextInt(4) > 0 ? List.of() : AnyChoices.weighIns(random)));
    }

    /** Two socks that must be alike are on one foot. */
    private static SockSpec possible(SockSpec spec) {
        Feet feet = spec.feet();
        return feet.each() && !spec.mayDiffer()
                ? spec.withFeet(new Feet(feet.first(), feet.other(), PlanOn.FIRST))
                : spec;
    }

    /** Every step that a plan shows, found by looking through its records. */
    public static List<Step> figures(Object plan) {
        List<Step> steps = new ArrayList<>();
        collect(plan, steps);
        return steps;
    }

    private static void collect(Object value, List<Step> into) {
        if (value instanceof Step step) {
            into.add(step);
        } else if (value instanceof Optional<?> present) {
            present.ifPresent(inside -> collect(inside, into));
        } else if (value instanceof Iterable<?> many) {
            many.forEach(each -> collect(each, into));
        } else if (value instanceof Record whole) {
            for (RecordComponent component : whole.getClass().getRecordComponents()) {
                try {
                    collect(component.getAccessor().invoke(whole), into);
                } catch (ReflectiveOperationException unreadable) {
                    throw new IllegalStateException(unreadable);
                }
            }
        }
    }
}
