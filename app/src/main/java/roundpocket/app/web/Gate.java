package roundpocket.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.UnsupportedCharsetException;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import roundpocket.app.home.HomeController;
import roundpocket.app.home.HomeTrouble;

/**
 * Turns away what is too large, and what a page of another site sends through a name of its own; says on every answer
 * that nothing may be loaded from elsewhere.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Gate extends OncePerRequestFilter {
    /** The largest request in bytes: far above any plan, far below what would hurt. */
    static final int MOST_BYTES = 256 * 1024;

    /** Far above any backup of a home; it goes to the disk, not into memory. */
    static final long MOST_BYTES_OF_A_BACKUP = 256L << 20;

    private static final Pattern LOCAL = Pattern.compile("localhost|127(\\.\\d{1,3}){3}|\\[::1]|\\[0:0:0:0:0:0:0:1]");
    private static final String POLICY =
            "default-src 'self'; style-src 'self' 'nonce-%s'; img-src 'self' data:; object-src 'none';"
                    + " frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    Gate(@Value("${server.address}") String address) throws UnknownHostException {
        if (!InetAddress.getByName(address).isLoopbackAddress()) {
            throw new HomeTrouble(
                    "Round Pocket answers this computer only: at " + address
                            + " everybody on the network could read and"
                            + " change your data, since there is no passphrase yet.",
                    "Leave --server.address out.");
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY.formatted(Nonce.give(request)));
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        long most = request.getRequestURI().equals(HomeController.INCOMING) ? MOST_BYTES_OF_A_BACKUP : MOST_BYTES;
        if (!LOCAL.matcher(request.getServerName()).matches()) {
            refuse(response, HttpStatus.FORBIDDEN, "host", "This address is not one that Round Pocket answers to.");
        } else if (request.getContentLengthLong() > most) {
            refuse(response, HttpStatus.CONTENT_TOO_LARGE, "too-large", TooLargeException.TEXT);
        } else if (!readable(request.getContentType())) {
            refuse(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "type",
                    "What is sent says of itself what nobody can read.");
        } else {
            chain.doFilter(new Bounded(request, most), response);
        }
    }

    private static boolean readable(@Nullable String type) {
        try {
            return type == null || MediaType.parseMediaType(type).isConcrete();
        } catch (InvalidMediaTypeException | UnsupportedCharsetException noType) {
            return false;
        }
    }

    static void refuse(HttpServletResponse response, HttpStatus status, String code, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write("{\"type\":\"about:blank\",\"title\":\"%s\",\"status\":%d,\"code\":\"%s\",\"detail\":\"%s\"}"
                        .formatted(status.getReasonPhrase(), status.value(), code, detail));
    }

    /** Thrown while reading a request whose length was not announced and turned out too large. */
    static final class TooLargeException extends IOException {
        static final String TEXT = "This is larger than the 256 kB that Round Pocket takes in at once."
                + " A plan is a few kilobytes: send one at a time.";
        private static final long serialVersionUID = 1L;

        TooLargeException() {
            super(TEXT);
        }
    }

    private static final class Bounded extends HttpServletRequestWrapper {
        private final long most;

        Bounded(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new BoundedStream(super.getInputStream(), most);
        }
    }

    private static final class BoundedStream extends ServletInputStream {
        private final ServletInputStream inner;
        private final long most;
        private long seen;

        BoundedStream(ServletInputStream inner, long most) {
            this.inner = inner;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int value = inner.read();
            count(value < 0 ? 0 : 1);
            return value;
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            int read = inner.read(into, offset, length);
            count(Math.max(read, 0));
            return read;
        }

        private void count(int bytes) throws IOException {
            seen += bytes;
            if (seen > most) {
                throw new TooLargeException();
            }
        }

        @Override
        public boolean isFinished() {
            return inner.isFinished();
        }

        @Override
        public boolean isReady() {
            return inner.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            inner.setReadListener(listener);
        }
    }
}
