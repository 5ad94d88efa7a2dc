/** Made-up pieces to practise on, and what a guess at them is worth. Stores nothing. */
@NullMarked
package roundpocket.app.practice;

import org.jspecify.annotations.NullMarked;
