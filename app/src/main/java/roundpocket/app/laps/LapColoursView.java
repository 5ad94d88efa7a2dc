package roundpocket.app.laps;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.core.lap.CutOut;
import roundpocket.core.lap.LapColours;
import roundpocket.core.lap.LapColours.KnotAt;
import roundpocket.core.lap.LapColours.Stretch;
import roundpocket.core.lap.PairWork;
import roundpocket.core.measure.Sentence;
import roundpocket.core.stripe.Band;

/**
 * The colours of one sock as it is knitted.
 *
 * @param bands the bands of one repeat
 * @param stretches bands one after the other, by the presses they take
 * @param knots knots that were told of, where they come up
 * @param windings how much is wound off, where it is due
 * @param seen what was seen of them, the earliest first
 */
public record LapColoursView(
        List<LapBandView> bands,
        List<Stretch> stretches,
        List<KnotAt> knots,
        List<WindingView> windings,
        List<SeenView> seen) {
    /** A band: what it is called, and its colour as #rrggbb. */
    public record LapBandView(String name, String colour) {}

    /** What is said of it, and the presses before which it is due. */
    public record WindingView(int position, Sentence said) {}

    /**
     * A change of colour or a knot that was seen.
     *
     * @param position presses done before the round that it lies in
     * @param band the band that begins, from 0
     * @param knot whether the yarn was knotted there
     * @param instead what would keep the order of the bands in spite of a knot; left out where nothing would
     */
    public record SeenView(
            UUID id,
            int position,
            int band,
            boolean knot,
            @Nullable Sentence instead) {}

    static LapColoursView of(PairWork pair, int sock, LapColours colours) {
        List<Band> bands =
                pair.sock(sock).course().spec().yarns().striping().orElseThrow().bands();
        return new LapColoursView(
                bands.stream()
                        .map(band -> new LapBandView(band.called(), band.colour()))
                        .toList(),
                colours.stretches(),
                colours.knots(),
                colours.windings().stream()
                        .map(each ->
                                new WindingView(each.position(), each.winding().much()))
                        .toList(),
                pair.seen().stream()
                        .filter(seen -> seen.sock() == sock)
                        .map(seen -> new SeenView(
                                UUID.fromString(seen.id()),
                                seen.position(),
                                seen.band(),
                                seen.knot(),
                                CutOut.of(pair, colours, seen).map(CutOut::said).orElse(null)))
                        .toList());
    }
}
