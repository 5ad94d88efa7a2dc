package roundpocket.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import roundpocket.app.door.Door;
import roundpocket.app.door.Door.Lane;
import roundpocket.app.door.Door.Who;
import roundpocket.app.home.HomeKeeper;
import roundpocket.app.home.StoreLock;

/**
 * Decides who may do what, and who waits for whom, by the method that a request has reached and not by how its address was
 * written. A browser says where a request comes from, and a page of another site cannot make it say otherwise; what is no
 * browser shows the token that lies in the home. Connections to the store are kept free for presses: everything else is let
 * in only so many at once, fewer than the pool has.
 */
@Component
class Doors implements HandlerInterceptor {
    /** Header in which a script shows the home's token. */
    static final String TOKEN = "Pocket-Token";

    /** The pool has ten; what is left are for presses and the backup. */
    static final int OTHERS = 6;

    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS", "TRACE");
    private static final long WAITS_MS = 5_000;

    /** As long as a large backup may take to be put back. */
    private static final long WAITS_FOR_A_RESTORE_MS = 30_000;

    private static final String HELD = Doors.class.getName();

    @Door
    private static final class Usual {}

    private static final Door USUAL = Usual.class.getAnnotation(Door.class);

    private final HomeKeeper home;
    private final StoreLock store;
    private final byte[] token;
    private final Semaphore others = new Semaphore(OTHERS, true);

    Doors(HomeKeeper home, StoreLock store) {
        this.home = home;
        this.store = store;
        this.token = home.secret().getBytes(StandardCharsets.US_ASCII);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        if (!(handler instanceof HandlerMethod method) || method.getBean() instanceof ErrorAnswers) {
            return true; // a file of the page
        }
        Door door = door(method);
        if (!allowed(door.who(), request)) {
            Gate.refuse(
                    response,
                    HttpStatus.FORBIDDEN,
                    "origin",
                    "Only Round Pocket’s own pages may do this. A script sends the header Pocket-Token with what stands in the"
                            + " file token in your data folder.");
            return false;
        }
        if (!door.whileDamaged() && home.damage().isPresent()) {
            Gate.refuse(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "home-damaged",
                    "The file with your data is damaged. Choose first what to put back.");
            return false;
        }
        StoreLock.Held held = enter(door.lane());
        if (held == null) {
            Gate.refuse(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "busy",
                    "Round Pocket is busy just now. Try again in a moment.");
            return false;
        }
        request.setAttribute(HELD, held);
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        if (request.getAttribute(HELD) instanceof StoreLock.Held held) {
            request.removeAttribute(HELD);
            held.close();
        }
    }

    private static Door door(HandlerMethod method) {
        Door own = AnnotatedElementUtils.findMergedAnnotation(method.getMethod(), Door.class);
        Door place = AnnotatedElementUtils.findMergedAnnotation(method.getBeanType(), Door.class);
        return own != null ? own : place != null ? place : USUAL;
    }

    private StoreLock.@Nullable Held enter(Lane lane) {
        return switch (lane) {
            case NONE -> () -> {};
            case ALONE -> store.alone(WAITS_FOR_A_RESTORE_MS);
            case PRESS -> store.shared(WAITS_FOR_A_RESTORE_MS);
            case COMMON -> common();
        };
    }

    private StoreLock.@Nullable Held common() {
        StoreLock.Held shared = store.shared(WAITS_FOR_A_RESTORE_MS);
        if (shared == null) {
            return null;
        }
        if (!entered()) {
            shared.close();
            return null;
        }
        return () -> {
            others.release();
            shared.close();
        };
    }

    private boolean entered() {
        try {
            return others.tryAcquire(WAITS_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private boolean allowed(Who who, HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader("Origin");
        boolean reads = who != Who.OWNS && READING.contains(request.getMethod());
        if (site != null || origin != null) {
            boolean own = site == null || site.equals("same-origin") || reads && site.equals("none");
            return own && (origin == null || origin.equalsIgnoreCase(ownOrigin(request)));
        }
        return reads || who == Who.CALCULATES || shows(request.getHeader(TOKEN));
    }

    private static String ownOrigin(HttpServletRequest request) {
        return "http://" + request.getHeader("Host");
    }

    private boolean shows(@Nullable String shown) {
        return shown != null && MessageDigest.isEqual(shown.getBytes(StandardCharsets.UTF_8), token);
    }
}
