package roundpocket.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FootView;
import roundpocket.app.laps.LapEvent;
import roundpocket.app.laps.LapStartWrite;
import roundpocket.app.laps.LapViews.LapWorkView;
import roundpocket.app.laps.Laps;
import roundpocket.app.log.Log;
import roundpocket.app.log.LogNoteKind;
import roundpocket.app.log.LogNoteWrite;
import roundpocket.app.pairs.PairWrite;
import roundpocket.app.pairs.PairsShelf;
import roundpocket.app.plans.ChoicesPart;
import roundpocket.app.plans.FinishPart;
import roundpocket.app.plans.OpeningPart;
import roundpocket.app.plans.PatternPart;
import roundpocket.app.plans.ReadyTubePart;
import roundpocket.app.plans.ShapingPart;
import roundpocket.app.plans.SizePart;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.plans.TubePart;
import roundpocket.app.swatches.SwatchView;
import roundpocket.app.yarns.YarnView;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.pattern.PatternPlace;
import roundpocket.core.plan.Section;
import roundpocket.core.tube.Way;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.WearNote;

/** The ringers' socks: one pair in every state that there is. */
@Component
@ConditionalOnProperty("pocket.demo")
class RingersSocks {
    private static final int HALF_A_FOOT = 38;
    private static final String DEVICE = "the demo";

    private final PairsShelf pairs;
    private final Laps laps;
    private final Log log;

    RingersSocks(PairsShelf pairs, Laps laps, Log log) {
        this.pairs = pairs;
        this.laps = laps;
        this.log = log;
    }

    /** What the socks are made from. */
    record Shelf(
            FootView marit,
            FootView odd,
            FootView pia,
            FootView tore,
            FootView aashild,
            FootView jens,
            SwatchView fine,
            SwatchView firm,
            YarnView first,
            YarnView bellrope,
            YarnView rope,
            YarnView frost,
            YarnView sally,
            YarnView grey) {}

    void fill(Shelf shelf) {
        keep(
                "Marit’s chamber socks",
                shelf.marit(),
                shelf.fine(),
                shelf.bellrope(),
                choices(null, 140, ShapingPart.plain(5), null, 16));
        UUID tenor = keep(
                "Odd’s tenor socks",
                shelf.odd(),
                shelf.fine(),
                shelf.rope(),
                choices(0.12, 160, null, ShapingPart.plain(2), null));
        keep("Pia’s first ringing socks", shelf.pia(), shelf.firm(), shelf.frost(), null);
        halfKnit(tenor);
        beforeTheCut(shelf);
        firstSockDone(shelf);
        grafting(shelf);
        keep(
                "Åshild’s, from the long tube",
                shelf.aashild(),
                shelf.fine(),
                shelf.bellrope(),
                new ChoicesPart(
                        null,
                        new TubePart(
                                Way.READY_TUBE,
                                null,
                                new ReadyTubePart(68, 340, null, null, null, null, null),
                                120.0,
                                null,
                                null),
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null));
        keep("Jens’s spare pair", shelf.jens(), shelf.fine(), shelf.grey(), checkedLeg());
        worn(shelf);
    }

    /** A tube half knitted over two evenings. */
    private void halfKnit(UUID pairId) {
        laps.start(pairId, new LapStartWrite(null, null), LengthUnit.CM);
        Instant evening = Instant.parse("2026-11-20T18:30:00Z");
        List<LapEvent> presses = new ArrayList<>();
        for (int i = 0; i < HALF_A_FOOT; i++) {
            Instant at = evening.plusSeconds(110L * i).plus(Duration.ofDays(2L * i / HALF_A_FOOT));
            presses.add(new LapEvent.Done(new UUID(pairId.getMostSignificantBits(), i), 1, DEVICE, at, null));
        }
        laps.hear(pairId, presses, LengthUnit.CM);
    }

    /** The tube is done, and the opening is about to be cut. */
    private void beforeTheCut(Shelf shelf) {
        UUID pair = keep(
                "Tore’s, with a deep heel",
                shelf.tore(),
                shelf.fine(),
                shelf.bellrope(),
                new ChoicesPart(
                        null,
                        null,
                        null,
                        null,
                        null,
                        new OpeningPart(OpeningWay.SNIP, null, null, null),
                        null,
                        null,
                        null,
                        null,
                        null));
        laps.start(pair, new LapStartWrite(null, null), LengthUnit.CM);
        hear(
                pair,
                weighed(1, 50, "2026-11-02T19:00:00Z"),
                jumped(1, start(pair, "heel-count"), "2026-11-18T20:10:00Z"));
        hear(pair, weighed(1, 27, "2026-11-18T20:20:00Z"));
    }

