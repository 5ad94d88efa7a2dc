package roundpocket.app.home;

/** Told after a backup was put back: whatever was kept in memory of the store no longer holds. */
public record StoreRenewedEvent() {}
