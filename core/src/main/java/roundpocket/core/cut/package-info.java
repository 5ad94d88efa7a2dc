/**
 * Decides where a ready tube is cut for several pairs: which pairs it gives, how long their legs are, where each piece
 * lies so that the two socks of a pair begin in the same place of the stripes, and what is left over. It is told how
 * many rounds each wish needs and leaves to {@code ready} how a foot comes to that.
 */
package roundpocket.core.cut;
