package roundpocket.core;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Needle;
import roundpocket.core.finish.Rib;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.PlanOn;
import roundpocket.core.foot.ShoeSize;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.foot.ToeForm;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.pattern.PatternChart;
import roundpocket.core.pattern.PatternChoice;
import roundpocket.core.pattern.PatternPlace;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.ColourStart;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.KnotWay;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.TechniqueChoice;
import roundpocket.core.plan.Yarns;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Leaning;
import roundpocket.core.shaping.Parity;
import roundpocket.core.shaping.Phase;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.shaping.Turning;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Ravelled;
import roundpocket.core.stripe.Striping;
import roundpocket.core.swatch.Fabric;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.Yarn;

/** Random choices over everything that can be chosen. */
final class AnyChoices {
    private AnyChoices() {}

    private static <T> T one(Random random, T[] all) {
        return all[random.nextInt(all.length)];
    }

    private static <T> Optional<T> perhaps(Random random, Supplier<T> value) {
        return random.nextBoolean() ? Optional.empty() : Optional.of(value.get());
    }

    static Choices of(Random random, Choices plain) {
        Way way = one(random, Way.values());
        boolean ready = way == Way.READY_TUBE;
        TubeChoice tube = tube(random, way, plain);
        boolean shortStart = tube.toeFirst() && tube.toeStartTaken() == ToeStart.SHORT_ROWS;
        ShapingChoice toe = shortStart
                ? ShapingChoice.of(ShapingSchool.SHORT_ROWS, random.nextInt(4))
                : shaping(random, tube.toeFirst());
        return new Choices(
                ready ? SizeChoice.usual() : plain.size(),
                tube,
                shaping(random, false),
                toe,
                placing(random),
                opening(random, ready),
                new FinishChoice(
                        plain.finish().cuffRounds(),
                        perhaps(random, () -> one(random, Rib.values())),
                        perhaps(random, random::nextBoolean),
                        perhaps(random, () -> one(random, Needle.values()))),
                ColourChoice.usual(),
                perhaps(random, () -> one(random, ready ? PIECES : KnitOrder.values())),
                ready || random.nextBoolean() ? PatternChoice.usual() : pattern(random),
                new TechniqueChoice(
                        perhaps(random, () -> one(random, Turning.values())),
                        perhaps(random, () -> one(random, Provisional.values())),
                        perhaps(random, () -> one(random, RoundStart.values())),
                        perhaps(random, () -> one(random, HeelWhen.values()))
                                .filter(when -> !ready || when != HeelWhen.AT_ONCE)));
    }

    private static PatternChoice pattern(Random random) {
        PatternPlace place = one(random, PatternPlace.values());
        PatternChoice choice =
                switch (random.nextInt(3)) {
                    case 0 -> PatternChoice.rib(place);
                    case 1 -> PatternChoice.sized(place, 1 + random.nextInt(12), 1 + random.nextInt(30));
                    default -> PatternChoice.written(place, PatternChart.read("k1, yo, ssk, k1\nk4\nk2tog, yo, p2"));
                };
        return choice.withEdge(random.nextInt(4))
                .withPause(1 + random.nextInt(3))
                .withWhole(random.nextBoolean())
                .withSwatched(random.nextBoolean());
    }

    private static PlacingChoice placing(Random random) {
        // by shoe size is left to feet that have one
        Optional<PlacingSchool> school =
                perhaps(random, () -> one(random, PlacingSchool.values())).filter(s -> s != PlacingSchool.BY_SHOE_SIZE);
        boolean atColour = school.filter(s -> s == PlacingSchool.AT_COLOUR).isPresent();
        boolean inRounds = random.nextBoolean() || atColour;
        boolean own = school.filter(s -> s == PlacingSchool.OWN_DISTANCE).isPresent();
        return new PlacingChoice(
                school,
                inRounds ? OptionalInt.of(40 + random.nextInt(60)) : OptionalInt.empty(),
                inRounds ? OptionalDouble.empty() : OptionalDouble.of(100 + random.nextInt(100)),
                OptionalDouble.of(100 + random.nextInt(80)),
                perhaps(
                        random,
                        () -> own
                                ? one(random, new CountFrom[] {CountFrom.TOE_TIP, CountFrom.END_OF_TOE})
                                : one(random, CountFrom.values())));
    }

    private static TubeChoice tube(Random random, Way way, Choices plain) {
        Optional<ReadyTube> ready = way != Way.READY_TUBE
                ? Optional.empty()
                : Optional.of(new ReadyTube(
                        40 + 2 * random.nextInt(24),
                        OptionalInt.of(300 + random.nextInt(400)),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        perhaps(random, () -> one(random, Cut.values())),
                        OptionalInt.of(1 + random.nextInt(3)),
                        perhaps(random, random::nextBoolean)));
        boolean inRounds = random.nextInt(3) == 0;
        return new TubeChoice(
                Optional.of(way),
                way == Way.TOE_UP ? perhaps(random, () -> one(random, ToeStart.values())) : Optional.empty(),
                ready,
                inRounds ? OptionalDouble.empty() : plain.tube().legMm(),
                inRounds ? OptionalInt.of(30 + random.nextInt(60)) : OptionalInt.empty(),
                perhaps(random, () -> one(random, LegFrom.values())));
    }

