/**
 * What becomes of a pair that is worn: how it fits, what that proposes for the next pair on the same foot, where it wears
 * thin, and how a heel is replaced. Proposes; changes nothing.
 */
package roundpocket.core.wear;
