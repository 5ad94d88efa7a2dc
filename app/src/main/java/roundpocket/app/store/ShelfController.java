package roundpocket.app.store;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;

/** The door to a shelf: list, create, read, update with the version that was read, delete. */
public abstract class ShelfController<W extends StoredWrite, V> {
    private final Shelf<?, W, V> shelf;

    protected ShelfController(Shelf<?, W, V> shelf) {
        this.shelf = shelf;
    }

    @GetMapping
    public List<V> list() {
        return shelf.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    public V create(@RequestBody W write) {
        return shelf.create(write);
    }

    @GetMapping("/{id}")
    public V read(@PathVariable UUID id) {
        return shelf.read(id);
    }

    @PutMapping("/{id}")
    public V update(@PathVariable UUID id, @RequestBody W write) {
        return shelf.update(id, write);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public void delete(@PathVariable UUID id, @RequestParam long version) {
        shelf.delete(id, version);
    }
}
