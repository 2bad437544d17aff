package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;
import java.util.Set;

/**
 * A piece of mesh sewn over a gap, to give more places to hook.
 *
 * @param rim its seam, as a closed map polygon without a repeated last point
 * @param seamMm true length of the seam, mm
 * @param line the line of holes that loops are hooked to; what it gathers hair over is its strip
 * @param between the rows that it lies between and takes hair over from; empty over a small gap
 */
public record MeshPiece(List<Vec2> rim, double seamMm, Row line, Set<RowId> between) {
    /** ASSUMPTION: what covers a gap where rows change direction, a finger and a half across. */
    public static final double RADIUS_MM = 14;

    public MeshPiece {
        rim = List.copyOf(rim);
        between = Set.copyOf(between);
    }

    /** Area of mesh, mm². */
    public double areaMm2() {
        return Scalp.areaMm2(rim);
    }

    /**
     * How much of the strip of a row beside it a piece takes over at a place of that row, mm: half of the way to its line.
     *
     * @param at on the row, on the map
     * @param space the same place on the head
     */
    public double takesMm(RowId row, Vec2 at, Vec3 space) {
        double along = line.path().nearest(at);
        boolean isBeside = between.contains(row) && along > 0 && along < 1;
        return isBeside ? line.path().spaceAt(along * line.lengthMm()).distance(space) / 2 : 0;
    }
}