    private static ShapingChoice shaping(Random random, boolean begun) {
        ShapingSchool school = one(random, ShapingSchool.values());
        if (begun && school == ShapingSchool.SHORT_ROWS) {
            school = ShapingSchool.WEDGE;
        }
        boolean own = school == ShapingSchool.OWN;
        boolean draw = school.mayDrawThrough() && !begun && random.nextBoolean();
        return new ShapingChoice(
                Optional.of(school),
                random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(random.nextInt(8)),
                perhaps(random, () -> one(random, Leaning.values())),
                perhaps(random, random::nextBoolean),
                own
                        ? List.of(
                                Phase.times(1 + random.nextInt(4), 1 + random.nextInt(3)),
                                Phase.until(1 + random.nextInt(3), 6 + random.nextInt(8)))
                        : List.of(),
                own ? perhaps(random, random::nextBoolean) : Optional.empty(),
                draw ? Optional.of(Close.DRAW_THROUGH) : Optional.empty(),
                perhaps(random, () -> one(random, Parity.values())));
    }

    private static OpeningChoice opening(Random random, boolean ready) {
        OpeningWay way = ready ? OpeningWay.SNIP : one(random, OpeningWay.values());
        Corners corners = one(random, Corners.of(way).toArray(Corners[]::new));
        if (corners != Corners.PICK_UP) {
            return new OpeningChoice(Optional.of(way), Optional.of(corners), OptionalInt.empty(), Optional.empty());
        }
        int extra = 1 << random.nextInt(3);
        return OpeningChoice.pickingUp(way, extra, extra > 1 && random.nextBoolean());
    }

    static Feet feet(Random random, Foot first) {
        double ball = first.ballGirthMm().orElseThrow();
        double length = first.lengthMm().orElseThrow();
        Foot whole = new Foot(
                random.nextInt(8) == 0 ? OptionalDouble.empty() : OptionalDouble.of(length),
                Optional.of(new ShoeSize(ShoeSystem.MONDOPOINT, length)),
                OptionalDouble.of(ball),
                random.nextBoolean()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(ball * (1.25 + 0.2 * random.nextDouble())),
                random.nextBoolean()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(ball * (0.9 + 0.3 * random.nextDouble())),
                perhaps(random, () -> one(random, ToeForm.values())));
        return random.nextBoolean()
                ? Feet.both(whole)
                : new Feet(whole, Optional.of(new Foot(length + 4, ball)), one(random, PlanOn.values()));
    }

    static Swatch swatch(Random random, Swatch plain) {
        double rounds = plain.gauge().rounds().value();
        return new Swatch(
                plain.stitches(),
                plain.rounds(),
                new Fabric(
                        perhaps(random, () -> one(random, FabricState.values())),
                        perhaps(random, random::nextBoolean),
                        OptionalDouble.of(2 + 0.25 * random.nextInt(7)),
                        OptionalDouble.of(20 + 20 * random.nextDouble())),
                perhaps(random, () -> new TubeReading(rounds * (0.95 + 0.1 * random.nextDouble()), 100, 20))
                        .filter(reading -> reading.rounds() > 10));
    }

    static Yarns yarns(Random random, Yarn main) {
        Set<Section> sections = EnumSet.noneOf(Section.class);
        for (Section section : List.of(Section.TOE, Section.HEEL, Section.CUFF)) {
            if (random.nextInt(3) == 0) {
                sections.add(section);
            }
        }
        return sections.isEmpty()
                ? Yarns.one(main)
                : new Yarns(main, Optional.of(new Yarn(380, 100, OptionalDouble.of(20))), sections);
    }

    /** A yarn of one to eight bands, measured along it or counted in a tube, begun anywhere, with a knot now and then. */
    static Striping striping(Random random) {
        List<Band> bands = new ArrayList<>();
        boolean counted = random.nextInt(3) == 0;
        double repeat = 0;
        for (int i = 1 + random.nextInt(8); i > 0; i--) {
            String colour = String.format(Locale.ROOT, "#%06x", random.nextInt(6) * 0x2a1b0d);
            double metres = 0.1 + 12 * random.nextDouble();
            bands.add(
                    counted
                            ? Band.ofRounds("", colour, 0.5 + 10 * random.nextDouble(), 40 + random.nextInt(40))
                            : Band.ofMetres("", colour, metres));
            repeat += counted ? 0.1 : metres;
        }
        List<Knot> knots = random.nextInt(3) > 0
                ? List.of()
                : List.of(new Knot(
                        300 * random.nextDouble(),
                        random.nextBoolean()
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(repeat * random.nextDouble())));
        Striping striping = new Striping(bands, repeat * random.nextDouble() * 0.99, knots);
        return random.nextInt(3) > 0
                ? striping
                : striping.with(
                        new Ravelled(repeat * random.nextDouble() * 0.99, random.nextBoolean(), random.nextBoolean()));
    }

    static ColourChoice colours(Random random, int bands) {
        return new ColourChoice(
                perhaps(random, () -> one(random, ColourStart.values())),
                OptionalInt.of(1 + random.nextInt(bands)),
                perhaps(random, () -> one(random, ColourStart.values())),
                OptionalInt.of(1 + random.nextInt(bands)),
                perhaps(random, () -> one(random, SecondSock.values())),
                OptionalInt.of(1 + random.nextInt(bands)),
                perhaps(random, () -> one(random, KnotWay.values())));
    }

    /** The orders that pieces of a ready tube can be knitted in. */
    private static final KnitOrder[] PIECES = {KnitOrder.ONE_AFTER_OTHER, KnitOrder.IN_TURN};

    static List<WeighIn> weighIns(Random random) {
        return List.of(
                WeighIn.ofRounds(20 + random.nextInt(20), 3 + 4 * random.nextDouble()),
                WeighIn.ofStitches(2000, 5 + 3 * random.nextDouble()));
    }
}
