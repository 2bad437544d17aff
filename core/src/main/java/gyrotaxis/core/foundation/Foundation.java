package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.LostEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * All rows of a head.
 *
 * @param rows by section, then by number
 * @param earLine the section line over the top, from the client's left to her right
 * @param isMirrored whether the right side is the exact mirror image of the left
 * @param gaps where parts could run between front rows, from the client's left to her right
 * @param parts the wearing parts, likewise
 * @param crossings where one row runs over another
 * @param cap the mesh cap over the back, if there is one
 * @param mesh pieces of mesh sewn over gaps
 * @param lostEdits edits that make no sense any more
 * @param braidedEdge the line within which hair is braided, a closed map polygon
 * @param braidedMm2 area within it that no region keeps rows out of, mm²
 * @param setBackMm how far first shares are set back by wish, mm, at least 0
 */
public record Foundation(
        List<Row> rows,
        Path earLine,
        boolean isMirrored,
        List<PartGap> gaps,
        List<LaidPart> parts,
        List<Crossing> crossings,
        Optional<Cap> cap,
        List<MeshPiece> mesh,
        List<LostEdit> lostEdits,
        List<Vec2> braidedEdge,
        double braidedMm2,
        double setBackMm) {
    /** Twins are found by where they run, within this, mm. */
    private static final double TWIN_MM = 0.5;

    public Foundation {
        rows = Require.notEmpty(
                rows.stream().sorted(Comparator.comparing(Row::id)).toList(), "rows");
        gaps = List.copyOf(gaps);
        parts = List.copyOf(parts);
        crossings = List.copyOf(crossings);
        mesh = List.copyOf(mesh);
        lostEdits = List.copyOf(lostEdits);
        braidedEdge = List.copyOf(braidedEdge);
        Require.atLeast(0, setBackMm, "setBackMm", "mm");
    }

    /** All that loops can be hooked to: the rows, and the lines of cap and mesh, which nobody braids. */
    public List<Row> carriers() {
        return Stream.of(
                        rows.stream(),
                        cap.stream().flatMap(c -> c.lines().stream()),
                        mesh.stream().map(MeshPiece::line))
                .flatMap(Function.identity())
                .toList();
    }

    /** The rows, or lines of mesh, of one section, by number. */
    public List<Row> rowsOf(Section section) {
        return carriers().stream().filter(r -> r.id().section() == section).toList();
    }

    /** A row, or a line of mesh, by its name. */
    public Optional<Row> row(RowId id) {
        return carriers().stream().filter(r -> r.id().equals(id)).findFirst();
    }

    /**
     * The row that lies as this one does on the other side of the midline: itself if it lies on the midline, empty if
     * the foundation is not mirrored or rows here have no twins.
     */
    public Optional<Row> mirrorOf(Row row) {
        return isMirrored ? twinOf(row, rows) : Optional.empty();
    }

    /** The row that lies on the other side as this one does: itself on the midline, empty if rows here have no twins. */
    public static Optional<Row> twinOf(Row row, List<Row> rows) {
        if (!row.id().section().isLateral()) {
            return Optional.empty();
        }
        return rows.stream()
                .filter(r -> r.id().section() == row.id().section())
                .filter(r -> mirrors(r.path().chart(), row.path().chart()))
                .findFirst();
    }

    /** By both ends and the middle: halves of a perimeter braid have both ends in common. */
    private static boolean mirrors(List<Vec2> a, List<Vec2> b) {
        return a.size() == b.size()
                && Stream.of(0, a.size() / 2, a.size() - 1)
                        .allMatch(i -> a.get(i).distance(b.get(i).mirrored()) < TWIN_MM);
    }

    /** Whether front rows join into rows behind alike on both sides. */
    public boolean joinsMatch() {
        List<Long> sizes = rows.stream()
                .filter(r -> r.id().section() == Section.BACK)
                .map(back -> rows.stream()
                        .filter(r -> r.joins().equals(Optional.of(back.id())))
                        .count())
                .toList();
        return IntStream.range(0, sizes.size()).allMatch(i -> sizes.get(i).equals(sizes.get(sizes.size() - 1 - i)));
    }

    /** Whether there is a cap that is hooked off the head, before the client comes. */
    public boolean hasCapHookedOff() {
        return cap.filter(Cap::isHookedOff).isPresent();
    }

    /** True length of all rows, mm. */
    public double lengthMm() {
        return rows.stream().mapToDouble(Row::lengthMm).sum();
    }
}
