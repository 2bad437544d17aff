package gyrotaxis.core.balance;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One search for a {@link Balancer}: what the zones could be hooked like, and the best of their combinations.
 */
final class BalanceSearch {
    /** Fewer samples than for a map: figures by zone are steady enough. */
    private static final int SAMPLES = 1_500;

    /** A head as full as wished is at least so full. */
    private static final double AS_FULL = 0.85;

    private static final double ALL_PERCENT = 100;

    private static final double ALMOST = 0.98;

    private static final int ROUNDS = 6;

    /** So many ends of climbing are hooked for real, and of the neighbours of each so many, the likeliest first. */
    private static final int POLISHED = 2;

    private static final int LIKELIEST = 7;

    /** One way to hook one zone, with what its stations lay over the head. */
    private record Option(ZoneWish wish, Map<Share, Integer> shares, double[] depth) {}

    /** A brief that was hooked for real. */
    record Real(InstallBrief brief, Hooked hooked, Cover cover, int loops, double miss, double cost) {}

    private final Planner planner;
    private final List<Double> levels;
    private final boolean triesShares;
    private final InstallBrief asked;
    private final BalanceGoal goal;
    private final Progress progress;
    private final Scalp scalp;
    private final Foundation foundation;
    private final CoverGrid grid;
    private final Worn worn;
    private final Real before;
    private final Map<HookingBrief, Real> tried = new HashMap<>();
    private double told;
    private final Map<Zone, List<Option>> options = new EnumMap<>(Zone.class);

    BalanceSearch(
            Planner planner,
            List<Double> levels,
            boolean triesShares,
            InstallBrief asked,
            BalanceGoal goal,
            Progress progress) {
        this.planner = planner;
        this.levels = levels;
        this.triesShares = triesShares;
        this.asked = asked;
        this.goal = goal;
        this.progress = progress;
        this.scalp = planner.scalp(asked.head());
        this.foundation = planner.foundation(asked);
        this.grid = planner.grid(scalp, SAMPLES);
        this.worn = foundation.parts().isEmpty() ? Worn.as(Way.DOWN) : Worn.parted(0);
        this.before = real(asked);
    }

    /** How far it is, in steps that only grow: how long climbing takes is not known beforehand. */
    private void tell(double atLeast) {
        told = Math.max(atLeast, told + (ALMOST - told) * 0.004);
        if (!progress.at(told)) {
            throw new BalanceStopped();
        }
    }

    /** Hooks a brief and looks at it. */
    Real real(InstallBrief brief) {
        return tried.computeIfAbsent(brief.hooking(), h -> {
            Hooked hooked = Planner.hook(brief, scalp, foundation);
            Cover cover = FallSimulator.cover(grid, foundation, hooked, worn);
            int loops = Planner.purchase(brief, hooked).neededLoops();
            double[] exposed = new double[Zone.values().length];
            cover.exposedByZone().forEach((z, e) -> exposed[z.ordinal()] = e);
            return new Real(
                    brief, hooked, cover, loops, miss(exposed, cover.meanDepth(), loops), cost(cover.exposed(), loops));
        });
    }

    /** By how much a wish is missed; 0 if it is met. */
    private double miss(double[] exposed, double depth, int loops) {
        if (goal instanceof BalanceGoal.Fewest f) {
            double miss = 0;
            for (double e : exposed) {
                miss += Math.max(0, e - f.greatestExposed());
            }
            return miss + Math.max(0, asked.fullness() * AS_FULL - depth / Cover.FULL_DEPTH);
        }
        return goal instanceof BalanceGoal.BestFor b ? Math.max(0, loops - b.loops()) : 0;
    }

    /** What is to be as little as possible once the wish is met. */
    private double cost(double exposed, int loops) {
        return goal instanceof BalanceGoal.BestFor ? exposed : loops + exposed;
    }

    Real best() {
        gather();
        Real best = before;
        List<int[]> ends = new ArrayList<>();
        for (int[] start : starts()) {
            int[] end = improve(start);
            if (ends.stream().noneMatch(e -> Arrays.equals(e, end))) {
                ends.add(end);
            }
        }
        tell(0.85);
        ends.sort(Comparator.comparing(this::value, BalanceSearch::compare));
        for (int[] end : ends.subList(0, Math.min(POLISHED, ends.size()))) {
            best = better(best, polish(end));
        }
        tell(1);
        return best;
    }

