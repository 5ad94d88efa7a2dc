package roundpocket.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import roundpocket.app.home.HomeKeeper;

/**
 * Lets nobody change anything, or listen to a device, but Round Pocket's own pages and whoever can read the home. A browser
 * says where a request comes from, and a page of another site cannot make it say otherwise; what is no browser shows the
 * token that lies in the home.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class SameOrigin extends OncePerRequestFilter {
    /** Header in which a script shows the home's token. */
    static final String TOKEN = "Pocket-Token";

    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS", "TRACE");
    private static final String STREAMS = "/api/devices/";

    /** Takes a specification in and gives a plan out; nothing is changed by it. */
    private static final String CALCULATES = "/api/plans/";

    private final byte[] token;

    SameOrigin(HomeKeeper home) {
        this.token = home.secret().getBytes(StandardCharsets.US_ASCII);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getRequestURI().startsWith("/api/") && !allowed(request)) {
            Gate.refuse(
                    response,
                    HttpStatus.FORBIDDEN,
                    "origin",
                    "Only Round Pocket’s own pages may do this. A script sends the header Pocket-Token with what stands in the"
                            + " file token in your data folder.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean allowed(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader("Origin");
        boolean reads = READING.contains(request.getMethod())
                && !request.getRequestURI().startsWith(STREAMS);
        if (site != null || origin != null) {
            boolean own = site == null || site.equals("same-origin") || reads && site.equals("none");
            return own && (origin == null || origin.equalsIgnoreCase(ownOrigin(request)));
        }
        return reads || request.getRequestURI().startsWith(CALCULATES) || shows(request.getHeader(TOKEN));
    }

    private static String ownOrigin(HttpServletRequest request) {
        return "http://" + request.getHeader("Host");
    }

    private boolean shows(@Nullable String shown) {
        return shown != null && MessageDigest.isEqual(shown.getBytes(StandardCharsets.UTF_8), token);
    }
}
