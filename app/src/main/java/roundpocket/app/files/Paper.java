package roundpocket.app.files;

/** What a pocket card is printed on. */
public enum Paper {
    A6(105, 148),
    HALF_LETTER(139.7, 215.9);

    private final double widthMm;
    private final double heightMm;

    Paper(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    double widthMm() {
        return widthMm;
    }

    double heightMm() {
        return heightMm;
    }
}
