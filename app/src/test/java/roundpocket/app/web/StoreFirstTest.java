package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
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
    public void dataWaitUntilTheStoreIsReady() throws Exception {
        StoreFirst storeFirst = new StoreFirst();
        CompletableFuture<Boolean> asked = CompletableFuture.supplyAsync(() -> isLetIn(storeFirst, "/api/basket"));
        Thread.sleep(200);
        assertThat(asked).isNotDone();
        storeFirst.begin();
        assertThat(asked.get(10, TimeUnit.SECONDS)).isTrue();
        assertThat(isLetIn(storeFirst, "/api/basket")).isTrue();
    }
}
