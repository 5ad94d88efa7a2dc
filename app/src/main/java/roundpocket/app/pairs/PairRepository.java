package roundpocket.app.pairs;

import roundpocket.app.kept.KeptRepository;

/** The stored pairs. */
public interface PairRepository extends KeptRepository<PairRow> {}
