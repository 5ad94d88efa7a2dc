/**
 * Decides how much yarn a number of stitches takes: the length of one loop from the gauge, and grams from metres. Which
 * stitches a sock has is left to others.
 */
package roundpocket.core.yarn;
