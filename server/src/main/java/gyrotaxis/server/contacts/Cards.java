package gyrotaxis.server.contacts;

import ezvcard.Ezvcard;
import ezvcard.VCard;
import ezvcard.VCardVersion;
import ezvcard.property.Note;
import ezvcard.property.Revision;
import ezvcard.property.StructuredName;
import ezvcard.property.Uid;
import gyrotaxis.server.book.Client;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Clients as vCard: written as 4.0, RFC 6350, and read as 4.0, 3.0 and 2.1. */
final class Cards {
    /** By this a note is known as what she wants; address books show it as one more note, and keep what they do not know. */
    private static final String KIND = "X-GYROTAXIS";

    private static final String WISHES = "wishes";

    private static final Pattern OURS =
            Pattern.compile("urn:uuid:([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})", Pattern.CASE_INSENSITIVE);

    private Cards() {}

    /**
     * A card, as it was read; nothing in it is checked.
     *
     * @param number from 1, in the order in which they stand in the file
     * @param id by which the book knows her, if it stands there
     * @param name may be empty
     * @param wishes empty if they do not stand there
     * @param more what else stands in it that the book has no place for, in a stylist's words
     */
    record Card(int number, Optional<UUID> id, String name, String notes, Optional<String> wishes, List<String> more) {
        Card {
            more = List.copyOf(more);
        }
    }

    static byte[] write(List<Client> clients) {
        return Ezvcard.write(clients.stream().map(Cards::card).toList())
                .version(VCardVersion.V4_0)
                .prodId(false)
                .go()
                .getBytes(StandardCharsets.UTF_8);
    }

    private static VCard card(Client c) {
        VCard card = new VCard();
        card.setUid(new Uid("urn:uuid:" + c.id()));
        card.setFormattedName(c.name());
        card.setRevision(new Revision(c.createdAt()));
        if (!c.notes().isEmpty()) {
            card.addNote(c.notes());
        }
        if (!c.wishes().isEmpty()) {
            card.addNote(c.wishes()).setParameter(KIND, WISHES);
        }
        return card;
    }

    static List<Card> read(byte[] file) {
        List<VCard> cards =
                Ezvcard.parse(new String(file, StandardCharsets.UTF_8)).all();
        return Stream.iterate(0, i -> i < cards.size(), i -> i + 1)
                .map(i -> card(i + 1, cards.get(i)))
                .toList();
    }

    private static Card card(int number, VCard c) {
        String uid = c.getUid() == null || c.getUid().getValue() == null
                ? ""
                : c.getUid().getValue();
        Matcher ours = OURS.matcher(uid);
        return new Card(
                number,
                ours.matches() ? Optional.of(UUID.fromString(ours.group(1))) : Optional.empty(),
                name(c).strip(),
                notes(c, false),
                Optional.of(notes(c, true)).filter(w -> !w.isEmpty()),
                more(c));
    }

    private static String notes(VCard c, boolean areWishes) {
        return c.getNotes().stream()
                .filter(n -> WISHES.equals(n.getParameter(KIND)) == areWishes)
                .map(Note::getValue)
                .filter(n -> n != null && !n.isBlank())
                .map(n -> n.replace("\r\n", "\n").strip())
                .collect(Collectors.joining("\n"));
    }

    private static String name(VCard c) {
        if (c.getFormattedName() != null && c.getFormattedName().getValue() != null) {
            return c.getFormattedName().getValue();
        }
        StructuredName n = c.getStructuredName();
        return n == null
                ? ""
                : Stream.of(n.getGiven(), n.getFamily())
                        .filter(p -> p != null && !p.isBlank())
                        .collect(Collectors.joining(" "));
    }

    private static List<String> more(VCard c) {
        return Stream.of(
                        c.getTelephoneNumbers().isEmpty() ? "" : "telephone",
                        c.getEmails().isEmpty() ? "" : "mail",
                        c.getAddresses().isEmpty() ? "" : "address",
                        c.getBirthday() == null ? "" : "birthday",
                        c.getPhotos().isEmpty() ? "" : "picture")
                .filter(m -> !m.isEmpty())
                .toList();
    }
}
