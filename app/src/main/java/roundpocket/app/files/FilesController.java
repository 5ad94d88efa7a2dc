package roundpocket.app.files;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.store.Names;

/** Feet, yarns and tubes as CSV files, pocket cards as PDF. */
@RestController
@RequestMapping("/api/files")
public class FilesController {
    private static final String CSV = "text/csv;charset=UTF-8";

    private final CsvFiles files;
    private final CsvFeet feet;
    private final CsvYarns yarns;
    private final CsvTubes tubes;
    private final CardPdf cards;

    FilesController(CsvFiles files, CsvFeet feet, CsvYarns yarns, CsvTubes tubes, CardPdf cards) {
        this.cards = cards;
        this.files = files;
        this.feet = feet;
        this.yarns = yarns;
        this.tubes = tubes;
    }

    @GetMapping(path = "/feet.csv", produces = CSV)
    public ResponseEntity<String> feet() {
        return download("feet.csv", files.write(feet));
    }

    @GetMapping(path = "/yarns.csv", produces = CSV)
    public ResponseEntity<String> yarns() {
        return download("yarns.csv", files.write(yarns));
    }

    /** Takes feet in; where a line is wrong, none, unless only the right ones are asked for. */
    @PostMapping(path = "/feet.csv", consumes = "text/csv")
    public CsvReadView readFeet(@RequestBody String text, @RequestParam(defaultValue = "false") boolean onlyRight) {
        return files.read(feet, text, onlyRight);
    }

    /** The shelf of tubes. */
    @GetMapping(path = "/tubes.csv", produces = CSV)
    public ResponseEntity<String> tubes() {
        return download("tubes.csv", files.write(tubes));
    }

    /** Takes yarns in; where a line is wrong, none, unless only the right ones are asked for. */
    @PostMapping(path = "/yarns.csv", consumes = "text/csv")
    public CsvReadView readYarns(@RequestBody String text, @RequestParam(defaultValue = "false") boolean onlyRight) {
        return files.read(yarns, text, onlyRight);
    }

    /** Takes tubes in; where a line is wrong, none, unless only the right ones are asked for. */
    @PostMapping(path = "/tubes.csv", consumes = "text/csv")
    public CsvReadView readTubes(@RequestBody String text, @RequestParam(defaultValue = "false") boolean onlyRight) {
        return files.read(tubes, text, onlyRight);
    }

    /** The drawing of a pocket card as the screen made it, on a page of paper. */
    @PostMapping(path = "/card.pdf", consumes = "application/xhtml+xml", produces = "application/pdf")
    public ResponseEntity<byte[]> card(
            @RequestBody String drawing, @RequestParam String title, @RequestParam Paper paper) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"pocket-card.pdf\"")
                .body(cards.write(drawing, Names.checked(title, "title"), paper));
    }

    private static ResponseEntity<String> download(String name, String text) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(text);
    }
}
