package gyrotaxis.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is written of a woman is said of whoever it is, and to her who works on herself. */
class PronounTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Try every part and way she wears it.|Try every part and way he wears it.|Try every part and way they wear it.|Try every part and way you wear it.",
                "This hair is coated: rinse it if she itches.|This hair is coated: rinse it if he itches.|This hair is coated: rinse it if they itch.|This hair is coated: rinse it if you itch.",
                "level, from her left to her right|level, from his left to his right|level, from their left to their right|level, from your left to your right",
                "Her own hair: washed.|His own hair: washed.|Their own hair: washed.|Your own hair: washed.",
                "test a strand first, away from her.|test a strand first, away from him.|test a strand first, away from them.|test a strand first, away from you.",
                "perhaps a child: ask her age|perhaps a child: ask his age|perhaps a child: ask their age|perhaps a child: ask your age",
                "hair like hers should bear no more|hair like his should bear no more|hair like theirs should bear no more|hair like yours should bear no more",
                "decide which of the two she wants|decide which of the two he wants|decide which of the two they want|decide which of the two you want",
                "She has 2 hours.|He has 2 hours.|They have 2 hours.|You have 2 hours.",
                "the client on herself|the client on himself|the client on themselves|the client on yourself",
                "Take it to the shelter; others, gather here.|Take it to the shelter; others, gather here.|Take it to the shelter; others, gather here.|Take it to the shelter; others, gather here."
            })
    void isSaidOfEveryone(String she, String he, String they, String you) {
        assertThat(Pronoun.SHE.said(she)).isEqualTo(she);
        assertThat(Pronoun.HE.said(she)).isEqualTo(he);
        assertThat(Pronoun.THEY.said(she)).isEqualTo(they);
        assertThat(Pronoun.YOU.said(she)).isEqualTo(you);
    }

    @Test
    void figuresStayAsTheyAre() {
        Sentence s = Sentence.of("Move it ", Quantity.mm(30), " to her left");
        assertThat(s.saidOf(Pronoun.THEY).toString()).isEqualTo("Move it 3.0 cm to their left");
    }
}
