package gyrotaxis.server.contacts;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.server.book.Client;
import gyrotaxis.server.contacts.Cards.Card;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Cards are read as they were written, and as others write them. */
class CardsTest {
    private static final String LETTERS = "ab ,;:\\\"'\n=ÄøЊ字😀.1";

    private static String text(Random random, int most) {
        int[] points = LETTERS.codePoints().toArray();
        StringBuilder text = new StringBuilder();
        int n = random.nextInt(most);
        for (int i = 0; i < n; i++) {
            text.appendCodePoint(points[random.nextInt(points.length)]);
        }
        return text.toString().strip();
    }

    private static List<Card> read(String cards) {
        return Cards.read(cards.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void whateverIsWrittenIsReadAgain() {
        Random random = new Random(17);
        for (int i = 0; i < 1_000; i++) {
            List<Client> clients = new ArrayList<>();
            for (int k = random.nextInt(4); k >= 0; k--) {
                clients.add(new Client(
                        new UUID(random.nextLong(), random.nextLong()),
                        "x" + text(random, 9).replace("\n", " "),
                        text(random, 90),
                        text(random, 90),
                        OwnHair.ordinary(),
                        1,
                        Instant.EPOCH));
            }
            List<Card> cards = Cards.read(Cards.write(clients));
            assertThat(cards).hasSameSizeAs(clients);
            for (int k = 0; k < cards.size(); k++) {
                Client c = clients.get(k);
                assertThat(cards.get(k).id()).contains(c.id());
                assertThat(cards.get(k).name()).isEqualTo(c.name());
                assertThat(cards.get(k).notes()).isEqualTo(c.notes());
                assertThat(cards.get(k).wishes().orElse("")).isEqualTo(c.wishes());
            }
        }
    }

    @Test
    void olderCardsAreReadAndWhatTheBookHasNoPlaceForIsNamed() {
        Card three = read("""
                        BEGIN:VCARD\r
                        VERSION:3.0\r
                        N:Halyard;Wren;;;\r
                        FN:Wren Halyard\r
                        TEL;TYPE=CELL:555 0100\r
                        NOTE:two lines\\n\\, and a comma\r
                        END:VCARD\r
                        """).get(0);
        assertThat(three.name()).isEqualTo("Wren Halyard");
        assertThat(three.notes()).isEqualTo("two lines\n, and a comma");
        assertThat(three.more()).containsExactly("telephone");
        assertThat(three.id()).isEqualTo(Optional.empty());
        Card two = read("""
                        BEGIN:VCARD\r
                        VERSION:2.1\r
                        N;CHARSET=UTF-8;ENCODING=QUOTED-PRINTABLE:B=C3=B8ye;Ola\r
                        END:VCARD\r
                        """).get(0);
        assertThat(two.name()).isEqualTo("Ola Bøye");
    }

    @Test
    void whatIsNoCardIsNone() {
        assertThat(read("")).isEmpty();
        assertThat(read("a list of things")).isEmpty();
        assertThat(read("\u0000\u0001")).isEmpty();
    }

    @Test
    void greatFilesComeToAnEnd() {
        String one = "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Wren\r\nEND:VCARD\r\n";
        int many = 2_000_000 / one.length();
        assertThat(read(one.repeat(many))).hasSize(many);
        assertThat(read("BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Wren\r\nPHOTO;ENCODING=b:" + "QUJD".repeat(2_000_000)
                        + "\r\nEND:VCARD\r\n"))
                .singleElement()
                .satisfies(c -> assertThat(c.more()).containsExactly("picture"));
        assertThat(read("BEGIN:VCARD\r\nVERSION:2.1\r\nAGENT:\r\n".repeat(20_000)))
                .isNotNull();
    }
}
