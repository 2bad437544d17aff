package gyrotaxis.server.shelf;

import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/hair-lines")
@Transactional
class ShelfController {
    private final Shelf shelf;

    ShelfController(Shelf shelf) {
        this.shelf = shelf;
    }

    @GetMapping
    List<HairLineView> list() {
        return shelf.all().stream().map(HairLineView::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    HairLineView add(@RequestBody HairLineBody body) {
        StockedLine line = body.toLine(UUID.randomUUID());
        shelf.add(line);
        return HairLineView.of(line);
    }

    @PutMapping("/{id}")
    HairLineView change(@PathVariable UUID id, @RequestBody HairLineBody body) {
        StockedLine line = body.toLine(id);
        return shelf.change(line).map(HairLineView::of).orElseThrow(() -> {
            StockedLine current =
                    shelf.find(id).orElseThrow(() -> new NotFound("This hair line is no longer on the shelf."));
            return new Stale(
                    "Somebody changed " + current.hair().name() + " in the meantime.", HairLineView.of(current));
        });
    }
}
