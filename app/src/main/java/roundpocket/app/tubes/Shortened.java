package roundpocket.app.tubes;

import roundpocket.app.store.Names;

/** Names with something behind them. */
final class Shortened {
    private Shortened() {}

    /** The name, cut short where the two together would be too long. */
    static String name(String name, String behind) {
        int room = Names.MOST_CHARACTERS - behind.length();
        if (name.length() <= room) {
            return name + behind;
        }
        // Not in the middle of a sign.
        int cut = Character.isHighSurrogate(name.charAt(room - 1)) ? room - 1 : room;
        return name.substring(0, cut).strip() + behind;
    }
}
