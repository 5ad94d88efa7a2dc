package roundpocket.core.lap;

import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.StripePlan.SockStripes;
import roundpocket.core.tube.Way;

/** What is wound off inside one sock, said where it is due: with the colour to stop at, which is surer than the metres. */
final class WindOffs {
    private final Optional<StripePlan> stripes;
    private final Optional<SockStripes> sock;
    private final int toe;

    WindOffs(SockPlan plan, int number) {
        this.stripes = plan.stripes().filter(any -> plan.tube().way() != Way.READY_TUBE);
        this.toe = plan.toe().shaping().rounds().count();
        this.sock = stripes.map(any -> any.socks().get(number - 1));
    }

    /** Before the yarn of the heel is joined. */
    Optional<Sentence> heel() {
        return sock.flatMap(any -> said(any.heelWindOff(), any.heel().get(0), "heel"));
    }

    /** Before the yarn of a toe that is begun after the tube is joined. */
    Optional<Sentence> toe() {
        return sock.flatMap(any -> said(any.toeWindOff(), any.tube().get(toe - 1), "toe"));
    }

    private Optional<Sentence> said(Optional<Step> metres, ColourRound first, String what) {
        return metres.filter(each -> each.value() > 0 && first.band() != ColourRound.OTHER_YARN)
                .map(each -> {
                    String band =
                            stripes.orElseThrow().bands().get(first.band()).name();
                    double repeat = stripes.orElseThrow().repeat().value();
                    return new Sentence(
                            "For the " + what + " wind off until the " + band
                                    + " begins: about {windOff}, {most} at most.",
                            Map.of(
                                    "windOff", new Amount(each.value(), Unit.METRES),
                                    "most", new Amount(repeat, Unit.METRES)));
                });
    }
}
