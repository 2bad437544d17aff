package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;

/**
 * A piece of mesh sewn over a gap, to give more places to hook.
 *
 * @param chart its middle on the map, mm
 * @param space its middle in space, scalp frame, mm
 * @param radiusMm how far it reaches, mm
 * @param line the line of holes that loops are hooked to
 */
public record MeshPiece(Vec2 chart, Vec3 space, double radiusMm, Row line) {
    /** ASSUMPTION: what covers a gap where rows change direction, a finger and a half across. */
    public static final double RADIUS_MM = 14;

    /** Area of mesh, mm². */
    public double areaMm2() {
        return Math.PI * radiusMm * radiusMm;
    }
}
