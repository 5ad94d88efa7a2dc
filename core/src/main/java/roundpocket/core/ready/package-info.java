/**
 * Decides what a ready tube is good for: whom it fits, how many rounds each wish needs of it, where it is cut, said in
 * lengths and in words, and what its remnants would still make. The search for the cuts themselves is {@code cut}'s.
 */
package roundpocket.core.ready;
