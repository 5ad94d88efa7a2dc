package roundpocket.app.home;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import java.util.zip.ZipException;

/** Looks at the end of a zip, before the list of what is in it is read into memory as long as it says it is. */
final class ZipList {
    private static final int END = 0x06054b50;
    private static final int END_BYTES = 22;
    private static final int MOST_COMMENT = 0xFFFF;
    private static final int AT_SIZE = 12;
    private static final long NO_BITS = 0xFFFFFFFFL;

    private ZipList() {}

    /** Refuses a file that is no zip, or one whose list is longer than so many bytes. */
    static void check(Path file, long most) throws IOException {
        try (RandomAccessFile zip = new RandomAccessFile(file.toFile(), "r")) {
            int length = (int) Math.min(zip.length(), END_BYTES + MOST_COMMENT);
            byte[] tail = new byte[length];
            zip.seek(zip.length() - length);
            zip.readFully(tail);
            ByteBuffer end = ByteBuffer.wrap(tail).order(ByteOrder.LITTLE_ENDIAN);
            for (int at = length - END_BYTES; at >= 0; at--) {
                if (end.getInt(at) == END) {
                    if ((end.getInt(at + AT_SIZE) & NO_BITS) > most) {
                        throw new ZipException("too long a list");
                    }
                    return;
                }
            }
        }
        throw new ZipException("no zip");
    }
}
