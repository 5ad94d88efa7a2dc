/**
 * Decides how much yarn a number of stitches takes, what weighing says of that, whether there is enough and when to
 * stop. Which stitches a sock has is left to others.
 */
package roundpocket.core.yarn;
