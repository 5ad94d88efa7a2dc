package roundpocket.app.yarns;

import roundpocket.app.kept.KeptRepository;

/** The stored yarns. */
public interface YarnRepository extends KeptRepository<YarnRow> {}
