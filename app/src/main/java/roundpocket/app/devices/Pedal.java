package roundpocket.app.devices;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * The counter pedal, simulated. It belongs to one pair at a time: the one that took it last, or the first that listens.
 * Every page hears every press and whose it is, so that none counts what belongs to another.
 */
@Component
class Pedal {
    private final Listeners pages = new Listeners();
    private @Nullable UUID pair;

    /**
     * What the pages are told.
     *
     * @param id of a press; it counts once, however many pages of the pair listen. Nothing where the pedal only changed hands
     * @param pair whose the pedal is; nothing where no pair listens
     */
    record Told(@Nullable UUID id, @Nullable UUID pair) {}

    /** Begins to listen on behalf of some pairs: all that a browser shows. */
    synchronized SseEmitter listen(List<UUID> listening) {
        if (!listening.isEmpty() && (pair == null || !pages.any(pair) && !listening.contains(pair))) {
            give(listening.get(0));
        }
        return pages.listen(listening, new Told(null, pair));
    }

    synchronized Told press() {
        if (pair == null || !pages.any(pair)) {
            give(pages.lastPair());
        }
        Told press = new Told(UUID.randomUUID(), pair);
        pages.tell(press);
        // A page that went meanwhile was found out by telling it.
        return pair != null && pages.any(pair) ? press : new Told(press.id, null);
    }

    /** From now on it presses on this pair. */
    synchronized void give(@Nullable UUID to) {
        pair = to;
        pages.tell(new Told(null, pair));
    }

    synchronized void stillThere() {
        pages.stillThere();
    }

    void close() {
        pages.close();
    }
}
