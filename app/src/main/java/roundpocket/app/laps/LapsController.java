package roundpocket.app.laps;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.door.Door;
import roundpocket.app.door.Door.Lane;
import roundpocket.app.laps.LapViews.HeardAllView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.LapViews.LapView;
import roundpocket.app.laps.LapViews.TriedView;
import roundpocket.core.lap.Miscount;
import roundpocket.core.rescue.Mishap;

/** The work on pairs over HTTP. */
@RestController
@RequestMapping("/api/laps")
public class LapsController {
    private final Laps laps;

    LapsController(Laps laps) {
        this.laps = laps;
    }

    /** Every pair that is begun, and what is next on it. */
    @GetMapping
    public List<LapGistView> gists() {
        return List.copyOf(laps.gists().values());
    }

    /** The work on a pair; before it is begun, what it would be. */
    @GetMapping("/{pairId}")
    public LapView view(@PathVariable UUID pairId) {
        return laps.view(pairId);
    }

    /** Begins a pair; begun already, it is only shown. */
    @PostMapping("/{pairId}")
    public LapView start(@PathVariable UUID pairId, @RequestBody LapStartWrite write) {
        return laps.start(pairId, write);
    }

    /** Takes the start of a pair back, while nothing but the start has happened. */
    @DeleteMapping("/{pairId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public void takeBack(@PathVariable UUID pairId) {
        laps.takeBack(pairId);
    }

    /** Hears presses. What is acknowledged here is on the disk, and outlives a power cut. */
    @PostMapping("/{pairId}/events")
    @Door(lane = Lane.PRESS)
    public HeardAllView hear(@PathVariable UUID pairId, @RequestBody List<LapEvent> events) {
        try {
            return laps.hear(pairId, events);
        } catch (DataIntegrityViolationException meanwhile) {
            // The same press sent twice at the same moment finds itself stored the second time.
            return laps.hear(pairId, events);
        }
    }

    /** What a tape check, or rounds off the plan, would change; nothing is taken in. */
    @PostMapping("/{pairId}/tried")
    public TriedView tried(@PathVariable UUID pairId, @RequestBody LapEvent event) {
        return laps.tried(pairId, event);
    }

    /** What a count of both needles probably means that is not what it should be; nothing where it is. */
    @GetMapping("/miscount")
    public MiscountView miscount(
            @RequestParam int expected,
            @RequestParam int first,
            @RequestParam int second,
            @RequestParam(defaultValue = "false") boolean live) {
        Stream<String> words = live
                ? Stream.of(Miscount.live("Sole", expected, first), Miscount.live("Instep", expected, second))
                : Stream.of(
                        Miscount.on("Lower needle", expected, first), Miscount.on("Upper needle", expected, second));
        return new MiscountView(
                words.filter(each -> !each.isEmpty()).toList(), live && Miscount.mayGoOn(expected, first, second));
    }

    /** Everything that can go wrong at the needles, and how it is put right. */
    @GetMapping("/mishaps")
    public List<MishapView> mishaps() {
        return Stream.of(Mishap.values()).map(mishap -> MishapView.of(mishap)).toList();
    }
}
