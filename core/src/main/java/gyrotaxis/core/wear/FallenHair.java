package gyrotaxis.core.wear;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.StationId;
import java.util.List;

/**
 * How the hair of one share lies and hangs.
 *
 * @param station where it is hooked
 * @param line its middle from the root to the tip, scalp frame, mm; at least 2 points
 * @param onHead how many of the points lie on the head; the rest hang free
 */
public record FallenHair(StationId station, List<Vec3> line, int onHead) {
    public FallenHair {
        line = List.copyOf(line);
    }
}
