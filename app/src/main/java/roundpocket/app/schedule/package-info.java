/** When a pair will be done: the rest of the work laid into the days of a week, and handed out as a calendar. */
@NullMarked
package roundpocket.app.schedule;

import org.jspecify.annotations.NullMarked;
