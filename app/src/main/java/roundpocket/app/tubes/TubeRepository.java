package roundpocket.app.tubes;

import roundpocket.app.kept.KeptRepository;

/** The stored tubes. */
public interface TubeRepository extends KeptRepository<TubeRow> {}
