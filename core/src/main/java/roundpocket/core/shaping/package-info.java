/**
 * Decides how a heel or a toe closes: both are the same thing, two sides of stitches that lose two each in every
 * decrease round, or one side worked in short rows. Which stitches they start from is left to others.
 */
package roundpocket.core.shaping;
