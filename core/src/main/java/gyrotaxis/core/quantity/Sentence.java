package gyrotaxis.core.quantity;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What is said to a stylist: words, and between them figures that are not yet written in a unit.
 *
 * @param pieces in the order in which they are said; no two words follow each other
 */
public record Sentence(List<Piece> pieces) {
    private static final double MM_PER_CM = 10;
    private static final double MM2_PER_CM2 = 100;
    private static final double ALL_PERCENT = 100;

    /** A piece of a sentence: words or a figure. */
    public sealed interface Piece permits Words, Quantity {}

    /**
     * Words as they are said, with their spaces.
     *
     * @param text not empty
     */
    public record Words(String text) implements Piece {}

    public Sentence {
        pieces = List.copyOf(pieces);
    }

    /**
     * Words and figures, as they follow each other.
     *
     * @param said texts, {@link Quantity quantities}, other sentences; whole numbers count as words
     * @throws IllegalArgumentException if anything else is among them
     */
    public static Sentence of(Object... said) {
        List<Piece> pieces = new ArrayList<>();
        for (Object one : said) {
            if (one instanceof Sentence s) {
                s.pieces.forEach(p -> append(pieces, p));
            } else if (one instanceof Quantity q) {
                append(pieces, q);
            } else if (one instanceof String || one instanceof Integer || one instanceof Long) {
                append(pieces, new Words(one.toString()));
            } else {
                throw new IllegalArgumentException(
                        "said is " + one + " but must be words, a quantity or a sentence: give a figure its kind");
            }
        }
        return new Sentence(pieces);
    }

    private static void append(List<Piece> pieces, Piece piece) {
        int last = pieces.size() - 1;
        if (piece instanceof Words w) {
            if (w.text().isEmpty()) {
                return;
            }
            if (last >= 0 && pieces.get(last) instanceof Words before) {
                pieces.set(last, new Words(before.text() + w.text()));
                return;
            }
        }
        pieces.add(piece);
    }

    /** The same with a capital at its start, if it starts with a word. */
    public Sentence capital() {
        if (pieces.isEmpty() || !(pieces.get(0) instanceof Words first)) {
            return this;
        }
        List<Piece> all = new ArrayList<>(pieces);
        all.set(
                0,
                new Words(first.text().substring(0, 1).toUpperCase(Locale.ROOT)
                        + first.text().substring(1)));
        return new Sentence(all);
    }

    /** The same, said of somebody who is spoken of otherwise. */
    public Sentence saidOf(Pronoun pronoun) {
        return new Sentence(pieces.stream()
                .map(p -> p instanceof Words w ? new Words(pronoun.said(w.text())) : p)
                .toList());
    }

    /** All in one line, metric: for logs, and for readers that cannot choose. */
    @Override
    public String toString() {
        StringBuilder all = new StringBuilder();
        pieces.forEach(p -> all.append(p instanceof Words w ? w.text() : metric((Quantity) p)));
        return all.toString();
    }

    private static String metric(Quantity q) {
        return switch (q.kind()) {
            case LENGTH_MM -> String.format(Locale.ROOT, "%.1f cm", q.value() / MM_PER_CM);
            case AREA_MM2 -> String.format(Locale.ROOT, "%.1f cm²", q.value() / MM2_PER_CM2);
            case GRAMS -> String.format(Locale.ROOT, "%.0f g", q.value());
            case GRAMS_PER_CM -> String.format(Locale.ROOT, "%.1f g on every cm", q.value());
            case MINUTES ->
                Math.round(q.value()) == 1 ? "1 minute" : String.format(Locale.ROOT, "%.0f minutes", q.value());
            case PART -> String.format(Locale.ROOT, "%.0f %%", q.value() * ALL_PERCENT);
            case COUNT -> String.format(Locale.ROOT, "%.0f", q.value());
            case TIMES -> String.format(Locale.ROOT, "%.1f times", q.value());
        };
    }
}
