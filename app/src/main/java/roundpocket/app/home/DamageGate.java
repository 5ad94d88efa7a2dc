package roundpocket.app.home;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** While it is not decided what becomes of a damaged home, nothing is read from or written to what took its place. */
@Component
@Order(0)
class DamageGate extends OncePerRequestFilter {
    private static final String ANSWER =
            "{\"type\":\"about:blank\",\"title\":\"Damaged\",\"status\":503,\"code\":\"home-damaged\",\"detail\":"
                    + "\"The file with your data is damaged. Choose first what to put back.\"}";

    private final HomeKeeper keeper;

    DamageGate(HomeKeeper keeper) {
        this.keeper = keeper;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        if (path.startsWith("/api/")
                && !path.startsWith("/api/home")
                && keeper.damage().isPresent()) {
            response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(ANSWER.getBytes(StandardCharsets.UTF_8));
        } else {
            chain.doFilter(request, response);
        }
    }
}
