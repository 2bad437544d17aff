package gyrotaxis.core.install;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Require;

/** Hair on a head that is not hooked to it and covers as well: a small piece of it, rooted at one place. */
public sealed interface OtherHair {
    /** Where it is rooted, scalp frame, mm. */
    Vec3 space();

    /** The same on the map, mm. */
    Vec2 chart();

    /**
     * Own hair that was left out, laid back over the first shares.
     *
     * @param widthMm width of scalp that it covers once over, mm, at least 1
     * @param lengthMm how long it is, mm
     * @param rootsMm2 the scalp it grows on, mm²
     */
    record LeftOut(Vec3 space, Vec2 chart, double widthMm, double lengthMm, double rootsMm2) implements OtherHair {
        public LeftOut {
            Require.atLeast(1, widthMm, "widthMm", "mm");
            Require.atLeast(0, lengthMm, "lengthMm", "mm");
        }
    }

    /**
     * A piece of a weft of the main hair.
     *
     * @param loops how many loops weigh as much
     */
    record Weft(Vec3 space, Vec2 chart, double loops) implements OtherHair {
        public Weft {
            Require.atLeast(0, loops, "loops", "loops");
        }
    }

    /**
     * What lies where it is and hides the scalp beneath: a bun, braids that are shown, mesh.
     *
     * @param areaMm2 how much scalp lies under it, mm²
     * @param depth how many times over it covers that, no unit
     */
    record Laid(Vec3 space, Vec2 chart, double areaMm2, double depth) implements OtherHair {
        public Laid {
            Require.atLeast(0, areaMm2, "areaMm2", "mm²");
            Require.atLeast(0, depth, "depth", "");
        }
    }
}
