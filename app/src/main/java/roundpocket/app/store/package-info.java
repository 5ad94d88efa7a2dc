/**
 * What everything on the shelves has in common: a name, a version against overwriting, dates, and the one way in which
 * it is listed, written and thrown away. What a foot, a swatch, a yarn or a pair is, their own packages say.
 */
@NullMarked
package roundpocket.app.store;

import org.jspecify.annotations.NullMarked;
