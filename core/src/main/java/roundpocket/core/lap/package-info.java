/**
 * The work beside the plan: every step of one sock in its order, and what a row of presses says of where the knitter is.
 * Decides nothing that the plan has not decided, but the order of the sections.
 */
package roundpocket.core.lap;
