package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roundpocket.core.finish.Needle;
import roundpocket.core.work.FinishWork;
import roundpocket.core.work.Spot;

/** A graft, move by move, through the loops that two needles hold. */
final class Sewing {
    private final Loops in;
    private final Map<Needle, Boolean> entered = new HashMap<>();
    private final Set<Needle> firstOff = EnumSet.noneOf(Needle.class);
    private Optional<Spot> from = Optional.empty();

    Sewing(Loops in) {
        this.in = in;
    }

    /** With the end that hangs at some loops, or with a new length. */
    void begin(Optional<Spot> hangsAt) {
        from = hangsAt;
        entered.clear();
        firstOff.clear();
    }

    /** No loop is threaded twice the same way, none comes off that was never threaded but the first, and not by its own yarn. */
    void does(FinishWork.Stitch stitch) {
        Needle needle = stitch.made().move().needle();
        Spot spot = needle == Needle.FRONT ? in.first(stitch.edge()) : in.second(stitch.edge());
        if (stitch.made().number() == 1) {
            assertThat(spot)
                    .as("%s: the loop that the yarn comes from", in.what())
                    .isNotEqualTo(from.orElse(null));
        }
        if (!stitch.made().move().off()) {
            assertThat(entered.put(needle, stitch.made().move().knitwise()))
                    .as(in.what())
                    .isNull();
            return;
        }
        Boolean before = entered.remove(needle);
        assertThat(
                        before == null
                                ? firstOff.add(needle)
                                : before != stitch.made().move().knitwise())
                .as("%s: move %d", in.what(), stitch.made().number())
                .isTrue();
        firstOff.add(needle);
        List<Loops.End> ends = in.held().get(spot);
        Loops.close(ends.remove(0), "grafted");
        if (ends.isEmpty()) {
            in.held().remove(spot);
            in.needles().remove(spot);
        }
    }
}
