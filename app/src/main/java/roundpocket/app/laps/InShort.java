package roundpocket.app.laps;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import roundpocket.app.laps.LapViews.KnittedView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.core.lap.LapWords;
import roundpocket.core.lap.Outing;
import roundpocket.core.lap.PairWork;
import roundpocket.core.lap.SockWork;
import roundpocket.core.wear.PairTook;

/**
 * A pair on the needles in short; of one that cannot be read, nothing.
 *
 * @param gist the little that a basket shows
 * @param took what it took so far
 */
record InShort(Optional<LapGistView> gist, Optional<PairTook> took) {
    static final InShort NOTHING = new InShort(Optional.empty(), Optional.empty());

    static InShort of(UUID pairId, Knitting knitting) {
        return new InShort(Optional.of(gist(pairId, knitting)), Optional.of(PairTook.of(knitting.work())));
    }

    private static LapGistView gist(UUID pairId, Knitting knitting) {
        PairWork work = knitting.work();
        int first = work.sock(1).position();
        int second = work.sock(2).position();
        int on = work.next();
        SockWork sock = work.sock(on);
        return new LapGistView(
                pairId,
                List.of(
                        work.sock(1).course().lap().presses(),
                        work.sock(2).course().lap().presses()),
                List.of(first, second),
                on,
                sock.course().lap().knitted(sock.position()).entrySet().stream()
                        .map(part -> new KnittedView(part.getKey(), part.getValue()))
                        .toList(),
                LapWords.next(work, on),
                Outing.of(work, on),
                work.finished(),
                knitting.lastAt());
    }
}
