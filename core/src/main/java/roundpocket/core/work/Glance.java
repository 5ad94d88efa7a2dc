package roundpocket.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.RoundStart;

/**
 * What is drawn of the work at a moment: which loops are where, what holds them, and where the yarn hangs.
 *
 * @param groups the live loops on needles, in the order in which a round comes to them
 * @param waiting the live loops that wait
 * @param yarns the yarns that hang from them
 * @param line the heel line, once it is in
 * @param closed what is closed for good
 * @param words the same in words, a sentence each
 */
public record Glance(
        List<Group> groups,
        List<Waiting> waiting,
        List<HangsAt> yarns,
        Optional<HeelLine> line,
        List<Edge> closed,
        List<String> words) {
    /**
     * Loops on one needle.
     *
     * @param edge the edge they belong to
     * @param first whether a round begins with them
     * @param name what they are called
     * @param doubles how many lie on each double point, where those are in use
     * @param round whether a short circular goes round with them; else they are on double points
     */
    public record Group(Edge edge, boolean first, String name, int loops, List<Integer> doubles, boolean round) {}

    /**
     * Loops that wait, on a thread or on waste yarn: those of a whole edge, or of half of it.
     *
     * @param name where they are
     */
    public record Waiting(String name, Holder by, int loops) {}

    /**
     * A yarn that hangs from the work.
     *
     * @param edge at which edge
     * @param at where of it
     * @param place the same in words
     */
    public record HangsAt(YarnRole role, Edge edge, At at, String place) {}

    /** Where on an edge a yarn hangs: where the round begins, where its second half does, or inside the first. */
    public enum At {
        START,
        FAR,
        MIDDLE
    }

    /**
     * The heel line.
     *
     * @param rows rows between the needles, or between the rows they will hold
     * @param waste whether they are of waste yarn
     * @param threads threads in it
     * @param state how far it is opened
     * @param corner stitches of the row left in at either corner
     */
    public record HeelLine(int rows, boolean waste, int threads, Line.State state, double corner) {}

    /** What is drawn of the work. */
    public static Glance of(Work work) {
        List<Group> groups = new ArrayList<>();
        List<Waiting> waiting = new ArrayList<>();
        for (Edge edge : Edge.values()) {
            for (Spot spot : List.of(work.first(edge), work.second(edge))) {
                work.held(spot)
                        .filter(held -> held.by() == Holder.NEEDLE)
                        .ifPresent(held -> groups.add(group(work, edge, spot, held.loops())));
            }
            waiting.addAll(waiting(work, edge));
        }
        List<HangsAt> yarns = work.yarns().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(each -> new HangsAt(
                        each.getKey(), each.getValue().edge(), at(work, each.getValue()), place(work, each.getValue())))
                .toList();
        Optional<HeelLine> line = work.line()
                .filter(each -> each.state() != Line.State.SHUT || !work.has(Work.Done.HEEL_CLOSED))
                .map(each ->
                        new HeelLine(each.rows(), !each.way().cuts(), each.threads(), each.state(), each.corner()));
        List<Edge> closed = new ArrayList<>();
        for (Edge edge : Edge.values()) {
            if (isClosed(work, edge)) {
                closed.add(edge);
            }
        }
        return new Glance(groups, waiting, yarns, line, closed, words(groups, waiting, yarns, line, closed));
    }

    private static Group group(Work work, Edge edge, Spot spot, int loops) {
        boolean round = work.goesRound(edge);
        boolean grafted = work.tail().filter(tail -> tail.edge() == edge).isPresent();
        boolean tip = work.fabric().isEmpty() && !round;
        // The whole round beside a cut hangs on one needle or thread.
        boolean rim = edge == Edge.RIMS;
        List<Integer> doubles =
                grafted || tip || rim || loops < 2 ? List.of(loops) : List.of(loops - loops / 2, loops / 2);
        return new Group(edge, spot == work.first(edge), spot.title(), loops, doubles, round);
    }

    private static List<Waiting> waiting(Work work, Edge edge) {
        Optional<Held> first = work.held(edge.first()).filter(held -> held.by() != Holder.NEEDLE);
        Optional<Held> second = work.held(edge.second()).filter(held -> held.by() != Holder.NEEDLE);
        if (first.isPresent() && first.map(Held::by).equals(second.map(Held::by))) {
            return List.of(new Waiting(edge.title(), first.get().by(), work.at(edge)));
        }
        List<Waiting> halves = new ArrayList<>();
        first.ifPresent(held -> halves.add(new Waiting(edge.first().title(), held.by(), held.loops())));
        second.ifPresent(held -> halves.add(new Waiting(edge.second().title(), held.by(), held.loops())));
        return halves;
    }

    private static boolean isClosed(Work work, Edge edge) {
        return switch (edge) {
            case CUFF_END -> work.has(Work.Done.CUFF_CLOSED);
            case TOE_END -> work.has(Work.Done.TOE_CLOSED);
            case HEEL -> work.has(Work.Done.HEEL_CLOSED);
            case RIMS -> false;
        };
    }

    private static List<String> words(
            List<Group> groups,
            List<Waiting> waiting,
            List<HangsAt> yarns,
            Optional<HeelLine> line,
            List<Edge> closed) {
        List<String> words = new ArrayList<>();
        if (!groups.isEmpty()) {
            words.add(Sentence.capital(Holder.NEEDLE.place() + ": "
                    + groups.stream().map(Glance::name).collect(Collectors.joining(", ")) + "."));
        }
        waiting.forEach(
                each -> words.add(Sentence.capital(each.by().place() + ": " + each.name() + " " + each.loops() + ".")));
        for (HangsAt yarn : yarns) {
            words.add(Sentence.capital("the " + yarn.role().title() + " hangs " + yarn.place() + "."));
        }
        line.ifPresent(each -> words.add(Sentence.capital(heelLine(each))));
        if (!closed.isEmpty()) {
            words.add("Closed: " + closed.stream().map(Edge::place).collect(Collectors.joining(", ")) + ".");
        }
        return words;
    }

    /** What loops are called beside others: the sole’s of the toe’s end, or a needle of the heel. */
    private static String name(Group group) {
        String doubles = group.doubles().stream().map(String::valueOf).collect(Collectors.joining(" and "));
        String all = String.valueOf(group.loops());
        String loops =
                group.doubles().size() == 1 ? all : NeedleKind.told(all, all, doubles, group.round() ? all : doubles);
        return group.edge() == Edge.HEEL || group.edge() == Edge.RIMS
                ? group.name() + " " + loops
                : group.name() + " " + loops + " (" + group.edge().title() + ")";
    }

    private static At at(Work work, Hang hang) {
        if (hang.edge().ofTheTube() && work.begins() == RoundStart.MIDDLE) {
            return At.MIDDLE;
        }
        return hang.corner() == Hang.Corner.START ? At.START : At.FAR;
    }

    private static String place(Work work, Hang hang) {
        boolean start = hang.corner() == Hang.Corner.START;
        if (hang.edge() == Edge.HEEL) {
            return start
                    ? "where the lower " + NeedleKind.HALF + " begins"
                    : "at the end of the lower " + NeedleKind.HALF + ", where a row turns";
        }
        if (hang.edge().ofTheTube() && work.begins() == RoundStart.MIDDLE) {
            return "in the middle of the sole, at the " + hang.edge().title();
        }
        Spot next = start ? work.first(hang.edge()) : work.second(hang.edge());
        return "where the " + next.title() + " begins, at the " + hang.edge().title();
    }

    private static String heelLine(HeelLine line) {
        String rows = line.rows() == 1 ? "one row" : line.rows() + " rows";
        String what = line.waste() ? rows + " of waste yarn" : "one row to unpick";
        return "the heel line: "
                + switch (line.state()) {
                    case BEGUN -> line.threads() > 0 ? "the first thread is in" : what + " on the needle";
                    case IN, COUNTED -> what + (line.threads() > 0 ? " between two threads" : "");
                    case CUT -> "its row is cut";
                    case OPEN -> "open";
                    case SHUT -> line.corner() > 0 ? "open, its corners held by the row" : "open, its corners closed";
                }
                + ".";
    }
}
