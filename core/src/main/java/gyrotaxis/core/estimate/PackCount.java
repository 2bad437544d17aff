package gyrotaxis.core.estimate;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Require;

/**
 * How many packs to buy, counted from loops.
 *
 * @param placedLoops whole loops that the stations take
 * @param reserveLoops loops kept back for fills
 * @param shelfLoops loops already on the shelf
 * @param packs whole packs to buy
 * @param leftOverLoops loops left on the shelf when placed and reserve are used up
 * @param cost price of the packs
 */
public record PackCount(int placedLoops, int reserveLoops, int shelfLoops, int packs, int leftOverLoops, Money cost) {
    /**
     * The part of the placed loops that is kept back for fills.
     *
     * @see "ASSUMPTION: about a tenth, as stylists say; to be learned from recorded visits"
     */
    public static final double RESERVE = 0.1;

    /** More loops of one line than a studio could store. */
    public static final int MOST_SHELF_LOOPS = 10_000;

    /**
     * Counts packs for one hair line.
     *
     * @param shelfLoops loops on the shelf, in [0, {@link #MOST_SHELF_LOOPS}]
     */
    public static PackCount of(LoopTally tally, HairLine hair, int shelfLoops) {
        Require.inRange(shelfLoops, 0, MOST_SHELF_LOOPS, "shelfLoops", "loops");
        int placed = tally.loops();
        int reserve = (int) Math.ceil(placed * RESERVE);
        int missing = Math.max(0, placed + reserve - shelfLoops);
        int perPack = hair.loopsPerPack();
        int packs = (missing + perPack - 1) / perPack;
        int left = packs * perPack + shelfLoops - placed - reserve;
        return new PackCount(
                placed, reserve, shelfLoops, packs, left, hair.packPrice().times(packs));
    }

    /** Loops placed and kept back together. */
    public int neededLoops() {
        return placedLoops + reserveLoops;
    }
}
