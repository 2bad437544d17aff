package gyrotaxis.core.balance;

import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which shares are missed least.
 *
 * <p>Each time the one is left out without which least skin comes out, in the way of wearing in which most shows; the more are left out,
 * the more the next one is missed, so that only the best need be looked at again.
 */
public final class LeavingOut {
    private LeavingOut() {}

    /** A share, and what it lays over every cell. */
    private record Open(Station share, double[] lays) {}

    /**
     * Shares to leave out.
     *
     * @param all everything that is on the head, or will be
     * @param from those of it that may be left out
     * @param loops how many loops and parts of loops are to be saved; all of {@code from} go if they are not enough
     */
    public static List<Station> least(
            Planner planner, InstallPlan plan, List<Station> all, List<Station> from, double loops) {
        Trials trials = Shows.trials(planner, plan, all);
        int worst = trials.worst();
        Dwindling<Open> open = new Dwindling<>(
                from.stream()
                        .map(s -> new Open(s, negative(trials.lays(List.of(s), worst))))
                        .toList(),
                o -> trials.hidesAnywhere(o.lays(), worst));
        List<Station> out = new ArrayList<>();
        for (double saved = 0; saved < loops - 1e-9; ) {
            Optional<Dwindling.Ranked<Open>> next = open.takeBest();
            if (next.isEmpty()) {
                break;
            }
            Open o = next.get().what();
            out.add(o.share());
            trials.put(o.lays(), worst);
            saved += o.share().share().ofLoop();
        }
        return out;
    }

    private static double[] negative(double[] lays) {
        double[] less = new double[lays.length];
        for (int i = 0; i < lays.length; i++) {
            less[i] = -lays[i];
        }
        return less;
    }
}
