package roundpocket.app.devices;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import roundpocket.app.door.Door;

/** The kitchen scale and the counter pedal, simulated, over HTTP. */
@RestController
@RequestMapping("/api/devices")
@Door(who = Door.Who.OWNS, lane = Door.Lane.NONE)
class DevicesController {
    private static final long EVERY_MS = 150;
    private static final long PRESENCE_MS = 2000;

    private final SimulatedScale scale;
    private final Listeners atScale = new Listeners();
    private final Pedal pedal;
    private final ScheduledExecutorService reader = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "scale");
        thread.setDaemon(true);
        return thread;
    });

    DevicesController(SimulatedScale scale, Pedal pedal) {
        this.scale = scale;
        this.pedal = pedal;
        reader.scheduleWithFixedDelay(this::readScale, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
        reader.scheduleWithFixedDelay(pedal::stillThere, PRESENCE_MS, PRESENCE_MS, TimeUnit.MILLISECONDS);
    }

    private void readScale() {
        if (atScale.any()) {
            atScale.tell(scale.read());
        }
    }

    /** What lies on the simulated scale. */
    record Load(double grams) {}

    /**
     * On which pair the pedal is to press.
     *
     * @param pair the pair's id
     */
    record PedalWrite(UUID pair) {}

    /** What the scale shows, several times a second, as server-sent events. */
    @GetMapping(value = "/scale", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listenToScale() {
        return atScale.listen(List.of(), null);
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

    /** The presses of the pedal and whose it is, as server-sent events, on behalf of the pairs that a browser shows. */
    @GetMapping(value = "/pedal", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listenToPedal(@RequestParam(required = false) @Nullable List<UUID> pair) {
        List<UUID> pairs = Objects.requireNonNullElse(pair, List.of());
        if (pairs.size() > Listeners.MOST) {
            throw Listeners.tooMany();
        }
        return pedal.listen(pairs);
    }

    /** Presses the simulated pedal; the answer says on which pair, if any. */
    @PostMapping("/pedal")
    Pedal.Told press() {
        return pedal.press();
    }

    /** Takes the pedal over for a pair. */
    @PostMapping("/pedal/pair")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void use(@RequestBody PedalWrite write) {
        pedal.give(write.pair());
    }

    @PreDestroy
    void close() {
        reader.shutdownNow();
        atScale.close();
        pedal.close();
    }
}
