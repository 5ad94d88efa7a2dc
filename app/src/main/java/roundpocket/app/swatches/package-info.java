/** The shelf of swatches. */
@NullMarked
package roundpocket.app.swatches;

import org.jspecify.annotations.NullMarked;
