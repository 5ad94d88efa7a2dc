/**
 * Devices on the table beside the knitter: a kitchen scale and a counter pedal. Both are simulated stand-ins; a real one
 * takes their place behind the same small interfaces.
 */
@NullMarked
package roundpocket.app.devices;

import org.jspecify.annotations.NullMarked;
