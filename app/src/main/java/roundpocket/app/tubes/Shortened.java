package roundpocket.app.tubes;

import roundpocket.app.store.Names;

/** Names with something behind them. */
final class Shortened {
    private Shortened() {}

    /** The name, cut short where the two together would be too long. */
    static String name(String name, String behind) {
        int room = Names.MOST_CHARACTERS - behind.length();
        return (name.length() > room ? name.substring(0, room).strip() : name) + behind;
    }
}
