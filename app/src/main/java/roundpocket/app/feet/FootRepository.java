package roundpocket.app.feet;

import roundpocket.app.store.StoredRepository;

/** The stored feet. */
public interface FootRepository extends StoredRepository<FootRow> {}
