package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.scalp.Scalp;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * All rows of a head.
 *
 * @param rows by section, then from the client's left to her right
 * @param earLine the section line over the top, from the client's left to her right
 * @param isMirrored whether the right side is the exact mirror image of the left
 * @param gaps where parts could run between front rows, from the client's left to her right
 * @param parts the wearing parts, likewise
 */
public record Foundation(List<Row> rows, Path earLine, boolean isMirrored, List<PartGap> gaps, List<LaidPart> parts) {
    public Foundation {
        rows = Require.notEmpty(
                rows.stream().sorted(Comparator.comparing(Row::id)).toList(), "rows");
        gaps = List.copyOf(gaps);
        parts = List.copyOf(parts);
    }

    /** The rows of one section, from the client's left to her right. */
    public List<Row> rowsOf(Section section) {
        return rows.stream().filter(r -> r.id().section() == section).toList();
    }

    /**
     * The row that lies as this one does on the other side of the midline: itself if it lies on the midline, empty if
     * the foundation is not mirrored.
     */
    public Optional<Row> mirrorOf(Row row) {
        if (!isMirrored) {
            return Optional.empty();
        }
        List<Row> section = rowsOf(row.id().section());
        return Optional.of(section.get(section.size() - row.id().number()));
    }

    /** Whether front rows join into back rows alike on both sides. */
    public boolean joinsMatch() {
        List<Long> sizes = rowsOf(Section.BACK).stream()
                .map(back -> rows.stream()
                        .filter(r -> r.joins().equals(Optional.of(back.id())))
                        .count())
                .toList();
        return IntStream.range(0, sizes.size()).allMatch(i -> sizes.get(i).equals(sizes.get(sizes.size() - 1 - i)));
    }

    /** True length of all rows, mm. */
    public double lengthMm() {
        return rows.stream().mapToDouble(Row::lengthMm).sum();
    }

    /** Mean width of the strip of scalp that a row gathers, mm. */
    public static double stripWidthMm(Row row) {
        return Scalp.areaMm2(row.strip()) / row.lengthMm();
    }
}
