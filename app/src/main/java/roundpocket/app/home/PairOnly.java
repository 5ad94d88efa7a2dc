package roundpocket.app.home;

import java.util.Map;
import java.util.UUID;

/**
 * What goes along with one pair.
 *
 * @param pair which
 * @param feet whether the entry of the feet goes along, with its name and what else was measured
 */
record PairOnly(UUID pair, boolean feet) {
    private static final Map<String, String> LINKS =
            Map.of("foot", "foot_id", "swatch", "swatch_id", "yarn", "yarn_id");

    /** Which rows of a table belong to it. */
    String condition(String table) {
        String shelf = table.replaceFirst("_.*", "");
        if (table.equals("sock_pair")) {
            return "id = '" + pair + "'";
        }
        if (Restore.OF_OTHERS.containsKey(table)) {
            return "1 = 0"; // what was answered to other pairs says nothing without them
        }
        if (shelf.equals("tube")) {
            return "1 = 0"; // a pair of pieces knows all that is needed of its tube
        }
        if (LINKS.containsKey(shelf) && !table.equals("yarn_settled")) {
            String link = shelf.equals("foot") && !feet
                    ? "1 = 0"
                    : "%s in (select " + LINKS.get(shelf) + " from sock_pair where id = '" + pair + "')";
            String id = table.equals(shelf) ? "id" : shelf + "_id";
            String settled = " or %s in (select yarn_id from yarn_settled where pair_id = '%s')".formatted(id, pair);
            return link.formatted(id) + (shelf.equals("yarn") ? settled : "");
        }
        return "pair_id = '" + pair + "'";
    }

    /** Whether a column would point to something that does not go along. */
    boolean leavesOut(String table, String column) {
        return !feet && table.equals("sock_pair") && column.equals("foot_id");
    }
}
