package roundpocket.app.demo;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import roundpocket.app.laps.LapStartWrite;
import roundpocket.app.laps.Laps;
import roundpocket.app.log.Log;
import roundpocket.app.log.LogNoteKind;
import roundpocket.app.log.LogNoteWrite;
import roundpocket.core.plan.Section;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.WearNote;

/** The pairs that the ringers have worn already. */
@Component
@Lazy
class RingersFinished {
    private final Needles needles;
    private final Laps laps;
    private final Log log;

    RingersFinished(Needles needles, Laps laps, Log log) {
        this.needles = needles;
        this.laps = laps;
        this.log = log;
    }

    void fill(RingersSocks.Shelf shelf) {
        outgrown(shelf);
        worn(shelf);
    }

    /** A child's pair of last winter, pressed round by round, and worn through. */
    private void outgrown(RingersSocks.Shelf shelf) {
        UUID pair = needles.keep("Pia’s winter pair", shelf.pia(), shelf.fine(), shelf.first(), null);
        laps.start(pair, new LapStartWrite(null, null));
        String[] begins = {"2026-02-16T19:00:00Z", "2026-03-05T19:00:00Z"};
        double[] left = {102, 88, 74};
        for (int sock = 1; sock <= begins.length; sock++) {
            needles.hear(pair, Needles.weighed(sock, left[sock - 1], begins[sock - 1]));
            needles.press(
                    pair, sock, false, needles.presses(pair, sock), new Needles.Evenings(begins[sock - 1], 26, 150));
            needles.hear(pair, Needles.weighed(sock, left[sock], "2026-03-2" + sock + "T20:00:00Z"));
        }
        note(pair, "2026-03-24", FitNote.CUFF_LOOSE, "On the bicycle.");
        note(pair, "2026-08-30", WearNote.THIN, Section.FOOT, null, "Under the ball.");
        note(pair, "2026-09-12", WearNote.HOLE, Section.HEEL, 2, "");
        note(pair, "2026-09-14", WearNote.HEEL_REPLACED, Section.HEEL, 2, "In the same yarn; an hour.");
    }

    /** A pair that was worn, with what it taught. */
    private void worn(RingersSocks.Shelf shelf) {
        UUID pair = needles.keep(
                "Marit’s first peal",
                shelf.marit(),
                shelf.fine(),
                shelf.first(),
                Needles.choices(null, 130, null, null, 15));
        laps.start(pair, new LapStartWrite(null, null));
        needles.hear(
                pair,
                Needles.weighed(1, 51, "2026-09-02T19:00:00Z"),
                Needles.jumped(1, needles.start(pair, "cuff"), "2026-09-14T20:00:00Z"));
        needles.hear(pair, Needles.jumped(1, needles.presses(pair, 1), "2026-09-20T20:30:00Z"));
        needles.hear(
                pair, Needles.weighed(1, 27, "2026-09-20T20:40:00Z"), Needles.weighed(2, 49, "2026-09-21T19:00:00Z"));
        needles.hear(pair, Needles.jumped(2, needles.presses(pair, 2), "2026-10-09T21:15:00Z"));
        needles.hear(pair, Needles.weighed(2, 25, "2026-10-09T21:20:00Z"));
        note(pair, "2026-10-18", FitNote.HEEL_TIGHT, "Over the instep, on the tower stairs.");
        note(pair, "2026-11-15", WearNote.PILLED, Section.HEEL, 1, "Only on the left.");
    }

    private void note(UUID pair, String on, FitNote fit, String words) {
        log.note(pair, new LogNoteWrite(LogNoteKind.FIT, fit, null, null, null, words, LocalDate.parse(on)));
    }

    private void note(UUID pair, String on, WearNote wear, Section where, @Nullable Integer sock, String words) {
        log.note(pair, new LogNoteWrite(LogNoteKind.WEAR, null, wear, where, sock, words, LocalDate.parse(on)));
    }
}
