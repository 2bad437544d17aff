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
        return dealt;
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
                .mapToDouble(o -> o.space().distance(s.space()))
                .min()
                .orElse(0);
        for (Station o : dealt) {
            if (o.space().distance(s.space()) <= nearest * NEIGHBOUR) {
                isNear[o.strand()] = true;
            }
        }
        return isNear;
    }
}