    /** As asked, all as dense as can be, all as wide, and dense in front: hills to climb from. */
    private List<int[]> starts() {
        int[] dense = new int[Zone.values().length];
        int[] wide = new int[dense.length];
        int[] graded = new int[dense.length];
        for (int z = 0; z < dense.length; z++) {
            List<Option> all = options.getOrDefault(Zone.values()[z], List.of());
            for (int k = 1; k < all.size(); k++) {
                double closer = all.get(k).wish().closer();
                dense[z] = closer > all.get(dense[z]).wish().closer() ? k : dense[z];
                wide[z] = closer < all.get(wide[z]).wish().closer() ? k : wide[z];
            }
            graded[z] = z < dense.length / 2 ? dense[z] : wide[z];
        }
        return List.of(startingPoint(), dense, wide, graded);
    }

    private Real better(Real a, Real b) {
        if (a.miss() != b.miss()) {
            return a.miss() < b.miss() ? a : b;
        }
        return a.cost() <= b.cost() ? a : b;
    }

    /** What every zone could be hooked like, and what each of these lays over the head. */
    private void gather() {
        for (Zone z : Zone.values()) {
            options.put(z, new ArrayList<>());
        }
        List<Integer> splits = triesShares ? List.of(0, 1) : List.of(0);
        int done = 0;
        for (int more : splits) {
            for (double closer : levels) {
                gather(closer, more);
                tell(0.6 * ++done / (levels.size() * splits.size()));
            }
        }
    }

    private void gather(double closer, int more) {
        HookingBrief h = asked.hooking();
        for (Zone z : Zone.values()) {
            Share usual = before.hooked().plan().setting(z).share();
            Share share = new Share(Math.min(Share.MOST_PARTS, usual.parts() + more));
            h = h.wishing(
                    z, new ZoneWish(closer, more == 0 ? asked.hooking().wish(z).share() : Optional.of(share)));
        }
        Hooked hooked;
        try {
            hooked = Planner.hook(asked.withHooking(h), scalp, foundation);
        } catch (HookingException tooClose) {
            return;
        }
        for (Zone z : Zone.values()) {
            List<Station> own =
                    hooked.stations().stream().filter(s -> s.zone() == z).toList();
            Map<Share, Integer> shares = new HashMap<>();
            own.forEach(s -> shares.merge(s.share(), 1, Integer::sum));
            options.computeIfAbsent(z, k -> new ArrayList<>())
                    .add(new Option(h.wish(z), shares, FallSimulator.depth(grid, foundation, hooked, own, worn, 0)));
        }
    }

    private int[] startingPoint() {
        int[] at = new int[Zone.values().length];
        for (Zone z : Zone.values()) {
            // The option nearest to the spacing that the brief asks for.
            double closer = asked.hooking().wish(z).closer();
            List<Option> all = options.getOrDefault(z, List.of());
            for (int k = 1; k < all.size(); k++) {
                if (Math.abs(all.get(k).wish().closer() - closer)
                        < Math.abs(all.get(at[z.ordinal()]).wish().closer() - closer)) {
                    at[z.ordinal()] = k;
                }
            }
        }
        return at;
    }

    /** Changes single zones, and pairs of them, as long as that betters the sum. */
    private int[] improve(int[] from) {
        int[] best = from.clone();
        double[] value = value(best);
        boolean isBetter = true;
        for (int round = 0; isBetter && round < 12; round++) {
            isBetter = false;
            for (int a = 0; a < best.length; a++) {
                for (int b = a; b < best.length; b++) {
                    int[] next = bestOf(best, a, b, value);
                    if (next != best) {
                        best = next;
                        value = value(best);
                        isBetter = true;
                    }
                    tell(0.6);
                }
            }
        }
        return best;
    }

    private int[] bestOf(int[] now, int a, int b, double[] value) {
        int[] best = now;
        double[] least = value;
        int across = b == a ? 1 : size(b);
        double[] rest = new double[grid.size()];
        for (Zone z : Zone.values()) {
            if (z.ordinal() != a && z.ordinal() != b) {
                add(rest, option(z.ordinal(), now[z.ordinal()]).depth());
            }
        }
        // Pairs are tried near where they are, single zones everywhere.
        for (int i = 0; i < size(a); i++) {
            for (int j = 0; j < across; j++) {
                if (b != a && (Math.abs(i - now[a]) > 3 || Math.abs(j - now[b]) > 3)) {
                    continue;
                }
                int[] next = now.clone();
                next[a] = i;
                if (b != a) {
                    next[b] = j;
                }
                double[] v = value(next, rest, a, b);
                if (v[0] < least[0] || (v[0] == least[0] && v[1] < least[1] - 1e-9)) {
                    least = v;
                    best = next;
                }
            }
        }
        return best;
    }

