package gyrotaxis.core.balance;

import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What shows of a head with some of its shares, over every part and way in which she wears it.
 *
 * @param exposed skin that shows, in the way in which most does, in [0, 1]
 * @param in that way
 * @param gaps what is plainly bare there, largest first
 * @param gapsMm2 all that is plainly bare, over all ways, mm²
 * @param fullness against a full head, as she wears it most; 1 is full
 */
public record Shows(double exposed, Worn in, List<Cover.Gap> gaps, double gapsMm2, double fullness) {
    private static final int SAMPLES = 2000;

    public Shows {
        gaps = List.copyOf(gaps);
    }

    /** What shows with these shares; cost: one fall for each share and way. */
    public static Shows of(Planner planner, InstallPlan plan, List<Station> shares) {
        return of(trials(planner, plan, shares));
    }

    static Trials trials(Planner planner, InstallPlan plan, List<Station> shares) {
        return new Trials(plan, planner.grid(plan.scalp(), SAMPLES), shares);
    }

    static Shows of(Trials trials) {
        List<Cover> covers =
                IntStream.range(0, trials.count()).mapToObj(trials::now).toList();
        int worst = 0;
        for (int t = 1; t < covers.size(); t++) {
            worst = covers.get(t).exposed() > covers.get(worst).exposed() ? t : worst;
        }
        return new Shows(
                covers.get(worst).exposed(),
                trials.worn(worst),
                covers.get(worst).gaps(),
                covers.stream()
                        .flatMap(c -> c.gaps().stream())
                        .mapToDouble(Cover.Gap::areaMm2)
                        .sum(),
                covers.get(0).fullness());
    }

    /** Whether no gap is left in any way of wearing. */
    public boolean covers() {
        return gapsMm2 == 0;
    }
}
