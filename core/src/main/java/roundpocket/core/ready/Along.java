package roundpocket.core.ready;

import java.util.Optional;
import roundpocket.core.cut.Stretch;
import roundpocket.core.measure.Sentence;

/**
 * A stretch of a tube with its place on the tape, measured from the toes' end.
 *
 * @param stretch the rounds
 * @param fromMm where it begins
 * @param toMm where it ends
 * @param band the band that its first round has; −1 where the tube has no stripes
 * @param seen where a cut lies, by what is seen and counted there; empty for all but cuts
 */
public record Along(Stretch stretch, double fromMm, double toMm, int band, Optional<Sentence> seen) {}
