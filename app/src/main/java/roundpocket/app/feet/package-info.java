/** The shelf of feet. */
@NullMarked
package roundpocket.app.feet;

import org.jspecify.annotations.NullMarked;
