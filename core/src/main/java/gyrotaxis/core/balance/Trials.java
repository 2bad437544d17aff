package gyrotaxis.core.balance;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A plan in every part and way in which she wears it, and the hair that lies over it in each, growing as more is hooked in.
 *
 * <p>Depths add up, so hair that is put in is followed down the head once for each trial and nothing else is followed again.
 */
final class Trials {
    private final CoverGrid grid;
    private final Foundation foundation;
    private final Hooked head;
    private final List<Worn> worn;
    /** By trial: depth over every cell. */
    private final double[][] depth;
    /** By trial: what showed before anything was put in. */
    private final List<Cover> before;
    /** By trial: the cells in which skin should be hidden and was not. */
    private final int[][] weak;

    /**
     * A plan with some of its shares, down with each part and in every other way that was named.
     *
     * @param hooked those that are hooked before anything is put in
     */
    Trials(InstallPlan plan, CoverGrid grid, List<Station> hooked) {
        this(plan, grid, hooked, of(plan));
    }

    /** The same in other ways. */
    Trials(InstallPlan plan, CoverGrid grid, List<Station> hooked, List<Worn> worn) {
        this.grid = grid;
        this.foundation = plan.foundation();
        this.head = plan.hooked();
        this.worn = worn;
        this.depth = new double[worn.size()][];
        this.before = new ArrayList<>();
        this.weak = new int[worn.size()][];
        for (int t = 0; t < worn.size(); t++) {
            depth[t] = lays(hooked, t);
            add(depth[t], FallSimulator.others(grid, foundation, head, worn.get(t), 0));
            before.add(FallSimulator.coverOf(grid, foundation, worn.get(t), depth[t].clone()));
            weak[t] = weakCells(before.get(t));
        }
    }

    private Trials(Trials as) {
        this.grid = as.grid;
        this.foundation = as.foundation;
        this.head = as.head;
        this.worn = as.worn;
        this.depth = Arrays.stream(as.depth).map(double[]::clone).toArray(double[][]::new);
        this.before = as.before;
        this.weak = as.weak;
    }

    /** Down with each part, or without if there is none; then the ways she named. */
    static List<Worn> of(InstallPlan plan) {
        List<Worn> all = new ArrayList<>();
        IntStream.range(0, plan.foundation().parts().size()).forEach(i -> all.add(Worn.parted(i)));
        if (all.isEmpty()) {
            all.add(Worn.as(Way.DOWN));
        }
        plan.brief().consultation().ways().stream()
                .filter(w -> w != Way.DOWN)
                .sorted()
                .map(Worn::as)
                .forEach(all::add);
        return all;
    }

    private int[] weakCells(Cover cover) {
        return IntStream.range(0, grid.size()).filter(cover::isPlainlyBare).toArray();
    }

    private static void add(double[] sum, double[] more) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] += more[i];
        }
    }

    /** The same as it is now; what is put into one is not put into the other. */
    Trials copy() {
        return new Trials(this);
    }

    CoverGrid grid() {
        return grid;
    }

    /** How many there are. */
    int count() {
        return worn.size();
    }

    Worn worn(int t) {
        return worn.get(t);
    }

    /** What showed before anything was put in. */
    Cover before(int t) {
        return before.get(t);
    }

    /** What shows now. */
    Cover now(int t) {
        return FallSimulator.coverOf(grid, foundation, worn.get(t), depth[t].clone());
    }

    /** Cells in which skin should be hidden and was not, before anything was put in. */
    int[] weak(int t) {
        return weak[t];
    }

    /** The gaps that are left. */
    List<Cover.Gap> gaps(int t) {
        return now(t).gaps();
    }

    /** The one in which most shows now. */
    int worst() {
        int worst = 0;
        double most = -1;
        for (int t = 0; t < count(); t++) {
            double shown = now(t).exposed();
            worst = shown > most ? t : worst;
            most = Math.max(most, shown);
        }
        return worst;
    }

    boolean hasGaps() {
        return IntStream.range(0, count()).anyMatch(t -> !gaps(t).isEmpty());
    }

    /** All gaps that are left in all trials, mm². */
    double gapsMm2() {
        return IntStream.range(0, count())
                .boxed()
                .flatMap(t -> gaps(t).stream())
                .mapToDouble(Cover.Gap::areaMm2)
                .sum();
    }

    /** The depth that shares would lay over every cell. */
    double[] lays(List<Station> shares, int t) {
        return FallSimulator.depth(grid, foundation, head, shares, worn.get(t), 0);
    }

    /** Skin that was to be hidden, was not, and would be under more hair, mm²; the hair is given for the weak cells. */
    double hides(double[] overWeak, int t) {
        double sum = 0;
        for (int k = 0; k < weak[t].length; k++) {
            double lies = depth[t][weak[t][k]];
            sum += Cover.exposedUnder(lies) - Cover.exposedUnder(lies + overWeak[k]);
        }
        return sum * grid.cellMm() * grid.cellMm();
    }

    /** Skin that a change would hide, wherever it lies, mm²; less than nothing where hair is taken away. By cell. */
    double hidesAnywhere(double[] lays, int t) {
        double sum = 0;
        for (int i = 0; i < lays.length; i++) {
            if (lays[i] != 0 && grid.isInside(i)) {
                sum += Cover.exposedUnder(depth[t][i]) - Cover.exposedUnder(depth[t][i] + lays[i]);
            }
        }
        return sum * grid.cellMm() * grid.cellMm();
    }

    /** Plainly bare skin that should be hidden, mm², if hair lay otherwise; the change is given for every cell. */
    double plainlyBareMm2(double[] change, int t) {
        Cover first = before.get(t);
        int cells = 0;
        for (int i = 0; i < grid.size(); i++) {
            boolean isJudged = grid.isInside(i) && !first.isBareOnPurpose(i);
            if (isJudged && Cover.exposedUnder(depth[t][i] + change[i]) > Cover.PLAINLY_BARE) {
                cells++;
            }
        }
        return cells * grid.cellMm() * grid.cellMm();
    }

    /** Lays hair over every cell, or takes it away where it is less than nothing. */
    void put(double[] change, int t) {
        add(depth[t], change);
    }
}
