/** The basket: every pair in short, those to knit before those that are finished. */
@NullMarked
package roundpocket.app.basket;

import org.jspecify.annotations.NullMarked;
