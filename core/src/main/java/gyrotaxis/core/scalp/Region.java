package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Require;
import java.util.List;

/**
 * A region of the scalp that was drawn and named.
 *
 * @param kind what is the matter there
 * @param name what it is called, such as "behind the left ear"
 * @param rim its closed outline, from {@value #FEWEST} to {@value #MOST} points
 */
public record Region(RegionKind kind, String name, List<ScalpPoint> rim) {
    public static final int FEWEST = 3;
    public static final int MOST = 60;
    public static final int LONGEST_NAME = 60;

    public Region {
        name = Require.text(name, LONGEST_NAME, "name");
        rim = List.copyOf(rim);
        Require.inRange(rim.size(), FEWEST, MOST, "points of the region", "");
    }
}
