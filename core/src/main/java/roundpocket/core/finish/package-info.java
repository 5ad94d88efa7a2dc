/**
 * Decides how a sock is finished: the ribbing of the cuff and the graft, move by move.
 */
package roundpocket.core.finish;
