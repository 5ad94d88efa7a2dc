/**
 * Decides what a patterned leg or instep asks of the sock: which stitch counts a repeat closes on, where the pattern
 * pauses, and which of its rounds is due. A repeat can be written in words, row by row, and is drawn from them.
 */
package roundpocket.core.pattern;
