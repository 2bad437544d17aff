package gyrotaxis.core.estimate;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How many packs of one line to buy, counted from loops. What is on the shelf, part packs too, is used first.
 *
 * @param hair which line
 * @param placedLoops whole loops that the stations take
 * @param moreLoops loops that are used beyond those, as was learned; less than 0 if fewer are used
 * @param reserveLoops loops kept back for fills
 * @param shelfLoops loops already in hand
 * @param bought packs of each size to buy, largest size first; empty if the shelf has enough
 * @param leftOverLoops loops left when placed and reserve are used up
 * @param cost price of the packs
 */
public record PackCount(
        HairLine hair,
        int placedLoops,
        int moreLoops,
        int reserveLoops,
        int shelfLoops,
        List<Bought> bought,
        int leftOverLoops,
        Money cost) {
    /**
     * The part of the placed loops that is kept back for fills, in per cent.
     *
     * @see "ASSUMPTION: about a tenth, as stylists say; to be learned from recorded visits"
     */
    public static final int USUAL_RESERVE_PERCENT = 10;

    /** More loops of one line than a studio could store. */
    public static final int MAX_SHELF_LOOPS = 10_000;

    private static final double ALL_PERCENT = 100;
    private static final double TINY = 1e-9;

    /**
     * Packs of one size.
     *
     * @param size which size
     * @param count how many, at least 1
     */
    public record Bought(PackSize size, int count) {}

    public PackCount {
        bought = List.copyOf(bought);
    }

    /** Counts packs with the usual reserve. */
    public static PackCount of(LoopTally tally, HairLine hair, int shelfLoops) {
        return of(tally, hair, shelfLoops, USUAL_RESERVE_PERCENT);
    }

    /**
     * Counts packs for one hair line: the cheapest sizes that have enough loops, and among equally cheap ones those that leave
     * the fewest over.
     *
     * @param shelfLoops loops in hand, in [0, {@link #MAX_SHELF_LOOPS}]
     * @param reservePercent kept back for fills, in per cent of the placed loops, in [0, 100]
     */
    public static PackCount of(LoopTally tally, HairLine hair, int shelfLoops, int reservePercent) {
        return of(tally.loops(), hair, shelfLoops, reservePercent);
    }

    /**
     * The same for loops that are counted already.
     *
     * @param placed whole loops that the stations take, at least 0
     */
    public static PackCount of(int placed, HairLine hair, int shelfLoops, int reservePercent) {
        return of(placed, hair, shelfLoops, reservePercent, 1);
    }

    /**
     * The same by somebody of whom it is known how much she uses.
     *
     * @param usedForEach loops out of their bundles for each that is planned, as a factor, greater than 0
     */
    public static PackCount of(int placed, HairLine hair, int shelfLoops, int reservePercent, double usedForEach) {
        Require.atLeast(0, placed, "placed", "loops");
        Require.inRange(shelfLoops, 0, MAX_SHELF_LOOPS, "shelfLoops", "loops");
        Require.inRange(reservePercent, 0, (int) ALL_PERCENT, "reservePercent", "%");
        int reserve = (int) Math.ceil(placed * reservePercent / ALL_PERCENT);
        Require.atLeast(0.01, usedForEach, "usedForEach", "");
        int more = (int) Math.ceil(placed * usedForEach - TINY) - placed;
        int needed = placed + more + reserve;
        List<Bought> bought = cheapest(hair, Math.max(0, needed - shelfLoops));
        int loops = bought.stream().mapToInt(b -> b.count() * b.size().loops()).sum();
        Money cost = bought.stream()
                .map(b -> b.size().price().times(b.count()))
                .reduce(new Money(0, hair.packPrice().currency()), Money::plus);
        return new PackCount(hair, placed, more, reserve, shelfLoops, bought, loops + shelfLoops - needed, cost);
    }

    /**
     * The cheapest packs with at least so many loops: least[n] is the least price of n loops or more, by dynamic programming
     * over loops.
     */
    private static List<Bought> cheapest(HairLine hair, int missing) {
        List<PackSize> sizes = new ArrayList<>(hair.packSizes());
        sizes.sort(Comparator.comparingInt(PackSize::loops).reversed());
        long[] price = new long[missing + 1];
        int[] loops = new int[missing + 1];
        int[] last = new int[missing + 1];
        for (int n = 1; n <= missing; n++) {
            price[n] = Long.MAX_VALUE;
            for (int k = 0; k < sizes.size(); k++) {
                int rest = Math.max(0, n - sizes.get(k).loops());
                long p = price[rest] + sizes.get(k).price().minor();
                int l = loops[rest] + sizes.get(k).loops();
                if (p < price[n] || (p == price[n] && l < loops[n])) {
                    price[n] = p;
                    loops[n] = l;
                    last[n] = k;
                }
            }
        }
        int[] count = new int[sizes.size()];
        for (int n = missing; n > 0; n = Math.max(0, n - sizes.get(last[n]).loops())) {
            count[last[n]]++;
        }
        List<Bought> bought = new ArrayList<>();
        for (int k = 0; k < count.length; k++) {
            if (count[k] > 0) {
                bought.add(new Bought(sizes.get(k), count[k]));
            }
        }
        return bought;
    }

    /** Loops used and kept back together. */
    public int neededLoops() {
        return placedLoops + moreLoops + reserveLoops;
    }

    /** Loops in the packs to buy. */
    public int boughtLoops() {
        return bought.stream().mapToInt(b -> b.count() * b.size().loops()).sum();
    }

    /** Packs to buy, of all sizes. */
    public int packs() {
        return bought.stream().mapToInt(Bought::count).sum();
    }
}
