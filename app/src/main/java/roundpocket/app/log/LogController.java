package roundpocket.app.log;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.log.Lessons.AgainView;
import roundpocket.app.log.Lessons.LessonView;
import roundpocket.app.log.LogViews.ChangeView;
import roundpocket.app.log.LogViews.LogNoteView;
import roundpocket.app.log.LogViews.LogView;
import roundpocket.app.log.LogViews.NoteChoiceView;
import roundpocket.app.log.LogViews.NoteChoicesView;
import roundpocket.app.log.LogViews.ProposalView;
import roundpocket.app.log.LogViews.RepairView;
import roundpocket.app.log.TallyViews.KnownYarnView;
import roundpocket.app.log.TallyViews.TalliesView;
import roundpocket.app.store.Shown;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.Taught;
import roundpocket.core.wear.WearNote;

/** The log over HTTP. */
@RestController
class LogController {
    private final Log log;
    private final Lessons lessons;
    private final Tallies tallies;

    LogController(Log log, Lessons lessons, Tallies tallies) {
        this.log = log;
        this.lessons = lessons;
        this.tallies = tallies;
    }

    /** The finished pairs, the latest first: so many as are to be shown, of those whose name, foot or yarn has the words. */
    @GetMapping("/api/log")
    LogView entries(@RequestParam(defaultValue = Shown.USUAL) int most, @RequestParam(defaultValue = "") String words) {
        return log.entries(Shown.checked(most), words);
    }

    /** All finished pairs together: what they took, by yarn, and what every foot has had. */
    @GetMapping("/api/log/tallies")
    TalliesView tallies() {
        return tallies.all();
    }

    /** What is known of every yarn that was knitted with: its gauge as it was knitted, and what was weighed. */
    @GetMapping("/api/yarns/known")
    List<KnownYarnView> yarns() {
        return tallies.yarns();
    }

    /** What can be noted on a worn pair. */
    @GetMapping("/api/log/choices")
    NoteChoicesView choices() {
        return new NoteChoicesView(
                Arrays.stream(FitNote.values())
                        .map(fit -> new NoteChoiceView(fit.name(), fit.title(), fit.description()))
                        .toList(),
                Arrays.stream(WearNote.values())
                        .map(wear -> new NoteChoiceView(wear.name(), wear.title(), wear.description()))
                        .toList());
    }

    /** Notes something on a pair. */
    @PostMapping("/api/log/{pairId}/notes")
    @ResponseStatus(HttpStatus.CREATED)
    LogNoteView note(@PathVariable UUID pairId, @RequestBody LogNoteWrite note) {
        return log.note(pairId, note);
    }

    /** Takes a note away. */
    @DeleteMapping("/api/log/notes/{noteId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID noteId) {
        log.remove(noteId);
    }

    /** How the heel of a pair that was begun is cut off and knitted new. */
    @GetMapping("/api/log/{pairId}/new-heel")
    RepairView newHeel(@PathVariable UUID pairId) {
        return log.newHeel(pairId);
    }

    /** What the pairs worn on the same foot propose for a pair. */
    @GetMapping("/api/pairs/{pairId}/proposals")
    List<ProposalView> proposals(@PathVariable UUID pairId) {
        return log.proposals(pairId);
    }

    /** The changes that all its proposals come to, reckoned one after the other. */
    @GetMapping("/api/pairs/{pairId}/proposals/together")
    List<ChangeView> together(@PathVariable UUID pairId) {
        return log.together(pairId);
    }

    /** What other pairs in its yarn or for its foot taught while they were knitted. */
    @GetMapping("/api/pairs/{pairId}/lessons")
    List<LessonView> lessons(@PathVariable UUID pairId) {
        return lessons.of(pairId);
    }

    /** Leaves what a pair taught: it is not proposed for this one again. */
    @PostMapping("/api/pairs/{pairId}/lessons/left")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable UUID pairId, @RequestParam UUID from, @RequestParam Taught.Kind kind) {
        lessons.leave(pairId, from, kind);
    }

    /** Proposes what was left after all. */
    @DeleteMapping("/api/pairs/{pairId}/lessons/left")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable UUID pairId, @RequestParam UUID from, @RequestParam Taught.Kind kind) {
        lessons.bringBack(pairId, from, kind);
    }

    /** What a pair that was begun is knitted again from, as it was knitted. */
    @GetMapping("/api/pairs/{pairId}/again")
    AgainView again(@PathVariable UUID pairId) {
        return lessons.again(pairId);
    }

    /** What goes with a pair that is deleted, in words. */
    @GetMapping("/api/pairs/{pairId}/goes")
    List<String> goes(@PathVariable UUID pairId) {
        return log.goes(pairId);
    }

    /** Answers a proposal; nothing is changed by it but that it is not shown again. */
    @PostMapping("/api/pairs/{pairId}/proposals/{noteId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(@PathVariable UUID pairId, @PathVariable UUID noteId, @RequestParam boolean taken) {
        log.answer(pairId, noteId, taken);
    }
}
