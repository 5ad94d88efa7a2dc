/** The almanac: every rule, school, constant and caution that plans are made by, to be looked up. */
@NullMarked
package roundpocket.app.almanac;

import org.jspecify.annotations.NullMarked;
