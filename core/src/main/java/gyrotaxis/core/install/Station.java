package gyrotaxis.core.install;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.quantity.Require;

/**
 * One place on a row where one share is hooked.
 *
 * <p>Immutable. Made by {@link StationPlacer}; tests may construct it directly.
 *
 * @param id unique in its plan, stable when the plan is computed again from the same brief
 * @param alongRowMm distance from the row's start, mm, at least 0
 * @param chart where it lies on the map, mm
 * @param space where it lies on the head, scalp frame, mm
 * @param zone the belt it lies in
 * @param share what is hooked
 * @param knot how it is held
 */
public record Station(StationId id, double alongRowMm, Vec2 chart, Vec3 space, Zone zone, Share share, Knot knot) {
    public Station {
        Require.atLeast(0, alongRowMm, "alongRowMm", "mm");
    }
}
