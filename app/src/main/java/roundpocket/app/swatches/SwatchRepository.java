package roundpocket.app.swatches;

import roundpocket.app.kept.KeptRepository;

/** The stored swatches. */
public interface SwatchRepository extends KeptRepository<SwatchRow> {}
