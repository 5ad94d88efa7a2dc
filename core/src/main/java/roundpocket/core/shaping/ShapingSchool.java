package roundpocket.core.shaping;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The schools of closing a heel or a toe. Each is data: its rhythms, where each ends, and how it closes. */
public enum ShapingSchool implements Named {
    WEDGE(
            "wedge",
            "decrease in every second round until half the stitches of each needle are left, then graft",
            "most feet: an even slope, and a graft half the width",
            true,
            Rhythm.toShare(2, "half of each needle", 1 / 2.0)),
    NARROW_WEDGE(
            "narrow wedge",
            "decrease in every second round until 12 are left on each needle, then graft",
            "pointed toes: a longer, narrower end with a short graft",
            true,
            Rhythm.toSide(2, 12)),
    WEDGE_THEN_QUICK(
            "wedge, then quick",
            "decrease in every second round until five eighths of each needle are left, then in every round to 8,"
                    + " then graft",
            "round toes: the slope rounds off at its end",
            false,
            Rhythm.toShare(2, "five eighths of each needle", 5 / 8.0),
            Rhythm.toSide(1, 8)),
    THREE_SPEED(
            "three-speed round",
            "decrease in every third round three times, in every second until half of each needle is left, then in"
                    + " every round to 8 and graft, or on to 4 and cinch",
            "round heels and toes: the roundest end, deep at the corners",
            false,
            Rhythm.times(3, 3),
            Rhythm.toShare(2, "half of each needle", 1 / 2.0),
            Rhythm.toSide(1, 8)),
    SPIRAL(
            "spiral in four",
            "four equal sections, each decreased at its end: in every second round until half of each is left, then in every"
                    + " round to 2, and the 8 that are left are cinched",
            "whoever would rather not graft: a round end whose decreases wind about it, for either foot",
            false,
            Rhythm.toShare(2, "half of each section", 1 / 2.0),
            Rhythm.toSection(1, 2)),
    OWN("your own", "any plain rounds and phases, finished as you like", "whatever works for you", true),
    SHORT_ROWS(
            "short rows",
            "work one needle alone in rows that each stop a stitch earlier until about a third is left, and back,"
                    + " then graft to the needle that waited",
            "anyone who dislikes decreases; the graft runs across the whole needle",
            false,
            Rhythm.toShare(1, "about a third of the needle", 1 / 3.0));

    /**
     * One rhythm of a school.
     *
     * @param every a decrease round in every so many
     * @param times decrease rounds; 0 where a target says when to stop
     * @param target what each side shall have at its end: a share of the side or a count
     * @param share whether the target is a share
     */
    record Rhythm(int every, int times, double target, String words, boolean share) {
        static Rhythm times(int every, int times) {
            return new Rhythm(every, times, 0, "", false);
        }

        static Rhythm toShare(int every, String words, double share) {
            return new Rhythm(every, 0, share, words, true);
        }

        static Rhythm toSide(int every, int side) {
            return new Rhythm(every, 0, side, side + " on each needle", false);
        }

        /** Two sections lie on each needle. */
        static Rhythm toSection(int every, int section) {
            return new Rhythm(every, 0, 2.0 * section, section + " in each section", false);
        }
    }

    /** Where a school that may end in a draw-through goes on to. */
    static final int DRAW_THROUGH_SIDE = 4;

    private final String title;
    private final String description;
    private final String goodFor;
    private final boolean plainBeforeClose;
    private final List<Rhythm> rhythms;

    ShapingSchool(String title, String description, String goodFor, boolean plainBeforeClose, Rhythm... rhythms) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
        this.plainBeforeClose = plainBeforeClose;
        this.rhythms = List.of(rhythms);
    }

    @Override
    public String title() {
        return title;
    }

    /** After “the heel is”. */
    @Override
    public String phrase() {
        return switch (this) {
            case WEDGE, NARROW_WEDGE, THREE_SPEED, SPIRAL -> "a " + title;
            case WEDGE_THEN_QUICK -> "a wedge that quickens at the end";
            case OWN -> "shaped your own way";
            case SHORT_ROWS -> "worked in short rows";
        };
    }

    @Override
    public String description() {
        return description;
    }

    @Override
    public String goodFor() {
        return goodFor;
    }

    /** Whether the plain rounds after the very last decrease are worked too. */
    public boolean plainBeforeClose() {
        return plainBeforeClose;
    }

    List<Rhythm> rhythms() {
        return rhythms;
    }

    /** Whether the knitter may choose to cinch instead of grafting. */
    public boolean mayDrawThrough() {
        return this == THREE_SPEED || this == OWN || inSections();
    }

    /** How it ends where nothing else is chosen. */
    public Close usualClose() {
        return inSections() ? Close.DRAW_THROUGH : Close.GRAFT;
    }

    /** Whether the round has four sections with a decrease each, and not two sides with two: such an end has nothing to graft. */
    public boolean inSections() {
        return this == SPIRAL;
    }

    /** Whether it is worked round and round, and not in rows on one side. */
    public boolean inRounds() {
        return this != SHORT_ROWS;
    }

    /** The school as a source. */
    @Override
    public Source source() {
        return Source.practice(title + ": " + description);
    }

    /** The numbers that make the school, for the almanac. */
    public List<Constant> constants() {
        return rhythms.stream()
                .flatMap(rhythm -> Stream.of(everyConstant(rhythm), constant(rhythm)))
                .toList();
    }

    Constant everyConstant(Rhythm rhythm) {
        return Constant.of(
                id(rhythm) + ".every", of(rhythm, PhasePlanner.EVERY), rhythm.every(), Unit.ROUNDS, source());
    }

    /** How often, or until when, a rhythm goes on. */
    Constant constant(Rhythm rhythm) {
        if (rhythm.times() > 0) {
            return Constant.of(id(rhythm), of(rhythm, "decrease rounds"), rhythm.times(), Unit.ROUNDS, source());
        }
        Unit unit = rhythm.share() ? Unit.PERCENT : Unit.STITCHES;
        return Constant.of(id(rhythm), of(rhythm, rhythm.words()), rhythm.target(), unit, source());
    }

    /** Several schools have a number of that name: whose it is, and of which phase where there are more than one. */
    private String of(Rhythm rhythm, String label) {
        return (rhythms.size() > 1 ? title + ", phase " + (rhythms.indexOf(rhythm) + 1) : title) + ": " + label;
    }

    private String id(Rhythm rhythm) {
        return "shaping." + name().toLowerCase(Locale.ROOT).replace('_', '-') + "." + (rhythms.indexOf(rhythm) + 1);
    }
}
