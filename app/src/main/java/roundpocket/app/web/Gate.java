package roundpocket.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
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
import roundpocket.app.home.HomeKeeper;
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

    /** Header that says which home is meant, or which one answers: a page belongs to the home that it came from. */
    static final String HOME = "Pocket-Home";

    /** No address of Round Pocket's needs a sign that is written with a percent sign, a parameter, or steps up and down. */
    private static final Pattern PLAIN = Pattern.compile("(?:/[A-Za-z0-9_~-][A-Za-z0-9._~-]*+)*+/?");

    private static final Pattern LOCAL = Pattern.compile("localhost|127(\\.\\d{1,3}){3}|\\[::1]|\\[0:0:0:0:0:0:0:1]");
    private static final String POLICY =
            "default-src 'self'; style-src 'self' 'nonce-%s'; img-src 'self' data:; object-src 'none';"
                    + " frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    private final HomeKeeper home;
    private final Bodies bodies = new Bodies();

    Gate(@Value("${server.address}") String address, HomeKeeper home) throws UnknownHostException {
        onlyThisComputer(address);
        this.home = home;
    }

    /** Refuses an address at which others could ask. */
    static void onlyThisComputer(String address) throws UnknownHostException {
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
        response.setHeader(HOME, home.id());
        if (!LOCAL.matcher(request.getServerName()).matches()) {
            refuse(response, HttpStatus.FORBIDDEN, "host", "This address is not one that Round Pocket answers to.");
        } else if (!PLAIN.matcher(request.getRequestURI()).matches()) {
            refuse(response, HttpStatus.BAD_REQUEST, "path", "This address is written as none of Round Pocket’s is.");
        } else if (meansAnother(request.getHeader(HOME))) {
            refuse(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "other-home",
                    "Another Round Pocket answers here now, with another data folder. Nothing was changed.");
        } else if (request.getContentLengthLong() > most) {
            refuse(response, HttpStatus.CONTENT_TOO_LARGE, "too-large", Bodies.TOO_LARGE);
        } else if (!readable(request.getContentType())) {
            refuse(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "type", "That file type can’t be read.");
        } else {
            pass(request, response, chain, most);
        }
    }

    /** What is typed is read before anything else is waited for; a file goes to the disk as it comes. */
    private void pass(HttpServletRequest request, HttpServletResponse response, FilterChain chain, long most)
            throws IOException, ServletException {
        HttpServletRequest read;
        try {
            read = most == MOST_BYTES ? bodies.whole(request, MOST_BYTES) : bodies.paced(request, most);
        } catch (Bodies.RefusedException refused) {
            response.setHeader("Connection", "close");
            refuse(response, refused.status(), refused.code(), refused.getMessage());
            return;
        }
        chain.doFilter(read, response);
    }

    private boolean meansAnother(@Nullable String meant) {
        return meant != null && !meant.equals(home.id());
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
}
