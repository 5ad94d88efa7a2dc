package roundpocket.app.kept;

import org.jspecify.annotations.Nullable;
import roundpocket.core.measure.LengthUnit;

/** In which unit a reader wants lengths said. */
public final class ReaderLengths {
    /** Header in which a reader says that lengths are to be written in inches. */
    public static final String HEADER = "Pocket-Lengths";

    private ReaderLengths() {}

    public static LengthUnit of(@Nullable String header) {
        return "inch".equalsIgnoreCase(header) ? LengthUnit.INCH : LengthUnit.CM;
    }
}
