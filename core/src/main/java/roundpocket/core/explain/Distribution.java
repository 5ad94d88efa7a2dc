package roundpocket.core.explain;

/**
 * How the possible errors of an uncertain value lie about it. Decides how many standard uncertainties hold 95 % of them.
 *
 * @param degreesOfFreedom degrees of freedom of its standard uncertainty, 1 or more; infinite where it is taken as known
 * @param rectangular whether every error up to a bound is as likely as any other, and none beyond it
 */
public record Distribution(double degreesOfFreedom, boolean rectangular) {
    /** A bell curve of known width. */
    public static final Distribution NORMAL = new Distribution(Double.POSITIVE_INFINITY, false);

    /** Evenly spread up to a bound (JCGM 100:2008, GUM, 4.3.7). */
    public static final Distribution RECTANGULAR = new Distribution(Double.POSITIVE_INFINITY, true);

    /** A mean whose width is known only from the spread of {@code readings} of it, 2 or more. */
    public static Distribution ofReadings(int readings) {
        return new Distribution(readings - 1.0, false);
    }
}
