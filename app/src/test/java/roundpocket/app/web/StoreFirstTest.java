package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;

/** That pages are given out at once and data only once the store is ready. */
public class StoreFirstTest {
    private static boolean isLetIn(StoreFirst storeFirst, String path) {
        MockFilterChain chain = new MockFilterChain();
        try {
            storeFirst.doFilter(new MockHttpServletRequest("GET", path), new MockHttpServletResponse(), chain);
        } catch (ServletException | IOException cannot) {
            throw new IllegalStateException(cannot);
        }
        return chain.getRequest() != null;
    }

    @Test
    public void aPageDoesNotWait() {
        assertThat(isLetIn(new StoreFirst(), "/yarn")).isTrue();
    }

    @Test
    public void dataWaitUntilTheStoreIsReady() throws InterruptedException {
        StoreFirst storeFirst = new StoreFirst();
        AtomicBoolean letIn = new AtomicBoolean();
        Thread asks = new Thread(() -> letIn.set(isLetIn(storeFirst, "/api/basket")));
        asks.start();
        while (asks.getState() != Thread.State.TIMED_WAITING && asks.isAlive()) {
            Thread.onSpinWait();
        }
        assertThat(asks.isAlive()).isTrue();
        assertThat(letIn).isFalse();
        storeFirst.begin();
        asks.join(Duration.ofSeconds(10).toMillis());
        assertThat(letIn).isTrue();
        assertThat(isLetIn(storeFirst, "/api/basket")).isTrue();
    }
}
