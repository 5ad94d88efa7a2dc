package roundpocket.core.plan;

import java.util.List;
import roundpocket.core.tube.Tube;

/**
 * In which order the sections of a sock are knitted.
 *
 * @param sections the knitted sections, first to last
 */
record WorkOrder(List<Section> sections) {
    static WorkOrder of(Tube tube) {
        return new WorkOrder(
                switch (tube.way()) {
                    case TOE_UP ->
                        tube.toeStart().toeFirst()
                                ? List.of(Section.TOE, Section.FOOT, Section.LEG, Section.CUFF, Section.HEEL)
                                : List.of(Section.FOOT, Section.LEG, Section.CUFF, Section.HEEL, Section.TOE);
                    case CUFF_DOWN -> List.of(Section.CUFF, Section.LEG, Section.FOOT, Section.HEEL, Section.TOE);
                    case READY_TUBE -> List.of(Section.CUFF, Section.HEEL, Section.TOE);
                });
    }

    /** Ends are counted as what comes last. */
    boolean afterLeg(Section section) {
        int at = sections.indexOf(section);
        return at < 0 || at > sections.indexOf(Section.LEG);
    }

    boolean beforeLeg(Section section) {
        return section != Section.LEG && !afterLeg(section);
    }
}
