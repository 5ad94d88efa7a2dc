package roundpocket.core.almanac;

import java.util.Arrays;
import java.util.Set;

/** A chapter of the almanac; they follow each other as the work does. */
public enum Chapter {
    FEET("Measuring feet", "foot", "planning on two feet", "toe shapes", "shoe sizes"),
    GAUGE("Swatch and gauge", "swatch", "state of the fabric"),
    STITCHES("Stitches and ease", "sock"),
    TUBE(
            "The tube",
            "ways to come by the tube",
            "starts of a toe-up tube",
            "beginning with live stitches",
            "where a round begins",
            "cutting a ready tube",
            "aims of a cut",
            "tube",
            "plan",
            "ready"),
    PATTERN(
            "Patterned leg and instep",
            "pattern",
            "where a pattern stands",
            "what is repeated",
            "stitches of a pattern"),
    HEEL_LINE("Where the heel goes", "placing the heel", "measuring the leg"),
    OPENING("Opening the heel", "opening the heel", "corners of the opening", "opening"),
    SHAPING(
            "Heel and toe",
            "shaping heel and toe",
            "turning short rows",
            "leaning of the decreases",
            "parity",
            "closing",
            "shaping"),
    FINISH("Cuff and graft", "ribbing", "finish"),
    FIT("How it fits", "fit"),
    YARN("Yarn", "yarn"),
    STRIPES("Stripes", "stripe", "colours of heel and toe", "the second sock’s colours", "knots in the yarn"),
    KNITTING("While knitting", "lap", "the order of the two socks", "when the heel is knitted", "how it is done"),
    RESCUE("When something is wrong", "mishaps"),
    CHECKS("Checks", "judge"),
    SURENESS("How sure a figure is", "explain"),
    CARE("Take care", "cautions");

    private final String title;
    private final Set<String> groups;

    Chapter(String title, String... groups) {
        this.title = title;
        this.groups = Set.of(groups);
    }

    /** The chapter that a group of entries belongs to; whoever names a new group says here where. */
    static Chapter of(String group) {
        return Arrays.stream(values())
                .filter(chapter -> chapter.groups.contains(group))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no chapter has " + group));
    }

    public String title() {
        return title;
    }
}
