/** The made-up ringers of a small bell tower who want warm socks, put on the shelves the way a person would. */
@NullMarked
package roundpocket.app.demo;

import org.jspecify.annotations.NullMarked;
