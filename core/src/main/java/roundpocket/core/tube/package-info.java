/**
 * Decides where along the sock everything lies, in rounds: the opening of the heel, the rounds of foot and leg, the
 * length of the tube. Rounds are counted and lengths follow from them, never the other way.
 */
package roundpocket.core.tube;
