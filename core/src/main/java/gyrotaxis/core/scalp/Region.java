package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Require;
import java.util.List;

/**
 * A region of the scalp that was drawn and named.
 *
 * @param kind what is the matter there
 * @param name what it is called, such as "behind the left ear"
 * @param rim its closed outline, from {@value #FEWEST} to {@value #MAX} points
 */
public record Region(RegionKind kind, String name, List<ScalpPoint> rim) {
    public static final int FEWEST = 3;
    public static final int MAX = 60;
    public static final int MAX_NAME_LENGTH = 60;

    public Region {
        name = Require.text(name, MAX_NAME_LENGTH, "name");
        rim = List.copyOf(rim);
        Require.inRange(rim.size(), FEWEST, MAX, "points of the region", "");
    }
}
