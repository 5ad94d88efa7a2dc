package roundpocket.core.plan;

/**
 * One round on the tape.
 *
 * @param round from 1 at the tip of the toe
 * @param counted where the knitter's own count stands when it is done; in a toe that is picked up, from its pick-up
 * @param section the section it belongs to
 * @param mmFromToe millimetres from the tip of the toe to its far edge
 * @param usedG grams of yarn used in this sock once it has been knitted, in the order of work: tube, cuff, heel, toe
 * @param leftG grams left in this sock's cake by then; where no cake was weighed or there are two yarns, of what the
 *     whole sock takes
 */
public record AxisRound(int round, int counted, Section section, double mmFromToe, double usedG, double leftG) {}
