package gyrotaxis.server.contacts;

import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.server.book.Client;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.book.Head;
import gyrotaxis.server.contacts.Cards.Card;
import gyrotaxis.server.shared.Stale;
import gyrotaxis.server.tables.Lines;
import gyrotaxis.server.text.FoldedText;
import gyrotaxis.server.text.WrittenText;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gives clients out as cards, and takes cards in: all of them, or none where something is wrong. */
@Service
class ContactService {
    /** So many are read at once. */
    private static final int MAX_READ = 50_000;

    private static final int MAX_LINES = 400_000;

    /** More than this is not told one by one. */
    private static final int MAX_TOLD = 200;

    private final ClientRepository book;
    private final Clock clock;

    ContactService(ClientRepository book, Clock clock) {
        this.book = book;
        this.clock = clock;
    }

    /**
     * What cards would do, or did.
     *
     * @param isKept whether it was done
     * @param added clients that are not in the book
     * @param changed clients of whom something is otherwise
     * @param left clients who are in the book as they stand on their cards
     * @param changes the first of those that are new or changed
     * @param passedOver what stands on the cards that the book has no place for
     * @param faults what is wrong; nothing is done then
     */
    record CardsRead(
            boolean isKept,
            int added,
            int changed,
            int left,
            List<CardChange> changes,
            List<String> passedOver,
            List<CardFault> faults) {}

    /** Whom a card is of, and what becomes otherwise by it; {@code isNew} if she is not in the book. */
    record CardChange(int card, String name, boolean isNew, List<String> what) {}

    /** What is wrong with a card, from 1; 0 if all of the file is wrong. */
    record CardFault(int card, String name, String field, String reason) {}

    @Transactional(readOnly = true)
    public byte[] written() {
        return Cards.write(everybody());
    }

    private List<Client> everybody() {
        return book.find(List.of(), 0, Integer.MAX_VALUE).clients();
    }

    @Transactional
    public CardsRead read(byte[] file, boolean isKept) {
        if (Lines.beginning(file, "BEGIN:") > MAX_READ || Lines.of(file) > MAX_LINES) {
            return refused("At most " + MAX_READ + " cards can be read at once.");
        }
        List<Card> cards = Cards.read(file);
        if (cards.isEmpty()) {
            return refused("There is no card in this file. Save contacts as vCard (.vcf).");
        }
        Map<UUID, Client> byId = new HashMap<>();
        Map<String, Client> byName = new HashMap<>();
        everybody().forEach(c -> {
            byId.put(c.id(), c);
            byName.putIfAbsent(folded(c.name()), c);
        });
        List<CardFault> faults = faults(cards);
        List<CardChange> changes = new ArrayList<>();
        List<Client> added = new ArrayList<>();
        List<Client> changed = new ArrayList<>();
        Instant now = clock.instant();
        for (Card card : faults.isEmpty() ? cards : List.<Card>of()) {
            Optional<Client> known =
                    card.id().map(byId::get).or(() -> Optional.ofNullable(byName.get(folded(card.name()))));
            if (known.isEmpty()) {
                added.add(new Client(
                        card.id().orElseGet(UUID::randomUUID),
                        card.name(),
                        card.wishes().orElse(""),
                        card.notes(),
                        OwnHair.ordinary(),
                        1,
                        now));
                changes.add(new CardChange(card.number(), card.name(), true, List.of()));
            } else {
                Client then = otherwise(known.get(), card);
                List<String> what = what(known.get(), then);
                if (!what.isEmpty()) {
                    changed.add(then);
                    changes.add(new CardChange(card.number(), card.name(), false, what));
                }
            }
        }
        boolean isDone = isKept && faults.isEmpty();
        if (isDone) {
            added.forEach(c -> {
                book.add(c);
                book.add(new Head(UUID.randomUUID(), c.id(), now, HeadRecord.of(HeadMeasures.medium())));
            });
            changed.forEach(this::change);
        }
        Set<String> passedOver = new LinkedHashSet<>();
        cards.forEach(c -> passedOver.addAll(c.more()));
        return new CardsRead(
                isDone,
                added.size(),
                changed.size(),
                faults.isEmpty() ? cards.size() - added.size() - changed.size() : 0,
                changes.stream().limit(MAX_TOLD).toList(),
                List.copyOf(passedOver),
                faults.stream().limit(MAX_TOLD).toList());
    }

    private void change(Client c) {
        if (book.change(c).isEmpty()) {
            throw new Stale("Somebody changed " + c.name() + " in the meantime. Read the cards again.", c.id());
        }
    }

    private static CardsRead refused(String reason) {
        return new CardsRead(false, 0, 0, 0, List.of(), List.of(), List.of(new CardFault(0, "", "", reason)));
    }

    /** What stands on a card is taken over; what does not stand there stays as it is. */
    private static Client otherwise(Client c, Card card) {
        return new Client(
                c.id(),
                card.name(),
                card.wishes().orElse(c.wishes()),
                card.notes().isEmpty() ? c.notes() : card.notes(),
                c.ownHair(),
                c.version(),
                c.createdAt());
    }

    private static List<String> what(Client was, Client is) {
        List<String> what = new ArrayList<>();
        if (!was.name().equals(is.name())) {
            what.add("name, was " + was.name());
        }
        if (!was.notes().equals(is.notes())) {
            what.add("notes");
        }
        if (!was.wishes().equals(is.wishes())) {
            what.add("wishes");
        }
        return what;
    }

    private static List<CardFault> faults(List<Card> cards) {
        List<CardFault> faults = new ArrayList<>();
        Set<String> names = new HashSet<>();
        Set<UUID> ids = new HashSet<>();
        for (Card c : cards) {
            if (c.name().isEmpty()) {
                faults.add(new CardFault(c.number(), "", "name", "The card has no name (FN). Give it one."));
            } else if (c.name().length() > Client.MAX_NAME_LENGTH) {
                faults.add(tooLong(c, "name", c.name().length(), Client.MAX_NAME_LENGTH));
            }
            if (!WrittenText.isLine(c.name())) {
                faults.add(unfit(c, "name"));
            }
            if (!WrittenText.isLines(c.notes())) {
                faults.add(unfit(c, "notes"));
            }
            if (!WrittenText.isLines(c.wishes().orElse(""))) {
                faults.add(unfit(c, "wishes"));
            }
            if (c.notes().length() > Client.MAX_NOTES_LENGTH) {
                faults.add(tooLong(c, "notes", c.notes().length(), Client.MAX_NOTES_LENGTH));
            }
            if (c.wishes().orElse("").length() > Client.MAX_WISHES_LENGTH) {
                faults.add(tooLong(c, "wishes", c.wishes().orElse("").length(), Client.MAX_WISHES_LENGTH));
            }
            boolean isTwice = c.id().isPresent() ? !ids.add(c.id().get()) : !names.add(folded(c.name()));
            if (isTwice && !c.name().isEmpty()) {
                faults.add(new CardFault(
                        c.number(), c.name(), "name", "There are two cards of her. Leave one of them away."));
            }
        }
        return faults;
    }

    private static CardFault unfit(Card c, String field) {
        return new CardFault(
                c.number(),
                WrittenText.fit(c.name()),
                field,
                "It holds a character that cannot be shown. Type it anew in your contacts.");
    }

    private static CardFault tooLong(Card c, String field, int length, int most) {
        return new CardFault(
                c.number(), c.name(), field, "It has " + length + " letters; at most " + most + " can be kept.");
    }

    private static String folded(String name) {
        return String.join(" ", FoldedText.words(name));
    }
}
