package roundpocket.core.explain;

/**
 * How many standard uncertainties hold 95 % of the errors: 1.96 of a bell curve, more where its width rests on few
 * readings, fewer where evenly spread parts make most of it, down to the 1.65 of one such part alone.
 *
 * <p>Source: JCGM 100:2008 (GUM), table G.2 and G.6.6 (a rectangular distribution of half-width √3·u holds 95 % within
 * 1.65 u).
 */
final class Coverage {
    static final double NORMAL = 1.96;
    static final double RECTANGULAR = 1.65;

    /** Excess kurtosis of an even spread. */
    private static final double EVEN_KURTOSIS = -1.2;

    /** (z³ − 3z)/24, the first term of Cornish and Fisher's expansion at 97.5 %. */
    private static final double FIRST = 0.0687;

    /** So that one even spread, 1.645, and two equal ones, 1.902, come out right. */
    private static final double FOURTH = 0.115;

    /** Student's t for 95 % both ways, 1 to 30 degrees of freedom (JCGM 100:2008, table G.2; those between from memory). */
    private static final double[] STUDENT = {
        12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.160, 2.145, 2.131, 2.120,
        2.110, 2.101, 2.093, 2.086, 2.080, 2.074, 2.069, 2.064, 2.060, 2.056, 2.052, 2.048, 2.045, 2.042
    };

    private Coverage() {}

    /**
     * How much less than a bell curve's factor holds 95 % where some parts are evenly spread: a sum of them has no long
     * tails. The jump from 1.96 to 1.65 at some share would hold 92 % on one side of it and 98 % on the other.
     *
     * @param squares sum of the squares of the evenly spread parts' shares of the variance, 0 to 1
     * @return 1 where nothing is evenly spread, 1.65/1.96 where one such part is all
     */
    static double evenness(double squares) {
        double kurtosis = EVEN_KURTOSIS * squares;
        double factor = NORMAL + FIRST * kurtosis - FOURTH * Math.pow(kurtosis, 4);
        return Math.max(RECTANGULAR, factor) / NORMAL;
    }

    /** Student's t for 95 %; the degrees of freedom are rounded down, as the GUM wants it (G.4.1). */
    static double student(double degreesOfFreedom) {
        int whole = (int) Math.min(Integer.MAX_VALUE, Math.floor(degreesOfFreedom + 1e-9));
        if (whole <= STUDENT.length) {
            return STUDENT[Math.max(1, whole) - 1];
        }
        // Cornish and Fisher's expansion; at 31 degrees of freedom and more it is good to four places.
        double z = 1.959964;
        double first = (z * z * z + z) / (4 * whole);
        double second = (5 * Math.pow(z, 5) + 16 * z * z * z + 3 * z) / (96.0 * whole * whole);
        return Math.max(NORMAL, z + first + second);
    }
}
