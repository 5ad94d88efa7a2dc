/**
 * What is the same for every request: errors as problem details in a knitter's words, limits on what is taken in, and the
 * pages.
 */
@NullMarked
package roundpocket.app.web;

import org.jspecify.annotations.NullMarked;
