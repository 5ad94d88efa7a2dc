package roundpocket.app.tubes;

import roundpocket.app.store.StoredRepository;

/** The stored tubes. */
public interface TubeRepository extends StoredRepository<TubeRow> {}
