/**
 * Decides how a heel or a toe closes: both are the same thing, two sides of stitches that lose two each in every decrease
 * round. Which stitches they start from is left to others.
 */
package roundpocket.core.shaping;
