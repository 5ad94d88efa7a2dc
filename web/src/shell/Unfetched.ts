/** A place whose script could not be fetched; unlike a fault on the page it goes when the server is back. */
export class Unfetched extends Error {}
