/** Finished pairs: what was planned and what was knitted, how they fit and wear, and what that proposes. */
@NullMarked
package roundpocket.app.log;

import org.jspecify.annotations.NullMarked;
