package roundpocket.core.practice;

/**
 * What a guess is worth.
 *
 * @param right whether it is right
 * @param words why, and what to look for
 */
public record Verdict(boolean right, String words) {}
