/**
 * The pairs on the go. A pair owns its specification: measures are copied from a foot, a swatch and a yarn when they are
 * chosen, and it remembers which ones those were. So a later change on a shelf never changes a pair behind its knitter.
 */
@NullMarked
package roundpocket.app.pairs;

import org.jspecify.annotations.NullMarked;
