package gyrotaxis.core.balance;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What every zone could be hooked like, and what a combination comes to without hooking it: depths of different zones add up.
 *
 * <p>A combination is the number of the choice of each zone, in the order of {@link Zone}.
 */
final class Choices {
    /** Pairs of zones are tried so near to where they are, single zones everywhere. */
    private static final int PAIR_REACH = 3;

    private static final double ALL_PERCENT = 100;
    private static final double TINY = 1e-9;

    private static final int NOT_JUDGED = -1;

    /** Entries of the table for each footprint of depth; straight lines between them are right to a millionth. */
    private static final int PER_DEPTH = 256;

    private static final double[] SHOWS = IntStream.range(0, 16 * PER_DEPTH)
            .mapToDouble(i -> Cover.exposedUnder((double) i / PER_DEPTH))
            .toArray();

    /**
     * One way to hook one zone.
     *
     * @param wish how
     * @param shares how many shares of each size that places
     * @param depth what they lay over every cell within the hairline
     */
    record Choice(ZoneWish wish, Map<Share, Integer> shares, double[] depth) {}

    private final InstallBrief asked;
    private final BalanceGoal goal;
    /** The cells within the hairline. */
    private final int[] cells;
    /** The zone of each of them. */
    private final int[] zone;

    private final double[] ground;
    private final Map<Zone, List<Choice>> all = new EnumMap<>(Zone.class);

    /**
     * @param ground what lies over every cell whatever is chosen
     * @param judged what is bare on purpose, and so not judged, is as here
     */
    Choices(InstallBrief asked, BalanceGoal goal, double[] ground, Cover judged) {
        this.asked = asked;
        this.goal = goal;
        CoverGrid grid = judged.grid();
        this.cells = IntStream.range(0, grid.size()).filter(grid::isInside).toArray();
        this.zone = new int[cells.length];
        for (int i = 0; i < cells.length; i++) {
            zone[i] = judged.isBareOnPurpose(cells[i]) ? NOT_JUDGED : grid.zone(cells[i]);
        }
        this.ground = inside(ground);
        for (Zone z : Zone.values()) {
            all.put(z, new ArrayList<>());
        }
    }

    private Choices(Choices of, BalanceGoal goal) {
        this.asked = of.asked;
        this.goal = goal;
        this.cells = of.cells;
        this.zone = of.zone;
        this.ground = of.ground;
        this.all.putAll(of.all);
    }

    /** The same choices for another goal. */
    Choices under(BalanceGoal other) {
        return new Choices(this, other);
    }

    /** Every zone as wide and as light as can be. */
    int[] widest() {
        int[] at = new int[Zone.values().length];
        for (int z = 0; z < at.length; z++) {
            for (int k = 1; k < of(z).size(); k++) {
                at[z] = hair(of(z).get(k)) < hair(of(z).get(at[z])) ? k : at[z];
            }
        }
        return at;
    }

    private static double hair(Choice c) {
        return c.shares().entrySet().stream()
                .mapToDouble(e -> e.getKey().ofLoop() * e.getValue())
                .sum();
    }

    /**
     * Adds a way to hook a zone.
     *
     * @param depth what it lays over every cell of the grid
     */
    void add(Zone zone, ZoneWish wish, Map<Share, Integer> shares, double[] depth) {
        of(zone.ordinal()).add(new Choice(wish, shares, inside(depth)));
    }

    private double[] inside(double[] depth) {
        double[] inside = new double[cells.length];
        for (int i = 0; i < cells.length; i++) {
            inside[i] = depth[cells[i]];
        }
        return inside;
    }

    private List<Choice> of(int zone) {
        return all.getOrDefault(Zone.values()[zone], List.of());
    }

    private Choice at(int zone, int k) {
        return of(zone).get(k);
    }

    /** As asked, all as dense as can be, all as wide, and dense in front: hills to climb from. */
    List<int[]> starts() {
        int[] dense = new int[Zone.values().length];
        int[] wide = new int[dense.length];
        int[] graded = new int[dense.length];
        for (int z = 0; z < dense.length; z++) {
            List<Choice> zone = of(z);
            for (int k = 1; k < zone.size(); k++) {
                double closer = zone.get(k).wish().closer();
                dense[z] = closer > zone.get(dense[z]).wish().closer() ? k : dense[z];
                wide[z] = closer < zone.get(wide[z]).wish().closer() ? k : wide[z];
            }
            graded[z] = z < dense.length / 2 ? dense[z] : wide[z];
        }
        return List.of(asAsked(), dense, wide, graded);
    }

