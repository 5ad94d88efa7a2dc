package roundpocket.core.ready;

/**
 * A band of colour along a tube.
 *
 * @param band its number in the repeat, from 0
 * @param fromRound rounds before it, counted from the toes' end; bands are no whole number of rounds
 * @param toRound rounds up to its end
 */
public record TubeBand(int band, double fromRound, double toRound) {}
