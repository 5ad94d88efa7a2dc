package roundpocket.core.lap;

/**
 * Yarn that went between weighings.
 *
 * @param weighedG grams by the scale
 * @param plannedG grams that were planned for the same stitches
 * @param unsureG standard uncertainty of what was planned: the yarn in a stitch is unsure for all of it alike
 * @param scaleG standard uncertainty of what was weighed
 * @param stitches the stitches
 */
public record Used(double weighedG, double plannedG, double unsureG, double scaleG, int stitches) {
    /** 19 times in 20 a normal distribution lies within so many standard uncertainties. */
    private static final double COVERAGE = 1.96;

    Used and(Used other) {
        return new Used(
                weighedG + other.weighedG,
                plannedG + other.plannedG,
                unsureG + other.unsureG,
                Math.hypot(scaleG, other.scaleG),
                stitches + other.stitches);
    }

    /** Grams within which the weighed should lie of the planned, 19 times in 20. */
    public double plusMinusG() {
        return COVERAGE * Math.hypot(unsureG, scaleG);
    }

    /** Whether the plan kept its word. */
    public boolean kept() {
        return Math.abs(weighedG - plannedG) <= plusMinusG();
    }
}
