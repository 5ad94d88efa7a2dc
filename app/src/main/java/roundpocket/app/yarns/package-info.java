/** The shelf of yarns. */
@NullMarked
package roundpocket.app.yarns;

import org.jspecify.annotations.NullMarked;