    /** The first sock came out three rounds longer in the foot; the second follows it. */
    private void firstSockDone(Shelf shelf) {
        UUID pair = keep("Åshild’s wide ones", shelf.aashild(), shelf.fine(), shelf.sally(), null);
        laps.start(pair, new LapStartWrite(null, null), LengthUnit.CM);
        int line = start(pair, "line");
        LapWorkView work = laps.view(pair, LengthUnit.CM).works().get(0);
        int foot = work.stretches().get(0).all();
        hear(
                pair,
                jumped(1, line, "2026-11-10T20:00:00Z"),
                new LapEvent.Worked(
                        UUID.randomUUID(), 1, DEVICE, Instant.parse("2026-11-10T20:01:00Z"), Section.FOOT, foot + 3));
        hear(
                pair,
                new LapEvent.Noted(
                        UUID.randomUUID(),
                        1,
                        DEVICE,
                        Instant.parse("2026-11-10T20:02:00Z"),
                        "Three rounds over in the foot; left in, the second gets them too."));
        hear(pair, jumped(1, laps.view(pair, LengthUnit.CM).works().get(0).presses(), "2026-11-21T21:00:00Z"));
    }

    /** The heel of the first sock is being grafted. */
    private void grafting(Shelf shelf) {
        UUID pair = keep("Jens’s surprise", shelf.jens(), shelf.firm(), shelf.frost(), null);
        laps.start(pair, new LapStartWrite(null, null), LengthUnit.CM);
        hear(pair, jumped(1, start(pair, "heel-graft") + 11, "2026-11-22T20:45:00Z"));
    }

    /** A pair that was worn, with what it taught. */
    private void worn(Shelf shelf) {
        UUID pair = keep(
                "Marit’s first peal", shelf.marit(), shelf.fine(), shelf.first(), choices(null, 130, null, null, 15));
        laps.start(pair, new LapStartWrite(null, null), LengthUnit.CM);
        hear(pair, weighed(1, 51, "2026-09-02T19:00:00Z"), jumped(1, start(pair, "cuff"), "2026-09-14T20:00:00Z"));
        hear(pair, jumped(1, laps.view(pair, LengthUnit.CM).works().get(0).presses(), "2026-09-20T20:30:00Z"));
        hear(pair, weighed(1, 27, "2026-09-20T20:40:00Z"), weighed(2, 49, "2026-09-21T19:00:00Z"));
        hear(pair, jumped(2, laps.view(pair, LengthUnit.CM).works().get(1).presses(), "2026-10-09T21:15:00Z"));
        hear(pair, weighed(2, 25, "2026-10-09T21:20:00Z"));
        log.note(
                pair,
                new LogNoteWrite(
                        LogNoteKind.FIT,
                        FitNote.HEEL_TIGHT,
                        null,
                        null,
                        "Over the instep, on the tower stairs.",
                        LocalDate.of(2026, 10, 18)));
        log.note(
                pair,
                new LogNoteWrite(
                        LogNoteKind.WEAR,
                        null,
                        WearNote.PILLED,
                        Section.HEEL,
                        "Only on the left.",
                        LocalDate.of(2026, 11, 15)));
    }

    private void hear(UUID pair, LapEvent... events) {
        laps.hear(pair, List.of(events), LengthUnit.CM);
    }

    private static LapEvent jumped(int sock, int to, String at) {
        return new LapEvent.Jumped(UUID.randomUUID(), sock, DEVICE, Instant.parse(at), to, null);
    }

    private static LapEvent weighed(int sock, double grams, String at) {
        return LapEvent.Weighed.of(UUID.randomUUID(), sock, DEVICE, Instant.parse(at), grams);
    }

    /** The position at which a step of the first sock begins. */
    private int start(UUID pair, String id) {
        LapWorkView work = laps.view(pair, LengthUnit.CM).works().get(0);
        for (int i = 0; i < work.steps().size(); i++) {
            if (work.steps().get(i).id().equals(id)) {
                return work.starts().get(i);
            }
        }
        throw new IllegalStateException("no step " + id);
    }

    private static ChoicesPart choices(
            @Nullable Double ease,
            double legMm,
            @Nullable ShapingPart heel,
            @Nullable ShapingPart toe,
            @Nullable Integer cuffRounds) {
        return new ChoicesPart(
                ease == null ? null : new SizePart(ease, null, null),
                new TubePart(null, null, null, legMm, null, null),
                heel,
                toe,
                null,
                null,
                cuffRounds == null ? null : new FinishPart(cuffRounds, null, null, null),
                null,
                null,
                null,
                null);
    }

    /** A leg in small checks, written out. */
    private static ChoicesPart checkedLeg() {
        String rows = "k2, p2\nk2, p2\np2, k2\np2, k2";
        return new ChoicesPart(
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                new PatternPart(PatternPlace.LEG, null, null, null, rows, null, null, true, null),
                null);
    }

    private UUID keep(String name, FootView foot, SwatchView swatch, YarnView yarn, @Nullable ChoicesPart choices) {
        SpecPart spec = new SpecPart(foot.foot(), swatch.swatch(), yarn.yarn(), choices).striped(yarn.striping());
        return pairs.create(new PairWrite(null, name, spec, foot.id(), swatch.id(), yarn.id(), null))
                .id();
    }
}
