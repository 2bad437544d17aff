package gyrotaxis.server.book;

import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import gyrotaxis.server.text.FoldedText;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes clients down, changes, finds and erases them. */
@Service
@Transactional
class ClientService {
    private static final int MAX_LISTED = 100;

    private final ClientRepository book;
    private final UnderWay underWay;
    private final Clock clock;

    ClientService(ClientRepository book, UnderWay underWay, Clock clock) {
        this.book = book;
        this.underWay = underWay;
        this.clock = clock;
    }

    /** Clients as their names are typed, by any part and with or without accents. */
    @Transactional(readOnly = true)
    ClientsView list(String typed, int from, int most) {
        ClientRepository.Found found =
                book.find(FoldedText.words(typed), Math.max(0, from), Math.max(1, Math.min(MAX_LISTED, most)));
        Map<UUID, List<Head>> heads =
                book.heads(found.clients().stream().map(Client::id).collect(Collectors.toSet())).stream()
                        .collect(Collectors.groupingBy(Head::clientId));
        return new ClientsView(
                found.clients().stream()
                        .map(c -> ClientView.of(c, heads.getOrDefault(c.id(), List.of())))
                        .toList(),
                found.count());
    }

    @Transactional(readOnly = true)
    ClientView find(UUID id) {
        return view(client(id));
    }

    ClientView add(ClientBody body) {
        ClientBody.Checked c = body.check(true);
        Client client = new Client(UUID.randomUUID(), c.name(), c.wishes(), c.notes(), c.ownHair(), 1, clock.instant());
        book.add(client);
        keepHead(client, c.head(), body.head() != null && body.head().hasDrawing());
        return view(client);
    }

    ClientView change(UUID id, ClientBody body) {
        ClientBody.Checked c = body.check(false);
        Client stored = client(id);
        Client changed = book.change(new Client(
                        id, c.name(), c.wishes(), c.notes(), c.ownHair(), body.version(), stored.createdAt()))
                .orElseThrow(() -> new Stale("Somebody changed " + stored.name() + " in the meantime.", view(stored)));
        keepHead(changed, c.head(), body.head() != null && body.head().hasDrawing());
        return view(changed);
    }

    /** Erases a client with all that is kept of her; not while somebody works on her. */
    void erase(UUID id) {
        Fields f = new Fields();
        underWay.with(id).ifPresent(why -> f.problem("client", why));
        f.orRefuse(() -> id);
        if (!book.erase(id)) {
            throw noClient();
        }
    }

    ClientView addHead(UUID id, HeadBody body) {
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
        return book.client(id).orElseThrow(ClientService::noClient);
    }

    private ClientView view(Client client) {
        return ClientView.of(client, book.heads(client.id()));
    }

    private static NotFound noClient() {
        return new NotFound("This client is no longer in the book.");
    }
}
