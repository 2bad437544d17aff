package gyrotaxis.core.install;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * How a head is to be hooked, beyond the main hair and the fullness.
 *
 * @param method the stylist's own way wherever practitioners differ
 * @param zones wishes by zone; what is not named is as usual
 * @param partCloser how much closer than usual the rows beside a part are hooked, by the part's place from the client's left,
 *     from 0, in {@link ZoneWish#CLOSER}
 * @param mix what is hooked in beside the main hair
 * @param edits changes to single stations by hand, in turn, at most {@link #MAX_EDITS}
 * @param usesBaseHair whether shares are hooked into base hair beside the rows too, for more cover
 * @param bulk how loose fibre is made ready
 * @param knotless rows that are hooked without any knot
 * @param colour which of its colours the main hair has; empty for the first
 */
public record HookingBrief(
        Method method,
        Map<Zone, ZoneWish> zones,
        Map<Integer, Double> partCloser,
        HairMix mix,
        List<StationEdit> edits,
        boolean usesBaseHair,
        Bulk bulk,
        Set<RowId> knotless,
        Optional<String> colour) {
    /** As many shares as a head has: each may be placed by hand. */
    public static final int MAX_EDITS = 200;

    /** As many rows as a head has. */
    public static final int MAX_KNOTLESS = 40;

    /** Wishes for parts that are no longer there are kept for when they come back. */
    private static final int MAX_PARTS = 8;

    public HookingBrief {
        EnumMap<Zone, ZoneWish> sorted = new EnumMap<>(Zone.class);
        sorted.putAll(zones);
        zones = Collections.unmodifiableMap(sorted);
        partCloser = Collections.unmodifiableMap(new TreeMap<>(partCloser));
        partCloser.forEach((part, closer) -> {
            Require.inRange(part, 0, MAX_PARTS, "part", "");
            Require.inRange(closer, ZoneWish.CLOSER.min(), ZoneWish.CLOSER.max(), "partCloser", "");
        });
        edits = List.copyOf(edits);
        Require.inRange(edits.size(), 0, MAX_EDITS, "edits", "");
        knotless = Collections.unmodifiableSet(new TreeSet<>(knotless));
        Require.inRange(knotless.size(), 0, MAX_KNOTLESS, "rows without knots", "");
    }

    /** The usual method and no wish. */
    public static HookingBrief usual() {
        return new HookingBrief(
                Method.usual(),
                Map.of(),
                Map.of(),
                HairMix.none(),
                List.of(),
                false,
                Bulk.AS_IT_COMES,
                Set.of(),
                Optional.empty());
    }

    /** What is wished for a zone. */
    public ZoneWish wish(Zone zone) {
        return zones.getOrDefault(zone, ZoneWish.NONE);
    }

    /** How much closer than usual a part's flanks are hooked. */
    public double closerBeside(int part) {
        return partCloser.getOrDefault(part, 1.0);
    }

    /** The same by another method. */
    public HookingBrief by(Method other) {
        return new HookingBrief(other, zones, partCloser, mix, edits, usesBaseHair, bulk, knotless, colour);
    }

    /** The same with another wish for a zone. */
    public HookingBrief wishing(Zone zone, ZoneWish wish) {
        EnumMap<Zone, ZoneWish> all = new EnumMap<>(Zone.class);
        all.putAll(zones);
        all.put(zone, wish);
        return new HookingBrief(method, all, partCloser, mix, edits, usesBaseHair, bulk, knotless, colour);
    }

    /** The same with another share in a zone. */
    public HookingBrief taking(Zone zone, Share share) {
        return wishing(zone, new ZoneWish(wish(zone).closer(), Optional.of(share)));
    }

    /** The same with a part's flanks hooked more closely or widely. */
    public HookingBrief closerBeside(int part, double closer) {
        TreeMap<Integer, Double> all = new TreeMap<>(partCloser);
        all.put(part, closer);
        return new HookingBrief(method, zones, all, mix, edits, usesBaseHair, bulk, knotless, colour);
    }

    /** The same with other hair mixed in. */
    public HookingBrief mixing(HairMix other) {
        return new HookingBrief(method, zones, partCloser, other, edits, usesBaseHair, bulk, knotless, colour);
    }

    /** The same with other changes by hand. */
    public HookingBrief withEdits(List<StationEdit> other) {
        return new HookingBrief(method, zones, partCloser, mix, other, usesBaseHair, bulk, knotless, colour);
    }

    /** The same with or without shares in base hair. */
    public HookingBrief usingBaseHair(boolean uses) {
        return new HookingBrief(method, zones, partCloser, mix, edits, uses, bulk, knotless, colour);
    }

    /** The same with loose fibre made ready otherwise. */
    public HookingBrief preparing(Bulk other) {
        return new HookingBrief(method, zones, partCloser, mix, edits, usesBaseHair, other, knotless, colour);
    }

    /** The same with some rows hooked without any knot. */
    public HookingBrief withoutKnots(Set<RowId> rows) {
        return new HookingBrief(method, zones, partCloser, mix, edits, usesBaseHair, bulk, rows, colour);
    }

    /** The same with the main hair in another colour. */
    public HookingBrief in(String other) {
        return new HookingBrief(
                method, zones, partCloser, mix, edits, usesBaseHair, bulk, knotless, Optional.of(other));
    }

    /** The colour that a line is taken in: the one that was chosen, or its first if it has no such. */
    public String colourOf(HairLine line) {
        return colour.filter(line.colours()::contains).orElse(line.colours().get(0));
    }
}
