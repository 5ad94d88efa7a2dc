/**
 * Shelves as CSV files (RFC 4180, UTF-8), out and in. Nothing is taken in when a line is wrong, unless only the right
 * ones are asked for.
 */
@NullMarked
package roundpocket.app.files;

import org.jspecify.annotations.NullMarked;
