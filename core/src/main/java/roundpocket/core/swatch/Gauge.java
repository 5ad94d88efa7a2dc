package roundpocket.core.swatch;

import roundpocket.core.explain.Step;

/**
 * The gauge of the washed fabric.
 *
 * @param stitches stitches in 10 cm, with its standard uncertainty
 * @param rounds rounds in 10 cm, with its standard uncertainty
 */
public record Gauge(Step stitches, Step rounds) {}
