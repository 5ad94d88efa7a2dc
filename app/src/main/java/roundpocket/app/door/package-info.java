/** What a place says of who may ask for something of it, and what has to wait for it; held at one place, in {@code web}. */
@NullMarked
package roundpocket.app.door;

import org.jspecify.annotations.NullMarked;
