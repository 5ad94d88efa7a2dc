package roundpocket.app.laps;

import java.util.List;

/**
 * What a count that is not as it should be probably means.
 *
 * @param words what to look for, needle by needle
 * @param mayGoOn whether the work may go on, and it is put right in the next round
 */
public record MiscountView(List<String> words, boolean mayGoOn) {}
