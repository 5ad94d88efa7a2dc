package roundpocket.core.rescue;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;
import roundpocket.core.lap.Doing;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;

/** Something that goes wrong at the needles, and how it is put right. All of it common practice. */
public enum Mishap implements Named {
    DROPPED(
            "A stitch has dropped",
            Sketch.LADDER,
            "A stitch hangs below the needle, with a bar of yarn across for every round it has run down.",
            "It slid off a needle tip.",
            List.of(
                    "Secure it with a locking marker or a safety pin so that it runs no further.",
                    "With a crochet hook from the front, pull the lowest bar through the stitch.",
                    "Go on bar by bar up to the needle. In a purl column, hook from the back.",
                    "Put the stitch on the needle with its [right] leg in front."),
            Doing.ROUNDS,
            Doing.SHAPE,
            Doing.LINE,
            Doing.HOLD,
            Doing.UNPICK,
            Doing.CORNERS,
            Doing.CLOSE),
    TURNED(
            "A stitch sits the other way around",
            Sketch.TURNED_STITCH,
            "Its [left] leg is in front of the needle where all others have their [right] leg in front.",
            "It was picked up from the other side, or came back onto the needle turned.",
            List.of(
                    "Knit it through its back leg: it comes out straight.",
                    "Or lift it off, turn it and put it back before you knit it."),
            Doing.PICK_UP,
            Doing.CORNERS,
            Doing.ROUNDS,
            Doing.SHAPE,
            Doing.HOLD),
    SPLIT(
            "The yarn of a stitch is split",
            Sketch.SPLIT_STITCH,
            "Some strands of a stitch are on the needle, the others hang beside it.",
            "The needle went through the yarn and not around it.",
            List.of(
                    "Take the stitch off the needle and let its strands come together.",
                    "Put the whole of it back on. A blunter needle, or one a size thinner, splits less."),
            Doing.PICK_UP,
            Doing.CHECK,
            Doing.ROUNDS,
            Doing.SHAPE,
            Doing.UNPICK),
    COUNT_OFF(
            "A needle has too many or too few stitches",
            Sketch.NONE,
            "You count one more or one fewer than the number that is asked for.",
            "A stitch was skipped, half of one was taken for a whole one, or a needle left its row.",
            List.of(
                    "Count again in good light, in fives.",
                    "Follow the needle’s row from corner to corner and look for the odd place.",
                    "Pick up what was skipped; put half a stitch back together with its other half.",
                    "Don’t cut until both " + NeedleKind.HALVES + " have the same number."),
            Doing.CHECK,
            Doing.PICK_UP,
            Doing.ROUNDS,
            Doing.SHAPE,
            Doing.LINE,
            Doing.CORNERS),
    WRONG_ROW(
            "The needle strayed into the next row",
            Sketch.WANDERING_NEEDLE,
            "The needle follows one row, then jumps to the row above or below.",
            "The rows look alike, and the tube was tilted while you picked up.",
            List.of(
                    "Lay the tube flat and find the place where the needle changes rows.",
                    "Take the stitches off as far back as that: they cannot run, since nothing is cut.",
                    "Pick them up anew from there, one V after the other in the same row.",
                    "Count again."),
            Doing.PICK_UP,
            Doing.CHECK),
    LEG_CUT(
            "I cut the wrong stitch",
            Sketch.CUT_LEG,
            "A stitch beside the snipped one, or one that is on a needle, has a cut leg.",
            "The scissors took two legs, or the one beside.",
            List.of(
                    "Stop. Don’t pull anything.",
                    "Secure every open stitch with a locking marker or a safety pin.",
                    "Thread a scrap of the same yarn along the path of the cut leg, {100 mm} hanging out at either end.",
                    "Put the stitch back on its needle. Weave the scrap in with the other ends."),
            Doing.CUT,
            Doing.UNPICK),
    BOTH_LAYERS(
            "I cut through both layers",
            Sketch.NONE,
            "There is a cut on the other side of the tube as well.",
            "The tube lay flat and no hand was inside it.",
            List.of(
                    "Stop, and put a pin through every open stitch of the wrong side.",
                    "Run a thread through the stitches above and below the cut.",
                    "Sew along the path of the row with the same yarn, stitch by stitch, as in a graft.",
                    "From now on keep one hand flat inside the tube while you cut."),
            Doing.CUT),
    TOO_FAR(
            "I unpicked too far",
            Sketch.OUT_TO_THE_CORNER,
            "The row is out right to the corner, and the corner shows a gap.",
            "The last stitches of a row come out as easily as the others.",
            List.of(
                    "Put all live stitches on their needles first.",
                    "With a scrap of yarn, sew the last 2 stitches of the row again, along the path they had.",
                    "Or pick up the strand at either side of the corner as an extra stitch, and knit it together with"
                            + " its neighbour in the first round."),
            Doing.UNPICK,
            Doing.CORNERS),
    HOLE(
            "There is a hole at a corner",
            Sketch.CORNER_GAP,
            "Where the heel meets the tube there is a gap, at one end of the opening or at both.",
            "Two rows meet there and nothing ties them together.",
            List.of(
                    "Thread the joining tail, or a scrap, on a blunt needle.",
                    "From inside, go round and round the gap through the stitches at its edge.",
                    "Pull until it is shut and no tighter, then weave in."),
            Doing.CORNERS,
            Doing.SHAPE,
            Doing.FINISH),
    WASTE_STUCK(
            "The waste yarn will not come out",
            Sketch.NONE,
            "A strand of it is caught, or pulls the stitches together.",
            "A stitch was split when the heel line was knitted, or the yarn is fluffy.",
            List.of(
                    "Do not pull harder.",
                    "Snip the waste yarn, and only that, every third stitch.",
                    "Take the short pieces out one by one with a blunt needle."),
            Doing.UNPICK),
    TWISTED_JOIN(
            "The round is twisted",
            Sketch.NONE,
            "The cast-on edge winds once around the needle.",
            "It was turned over when it was joined in the round.",
            List.of(
                    "In the first two rounds: turn it straight at the join; the strand between the ends hides the twist.",
                    "Later it cannot be put right: pull it back and cast on again."),
            Doing.BEGIN,
            Doing.ROUNDS),
    SLACK(
            "A ladder shows between the needles",
            Sketch.LADDER,
            "A column of long bars runs up where one needle ends and the next begins.",
            "The yarn between two needles is a little longer than between two stitches.",
            List.of(
                    "Pull the first two stitches of every needle snug.",
                    "Shift the change: knit two stitches of the next needle along with each round.",
                    "What is there already: ease the slack into the stitches beside it with a needle’s tip."),
            Doing.ROUNDS,
            Doing.SHAPE),
    UNEQUAL(
            "The two halves are not alike before a decrease",
            Sketch.NONE,
            "One half has more stitches than the other.",
            "A decrease was left out, or a stitch went over the corner to the other half.",
            List.of(
                    "Count both, and find the corners: the columns where heel or toe meets the tube.",
                    "If only the corner has moved, slip the stitch back over it.",
                    "If a decrease is missing, work it now at that end and go on."),
            Doing.SHAPE,
            Doing.CHECK),
    WHICH_DECREASE(
            "Which round was the last decrease?",
            Sketch.EDGE_OF_DECREASES,
            "At the marker a stitch leans over its neighbour in every decrease round.",
            "You put it down and the count is not to be trusted.",
            List.of(
                    "Look at the column beside the marker. A V that lies over two stitches is a decrease.",
                    "Count the plain Vs above the highest one. None: the last round was a decrease round.",
                    "Use “Change my place” if the count here says something else."),
            Doing.SHAPE),
    ROW_GAP(
            "There is a gap where a row turned",
            Sketch.NONE,
            "Between the sts that were worked and those that wait a hole shows, or a loose strand.",
            "At the turn nothing tied the two sides together, or the yarn was not pulled snug after it.",
            List.of(
                    "Before the gap is closed: go on. On the way back the st at the turn and its neighbour are worked as one,"
                            + " and the gap shuts.",
                    "On the way back: lift the strand in the gap onto the [left] needle, twisted, and work it together with"
                            + " the next st.",
                    "Later: run a yarn’s end round the hole from inside and pull it snug."),
            Doing.SHAPE),
    WRAP_LOST(
            "A wrap or a second leg is missing",
            Sketch.NONE,
            "On the way back a st at a turn has nothing to be worked together with.",
            "The row was turned without it, or it slid off.",
            List.of(
                    "Look around the foot of that st on the purl side: a wrap that slid lies there. Lift it onto the needle.",
                    "None is there: lift the strand before the st, twisted, and work the two as one.",
                    "Count: the row has as many sts as it is told to have."),
            Doing.SHAPE),
    TURNED_EARLY(
            "I turned a row too early, or too late",
            Sketch.NONE,
            "The row has a st more or fewer than it is told to have.",
            "A wrap was counted as a st, or the st at the last turn was passed.",
            List.of(
                    "Take the row back to the turn, st by st: the others cannot run, they are on the needle.",
                    "Count the sts between the last two turns: each row works one fewer until the shortest, then one more.",
                    "Turn at the right st and go on; the count here stays as it is."),
            Doing.SHAPE),
    TOE_TURNED(
            "The toe is a quarter turn off",
            Sketch.TOE_FROM_THE_FRONT,
            "The lines of decreases lie on top and under the foot and not at its sides.",
            "The toe was started a quarter of a round away from the corners of the heel.",
            List.of(
                    "Fold the sock flat by the corners of the heel. The toe’s corners belong in the same two folds.",
                    "Take the toe back to its first round; take a graft out first.",
                    NeedleKind.told(
                            "Slip half of each needle’s stitches to the other needle: that is a quarter turn.",
                            "Slip half of each half’s stitches to the other half: that is a quarter turn.",
                            "Begin the round one needle on: that is a quarter turn.",
                            "Begin the round one needle on: that is a quarter turn."),
                    "Knit the toe again."),
            Doing.SHAPE,
            Doing.GRAFT,
            Doing.FINISH),
    KNOT(
            "There is a knot in the yarn",
            Sketch.NONE,
            "Two ends are tied together in the ball.",
            "Yarn is spun in lengths, and mills tie them.",
            List.of(
                    "Knit back to the side of the foot or leg, so that no end lies under the sole or in the toe.",
                    "Cut the knot out and join the new end with two tails of about {150 mm}.",
                    "In a striping yarn tap “There is a knot”, beside the colour on the needles.",
                    "Weave the tails in with the other ends."),
            Doing.ROUNDS,
            Doing.SHAPE,
            Doing.BEGIN),
    TOO_TIGHT(
            "It will not go over the heel",
            Sketch.NONE,
            "The edge stops at the heel when you try it on.",
            "The bind-off is denser than the fabric beneath it.",
            List.of(
                    "Undo the bind-off from the last stitch and put all stitches on a needle.",
                    "Bind off again with a needle two sizes thicker, or with a bind-off that stretches.",
                    "Try it on once more before the end is woven in."),
            Doing.CLOSE,
            Doing.FINISH),
    EDGE_STEP(
            "The edge has a step",
            Sketch.EDGE_STEP,
            "Where the bind-off ends, it stands a row higher than where it began.",
            "Rounds are a spiral: the last stitch lies above the first.",
            List.of(
                    "Leave a tail and thread it on a blunt needle.",
                    "Go under both legs of the first bound-off stitch, then back into the last one.",
                    "Pull until the two look like one edge."),
            Doing.CLOSE,
            Doing.FINISH),
    GRAFT_LEFT(
            "I was called away in the middle",
            Sketch.GRAFT_SEAM,
            "You do not know which move comes next.",
            "A graft has a rhythm of four, and it is hard to see where it stopped.",
            List.of(
                    "Look which needle the yarn comes out of: you worked there last.",
                    "If yarn already runs through the first stitch of that needle, go on with the other needle.",
                    "If it does not, the second move on that needle is still to do.",
                    "The count here is as you left it. If the two do not agree, take one move back and look again."),
            Doing.GRAFT),
    GRAFT_FORGOTTEN(
            "I left a move out",
            Sketch.GRAFT_SEAM,
            "The seam has a gap or a crossed stitch, or one needle has more stitches left than the other.",
            "A move was counted and not made, or made twice.",
            List.of(
                    "Do not go on. Draw the yarn back out of the last stitch and put that stitch on its needle.",
                    "Tap Undo for each move that you take back.",
                    "Stop where the seam looks right, and go on from there."),
            Doing.GRAFT),
    GRAFT_SLIPPED(
            "A stitch slipped off the needle",
            Sketch.GRAFT_SEAM,
            "A stitch hangs open between the needles.",
            "It came off before the yarn had been through it twice.",
            List.of(
                    "Catch it with a locking marker and put it back, its [right] leg in front.",
                    "If yarn runs through it once already, put it back with that yarn in it.",
                    "Go on with the move that is shown."),
            Doing.GRAFT),
    GRAFT_OVER(
            "The yarn lies over the needle",
            Sketch.GRAFT_SEAM,
            "There is an extra strand over a needle’s tip that looks like a stitch.",
            "The yarn went over the tips on its way to the other needle.",
            List.of(
                    "Lift the strand back over the tip: it was never a stitch.",
                    "Always bring the yarn to the other needle beneath the tips."),
            Doing.GRAFT),
    EARS(
            "A little ear sticks out at the end of the graft",
            Sketch.NONE,
            "At a corner of the seam a stitch stands out like an ear.",
            "The first and the last stitch of a graft are turned once too often.",
            List.of(
                    "Thread the tail on a blunt needle and go through the ear from inside.",
                    "Pull it to the inside and fasten it there.",
                    "Next time graft without the set-up moves: that corner has no ear."),
            Doing.GRAFT,
            Doing.FINISH);

