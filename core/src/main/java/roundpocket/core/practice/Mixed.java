package roundpocket.core.practice;

/** Spreads a seed over all bits, so that neighbouring seeds give unlike pieces. The core itself knows no chance. */
final class Mixed {
    private Mixed() {}

    /** The finishing step of SplitMix64 (Steele, Lea and Flood 2014, OOPSLA). */
    static long of(long seed) {
        long z = seed + 0x9E3779B97F4A7C15L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }
}
