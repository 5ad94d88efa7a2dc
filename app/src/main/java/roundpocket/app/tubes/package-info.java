/** The shelf of ready tubes, and where they are cut. */
@NullMarked
package roundpocket.app.tubes;

import org.jspecify.annotations.NullMarked;
