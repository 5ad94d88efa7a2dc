/**
 * Decides how the sock sits where the foot is largest: the room at the heel, the plain rounds that give it, and whether
 * the tube passes the heel at all.
 */
package roundpocket.core.fit;
