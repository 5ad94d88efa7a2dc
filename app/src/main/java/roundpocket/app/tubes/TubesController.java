package roundpocket.app.tubes;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.plans.Workings;
import roundpocket.app.plans.WorkingsView;
import roundpocket.app.store.ShelfController;
import roundpocket.app.tubes.CuttingView.CutPlanView;
import roundpocket.app.tubes.CuttingView.TubeFitView;
import tools.jackson.databind.json.JsonMapper;

/** Ready tubes over HTTP, and where they are cut. */
@RestController
@RequestMapping("/api/tubes")
public class TubesController extends ShelfController<TubeWrite, TubeView> {
    private final Cuttings cuttings;
    private final JsonMapper mapper;

    private final TubesShelf shelf;

    TubesController(TubesShelf shelf, Cuttings cuttings, JsonMapper mapper) {
        super(shelf);
        this.shelf = shelf;
        this.cuttings = cuttings;
        this.mapper = mapper;
    }

    /** What of the tubes is touched where a yarn or feet are deleted, in words. */
    @GetMapping("/touched")
    public List<String> touched(@RequestParam UUID by) {
        return shelf.touched(by);
    }

    /** The ways to cut it for what is wished for. */
    @GetMapping("/{id}/cutting")
    public CuttingView cutting(@PathVariable UUID id) {
        return cuttings.of(id);
    }

    /** How the figures of the ways to cut it came about. */
    @GetMapping("/{id}/cutting/workings")
    public WorkingsView workings(@PathVariable UUID id) {
        return Workings.of(cutting(id), mapper);
    }

    /** What comes of pieces put by hand. Stores nothing. */
    @PostMapping("/{id}/cutting")
    public CutPlanView byHand(@PathVariable UUID id, @RequestBody List<PieceWrite> pieces) {
        return cuttings.byHand(id, pieces);
    }

    /** How the whole tube fits everybody on the shelf of feet. */
    @GetMapping("/{id}/fits")
    public List<TubeFitView> fits(@PathVariable UUID id) {
        return cuttings.fits(id);
    }

    /** The cuts were made: the pairs go into the basket, and what is left is the tube. */
    @PostMapping("/{id}/cuts")
    public CutMadeView cut(@PathVariable UUID id, @RequestBody CutWrite write) {
        return cuttings.cut(id, write);
    }

    /** The last cuts were not made after all. */
    @DeleteMapping("/{id}/cuts/last")
    public TubeView uncut(@PathVariable UUID id, @RequestParam long version) {
        return cuttings.uncut(id, version);
    }
}
