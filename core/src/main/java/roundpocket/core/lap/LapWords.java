package roundpocket.core.lap;

import java.util.List;
import java.util.Locale;
import roundpocket.core.lap.LapPlan.Place;
import roundpocket.core.tube.Way;
import roundpocket.core.work.Picture;

/** What is said of the work on a pair. */
public final class LapWords {
    private LapWords() {}

    /** Why what happened changes nothing, where that is no refusal. */
    public static String nothingToDo(KnitEvent knitEvent) {
        if (knitEvent instanceof KnitEvent.Done) {
            return "This sock is done; there is nothing after its last step.";
        } else if (knitEvent instanceof KnitEvent.Undone) {
            return "Nothing to undo.";
        } else if (knitEvent instanceof KnitEvent.Jumped) {
            return "There is no such place in this sock.";
        } else if (knitEvent instanceof KnitEvent.Ordered) {
            return "The socks are knitted in that order already.";
        } else {
            return "Nothing to undo.";
        }
    }

    /** What another course means for the section that is on the needles. */
    public static String effect(SockWork sock, Course next) {
        Place before = sock.course().lap().at(sock.position());
        List<LapStep> steps = sock.course().lap().steps();
        if (before.step() == steps.size() || !steps.get(before.step()).doing().paced()) {
            return "What is on the needles stays as it is.";
        }
        LapStep step = steps.get(before.step());
        int left = step.presses().size() - before.done();
        Place after = next.lap().at(sock.course().lap().carried(sock.position(), next.lap()));
        LapStep there = next.lap().steps().get(after.step());
        String what = lower(step.title());
        if (there.name() != step.name()) {
            return "The " + what + " ends here, " + rounds(left) + " sooner than planned.";
        }
        int now = there.presses().size() - after.done();
        return now == left
                ? rounds(left) + " of " + what + " to go, as before."
                : rounds(now) + " of " + what + " to go instead of " + left + ".";
    }

    /** The next thing to do on the sock of that number. */
    public static String next(PairWork work, int number) {
        SockWork sock = work.sock(number);
        if (sock.finished()) {
            return "Both socks are done. Wear them for a day, then note in the log how they fit.";
        }
        Place place = sock.course().lap().at(sock.position());
        LapStep step = sock.course().lap().steps().get(place.step());
        String which = work.nextIsBoth() ? "both socks" : number == 1 ? "first sock" : "second sock";
        if (number == 2 && sock.position() == 0 && work.sock(1).finished()) {
            boolean cut = sock.course().plan().tube().way() == Way.READY_TUBE;
            return "First sock done. " + (cut ? "Take the second piece" : "Cast on the second")
                    + " while it’s fresh in your hands.";
        }
        return step.doing().paced()
                ? "%s, %s %d of %d (%s)"
                        .formatted(
                                lower(step.title()),
                                inRows(sock, step) ? "row" : "round",
                                place.done() + 1,
                                step.presses().size(),
                                which)
                : "%s (%s)".formatted(lower(step.title()), which);
    }

    private static String rounds(int number) {
        return number + (number == 1 ? " round" : " rounds");
    }

    private static String lower(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }

    private static boolean inRows(SockWork sock, LapStep step) {
        return step.picture(sock.course().lap().workAt(sock.position()))
                .filter(Picture::inRows)
                .isPresent();
    }
}
