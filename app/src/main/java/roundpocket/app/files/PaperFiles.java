package roundpocket.app.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** What a page is drawn with: fonts and a style that ship with the program. */
final class PaperFiles {
    private static final String PAPER = "/roundpocket/paper/";
    private static final List<String> TEXT_FONTS =
            List.of("400Regular/AtkinsonHyperlegibleNext_400Regular.ttf", "400Regular/NotoSans_400Regular.ttf");

    private PaperFiles() {}

    static InputStream open(String file) {
        InputStream stream = PaperFiles.class.getResourceAsStream(PAPER + file);
        if (stream == null) {
            throw new IllegalStateException("not packaged: " + file);
        }
        return stream;
    }

    /** Which letters the fonts have; read once, when first asked for. */
    private static final class Letters {
        static final List<CmapLookup> FONTS =
                TEXT_FONTS.stream().map(Letters::read).toList();

        private static CmapLookup read(String file) {
            try (InputStream in = open(file)) {
                return new TTFParser()
                        .parse(new RandomAccessReadBuffer(in.readAllBytes()))
                        .getUnicodeCmapLookup();
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
    }

    /** The letters of a text that no font of the page has, each once; those that run from the right are not set here either. */
    static String missing(String text) {
        StringBuilder missing = new StringBuilder();
        text.codePoints().distinct().filter(PaperFiles::missing).forEach(missing::appendCodePoint);
        return missing.toString();
    }

    private static boolean missing(int sign) {
        if (Character.isWhitespace(sign) || Character.isSpaceChar(sign) || Character.isISOControl(sign)) {
            return false;
        }
        byte direction = Character.getDirectionality(sign);
        boolean fromTheRight = direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT
                || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
        return fromTheRight || Letters.FONTS.stream().allMatch(font -> font.getGlyphId(sign) == 0);
    }
}
