package gyrotaxis.core.install;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * Spacing and share for every zone: the graded school, close in front and wide at the nape.
 *
 * @param zones a setting for every zone, in the order of {@link Zone}
 */
public record HookingPlan(Map<Zone, ZoneSetting> zones) {
    /** Fullness that is accepted: 0.75 reads subtle, 1 full, 1.3 very full. */
    public static final Interval FULLNESS = new Interval(0.5, 1.6);

    /**
     * The strip of scalp that the usual spacings are meant for, mm.
     *
     * @see "ASSUMPTION: one and a half fingers. Going by the root lies between keeping the spacing, which leaves wide
     *     strips bare, and keeping the hair per area, which crowds them; the cover of a whole head will replace it"
     */
    public static final double USUAL_STRIP_MM = 24;

    /** Centre to centre in the back by the fine school, and with big shares, mm. */
    private static final double FINE_MM = 15;

    /** The same with big shares, mm. ASSUMPTION: two fingers and a half. */
    private static final double WIDE_MM = 48;

    public HookingPlan {
        EnumMap<Zone, ZoneSetting> sorted = new EnumMap<>(Zone.class);
        sorted.putAll(zones);
        Require.inRange(sorted.size(), Zone.values().length, Zone.values().length, "zones with a setting", "");
        zones = Collections.unmodifiableMap(sorted);
    }

    /**
     * The usual plan for a texture.
     *
     * <p>Centre to centre, front to nape, and shares per zone; set so that a full look on a medium head with 14 rows takes
     * the loops that stylists count: 65 to 100 for springy curl and short twist, 100 to 145 for deep and loose wave, 120
     * to 180 for silky wave, 60 to 100 for coarse kinky fibre. ASSUMPTION beyond that: tight curl is taken as kinky.
     *
     * @param fullness no unit, in {@link #FULLNESS}; spacing is divided by it
     */
    public static HookingPlan usual(Texture texture, double fullness) {
        Require.inRange(fullness, FULLNESS.min(), FULLNESS.max(), "fullness", "");
        return switch (texture) {
            case COARSE_KINKY, TIGHT_CURL ->
                graded(fullness, 16, 21, 27, 33, Share.HALF, Share.HALF, Share.WHOLE, Share.WHOLE);
            case SPRINGY_CURL, SHORT_TWIST ->
                graded(fullness, 13, 18, 24, 30, Share.THIRD, Share.HALF, Share.WHOLE, Share.WHOLE);
            case DEEP_WAVE, LOOSE_WAVE ->
                graded(fullness, 11.5, 16, 22, 27, Share.HALF, Share.WHOLE, Share.WHOLE, Share.WHOLE);
            case SILKY_WAVE -> graded(fullness, 10, 14, 19, 24, Share.HALF, Share.WHOLE, Share.WHOLE, Share.WHOLE);
        };
    }

    /**
     * The plan for a head by a stylist's own method and wishes.
     *
     * @throws HookingException if a wish puts stations closer than their knots are wide
     */
    public static HookingPlan of(HairLine hair, double fullness, HookingBrief brief) {
        HookingPlan usual = usual(hair.texture(), fullness);
        EnumMap<Zone, ZoneSetting> zones = new EnumMap<>(Zone.class);
        // The even school keeps one spacing: with it the whole head takes about as much hair.
        double even = Math.sqrt(usual.setting(Zone.MIDDLE).spacingMm()
                * usual.setting(Zone.BACK).spacingMm());
        for (Zone zone : Zone.values()) {
            ZoneSetting s = usual.setting(zone);
            double spacing = brief.method().spacing() == Method.Spacing.EVEN ? even : s.spacingMm();
            Share share = s.share();
            if (zone == Zone.BACK || zone == Zone.NAPE) {
                switch (brief.method().back()) {
                    case FINE -> {
                        spacing = FINE_MM / fullness;
                        share = Share.HALF;
                    }
                    case BIG_SHARES -> {
                        spacing = WIDE_MM / fullness;
                        share = Share.WHOLE;
                    }
                    case USUAL -> {}
                }
            }
            ZoneWish wish = brief.wish(zone);
            Share taken = wish.share().orElse(share);
            double wanted = spacing / wish.closer();
            double knot = SeatedShare.widthMm(hair, taken);
            if (wanted < Math.max(knot, ZoneSetting.SPACING_MM.min())) {
                throw new HookingException(
                        HookingException.Wish.ZONE,
                        zone.ordinal(),
                        Sentence.of(
                                "Hooked every ",
                                Quantity.mm(wanted),
                                " at the ",
                                zone.words(),
                                ", a share (",
                                taken.words(),
                                ") would sit on its neighbour: its knot alone is ",
                                Quantity.mm(knot),
                                " wide. Take a smaller share or hook it more widely."));
            }
            zones.put(zone, new ZoneSetting(Math.min(wanted, ZoneSetting.SPACING_MM.max()), taken));
        }
        return new HookingPlan(zones);
    }

    /**
     * Spacing centre to centre, mm, at least {@link ZoneSetting#SPACING_MM}'s lower end.
     *
     * <p>Straight lines between the middles of the zones, level beyond them; closer on a row that has a wide strip of scalp
     * to cover, wider on a narrow one, by the root of the ratio to {@link #USUAL_STRIP_MM}.
     *
     * @param frontToNape how far back, in [0, 1]
     * @param stripWidthMm mean width of the row's strip, mm, greater than 0
     */
    public double spacingMm(double frontToNape, double stripWidthMm) {
        double forStrip = Math.sqrt(USUAL_STRIP_MM / Require.atLeast(0.1, stripWidthMm, "stripWidthMm", "mm"));
        return Math.max(ZoneSetting.SPACING_MM.min(), usualSpacingMm(frontToNape) * forStrip);
    }

    private double usualSpacingMm(double frontToNape) {
        Zone[] all = Zone.values();
        for (int i = 1; i < all.length; i++) {
            if (frontToNape < all[i].middle()) {
                double t = (frontToNape - all[i - 1].middle()) / (all[i].middle() - all[i - 1].middle());
                double near = setting(all[i - 1]).spacingMm();
                return near + (setting(all[i]).spacingMm() - near) * Math.max(0, t);
            }
        }
        return setting(Zone.NAPE).spacingMm();
    }

    /** The setting of a zone. */
    public ZoneSetting setting(Zone zone) {
        ZoneSetting s = zones.get(zone);
        if (s == null) {
            throw new IllegalStateException("no setting for " + zone);
        }
        return s;
    }

    private static HookingPlan graded(
            double fullness, double f, double m, double b, double n, Share sf, Share sm, Share sb, Share sn) {
        return new HookingPlan(Map.of(
                Zone.FRONT, new ZoneSetting(f / fullness, sf),
                Zone.MIDDLE, new ZoneSetting(m / fullness, sm),
                Zone.BACK, new ZoneSetting(b / fullness, sb),
                Zone.NAPE, new ZoneSetting(n / fullness, sn)));
    }
}
