package roundpocket.core.work;

import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;

/**
 * Rows of one kind that follow each other in the fabric.
 *
 * @param section the section they belong to
 * @param kind what they are
 * @param role the yarn they are knitted with
 * @param detail what tells them from others of their kind: loops after each, stitches worked in a short row, or the round
 *     of the pattern
 * @param number how many, 1 or more
 */
public record Rows(Section section, Kind kind, YarnRole role, int detail, int number) {
    /** What a row of the fabric is. */
    public enum Kind {
        ROUND,
        /** A round that is unpicked at the opening. */
        LOST,
        SHAPED,
        SHORT,
        /** Rounds that were there before the needles came. */
        READY
    }

    boolean goesOnWith(Rows next) {
        return section == next.section && kind == next.kind && role == next.role && detail == next.detail;
    }

    Rows and(Rows next) {
        return new Rows(section, kind, role, detail, number + next.number);
    }
}
