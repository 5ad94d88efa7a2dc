package roundpocket.core.lap;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SectionYarn;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;

/** Which yarn hangs from the needles: where another is wanted, or none does, one is joined. */
final class InHand {
    private final SockPlan plan;
    private final boolean twoYarns;
    private final Deque<Optional<YarnRole>> waiting = new ArrayDeque<>();
    private Optional<YarnRole> hanging = Optional.empty();

    InHand(SockPlan plan) {
        this.plan = plan;
        this.twoYarns = plan.yarn().models().containsKey(YarnRole.CONTRAST);
    }

    private YarnRole roleOf(Section section) {
        return plan.yarn().find(section).map(SectionYarn::role).orElse(YarnRole.MAIN);
    }

    /** Stitches are cast on with the yarn of the section that comes first. */
    void cast(Section first) {
        hanging = Optional.of(roleOf(first));
    }

    /** What is said before the first round of a section; empty where its yarn hangs there already. */
    String join(Section section) {
        YarnRole role = roleOf(section);
        if (hanging.filter(role::equals).isPresent()) {
            return "";
        }
        hanging = Optional.of(role);
        String which = twoYarns ? role.title() : "yarn";
        boolean corner = section == Section.HEEL;
        return "Join the " + which + (corner ? " at one corner" : "") + ", leaving a tail of {join}. ";
    }

    /** The yarn is cut after the last stitches were closed. */
    void cut() {
        hanging = Optional.empty();
    }

    /** Stitches wait on a thread, their yarn with them. */
    void hold() {
        waiting.push(hanging);
        hanging = Optional.empty();
    }

    /** Their yarn is where they waited. */
    void resume() {
        hanging = waiting.pop();
    }
}
