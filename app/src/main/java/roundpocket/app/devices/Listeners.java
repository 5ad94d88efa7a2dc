package roundpocket.app.devices;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pages that listen to a device, over server-sent events. */
class Listeners {
    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();

    SseEmitter listen() {
        SseEmitter page = new SseEmitter(0L);
        page.onCompletion(() -> pages.remove(page));
        page.onError(gone -> pages.remove(page));
        pages.add(page);
        try {
            page.send(SseEmitter.event().comment("listening")); // so that the page knows at once that it is heard
        } catch (IOException gone) {
            pages.remove(page);
        }
        return page;
    }

    boolean any() {
        return !pages.isEmpty();
    }

    void tell(Object what) {
        for (SseEmitter page : pages) {
            try {
                page.send(what, MediaType.APPLICATION_JSON);
            } catch (IOException | IllegalStateException gone) {
                pages.remove(page); // the page was closed
            }
        }
    }

    void close() {
        pages.forEach(SseEmitter::complete);
    }
}
