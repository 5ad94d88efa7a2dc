package roundpocket.core.stripe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.tube.Way;

/** Rounds of a plan beside the same stitches walked one by one. */
final class SameColours {
    private SameColours() {}

    /** A toe that is knitted first grows from its tip; one that is knitted last goes on from the tube, to its tip. */
    static void ofTheToe(SockPlan plan, SockStripes sock, List<Band> bands, StitchByStitch byHand) {
        int toe = plan.toe().shaping().rounds().count();
        boolean first =
                plan.tube().way() == Way.TOE_UP && plan.tube().toeStart().toeFirst();
        int done = 0;
        for (int i = 0; i < toe; i++) {
            same(sock.tube().get(first ? i : toe - 1 - i), bands, byHand, Section.TOE, done);
            done = plan.toe().shaping().list().get(i).cumulative();
        }
    }

    static void same(ColourRound round, List<Band> bands, StitchByStitch byHand, Section section, int from) {
        for (int stitch = 1; stitch <= round.stitches(); stitch++) {
            String expected = byHand.colour(section, from + stitch - 1);
            if (!expected.isEmpty()) {
                int at = stitch;
                int band = round.changes().stream()
                        .filter(change -> change.stitch() <= at)
                        .reduce((first, second) -> second)
                        .map(StripedRound.ChangeAt::band)
                        .orElse(round.band());
                assertThat(bands.get(band).colour())
                        .as("%s, stitch %d of a round that begins at %d", section, stitch, from)
                        .isEqualTo(expected);
            }
        }
    }
}
