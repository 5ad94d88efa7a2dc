package roundpocket.app.demo;

import java.time.Instant;
import java.util.UUID;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import roundpocket.app.feet.FootView;
import roundpocket.app.laps.LapEvent;
import roundpocket.app.laps.LapStartWrite;
import roundpocket.app.laps.LapViews.LapWorkView;
import roundpocket.app.laps.Laps;
import roundpocket.app.plans.ChoicesPart;
import roundpocket.app.plans.OpeningPart;
import roundpocket.app.plans.PatternPart;
import roundpocket.app.plans.ReadyTubePart;
import roundpocket.app.plans.ShapingPart;
import roundpocket.app.plans.TubePart;
import roundpocket.app.swatches.SwatchView;
import roundpocket.app.yarns.YarnView;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.pattern.PatternPlace;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.Section;
import roundpocket.core.tube.Way;

/** The ringers' socks: one pair in every state that there is. */
@Component
@Lazy
class RingersSocks {
    private static final int HALF_A_FOOT = 38;

    private final Needles needles;
    private final Laps laps;
    private final RingersFinished finished;

    RingersSocks(Needles needles, Laps laps, RingersFinished finished) {
        this.needles = needles;
        this.laps = laps;
        this.finished = finished;
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
            YarnView grey,
            YarnView treble) {}

    void fill(Shelf shelf) {
        needles.keep(
                "Marit’s chamber socks",
                shelf.marit(),
                shelf.fine(),
                shelf.bellrope(),
                Needles.choices(null, 140, ShapingPart.plain(5), null, 16));
        UUID tenor = needles.keep(
                "Odd’s tenor socks",
                shelf.odd(),
                shelf.fine(),
                shelf.rope(),
                Needles.choices(0.12, 160, null, ShapingPart.plain(2), null));
        needles.keep("Pia’s first ringing socks", shelf.pia(), shelf.firm(), shelf.frost(), null);
        halfKnit(tenor);
        beforeTheCut(shelf);
        firstSockDone(shelf);
        grafting(shelf);
        needles.keep(
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
        needles.keep("Jens’s spare pair", shelf.jens(), shelf.fine(), shelf.grey(), checkedLeg());
        twoAtATime(shelf);
        finished.fill(shelf);
    }

    /** A tube half knitted over two evenings. */
    private void halfKnit(UUID pairId) {
        laps.start(pairId, new LapStartWrite(null, null));
        needles.press(
                pairId, 1, false, HALF_A_FOOT, new Needles.Evenings("2026-11-20T18:30:00Z", HALF_A_FOOT / 2, 110));
    }

    /** The tube is done, and the opening is about to be cut. */
    private void beforeTheCut(Shelf shelf) {
        UUID pair = needles.keep(
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
        laps.start(pair, new LapStartWrite(null, null));
        needles.hear(
                pair,
                Needles.weighed(1, 50, "2026-11-02T19:00:00Z"),
                Needles.jumped(1, needles.start(pair, "heel-count"), "2026-11-18T20:10:00Z"));
        needles.hear(pair, Needles.weighed(1, 27, "2026-11-18T20:20:00Z"));
    }

    /** The first sock came out three rounds longer in the foot; the second follows it. */
    private void firstSockDone(Shelf shelf) {
        UUID pair = needles.keep("Åshild’s wide ones", shelf.aashild(), shelf.fine(), shelf.sally(), null);
        laps.start(pair, new LapStartWrite(null, null));
        int line = needles.start(pair, "line");
        LapWorkView work = laps.view(pair).works().get(0);
        int foot = work.stretches().get(0).all();
        needles.hear(
                pair,
                Needles.jumped(1, line, "2026-11-10T20:00:00Z"),
                new LapEvent.Worked(
                        UUID.randomUUID(),
                        1,
                        Needles.DEVICE,
                        Instant.parse("2026-11-10T20:01:00Z"),
                        Section.FOOT,
                        foot + 3));
        needles.hear(
                pair,
                new LapEvent.Noted(
                        UUID.randomUUID(),
                        1,
                        Needles.DEVICE,
                        Instant.parse("2026-11-10T20:02:00Z"),
                        "Three rounds over in the foot; left in, the second gets them too."));
        needles.hear(pair, Needles.jumped(1, laps.view(pair).works().get(0).presses(), "2026-11-21T21:00:00Z"));
    }

    /** Both socks on one long needle, each from its own ball: the legs have begun. */
    private void twoAtATime(Shelf shelf) {
        UUID pair = needles.keep("Marit’s pair for the road", shelf.marit(), shelf.fine(), shelf.treble(), null);
        laps.start(pair, new LapStartWrite(null, KnitOrder.TWO_AT_A_TIME));
        needles.hear(
                pair, Needles.weighed(1, 36, "2026-11-12T18:50:00Z"), Needles.weighed(2, 34, "2026-11-12T18:52:00Z"));
        int leg = needles.start(pair, "line");
        needles.press(pair, 1, true, leg, new Needles.Evenings("2026-11-12T19:00:00Z", 16, 340));
        needles.hear(
                pair, Needles.weighed(1, 22, "2026-11-19T21:00:00Z"), Needles.weighed(2, 20, "2026-11-19T21:02:00Z"));
        needles.press(pair, 1, true, 9, new Needles.Evenings("2026-11-24T19:00:00Z", 16, 340));
    }

    /** The heel of the first sock is being grafted. */
    private void grafting(Shelf shelf) {
        UUID pair = needles.keep("Jens’s surprise", shelf.jens(), shelf.firm(), shelf.frost(), null);
        laps.start(pair, new LapStartWrite(null, null));
        needles.hear(pair, Needles.jumped(1, needles.start(pair, "heel-graft") + 11, "2026-11-22T20:45:00Z"));
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
}
