package gyrotaxis.core.estimate;

import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Require;
import java.util.List;

/**
 * What to buy of all hair that goes into a head.
 *
 * @param lines one count for each strand, the main hair first
 */
public record Purchase(List<PackCount> lines) {
    public Purchase {
        lines = Require.notEmpty(List.copyOf(lines), "lines");
    }

    /** Of the main hair. */
    public PackCount main() {
        return lines.get(0);
    }

    /** Loops that stations take. */
    public int placedLoops() {
        return lines.stream().mapToInt(PackCount::placedLoops).sum();
    }

    /** Loops used beyond those, as was learned; less than 0 if fewer are. */
    public int moreLoops() {
        return lines.stream().mapToInt(PackCount::moreLoops).sum();
    }

    /** Loops kept back for fills. */
    public int reserveLoops() {
        return lines.stream().mapToInt(PackCount::reserveLoops).sum();
    }

    /** Loops used and kept back together. */
    public int neededLoops() {
        return placedLoops() + moreLoops() + reserveLoops();
    }

    /** Packs to buy. */
    public int packs() {
        return lines.stream().mapToInt(PackCount::packs).sum();
    }

    /** Loops left over. */
    public int leftOverLoops() {
        return lines.stream().mapToInt(PackCount::leftOverLoops).sum();
    }

    /**
     * What all packs cost.
     *
     * @throws IllegalArgumentException if lines are priced in different currencies
     */
    public Money cost() {
        return lines.stream().map(PackCount::cost).reduce(Money::plus).orElseThrow();
    }
}
