/**
 * The folder that a knitter's data lives in: that only one Round Pocket uses it, that its schema comes into being or moves on
 * as a whole or not at all, that what is stored is sound, and that there are copies of it which can be brought back.
 */
@NullMarked
package roundpocket.app.home;

import org.jspecify.annotations.NullMarked;
