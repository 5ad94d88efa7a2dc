package roundpocket.app.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpStatus;

/**
 * Reads what is sent: so much of it at most, and not slower than a bad connection sends. Who sends slowly waits among others
 * who do, and holds nothing that anybody else needs.
 */
final class Bodies {
    static final String TOO_LARGE = "This is larger than the 256 kB that Round Pocket takes in at once."
            + " A plan is a few kilobytes: send one at a time.";

    private static final String TOO_SLOW =
            "This came in too slowly to be waited for. Nothing was changed: send it again.";

    /** Before this nobody is called slow. */
    private static final long GRACE_MS = 5_000;

    /** What a bad connection does in a second, in bytes. */
    private static final long RATE = 4_096;

    /** How many bodies that are not there yet are waited for at once, and how many more wait for that. */
    static final int AT_ONCE = 96;

    private static final int MORE = 32;

    private final Semaphore places = new Semaphore(AT_ONCE, true);

    /** Thrown where what is sent is not taken in. */
    static final class RefusedException extends IOException {
        private static final long serialVersionUID = 1L;

        private final HttpStatus status;
        private final String code;

        RefusedException(HttpStatus status, String code, String text) {
            super(text);
            this.status = status;
            this.code = code;
        }

        HttpStatus status() {
            return status;
        }

        String code() {
            return code;
        }
    }

    /** The request with all of its body read. */
    HttpServletRequest whole(HttpServletRequest request, int most) throws IOException {
        long length = request.getContentLengthLong();
        boolean none = length == 0 || length < 0 && request.getHeader("Transfer-Encoding") == null;
        if (none) {
            return request;
        }
        InputStream in = request.getInputStream();
        if (length > 0 && in.available() >= length) {
            return new Read(request, in.readNBytes((int) length));
        }
        if (!entered()) {
            throw new RefusedException(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "busy",
                    "Round Pocket is busy just now. Nothing was changed. Try again in a moment.");
        }
        try {
            return new Read(request, new Paced(in, most).readAllBytes());
        } finally {
            places.release();
        }
    }

    /** The request with a body that is read as it comes, with the same bounds. */
    HttpServletRequest paced(HttpServletRequest request, long most) throws IOException {
        return new Read(request, new Paced(request.getInputStream(), most));
    }

    private boolean entered() {
        try {
            return places.getQueueLength() < MORE && places.tryAcquire(GRACE_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Counts what is read, in bytes and in time. */
    private static final class Paced extends InputStream {
        private final InputStream inner;
        private final long most;
        private final long begun = System.nanoTime();
        private long seen;

        Paced(InputStream inner, long most) {
            this.inner = inner;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            int read = inner.read(into, offset, length);
            if (read >= 0) {
                seen += read;
                if (seen > most) {
                    throw new RefusedException(HttpStatus.CONTENT_TOO_LARGE, "too-large", TOO_LARGE);
                }
                long took = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun);
                if (took > GRACE_MS + seen * 1000 / RATE) {
                    throw new RefusedException(HttpStatus.REQUEST_TIMEOUT, "too-slow", TOO_SLOW);
                }
            }
            return read;
        }
    }

    private static final class Read extends HttpServletRequestWrapper {
        private final ServletInputStream in;

        Read(HttpServletRequest request, byte[] body) {
            this(request, new ByteArrayInputStream(body));
        }

        Read(HttpServletRequest request, InputStream body) {
            super(request);
            this.in = new Stream(body);
        }

        @Override
        public ServletInputStream getInputStream() {
            return in;
        }

        @Override
        public BufferedReader getReader() {
            String named = getCharacterEncoding();
            Charset charset = named == null ? StandardCharsets.UTF_8 : Charset.forName(named);
            return new BufferedReader(new InputStreamReader(in, charset));
        }
    }

    private static final class Stream extends ServletInputStream {
        private final InputStream body;
        private boolean finished;

        Stream(InputStream body) {
            this.body = body;
        }

        @Override
        public int read() throws IOException {
            return seen(body.read());
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            return seen(body.read(into, offset, length));
        }

        private int seen(int read) {
            finished |= read < 0;
            return read;
        }

        @Override
        public boolean isFinished() {
            return finished;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("read at once");
        }
    }
}
