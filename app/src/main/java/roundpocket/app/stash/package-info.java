/** What can be knitted from the yarn that is there: every yarn against the feet on the shelf. Stores nothing. */
@org.jspecify.annotations.NullMarked
package roundpocket.app.stash;
