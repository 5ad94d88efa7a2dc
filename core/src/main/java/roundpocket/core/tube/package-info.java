/**
 * Decides where along the sock everything lies, in rounds: the opening of the heel by every school of placing it, the
 * rounds of foot and leg, the length of the tube, how a ready one is cut. Rounds are counted and lengths follow from
 * them, never the other way.
 */
package roundpocket.core.tube;
