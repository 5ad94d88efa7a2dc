/** Knitting beside the plan: what was pressed, and where that leaves the knitter. */
@NullMarked
package roundpocket.app.laps;

import org.jspecify.annotations.NullMarked;
