package roundpocket.app.laps;

import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Reads every pair that is begun once the program is up, so that the first look into a basket of hundreds need not wait for
 * all their plans. The last comes first: whoever looks meanwhile begins at the other end, and the two meet.
 */
@Component
class ReadAhead {
    private static final Logger LOG = LoggerFactory.getLogger(ReadAhead.class);
    private static final long LONGEST_END_MS = 5_000;

    private final Laps laps;
    private final LapRepository rows;
    /** Not an interruption: that would close the store's file under everybody. */
    private volatile boolean ended;

    private final Thread reading = new Thread(this::read, "reading-ahead");

    ReadAhead(Laps laps, LapRepository rows) {
        this.laps = laps;
        this.rows = rows;
        reading.setDaemon(true);
        reading.setPriority(Thread.MIN_PRIORITY);
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        reading.start();
    }

    private void read() {
        try {
            for (UUID pair : laps.notRemembered()) {
                if (ended) {
                    return;
                }
                laps.remember(pair);
            }
            List<UUID> pairs = new ArrayList<>(rows.begun());
            Collections.reverse(pairs);
            for (UUID pair : pairs) {
                if (ended) {
                    return;
                }
                laps.took(pair);
            }
        } catch (RuntimeException cannot) {
            LOG.debug("Not read ahead", cannot); // it is read when it is asked for
        }
    }

    @PreDestroy
    void end() throws InterruptedException {
        ended = true;
        reading.join(LONGEST_END_MS);
    }
}
