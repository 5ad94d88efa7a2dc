package roundpocket.core.lap;

import java.util.Locale;
import java.util.Optional;
import roundpocket.core.plan.Section;

/** Every step that a sock can have, each at most once. What was pressed is kept by these names; they must not change. */
public enum StepName {
    BEGIN,
    TOE(Section.TOE, true),
    TOE_OTHER_SIDE(Section.TOE),
    TOE_PLAIN(Section.TOE, true),
    TOE_PICK_UP(Section.TOE),
    TOE_DRAW(Section.TOE),
    TOE_GRAFT(Section.TOE),
    TOE_EAR(Section.TOE),
    FOOT(Section.FOOT, true),
    FOOT_BEGUN(Section.FOOT, true),
    FOOT_HELD(Section.FOOT),
    FOOT_TAKEN_UP(Section.FOOT),
    LINE,
    LEG(Section.LEG, true),
    LEG_BEGUN(Section.LEG, true),
    LEG_HELD(Section.LEG),
    LEG_TAKEN_UP(Section.LEG),
    TUBE_COUNT,
    CUFF_ON(Section.CUFF),
    CUFF(Section.CUFF, true),
    BIND_OFF(Section.CUFF),
    READY_COUNT,
    READY_RAVEL,
    RIMS_1,
    RIMS_COUNT_1,
    CUT_1,
    RIMS_2,
    RIMS_COUNT_2,
    CUT_2,
    SECOND_PIECE,
    FIND_LINE,
    COLUMNS,
    HEEL_PICK_UP_BELOW(Section.HEEL),
    HEEL_PICK_UP_ABOVE(Section.HEEL),
    HEEL_COUNT(Section.HEEL),
    SNIP(Section.HEEL),
    UNPICK(Section.HEEL),
    UNPICK_ALL(Section.HEEL),
    WASTE_OUT(Section.HEEL),
    CORNERS(Section.HEEL),
    OLD_HEEL_LIFELINE(Section.HEEL),
    OLD_HEEL_COUNT(Section.HEEL),
    OLD_HEEL_OFF(Section.HEEL),
    HEEL(Section.HEEL, true),
    HEEL_DRAW(Section.HEEL),
    HEEL_GRAFT(Section.HEEL),
    HEEL_EAR(Section.HEEL),
    CORNER_HOLES(Section.HEEL),
    ENDS,
    WASH;

    private final Optional<Section> part;
    private final boolean knitsIt;

    StepName() {
        this.part = Optional.empty();
        this.knitsIt = false;
    }

    StepName(Section part) {
        this(part, false);
    }

    StepName(Section part, boolean knitsIt) {
        this.part = Optional.of(part);
        this.knitsIt = knitsIt;
    }

    /** The name as it is kept and sent, such as {@code heel-graft}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The section that is worked at; none where it is the whole sock. */
    public Optional<Section> part() {
        return part;
    }

    /** The section whose rounds are knitted; none for a step that makes no fabric. */
    public Optional<Section> section() {
        return knitsIt ? part : Optional.empty();
    }
}
