package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import java.util.List;

/**
 * A mesh cap over the back.
 *
 * @param edge its front edge, from the client's left to her right
 * @param area its outline on the map, without a repeated last point
 * @param isWideMesh whether its holes are the wide ones
 * @param isHookedOff whether it is hooked off the head, before the client comes
 * @param isOnCombs whether it sits on combs and comes off again, instead of being sewn on
 */
public record Cap(Path edge, List<Vec2> area, boolean isWideMesh, boolean isHookedOff, boolean isOnCombs) {
    public Cap {
        area = List.copyOf(area);
    }
}
