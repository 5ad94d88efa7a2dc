package roundpocket.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.Objects;

/** A word that only this answer knows: styles that do not name it are not applied. */
final class Nonce {
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 16;

    private Nonce() {}

    /** Makes one for a request. */
    static String give(HttpServletRequest request) {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        String nonce = Base64.getEncoder().encodeToString(bytes);
        request.setAttribute(Nonce.class.getName(), nonce);
        return nonce;
    }

    /** The one that was made for it. */
    static String of(HttpServletRequest request) {
        return (String) Objects.requireNonNull(request.getAttribute(Nonce.class.getName()));
    }
}
