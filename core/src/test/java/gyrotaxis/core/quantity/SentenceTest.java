package gyrotaxis.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import gyrotaxis.core.quantity.Quantity.Kind;
import gyrotaxis.core.quantity.Sentence.Words;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class SentenceTest {
    @Test
    void keepsFiguresApartFromWordsAndJoinsWordsThatFollowEachOther() {
        Sentence s = Sentence.of("part ", 2, " shows ", Quantity.mm(4.5), " of ", "scalp.");
        assertThat(s.pieces())
                .containsExactly(
                        new Words("part 2 shows "), new Quantity(Kind.LENGTH_MM, 4.5), new Words(" of scalp."));
        assertThat(s.capital().pieces().get(0)).isEqualTo(new Words("Part 2 shows "));
        assertThat(s).asString().isEqualTo("part 2 shows 0.5 cm of scalp.");
    }

    @Test
    void aSentenceInASentenceIsOneSentence() {
        Sentence place = Sentence.of(Quantity.mm(30), " behind the crown");
        assertThat(Sentence.of("Ends loose ", place, ".").pieces())
                .containsExactly(
                        new Words("Ends loose "), new Quantity(Kind.LENGTH_MM, 30), new Words(" behind the crown."));
        assertThat(place.capital()).isEqualTo(place);
        assertThat(Sentence.of("", "").capital().pieces()).isEmpty();
    }

    @Test
    void everyKindIsWrittenInItsMetricUnit() {
        List<String> written = Arrays.stream(Kind.values())
                .map(kind -> Sentence.of(new Quantity(kind, 0.25)).toString())
                .toList();
        assertThat(written)
                .containsExactly(
                        "0.0 cm", "0.0 cm²", "0 g", "0.3 g on every cm", "0 minutes", "25 %", "0", "0.3 times");
    }

    @Test
    void aBareFigureIsRefusedSinceNobodyCouldSayItsUnit() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Sentence.of("about ", 4.5))
                .withMessageContaining("4.5");
        assertThatIllegalArgumentException().isThrownBy(() -> Quantity.mm(Double.NaN));
    }
}
