/**
 * Decides the stitch count of the tube from girth, ease and gauge, and what its neighbours would give.
 */
package roundpocket.core.sock;
