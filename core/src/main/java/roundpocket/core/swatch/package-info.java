/**
 * Decides the gauge and how sure it is, from what was counted on a washed swatch over which span.
 */
package roundpocket.core.swatch;
