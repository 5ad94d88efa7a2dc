/**
 * Decides what is known of the feet, what is believable for one, what stands in for a measure that was not taken, and
 * which of two unlike feet counts. How a sock follows from them is left to others.
 */
package roundpocket.core.foot;
