package gyrotaxis.core.wear;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.StationId;
import java.util.List;

/**
 * How the hair of one share lies and hangs.
 *
 * @param station where it is hooked
 */
public record FallenHair(StationId station, Fall fall) {
    /** Its middle from the root to the tip, scalp frame, mm; at least 1 point. */
    public List<Vec3> line() {
        return fall.line();
    }

    /** How many of the points lie on the head; the rest hang free. */
    public int onHead() {
        return fall.onHead();
    }
}
