package roundpocket.app.devices;

import jakarta.annotation.PreDestroy;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The kitchen scale and the counter pedal, simulated, over HTTP. */
@RestController
@RequestMapping("/api/devices")
class DevicesController {
    private static final long EVERY_MS = 150;

    private final SimulatedScale scale;
    private final Listeners atScale = new Listeners();
    private final Listeners atPedal = new Listeners();
    private final ScheduledExecutorService reader = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "scale");
        thread.setDaemon(true);
        return thread;
    });

    DevicesController(SimulatedScale scale) {
        this.scale = scale;
        reader.scheduleWithFixedDelay(this::readScale, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    private void readScale() {
        if (atScale.any()) {
            atScale.tell(scale.read());
        }
    }

    /** What lies on the simulated scale. */
    record Load(double grams) {}

    /** A press of the pedal; its id makes it count once, however many pages listen. */
    record Press(UUID id) {}

    /** What the scale shows, several times a second, as server-sent events. */
    @GetMapping(value = "/scale", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listenToScale() {
        return atScale.listen();
    }

    /** Sets the scale to nought. */
    @PostMapping("/scale/tare")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tare() {
        scale.tare();
    }

    /** Puts something on the simulated scale. */
    @PostMapping("/scale/load")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void load(@RequestBody Load load) {
        scale.put(load.grams());
    }

    /** The presses of the pedal, as server-sent events. */
    @GetMapping(value = "/pedal", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listenToPedal() {
        return atPedal.listen();
    }

    /** Presses the simulated pedal. */
    @PostMapping("/pedal")
    Press press() {
        Press press = new Press(UUID.randomUUID());
        atPedal.tell(press);
        return press;
    }

    @PreDestroy
    void close() {
        reader.shutdownNow();
        atScale.close();
        atPedal.close();
    }
}