    private int size(int zone) {
        return options.getOrDefault(Zone.values()[zone], List.of()).size();
    }

    private Option option(int zone, int k) {
        return options.getOrDefault(Zone.values()[zone], List.of()).get(k);
    }

    private double[] value(int[] at) {
        double[] rest = new double[grid.size()];
        for (int z = 2; z < at.length; z++) {
            add(rest, option(z, at[z]).depth());
        }
        return value(at, rest, 0, 1);
    }

    /** Less missed comes first, then cheaper. */
    private static int compare(double[] a, double[] b) {
        return a[0] != b[0] ? Double.compare(a[0], b[0]) : Double.compare(a[1], b[1]);
    }

    private static void add(double[] sum, double[] more) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] += more[i];
        }
    }

    /** Miss and cost of a combination, of which all but two zones are summed already. */
    private double[] value(int[] at, double[] rest, int a, int b) {
        double[] da = option(a, at[a]).depth();
        double[] db = b == a ? new double[rest.length] : option(b, at[b]).depth();
        double[] exposed = new double[Zone.values().length];
        int[] count = new int[exposed.length];
        double deep = 0;
        for (int i = 0; i < rest.length; i++) {
            int z = grid.zone(i);
            if (z >= 0) {
                double d = rest[i] + da[i] + db[i];
                exposed[z] += Math.exp(-d / Cover.KAPPA);
                count[z]++;
                deep += d;
            }
        }
        double all = 0;
        int cells = 0;
        for (int z = 0; z < exposed.length; z++) {
            all += exposed[z];
            cells += count[z];
            exposed[z] /= Math.max(1, count[z]);
        }
        int loops = loops(at);
        return new double[] {miss(exposed, deep / cells, loops), cost(all / cells, loops)};
    }

    private int loops(int[] at) {
        Map<Share, Integer> shares = new HashMap<>();
        for (int z = 0; z < at.length; z++) {
            option(z, at[z]).shares().forEach((s, n) -> shares.merge(s, n, Integer::sum));
        }
        int placed = new LoopTally(shares).loops();
        return placed
                + (int) Math.ceil(placed * asked.hooking().method().terms().reservePercent() / ALL_PERCENT);
    }

    private InstallBrief briefOf(int[] at) {
        HookingBrief h = asked.hooking();
        for (Zone z : Zone.values()) {
            h = h.wishing(z, option(z.ordinal(), at[z.ordinal()]).wish());
        }
        return asked.withHooking(h);
    }

    /** Hooks a combination and its neighbours for real, as long as one is better. */
    private Real polish(int[] from) {
        Real best = real(briefOf(from));
        int[] here = from;
        for (int round = 0; round < ROUNDS; round++) {
            tell(0.85);
            Real next = best;
            int[] there = here;
            List<int[]> near = neighbours(here);
            near.sort(Comparator.comparing(this::value, BalanceSearch::compare));
            for (int[] one : near.subList(0, Math.min(LIKELIEST, near.size()))) {
                Real r;
                try {
                    r = real(briefOf(one));
                } catch (HookingException tooClose) {
                    continue;
                }
                if (better(next, r) == r && r != next) {
                    next = r;
                    there = one;
                }
            }
            if (next == best) {
                break;
            }
            best = next;
            here = there;
        }
        return best;
    }

    private List<int[]> neighbours(int[] at) {
        List<int[]> near = new ArrayList<>();
        for (int a = 0; a < at.length; a++) {
            for (int i = -1; i <= 1; i++) {
                for (int b = a + 1; b <= at.length; b++) {
                    for (int j = -1; j <= 1; j++) {
                        if ((b == at.length && (j != 0 || i == 0)) || (b < at.length && (i == 0 || j == 0))) {
                            continue;
                        }
                        int[] next = at.clone();
                        next[a] += i;
                        if (b < at.length) {
                            next[b] += j;
                        }
                        if (isThere(next)) {
                            near.add(next);
                        }
                    }
                }
            }
        }
        return near;
    }

    private boolean isThere(int[] at) {
        for (int z = 0; z < at.length; z++) {
            if (at[z] < 0 || at[z] >= size(z)) {
                return false;
            }
        }
        return true;
    }

    /** What it came to, against the head as it was. */
    Balance result(Real after) {
        return BalanceReport.of(goal, before, after, tried.size());
    }
}
