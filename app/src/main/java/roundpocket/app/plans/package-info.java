/**
 * The plan over HTTP: the specification as it is handed in and the plan as it is handed out. Nothing is stored here and
 * nothing is computed here; the core does that.
 */
@NullMarked
package roundpocket.app.plans;

import org.jspecify.annotations.NullMarked;
