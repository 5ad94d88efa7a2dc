package roundpocket.app.feet;

import roundpocket.app.kept.KeptRepository;

/** The stored feet. */
public interface FootRepository extends KeptRepository<FootRow> {}
