package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.StripePlan.HeelLineAt;
import roundpocket.core.plan.StripePlan.Kept;
import roundpocket.core.plan.StripePlan.Kept.What;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.tube.TubeRules;
import roundpocket.core.tube.Way;

/** Where else the heel line could go so that it lies between two bands, or interrupts one at its middle. */
final class HeelLines {
    private static final int NEAR = 6;
    private static final int REACH = 12;
    private static final double FITS_MM = 5;

    private final StripedSock sock;
    private final Thread thread;
    private final Repeat repeat;
    private final boolean down;
    private final List<StripedSock.Coloured> rounds;
    /** Rounds knitted from where foot and leg begin to the heel line. */
    private final int now;
    /** Metres of the cake that have gone at the heel line. */
    private final double nowM;
    /** What moving the line by so many rounds does. */
    private final Map<Integer, List<Kept>> kept = new HashMap<>();

    HeelLines(StripedSock sock, StripedSock.Colours colours, Repeat repeat) {
        this.sock = sock;
        this.thread = colours.thread();
        this.repeat = repeat;
        this.down = sock.tube().way() == Way.CUFF_DOWN;
        this.rounds = colours.tube().rounds().stream()
                .filter(one -> one.section() == Section.FOOT || one.section() == Section.LEG)
                .toList();
        this.now = (down ? sock.tube().rounds().leg() : sock.tube().rounds().foot()).count();
        this.nowM = rounds.get(now - 1).colours().endM();
    }

    /** A change of colour in foot or leg, in rounds from where they begin, and in metres of the cake. */
    private record Boundary(double rounds, double atM, int band) {}

    List<HeelLineAt> all() {
        List<Boundary> boundaries = boundaries();
        List<HeelLineAt> all = new ArrayList<>();
        for (int i = 0; i < boundaries.size(); i++) {
            Boundary here = boundaries.get(i);
            add(all, true, here.band(), here.rounds(), here.atM());
            if (i + 1 < boundaries.size()) {
                Boundary next = boundaries.get(i + 1);
                add(all, false, here.band(), (here.rounds() + next.rounds()) / 2, (here.atM() + next.atM()) / 2);
            }
        }
        all.sort(Comparator.<HeelLineAt>comparingInt(one -> Math.abs(one.moved()))
                .thenComparing(one -> !one.between()));
        return all;
    }

    /** Of the stretches whose colours are known: behind a knot that nobody looked behind, they would be guesses. */
    private List<Boundary> boundaries() {
        StripedRound first = rounds.get(0).colours();
        double roundM = first.stitches() * repeat.stitchM();
        double fromM = first.endM() - roundM;
        double toM = rounds.get(rounds.size() - 1).colours().endM();
        return thread.changes(fromM, toM).stream()
                .filter(change -> !thread.lostAt(change.atM(), 0) && !thread.lostAt(nowM, 0))
                .map(change -> new Boundary((change.atM() - fromM) / roundM, change.atM(), change.band()))
                .toList();
    }

    private void add(List<HeelLineAt> all, boolean between, int band, double position, double atM) {
        int line = (int) Math.floor(position + 0.5);
        int moved = line - now;
        List<Kept> here = Math.abs(moved) <= REACH ? kept.computeIfAbsent(moved, this::kept) : List.of();
        if (!here.isEmpty()) {
            all.add(new HeelLineAt(
                    between,
                    band,
                    moved,
                    Math.abs(moved) <= NEAR,
                    here,
                    Optional.of(sock).filter(StripedSock::knitted).map(any -> new Walk(thread, nowM)
                            .windOffTo("to start the cake further on", thread.placeAt(atM), 0))));
        }
    }

    /** What moving the line does, with either thing kept; without what leaves no room for foot or leg. */
    private List<Kept> kept(int moved) {
        int opening = sock.tube().heelLine().round().count();
        int leg = sock.tube().rounds().leg().count() + sock.cuff().count();
        if (down) {
            List<Kept> both = new ArrayList<>(kept(opening, Map.of(What.FOOT, leg + moved)));
            both.addAll(kept(opening - moved, Map.of(What.TUBE, leg + moved)));
            return both;
        }
        Map<What, Integer> legs = new EnumMap<>(What.class);
        if (sock.knitted()) {
            legs.put(What.LEG, leg); // a piece has the rounds that it has
        }
        legs.put(What.TUBE, leg - moved);
        return kept(opening + moved, legs);
    }

    /** One foot with the legs that go with what is kept. */
    private List<Kept> kept(int opening, Map<What, Integer> legs) {
        boolean roomy = false;
        for (int leg : legs.values()) {
            roomy |= leg > sock.cuff().count();
        }
        if (opening <= sock.toe().rounds().count() || !roomy) {
            return List.of();
        }
        Step round = Given.tried("rounds from the toe tip to the heel line", opening, Unit.ROUNDS);
        Step foot = TubeRules.sockFoot(round, sock.heel().rounds(), sock.gauge());
        Step out = Computed.of(
                "longer than the foot by",
                Unit.MILLIMETRES,
                TubeRules.OUT_BY.of(foot, sock.tube().wanted().foot()));
        boolean fits = Math.abs(out.value()) <= FITS_MM;
        List<Kept> all = new ArrayList<>(2);
        legs.forEach((what, leg) -> {
            if (leg > sock.cuff().count()) {
                all.add(new Kept(what, opening, leg, foot, out, fits));
            }
        });
        return all;
    }
}
