package gyrotaxis.core.hooking;

import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.HairMix.How;
import gyrotaxis.core.install.HairMix.Strand;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Deals hair out to stations: each strand gets its part of a hundred of the hair, evenly over the head, and, unless clumps are
 * wanted, no two neighbours take the same of what is mixed in as long as its part allows that.
 *
 * <p>Method: station by station, the strand that is furthest behind its part is taken; small random amounts from the seed
 * decide near ties, so that no pattern shows. Neighbours are the nearest stations dealt before, within a spacing and a half; what has
 * fallen behind by more than {@link #BEHIND} of a share is taken beside its like, so that the mix comes out as asked.
 */
final class MixDealer {
    private static final double ALL_PERCENT = 100;

    /** Stations nearer than so many spacings are neighbours. */
    private static final double NEIGHBOUR = 1.5;

    /** How much chance there is, in shares of a station. */
    private static final double CHANCE = 0.8;

    /** So many shares behind its part, a strand no longer waits for a place of its own. */
    private static final double BEHIND = 1.2;

    /** A share changes hands only if that brings what is placed nearer to what was asked, by so much of a loop. */
    private static final double MIN_NEARER = 1e-6;

    private final HairMix mix;

    MixDealer(HairMix mix) {
        this.mix = mix;
    }

    List<Station> deal(List<Station> stations) {
        if (mix.others().isEmpty() || mix.how() == How.BLENDED) {
            return stations;
        }
        if (mix.how() == How.ZONES) {
            return stations.stream().map(s -> s.of(zoned(s))).toList();
        }
        return spread(stations);
    }

    private int zoned(Station s) {
        for (int k = 0; k < mix.others().size(); k++) {
            if (mix.others().get(k).zone().filter(z -> z == s.zone()).isPresent()) {
                return k + 1;
            }
        }
        return 0;
    }

    private List<Station> spread(List<Station> stations) {
        SplittableRandom random = new SplittableRandom(mix.seed());
        double[] part = parts();
        double[] owed = new double[part.length];
        List<Station> dealt = new ArrayList<>(stations.size());
        for (Station s : stations) {
            if (mix.how() == How.ACCENTS && !isSeen(s)) {
                dealt.add(s);
                continue;
            }
            double takes = s.share().ofLoop();
            boolean[] isNear = mix.mayClump() ? new boolean[part.length] : near(s, dealt, part.length);
            int best = 0;
            double most = Double.NEGATIVE_INFINITY;
            for (int k = 0; k < part.length; k++) {
                owed[k] += part[k] * takes;
                double want = owed[k] + CHANCE * part[k] * takes * (random.nextDouble() - 0.5);
                boolean waits = k > 0 && isNear[k] && owed[k] < BEHIND * takes;
                if (!waits && want > most) {
                    most = want;
                    best = k;
                }
            }
            owed[best] -= takes;
            dealt.add(s.of(best));
        }
        settle(dealt, owed);
        return dealt;
    }

    /** Waiting for places of its own may leave a strand short in the end: shares change hands until no change brings it nearer. */
    private void settle(List<Station> dealt, double[] owed) {
        while (true) {
            int to = most(owed);
            int from = least(owed);
            int best = -1;
            double nearest = Math.abs(owed[to]) + Math.abs(owed[from]) - MIN_NEARER;
            boolean isAlone = false;
            for (int i = 0; i < dealt.size(); i++) {
                Station s = dealt.get(i);
                double takes = s.share().ofLoop();
                double left = Math.abs(owed[to] - takes) + Math.abs(owed[from] + takes);
                if (s.strand() != from || left > nearest || (mix.how() == How.ACCENTS && !isSeen(s))) {
                    continue;
                }
                boolean hasOwnPlace = to == 0 || mix.mayClump() || !near(s, dealt, owed.length)[to];
                if (left < nearest || (hasOwnPlace && !isAlone)) {
                    best = i;
                    nearest = left;
                    isAlone = hasOwnPlace;
                }
            }
            if (best < 0) {
                return;
            }
            double takes = dealt.get(best).share().ofLoop();
            dealt.set(best, dealt.get(best).of(to));
            owed[to] -= takes;
            owed[from] += takes;
        }
    }

    private static int most(double[] owed) {
        int most = 0;
        for (int k = 1; k < owed.length; k++) {
            most = owed[k] > owed[most] ? k : most;
        }
        return most;
    }

    private static int least(double[] owed) {
        int least = 0;
        for (int k = 1; k < owed.length; k++) {
            least = owed[k] < owed[least] ? k : least;
        }
        return least;
    }

    private double[] parts() {
        double[] part = new double[mix.others().size() + 1];
        part[0] = 1;
        for (int k = 1; k < part.length; k++) {
            Strand other = mix.others().get(k - 1);
            part[k] = other.percent() / ALL_PERCENT;
            part[0] -= part[k];
        }
        return part;
    }

    private static boolean isSeen(Station s) {
        return s.zone() == Zone.FRONT || s.role() == Role.PART || s.role() == Role.HAIRLINE;
    }

    /** Which strands a neighbour took. */
    private static boolean[] near(Station s, List<Station> dealt, int strands) {
        boolean[] isNear = new boolean[strands];
        double nearest = dealt.stream()
                .filter(o -> o != s)
                .mapToDouble(o -> o.space().distance(s.space()))
                .min()
                .orElse(0);
        for (Station o : dealt) {
            if (o != s && o.space().distance(s.space()) <= nearest * NEIGHBOUR) {
                isNear[o.strand()] = true;
            }
        }
        return isNear;
    }
}
