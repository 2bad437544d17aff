package gyrotaxis.core.wear;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Zone;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * How high hair stands off the head.
 *
 * @param heightMm by zone, mm
 * @param isTooRound whether it stands as high at the sides and behind as on top, which reads like a wig
 * @param hasHump whether it stands out at the nape
 */
public record Outline(Map<Zone, Double> heightMm, boolean isTooRound, boolean hasHump) {
    /** Height of hair one footprint deep, as a part of the footprint. ASSUMPTION: curls stand, waves lie. */
    static final double STANDS = 0.42;

    /** Fuller than this, and even to within {@link #EVEN}, it is too round. ASSUMPTION. */
    private static final double VERY_FULL = 1.2;

    /** All belts within this of the fullest make it round. ASSUMPTION. */
    private static final double EVEN = 0.8;

    /** A belt so much fuller than the others humps. ASSUMPTION. */
    private static final double HUMP = 1.9;

    public Outline {
        EnumMap<Zone, Double> all = new EnumMap<>(Zone.class);
        all.putAll(heightMm);
        heightMm = Collections.unmodifiableMap(all);
    }

    /**
     * The outline of a head.
     *
     * @param day in [0, {@link Loft#LAST_DAY}]
     */
    public static Outline of(Cover cover, HairLine hair, double day) {
        return of(cover, hair.texture(), hair.loft(), day);
    }

    /** The outline under hair that keeps its volume as its texture usually does. */
    static Outline of(Cover cover, Texture texture, double day) {
        return of(cover, texture, Loft.of(texture), day);
    }

    private static Outline of(Cover cover, Texture texture, Loft loft, double day) {
        double each = HairBody.of(texture).footprintMm() * STANDS * loft.at(day);
        EnumMap<Zone, Double> height = new EnumMap<>(Zone.class);
        // What lies deeper is pressed flatter: height goes by the root of depth.
        cover.depthByZone().forEach((zone, depth) -> height.put(zone, each * Math.sqrt(depth)));
        double top = height.getOrDefault(Zone.MIDDLE, 0.0);
        double least = height.values().stream().mapToDouble(h -> h).min().orElse(0);
        double most = height.values().stream().mapToDouble(h -> h).max().orElse(1);
        boolean isEven = least / most > EVEN;
        boolean hump = cover.worn().way() == Way.DOWN && height.getOrDefault(Zone.NAPE, 0.0) > HUMP * top;
        return new Outline(height, cover.fullness() > VERY_FULL && isEven, hump);
    }
}
