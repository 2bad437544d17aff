package gyrotaxis.core.scalp;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import java.util.Comparator;
import java.util.Map;

/** Names places on a head by the landmark they are near. */
final class PlaceWords {
    /** Nearer than this a place is called by the landmark alone, mm. ASSUMPTION: a finger. */
    private static final double AT_MM = 18;

    private static final double HALF_CM = 5;

    private PlaceWords() {}

    static Sentence of(Scalp scalp, Vec3 p) {
        Map.Entry<Landmark, Vec3> nearest = scalp.landmarks().entrySet().stream()
                .min(Comparator.comparingDouble(e -> e.getValue().distance(p)))
                .orElseThrow();
        Vec3 away = p.minus(nearest.getValue());
        double mm = away.norm();
        if (mm < AT_MM) {
            return Sentence.of("at the ", nearest.getKey().words());
        }
        Quantity far = Quantity.mm(Math.rint(mm / HALF_CM) * HALF_CM);
        return Sentence.of(far, direction(away), "the ", nearest.getKey().words());
    }

    /** The way that counts for most; behind the crown, "behind" is down. */
    private static String direction(Vec3 away) {
        double side = Math.abs(away.x());
        double back = Math.abs(away.y());
        double up = Math.abs(away.z());
        if (side >= back && side >= up) {
            return away.x() > 0 ? " to the right of " : " to the left of ";
        }
        if (back >= up) {
            return away.y() > 0 ? " in front of " : " behind ";
        }
        return away.z() > 0 ? " above " : " below ";
    }
}
