package roundpocket.core.measure;

/** Whole and eighths as on a tape: 75 eighths are "9 3/8". */
final class Eighths {
    private Eighths() {}

    static String text(long eighths) {
        String sign = eighths < 0 ? "-" : "";
        long whole = Math.abs(eighths) / 8;
        long rest = Math.abs(eighths) % 8;
        if (rest == 0) {
            return sign + whole;
        }
        long divisor = rest % 4 == 0 ? 4 : rest % 2 == 0 ? 2 : 1;
        String fraction = rest / divisor + "/" + 8 / divisor;
        return sign + (whole == 0 ? fraction : whole + " " + fraction);
    }
}
