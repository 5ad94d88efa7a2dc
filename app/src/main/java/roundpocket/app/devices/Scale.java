package roundpocket.app.devices;

/** A kitchen scale. */
interface Scale {
    /** What it shows now. */
    Reading read();

    /** From now on it shows what is put on it beyond what lies there. */
    void tare();

    /**
     * What a scale shows.
     *
     * @param grams whole grams
     * @param steady whether it has come to rest
     */
    record Reading(int grams, boolean steady) {}
}