    private final String title;
    private final Sketch sketch;
    private final String looks;
    private final String why;
    private static final Pattern ROUGH = Pattern.compile("\\{(\\d+) mm}");

    private final List<String> cure;
    private final Set<Doing> where;

    Mishap(String title, Sketch sketch, String looks, String why, List<String> cure, Doing first, Doing... more) {
        this.title = title;
        this.sketch = sketch;
        this.looks = looks;
        this.why = why;
        this.cure = cure;
        this.where = EnumSet.of(first, more);
    }

    @Override
    public String title() {
        return title;
    }

    /** How it looks. */
    public String looks() {
        return looks;
    }

    /** How it looks to a right-hander. */
    @Override
    public String description() {
        return Sentence.usual(looks);
    }

    /** Why it happens. */
    public String why() {
        return why;
    }

    /** What to do, move by move, in the order it is done. */
    public List<Sentence> cure() {
        return cure.stream().map(Mishap::move).toList();
    }

    private static Sentence move(String words) {
        Map<String, Amount> amounts = new HashMap<>();
        String template = ROUGH.matcher(words).replaceAll(found -> {
            String name = Sentence.ROUGHLY + (amounts.size() + 1);
            amounts.put(name, Amount.mm(Integer.parseInt(found.group(1))));
            return "{" + name + "}";
        });
        return new Sentence(template, amounts);
    }

    public Sketch sketch() {
        return sketch;
    }

    /** Whether it happens while this is done. */
    public boolean happensIn(Doing doing) {
        return where.contains(doing);
    }

    @Override
    public Source source() {
        return Source.practice("what knitters do when it happens");
    }
}
