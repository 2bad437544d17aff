package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Require;
import java.util.List;
import java.util.Optional;

/**
 * One cornrow.
 *
 * @param id unique in its foundation
 * @param path the way it is braided
 * @param strip the area of scalp whose hair goes into it, a closed map polygon without a repeated last point
 * @param braidWidthMm thickness of the plait, mm, greater than 0; an estimate
 * @param joins the row it becomes part of where it ends; empty if it ends on its own
 */
public record Row(RowId id, Path path, List<Vec2> strip, double braidWidthMm, Optional<RowId> joins) {
    public Row {
        strip = List.copyOf(strip);
        Require.atLeast(0.1, braidWidthMm, "braidWidthMm", "mm");
    }

    /** True length on the scalp, mm. */
    public double lengthMm() {
        return path.lengthMm();
    }
}
