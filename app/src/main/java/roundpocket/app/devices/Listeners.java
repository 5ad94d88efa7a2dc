package roundpocket.app.devices;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** Pages that listen to a device, over server-sent events. */
class Listeners {
    /** Far more than anybody has open, far fewer than would fill the memory. */
    static final int MOST = 32;

    private final List<Listener> pages = new CopyOnWriteArrayList<>();

    private record Listener(SseEmitter page, List<UUID> pairs) {}

    /** Begins to listen, on behalf of pairs where the device belongs to one; {@code first} is told at once. */
    SseEmitter listen(List<UUID> pairs, @Nullable Object first) {
        if (pages.size() >= MOST) {
            stillThere();
        }
        if (pages.size() >= MOST) {
            throw tooMany();
        }
        SseEmitter page = new SseEmitter(0L);
        Listener listener = new Listener(page, List.copyOf(pairs));
        page.onCompletion(() -> pages.remove(listener));
        page.onError(gone -> pages.remove(listener));
        pages.add(listener);
        if (first == null) {
            send(listener, null); // so that the page knows at once that it is heard
        } else {
            send(listener, first);
        }
        return page;
    }

    static Refusal tooMany() {
        return new Refusal(List.of(new Problem(
                "device.listeners",
                "",
                MOST + " pages listen to this already.",
                "Close some of them, and load this one again.",
                Map.of())));
    }

    boolean any() {
        return !pages.isEmpty();
    }

    /** Whether a page of a pair listens. */
    boolean any(UUID pair) {
        return pages.stream().anyMatch(each -> each.pairs.contains(pair));
    }

    /** The pair whose page began to listen last; nothing where none listens. */
    @Nullable
    UUID lastPair() {
        return pages.stream()
                .flatMap(each -> each.pairs.stream())
                .reduce((earlier, later) -> later)
                .orElse(null);
    }

    void tell(Object what) {
        pages.forEach(each -> send(each, what));
    }

    /** Finds out which pages are gone. */
    void stillThere() {
        pages.forEach(each -> send(each, null));
    }

    private void send(Listener listener, @Nullable Object what) {
        try {
            if (what == null) {
                listener.page.send(SseEmitter.event().comment("listening"));
            } else {
                listener.page.send(what, MediaType.APPLICATION_JSON);
            }
        } catch (IOException | IllegalStateException gone) {
            pages.remove(listener); // the page was closed
        }
    }

    void close() {
        pages.forEach(each -> each.page.complete());
    }
}
