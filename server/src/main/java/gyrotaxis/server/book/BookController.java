package gyrotaxis.server.book;

import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients")
@Transactional
class BookController {
    private final Book book;
    private final Clock clock;

    BookController(Book book, Clock clock) {
        this.book = book;
        this.clock = clock;
    }

    @GetMapping
    List<ClientView> list() {
        return book.clients().stream().map(this::view).toList();
    }

    @GetMapping("/{id}")
    ClientView show(@PathVariable UUID id) {
        return view(client(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ClientView add(@RequestBody ClientBody body) {
        ClientBody.Checked c = body.check(true);
        Client client = new Client(UUID.randomUUID(), c.name(), c.wishes(), c.notes(), c.ownHair(), 1, clock.instant());
        book.add(client);
        keepHead(client, c.head(), body.head() != null && body.head().isDrawn());
        return view(client);
    }

    @PutMapping("/{id}")
    ClientView change(@PathVariable UUID id, @RequestBody ClientBody body) {
        ClientBody.Checked c = body.check(false);
        Client stored = client(id);
        Client changed = book.change(new Client(
                        id, c.name(), c.wishes(), c.notes(), c.ownHair(), body.version(), stored.createdAt()))
                .orElseThrow(() -> new Stale("Somebody changed " + stored.name() + " in the meantime.", view(stored)));
        keepHead(changed, c.head(), body.head() != null && body.head().isDrawn());
        return view(changed);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable UUID id) {
        if (!book.erase(id)) {
            throw noClient();
        }
    }

    /** Keeps a head as it was taken down today, beside the older ones. */
    @PostMapping("/{id}/heads")
    @ResponseStatus(HttpStatus.CREATED)
    ClientView addHead(@PathVariable UUID id, @RequestBody HeadBody body) {
        Fields f = new Fields();
        HeadRecord head = body.check(f, "");
        Client client = client(id);
        return f.orRefuse(() -> {
            keepHead(client, head, true);
            return view(client);
        });
    }

    private void keepHead(Client client, @Nullable HeadRecord taken, boolean isDrawn) {
        if (taken == null) {
            return;
        }
        List<Head> heads = book.heads(client.id());
        // A form that only has room for the tape must not wipe out what was drawn.
        HeadRecord record =
                isDrawn || heads.isEmpty() ? taken : heads.get(0).record().withMeasures(taken.measures());
        if (heads.isEmpty() || !heads.get(0).record().equals(record)) {
            book.add(new Head(UUID.randomUUID(), client.id(), clock.instant(), record));
        }
    }

    private Client client(UUID id) {
        return book.client(id).orElseThrow(BookController::noClient);
    }

    private ClientView view(Client client) {
        return ClientView.of(client, book.heads(client.id()));
    }

    private static NotFound noClient() {
        return new NotFound("This client is no longer in the book.");
    }
}
