package roundpocket.app.swatches;

import roundpocket.app.store.StoredRepository;

/** The stored swatches. */
public interface SwatchRepository extends StoredRepository<SwatchRow> {}
