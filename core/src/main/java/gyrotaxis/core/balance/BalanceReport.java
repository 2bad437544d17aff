package gyrotaxis.core.balance;

import gyrotaxis.core.balance.Balance.ZoneChange;
import gyrotaxis.core.balance.BalanceSearch.Real;
import gyrotaxis.core.install.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Says what a balancing came to: zone by zone, and in a sentence. */
final class BalanceReport {
    private static final double ALL_PERCENT = 100;

    /** Less than this missed is nothing: sums of fractions. */
    private static final double NOTHING = 1e-12;

    private BalanceReport() {}

    static Balance of(BalanceGoal goal, Real before, Real after, int tried) {
        List<ZoneChange> changes = new ArrayList<>();
        for (Zone z : Zone.values()) {
            changes.add(new ZoneChange(
                    z,
                    before.hooked().spacingMm(z),
                    after.hooked().spacingMm(z),
                    before.hooked().plan().setting(z).share(),
                    after.hooked().plan().setting(z).share(),
                    before.cover().exposedByZone().getOrDefault(z, 0.0),
                    after.cover().exposedByZone().getOrDefault(z, 0.0)));
        }
        return new Balance(
                after.brief(),
                isMet(after),
                isBetter(goal, before, after),
                words(goal, before, after),
                changes,
                before.loops(),
                after.loops(),
                before.cover().exposed(),
                after.cover().exposed(),
                tried);
    }

    private static String words(BalanceGoal goal, Real before, Real after) {
        if (!isBetter(goal, before, after)) {
            return isMet(after)
                    ? "Nothing better was found: it stays as it is hooked."
                    : "Nothing comes nearer to that than it is hooked now.";
        }
        String shows = String.format(
                Locale.ROOT,
                "%d loops instead of %d, and %.1f %% of the scalp shows instead of %.1f %%.",
                after.loops(),
                before.loops(),
                after.cover().exposed() * ALL_PERCENT,
                before.cover().exposed() * ALL_PERCENT);
        if (goal instanceof BalanceGoal.Fewest f) {
            double most = after.cover().exposedByZone().values().stream()
                    .mapToDouble(e -> e)
                    .max()
                    .orElse(0);
            if (isMet(after)) {
                return shows + " Hair from above covers what lies below, so the back needs less than the front.";
            }
            return most <= f.greatestExposed()
                    ? String.format(
                            Locale.ROOT,
                            "No spacing makes it as full as wished; the nearest comes to %.0f %% of a full head. %s",
                            after.cover().fullness() * ALL_PERCENT,
                            shows)
                    : String.format(
                            Locale.ROOT,
                            "No spacing keeps every zone under %.0f %%; the nearest shows %.0f %% where it is barest. %s",
                            f.greatestExposed() * ALL_PERCENT,
                            most * ALL_PERCENT,
                            shows);
        }
        if (goal instanceof BalanceGoal.BestFor b) {
            return isMet(after)
                    ? shows
                    : String.format(
                            Locale.ROOT,
                            "%d loops are too few for this head; the least it can be hooked with is %d. %s",
                            b.loops(),
                            after.loops(),
                            shows);
        }
        return shows;
    }

    private static boolean isBetter(BalanceGoal goal, Real before, Real after) {
        boolean isSought = goal instanceof BalanceGoal.Fewest || goal instanceof BalanceGoal.BestFor;
        return isSought
                ? after.score().isBetterThan(before.score())
                : !after.brief().hooking().equals(before.brief().hooking());
    }

    private static boolean isMet(Real after) {
        return after.score().miss() <= NOTHING;
    }
}