    private int[] asAsked() {
        int[] at = new int[Zone.values().length];
        for (Zone z : Zone.values()) {
            // The choice nearest to the spacing that the brief asks for.
            double closer = asked.hooking().wish(z).closer();
            List<Choice> zone = of(z.ordinal());
            for (int k = 1; k < zone.size(); k++) {
                if (Math.abs(zone.get(k).wish().closer() - closer)
                        < Math.abs(zone.get(at[z.ordinal()]).wish().closer() - closer)) {
                    at[z.ordinal()] = k;
                }
            }
        }
        return at;
    }

    /**
     * The best that a combination becomes when two of its zones, or one if they are the same, are chosen anew.
     *
     * @param worth what it comes to as it is
     */
    int[] bestOf(int[] now, Score worth, int a, int b) {
        int[] best = now;
        Score least = worth;
        int across = b == a ? 1 : of(b).size();
        double[] rest = ground.clone();
        for (Zone z : Zone.values()) {
            if (z.ordinal() != a && z.ordinal() != b) {
                add(rest, at(z.ordinal(), now[z.ordinal()]).depth());
            }
        }
        for (int i = 0; i < of(a).size(); i++) {
            for (int j = 0; j < across; j++) {
                if (b != a && (Math.abs(i - now[a]) > PAIR_REACH || Math.abs(j - now[b]) > PAIR_REACH)) {
                    continue;
                }
                int[] next = now.clone();
                next[a] = i;
                if (b != a) {
                    next[b] = j;
                }
                Score v = score(next, rest, a, b);
                if (v.isBetterThan(least)) {
                    least = v;
                    best = next;
                }
            }
        }
        return best;
    }

    /** What a combination comes to. */
    Score score(int[] at) {
        double[] rest = ground.clone();
        for (int z = 2; z < at.length; z++) {
            add(rest, at(z, at[z]).depth());
        }
        return score(at, rest, 0, 1);
    }

    /** What a combination comes to, of which all but two zones are summed already. */
    private Score score(int[] at, double[] rest, int a, int b) {
        double[] da = at(a, at[a]).depth();
        double[] db = b == a ? new double[rest.length] : at(b, at[b]).depth();
        double[] exposed = new double[Zone.values().length];
        int[] count = new int[exposed.length];
        double deep = 0;
        for (int i = 0; i < rest.length; i++) {
            double d = rest[i] + da[i] + db[i];
            deep += d;
            int z = zone[i];
            if (z != NOT_JUDGED) {
                exposed[z] += exposedUnder(d);
                count[z]++;
            }
        }
        double shown = 0;
        int judged = 0;
        for (int z = 0; z < exposed.length; z++) {
            shown += exposed[z];
            judged += count[z];
            exposed[z] /= Math.max(1, count[z]);
        }
        return Score.of(goal, asked.fullness(), exposed, shown / Math.max(1, judged), deep / rest.length, loops(at));
    }

    /** As {@link Cover#exposedUnder}, from a table: it is asked for a million times. */
    private static double exposedUnder(double depth) {
        double at = depth * PER_DEPTH;
        int i = (int) at;
        return i >= SHOWS.length - 1 ? 0 : SHOWS[i] + (SHOWS[i + 1] - SHOWS[i]) * (at - i);
    }

    private static void add(double[] sum, double[] more) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] += more[i];
        }
    }

    private int loops(int[] at) {
        Map<Share, Integer> shares = new HashMap<>();
        for (int z = 0; z < at.length; z++) {
            at(z, at[z]).shares().forEach((s, n) -> shares.merge(s, n, Integer::sum));
        }
        int placed = new LoopTally(shares).loops();
        return (int) Math.ceil(placed * asked.learned().orUsual(Known.LOOPS) - TINY)
                + (int) Math.ceil(placed * asked.reservePercent() / ALL_PERCENT);
    }

    /** The brief that asks for a combination. */
    InstallBrief brief(int[] at) {
        HookingBrief h = asked.hooking();
        for (Zone z : Zone.values()) {
            h = h.wishing(z, at(z.ordinal(), at[z.ordinal()]).wish());
        }
        return asked.withHooking(h);
    }

    /** Combinations of which one zone, or two, are chosen one step away. */
    List<int[]> neighbours(int[] at) {
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
            if (at[z] < 0 || at[z] >= of(z).size()) {
                return false;
            }
        }
        return true;
    }
}
