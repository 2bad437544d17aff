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
import java.util.function.ToDoubleFunction;

/**
 * Spacing and share for every zone: the graded school, close in front and wide at the nape.
 *
 * @param zones a setting for every zone, in the order of {@link Zone}
 */
public record HookingPlan(Map<Zone, ZoneSetting> zones) {
    /** Fullness that is accepted: 0.75 reads subtle, 1 full, 1.3 very full. */
    public static final Interval FULLNESS = new Interval(0.5, 1.6);

    /**
     * The strips of scalp that the usual spacings are meant for, in the middle of each zone from front to nape, mm: those of
     * fourteen rows that join into five on a medium head, of which stylists tell their spacings.
     */
    private static final double[] USUAL_STRIPS_MM = {17, 29, 46, 34};

    /** How much of the scalp each zone is, front to nape, on a medium head. */
    private static final double[] PART_OF_SCALP = {0.28, 0.3, 0.27, 0.15};

    /** Loops so much thinner than usual are split less, and so much thicker ones more. ASSUMPTION. */
    private static final double THIN = 0.65;

    private static final double THICK = 1.6;

    private static final int ALL_PERCENT = 100;

    /** Centre to centre in the back with big shares, mm. ASSUMPTION: two fingers and a half. */
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
            case SPRINGY_CURL -> graded(fullness, 13, 18, 24, 30, Share.THIRD, Share.HALF, Share.WHOLE, Share.WHOLE);
            // As much hair as springy curl, in whole pieces that sit further apart in front.
            case SHORT_TWIST -> graded(fullness, 36, 33, 22, 28, Share.WHOLE, Share.WHOLE, Share.WHOLE, Share.WHOLE);
            case DEEP_WAVE, LOOSE_WAVE ->
                graded(fullness, 12.5, 17.5, 24, 29, Share.HALF, Share.WHOLE, Share.WHOLE, Share.WHOLE);
            case SILKY_WAVE ->
                graded(fullness, 10.5, 15, 20.5, 25.5, Share.HALF, Share.WHOLE, Share.WHOLE, Share.WHOLE);
        };
    }

    /**
     * The plan for a head by a stylist's own method and wishes.
     *
     * @throws HookingException if a wish puts stations closer than their knots are wide, or splits what cannot be split
     */
    public static HookingPlan of(HairLine hair, double fullness, HookingBrief brief) {
        HookingPlan usual = usual(hair.texture(), fullness);
        EnumMap<Zone, ZoneSetting> zones = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            ZoneSetting s = byMethod(hair, fullness, brief.method(), usual, zone);
            ZoneWish wish = brief.wish(zone);
            Share taken = wish.share().orElseGet(() -> of(hair, s.share()));
            if (hair.goesInWhole() && taken.parts() > 1) {
                throw new HookingException(
                        HookingException.Wish.ZONE,
                        zone.ordinal(),
                        hair.name() + " comes ready twisted and comes undone when it is split. Take whole loops at the "
                                + zone.words() + ", or another line.");
            }
            // What counts is hair for an area: other shares and thinner loops sit as much closer.
            double wanted = s.spacingMm() * taken.ofLoop() / s.share().ofLoop() * hair.thickness() / wish.closer();
            double knot = SeatedShare.widthMm(hair, taken);
            double least = Math.max(knot, ZoneSetting.SPACING_MM.min());
            if (wanted < least) {
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
                                " wide. Take a larger share there, or at most "
                                        + (int) Math.floor(ALL_PERCENT * wish.closer() * wanted / least)
                                        + " % of the usual hair."));
            }
            zones.put(zone, new ZoneSetting(Math.min(wanted, ZoneSetting.SPACING_MM.max()), taken));
        }
        return new HookingPlan(zones);
    }

    /** Larger shares of thin loops, smaller ones of thick loops, whole ones of what cannot be split. */
    private static Share of(HairLine hair, Share usual) {
        if (hair.goesInWhole()) {
            return Share.WHOLE;
        }
        if (hair.thickness() < THIN && usual.parts() % 2 == 0) {
            return new Share(usual.parts() / 2);
        }
        boolean splits = usual.parts() * 2 <= Share.MAX_PARTS;
        return hair.thickness() > THICK && splits ? new Share(usual.parts() * 2) : usual;
    }

    /** How a zone is hooked where nothing is wished for it, with loops as thick as usual. */
    private static ZoneSetting byMethod(HairLine hair, double fullness, Method method, HookingPlan usual, Zone zone) {
        ZoneSetting s = method.spacing() == Method.Spacing.EVEN ? usual.even() : usual.setting(zone);
        boolean isBehind = zone == Zone.BACK || zone == Zone.NAPE;
        return switch (method.back()) {
            case FINE -> isBehind ? fine(hair, s) : s;
            case BIG_SHARES ->
                isBehind ? new ZoneSetting(WIDE_MM / fullness, Share.WHOLE) : s.taking(bigger(s.share()));
            case USUAL -> s;
        };
    }

    /** Halves, half as far apart as whole ones would be: as much hair, finer spread. */
    private static ZoneSetting fine(HairLine hair, ZoneSetting usual) {
        boolean isFine = hair.goesInWhole() || usual.share().ofLoop() <= Share.HALF.ofLoop();
        return isFine
                ? usual
                : new ZoneSetting(
                        usual.spacingMm() * Share.HALF.ofLoop() / usual.share().ofLoop(), Share.HALF);
    }

    private static Share bigger(Share share) {
        return new Share((share.parts() + 1) / 2);
    }

    /** One share at one spacing throughout, those of the middle, with as much hair on the whole head. */
    private ZoneSetting even() {
        double rows = 0;
        double hair = 0;
        for (Zone zone : Zone.values()) {
            double row = PART_OF_SCALP[zone.ordinal()] / USUAL_STRIPS_MM[zone.ordinal()];
            rows += row;
            hair += row * setting(zone).share().ofLoop() / setting(zone).spacingMm();
        }
        Share share = setting(Zone.MIDDLE).share();
        return new ZoneSetting(share.ofLoop() * rows / hair, share);
    }

    /**
     * Spacing centre to centre, mm, in {@link ZoneSetting#SPACING_MM}.
     *
     * <p>What counts is hair for an area: on a strip half as wide shares sit twice as far apart. Between the middles of zones it
     * changes evenly, beyond them it stays.
     *
     * @param frontToNape how far back, in [0, 1]
     * @param stripWidthMm width of the row's strip there, mm, greater than 0
     */
    public double spacingMm(double frontToNape, double stripWidthMm) {
        Require.atLeast(0.1, stripWidthMm, "stripWidthMm", "mm");
        return ZoneSetting.SPACING_MM.clamp(usualSpacingMm(frontToNape) * usualStripMm(frontToNape) / stripWidthMm);
    }

    /** Spacing on a strip as wide as usual there, mm. */
    public double usualSpacingMm(double frontToNape) {
        return between(frontToNape, z -> setting(z).spacingMm());
    }

    private static double usualStripMm(double frontToNape) {
        return between(frontToNape, z -> USUAL_STRIPS_MM[z.ordinal()]);
    }

    /** Straight lines between the middles of the zones, level beyond them. */
    private static double between(double frontToNape, ToDoubleFunction<Zone> figure) {
        Zone[] all = Zone.values();
        for (int i = 1; i < all.length; i++) {
            if (frontToNape < all[i].middle()) {
                double t = (frontToNape - all[i - 1].middle()) / (all[i].middle() - all[i - 1].middle());
                double near = figure.applyAsDouble(all[i - 1]);
                return near + (figure.applyAsDouble(all[i]) - near) * Math.max(0, t);
            }
        }
        return figure.applyAsDouble(Zone.NAPE);
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
