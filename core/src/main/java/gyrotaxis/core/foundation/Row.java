package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Optional;

/**
 * One cornrow, or one individual plait.
 *
 * @param id unique in its foundation
 * @param path the way it is braided
 * @param strips the area of scalp whose hair goes into it, as closed map polygons without repeated last points
 * @param braidWidthMm thickness of the plait, mm, greater than 0; an estimate
 * @param joins the row it becomes part of where it ends; empty if it ends on its own
 * @param lead where the pattern sends its end, if it does
 * @param use what it is for
 */
public record Row(
        RowId id,
        Path path,
        List<List<Vec2>> strips,
        double braidWidthMm,
        Optional<RowId> joins,
        Optional<Lead> lead,
        RowUse use) {

    /**
     * Where a pattern sends the end of a row.
     *
     * @param into the row that takes it
     * @param at where, as a part of that row's length, in [0, 1]
     * @param isLaid whether it is laid down and braided over, instead of being braided in
     */
    public record Lead(RowId into, double at, boolean isLaid) {
        public Lead {
            Require.inRange(at, 0, 1, "at", "");
        }

        /** An end that is braided in. */
        public static Lead fed(RowId into, double at) {
            return new Lead(into, at, false);
        }
    }

    public Row {
        strips = strips.stream().map(List::copyOf).toList();
        Require.atLeast(0.1, braidWidthMm, "braidWidthMm", "mm");
        if (joins.isPresent() && lead.isPresent()) {
            throw new IllegalArgumentException(
                    id + " joins " + joins + " and is led into " + lead + "; only one is possible");
        }
    }

    /** A hooked row with one strip that ends on its own. */
    public static Row of(RowId id, Path path, List<Vec2> strip, double braidWidthMm) {
        return new Row(id, path, List.of(strip), braidWidthMm, Optional.empty(), Optional.empty(), RowUse.HOOKED);
    }

    /** The same, becoming part of another row where it ends. */
    public Row joining(RowId into) {
        return new Row(id, path, strips, braidWidthMm, Optional.of(into), Optional.empty(), use);
    }

    /** The same, its end led somewhere. */
    public Row led(Lead to) {
        return new Row(id, path, strips, braidWidthMm, Optional.empty(), Optional.of(to), use);
    }

    /** The same, ending on its own. */
    public Row ending() {
        return new Row(id, path, strips, braidWidthMm, Optional.empty(), Optional.empty(), use);
    }

    /** The same for another use. */
    public Row used(RowUse other) {
        return new Row(id, path, strips, braidWidthMm, joins, lead, other);
    }

    /** The same along another way; ends, strips and thickness stay. */
    public Row along(Path other) {
        return new Row(id, other, strips, braidWidthMm, joins, lead, use);
    }

    /** The same with another name. */
    public Row named(RowId other) {
        return new Row(other, path, strips, braidWidthMm, joins, lead, use);
    }

    /** The same gathering other strips into a plait of another thickness. */
    public Row over(List<List<Vec2>> other, double widthMm) {
        return new Row(id, path, other, widthMm, joins, lead, use);
    }

    /** True length on the scalp, mm. */
    public double lengthMm() {
        return path.lengthMm();
    }

    /** Area of scalp whose hair goes into it, mm². */
    public double stripAreaMm2() {
        return strips.stream().mapToDouble(Scalp::areaMm2).sum();
    }

    /** Mean width of the strip of scalp that it gathers, mm. */
    public double stripWidthMm() {
        return stripAreaMm2() / lengthMm();
    }
}
