package roundpocket.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Keeps connections to the store free for presses: everything else is let in only so many at once, fewer than the pool has,
 * so that no number of slow readers holds a press up.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class Lanes extends OncePerRequestFilter {
    /** The pool has ten; what is left are for presses and the backup. */
    static final int OTHERS = 6;

    private static final int WAITS_S = 5;

    private final Semaphore others = new Semaphore(OTHERS, true);

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        boolean press = path.startsWith("/api/laps/") && path.endsWith("/events");
        return press || !path.startsWith("/api/") || path.startsWith("/api/devices/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!entered()) {
            Gate.refuse(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "busy",
                    "Round Pocket is busy just now. Try again in a moment.");
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            others.release();
        }
    }

    private boolean entered() {
        try {
            return others.tryAcquire(WAITS_S, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
