/**
 * Decides what is known of a foot and what is believable for one. How a sock follows from it is left to others.
 */
package roundpocket.core.foot;
