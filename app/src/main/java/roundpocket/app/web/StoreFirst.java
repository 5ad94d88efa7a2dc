package roundpocket.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Has whoever asks for data wait for the store: the pages are given out while it is still being made ready. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class StoreFirst extends OncePerRequestFilter {
    private static final int WAITS_S = 30;

    private final CountDownLatch ready = new CountDownLatch(1);

    @EventListener(ApplicationStartedEvent.class)
    void begin() {
        ready.countDown();
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return ready.getCount() == 0 || !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isReady()) {
            chain.doFilter(request, response);
        } else {
            Gate.refuse(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "busy",
                    "Round Pocket is still starting. Try again in a moment.");
        }
    }

    private boolean isReady() {
        try {
            return ready.await(WAITS_S, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
