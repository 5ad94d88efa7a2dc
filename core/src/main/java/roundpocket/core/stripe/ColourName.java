package roundpocket.core.stripe;

/**
 * The eleven basic colour words of English, for a colour that nobody named.
 *
 * <p>Source: B. Berlin and P. Kay, Basic Color Terms (1969), for the words; the typical colour of each is this project's.
 */
enum ColourName {
    BLACK("black", 0x1c1c1e),
    WHITE("white", 0xf5f3ee),
    GREY("grey", 0x8a8d91),
    RED("red", 0xb3261e),
    ORANGE("orange", 0xe07b1f),
    YELLOW("yellow", 0xf0c93a),
    GREEN("green", 0x3e8250),
    BLUE("blue", 0x2f5fa8),
    PURPLE("purple", 0x6f4a93),
    PINK("pink", 0xe39ab3),
    BROWN("brown", 0x6b4a32);

    private final String word;
    private final int rgb;

    ColourName(String word, int rgb) {
        this.word = word;
        this.rgb = rgb;
    }

    /** The word whose typical colour is nearest; {@code colour} as #rrggbb. */
    static String of(String colour) {
        int wanted = Integer.parseInt(colour.substring(1), 16);
        ColourName nearest = BLACK;
        for (ColourName name : values()) {
            if (distance(name.rgb, wanted) < distance(nearest.rgb, wanted)) {
                nearest = name;
            }
        }
        return nearest.word;
    }

    /** Distance as an eye sees it: by lightness, and by hue at the strength of both. */
    private static double distance(int a, int b) {
        double[] first = lab(a);
        double[] second = lab(b);
        double sum = 0;
        for (int i = 0; i < first.length; i++) {
            sum += (first[i] - second[i]) * (first[i] - second[i]);
        }
        return sum;
    }

    /** CIE 1976 L*a*b* of an sRGB colour (IEC 61966-2-1, white D65; the constants from memory). */
    private static double[] lab(int rgb) {
        double r = linear(rgb >> 16 & 0xff);
        double g = linear(rgb >> 8 & 0xff);
        double b = linear(rgb & 0xff);
        double x = cube((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505);
        double y = cube(0.2126 * r + 0.7152 * g + 0.0722 * b);
        double z = cube((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double linear(int channel) {
        double value = channel / 255.0;
        return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }

    private static double cube(double value) {
        return value > 216.0 / 24389 ? Math.cbrt(value) : (24389.0 / 27 * value + 16) / 116;
    }
}
