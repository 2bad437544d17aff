package gyrotaxis.core.learn;

import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How many packs this time: what the last visit with this hair used, scaled by how full it is wished now, against what the plan counts, less
 * what is there.
 *
 * @param needed loops it takes, fills included
 * @param there loops that are there for her on the shelf
 * @param bought which packs to buy; empty if there is enough
 * @param why the reason, in a sentence
 */
public record PacksNext(int needed, int there, List<PackCount.Bought> bought, Sentence why) {
    /** A plan that counts more or less than this against the last use is told beside it. ASSUMPTION. */
    private static final double DIFFERS = 0.15;

    private static final double TINY = 1e-9;

    public PacksNext {
        bought = List.copyOf(bought);
    }

    /**
     * The last visit with this hair.
     *
     * @param used loops out of their bundles, fills included, at least 0
     * @param fullness how full it was planned, as {@link gyrotaxis.core.install.HookingPlan#FULLNESS} says
     */
    public record LastUse(double used, double fullness) {
        public LastUse {
            Require.atLeast(0, used, "used", "loops");
            Require.atLeast(0.1, fullness, "fullness", "");
        }
    }

    /**
     * How many packs to buy.
     *
     * @param planned what the plan counts, fills and all that was learned included
     * @param fullness how full it is wished now
     * @param last the last visit with this hair; empty if there was none
     * @param there loops that are there for her, washed ones left out, at least 0
     * @param brought loops that she brings herself, at least 0
     */
    public static PacksNext of(
            HairLine line, int planned, double fullness, Optional<LastUse> last, int there, int brought) {
        int needed = last.map(l -> (int) Math.ceil(l.used() * fullness / l.fullness() - TINY))
                .orElse(planned);
        int missing = Math.max(0, needed - there - brought);
        List<PackCount.Bought> bought = PackCount.of(missing, line, 0, 0).bought();
        List<Object> said = new ArrayList<>();
        if (last.isPresent()) {
            said.add("Last time " + loops((int) Math.ceil(last.get().used() - TINY)) + " went in");
            int percent = (int) Math.round(100 * (fullness / last.get().fullness() - 1));
            if (percent != 0) {
                said.add(
                        "; " + Math.abs(percent) + " % " + (percent > 0 ? "fuller" : "less full") + " makes " + needed);
            }
        } else {
            said.add("She has not had this hair yet; the plan counts " + loops(planned));
        }
        said.add(there == 0 ? ", and none are there" : ", and " + there + (there == 1 ? " is" : " are") + " there");
        if (brought > 0) {
            said.add(", and " + brought + (brought == 1 ? " is" : " are") + " brought");
        }
        said.add(": " + buy(bought, missing) + ".");
        int byPlan = packs(
                PackCount.of(Math.max(0, planned - there - brought), line, 0, 0).bought());
        if (last.isPresent() && byPlan != packs(bought)) {
            said.add(" This plan counts " + planned + " and would buy " + words(byPlan) + ".");
        } else if (last.isPresent() && Math.abs(planned - needed) > DIFFERS * needed) {
            said.add(" This plan counts " + planned + ".");
        }
        return new PacksNext(needed, there, bought, Sentence.of(said.toArray()));
    }

    private static String loops(int n) {
        return n == 1 ? "1 loop" : n + " loops";
    }

    private static String buy(List<PackCount.Bought> bought, int missing) {
        if (missing == 0) {
            return "nothing to buy";
        }
        return "buy " + words(packs(bought)) + " for the " + missing + " missing";
    }

    private static int packs(List<PackCount.Bought> bought) {
        return bought.stream().mapToInt(PackCount.Bought::count).sum();
    }

    private static String words(int packs) {
        return packs == 1 ? "1 pack" : packs + " packs";
    }
}
