package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Require;
import java.util.List;

/**
 * A mesh cap over the back. It is hooked to in a lattice of its own, whatever rows lie beneath.
 *
 * @param edge its front edge, from the client's left to her right
 * @param area its outline on the map, without a repeated last point
 * @param lines the lines of holes that loops are hooked to, from the front edge back, each from her left to her right
 * @param mesh its holes
 * @param isHookedOff whether it is hooked off the head, before the client comes
 * @param isOnCombs whether it sits on combs and comes off again, instead of being sewn on
 */
public record Cap(Path edge, List<Vec2> area, List<Row> lines, Mesh mesh, boolean isHookedOff, boolean isOnCombs) {
    public Cap {
        area = List.copyOf(area);
        lines = Require.notEmpty(lines, "lines");
    }
}
