/**
 * Decides which colour a yarn that changes colour shows at any place along it, which stitches of a piece of knitting get
 * it, and how much to wind off until a wanted colour comes. Which rounds a sock has, and in which order, is left to others.
 */
package roundpocket.core.stripe;
