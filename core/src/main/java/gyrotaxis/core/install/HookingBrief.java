package gyrotaxis.core.install;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How a head is to be hooked, beyond the main hair and the fullness.
 *
 * @param method the stylist's own way wherever practitioners differ
 * @param zones wishes by zone; what is not named is as usual
 * @param partCloser how much closer than usual the rows beside a part are hooked, by the part's place from the client's left,
 *     from 0, in {@link ZoneWish#CLOSER}
 * @param mix what is hooked in beside the main hair
 * @param edits changes to single stations by hand, in turn, at most {@link #MOST_EDITS}
 * @param usesBaseHair whether shares are hooked into base hair beside the rows too, for more cover
 * @param cutsInHalf whether hair that does not come in loops is cut in half first
 */
public record HookingBrief(
        Method method,
        Map<Zone, ZoneWish> zones,
        Map<Integer, Double> partCloser,
        HairMix mix,
        List<StationEdit> edits,
        boolean usesBaseHair,
        boolean cutsInHalf) {
    /** As many shares as a head has: each may be placed by hand. */
    public static final int MOST_EDITS = 200;

    /** Wishes for parts that are no longer there are kept for when they come back. */
    private static final int MOST_PARTS = 8;

    public HookingBrief {
        EnumMap<Zone, ZoneWish> sorted = new EnumMap<>(Zone.class);
        sorted.putAll(zones);
        zones = Collections.unmodifiableMap(sorted);
        partCloser = Collections.unmodifiableMap(new TreeMap<>(partCloser));
        partCloser.forEach((part, closer) -> {
            Require.inRange(part, 0, MOST_PARTS, "part", "");
            Require.inRange(closer, ZoneWish.CLOSER.min(), ZoneWish.CLOSER.max(), "partCloser", "");
        });
        edits = List.copyOf(edits);
        Require.inRange(edits.size(), 0, MOST_EDITS, "edits", "");
    }

    /** The usual method and no wish. */
    public static HookingBrief usual() {
        return new HookingBrief(Method.usual(), Map.of(), Map.of(), HairMix.none(), List.of(), false, false);
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
        return new HookingBrief(other, zones, partCloser, mix, edits, usesBaseHair, cutsInHalf);
    }

    /** The same with another wish for a zone. */
    public HookingBrief wishing(Zone zone, ZoneWish wish) {
        EnumMap<Zone, ZoneWish> all = new EnumMap<>(Zone.class);
        all.putAll(zones);
        all.put(zone, wish);
        return new HookingBrief(method, all, partCloser, mix, edits, usesBaseHair, cutsInHalf);
    }

    /** The same with another share in a zone. */
    public HookingBrief taking(Zone zone, Share share) {
        return wishing(zone, new ZoneWish(wish(zone).closer(), Optional.of(share)));
    }

    /** The same with a part's flanks hooked more closely or widely. */
    public HookingBrief closerBeside(int part, double closer) {
        TreeMap<Integer, Double> all = new TreeMap<>(partCloser);
        all.put(part, closer);
        return new HookingBrief(method, zones, all, mix, edits, usesBaseHair, cutsInHalf);
    }

    /** The same with other hair mixed in. */
    public HookingBrief mixing(HairMix other) {
        return new HookingBrief(method, zones, partCloser, other, edits, usesBaseHair, cutsInHalf);
    }

    /** The same with other changes by hand. */
    public HookingBrief withEdits(List<StationEdit> other) {
        return new HookingBrief(method, zones, partCloser, mix, other, usesBaseHair, cutsInHalf);
    }

    /** The same with or without shares in base hair. */
    public HookingBrief usingBaseHair(boolean uses) {
        return new HookingBrief(method, zones, partCloser, mix, edits, uses, cutsInHalf);
    }

    /** The same with loose lengths cut in half first, or not. */
    public HookingBrief cuttingInHalf(boolean cuts) {
        return new HookingBrief(method, zones, partCloser, mix, edits, usesBaseHair, cuts);
    }
}
