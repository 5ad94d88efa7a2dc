package roundpocket.app.yarns;

import roundpocket.app.store.StoredRepository;

/** The stored yarns. */
public interface YarnRepository extends StoredRepository<YarnRow> {}
