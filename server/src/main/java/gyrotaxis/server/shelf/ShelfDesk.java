package gyrotaxis.server.shelf;

import gyrotaxis.server.language.HairInUse;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts hair on the shelf, changes and finds it. */
@Service
@Transactional
class ShelfDesk {
    private final Shelf shelf;
    private final StarterSet starters;
    private final HairInUse used;

    ShelfDesk(Shelf shelf, StarterSet starters, HairInUse used) {
        this.shelf = shelf;
        this.starters = starters;
        this.used = used;
    }

    @Transactional(readOnly = true)
    List<HairLineView> all() {
        return shelf.all().stream().map(HairLineView::of).toList();
    }

    HairLineView add(HairLineBody body) {
        StockedLine line = body.toLine(UUID.randomUUID());
        shelf.add(line);
        return HairLineView.of(line);
    }

    List<HairLineView> addStarters() {
        if (shelf.all().stream().noneMatch(StockedLine::isStarter)) {
            starters.lines().forEach(shelf::add);
        }
        return all();
    }

    List<HairLineView> removeStarters() {
        shelf.removeStarters(used.hairInUse());
        return all();
    }

    HairLineView change(UUID id, HairLineBody body) {
        StockedLine line = body.toLine(id);
        return shelf.change(line).map(HairLineView::of).orElseThrow(() -> {
            StockedLine current =
                    shelf.find(id).orElseThrow(() -> new NotFound("This hair is no longer on the shelf."));
            return new Stale(
                    "Somebody changed " + current.hair().name() + " in the meantime.", HairLineView.of(current));
        });
    }
}
