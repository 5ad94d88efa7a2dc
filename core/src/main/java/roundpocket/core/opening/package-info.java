/**
 * Decides how the tube is opened for the heel and which stitches are live before, during and after.
 */
package roundpocket.core.opening;
