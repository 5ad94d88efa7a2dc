package roundpocket.core.lap;

import java.util.Optional;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.tube.Way;

/**
 * What is wound off inside one sock, said where it is due: the colour to stop at. How many metres that is depends on what was
 * seen of the colours by then, and is told beside it.
 */
final class WindOffs {
    private final Optional<SockStripes> sock;

    WindOffs(SockPlan plan, int number) {
        this.sock = plan.stripes()
                .filter(any -> plan.tube().way() != Way.READY_TUBE)
                .map(any -> any.socks().get(number - 1));
    }

    /** Before the yarn of the heel is joined. */
    Optional<Sentence> heel() {
        return sock.flatMap(SockStripes::heelWindOff).map(each -> each.todo("For the heel wind off"));
    }

    /** Before the yarn of a toe that is begun after the tube is joined. */
    Optional<Sentence> toe() {
        return sock.flatMap(SockStripes::toeWindOff).map(each -> each.todo("For the toe wind off"));
    }
}
