package gyrotaxis.core.hooking;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Ties all shares, and gives each loop's bead to one of the shares that are split from it: a loop with one bead splits into one
 * share that has it and others that need a knot. Shares that are tied to be hidden need none.
 */
final class Beads {
    private final List<Hooked.Strand> hairs;
    private final KnotChooser chooser;
    /** Most shares of a head are alike. */
    private final Map<Kind, Tie> ties = new HashMap<>();

    Beads(List<Hooked.Strand> hairs, KnotChooser chooser) {
        this.hairs = hairs;
        this.chooser = chooser;
    }

    /** What settles how a share is tied. */
    private record Kind(boolean isKnotless, Role role, Share share, int strand) {}

    /** What loops are split into together. */
    private record Cut(Share share, int strand) {}

    /** Shares of one size of one hair: how many there are, how many are tied by their bead, how many of those were seen. */
    private static final class Split {
        private int all;
        private int wanted;
        private int seen;

        /** Beads are spread evenly over the shares that could take one. */
        boolean hasBead(Share share) {
            int beads = Math.min(wanted, LoopTally.loops(share, all));
            int before = seen++;
            return (before + 1) * beads / wanted > before * beads / wanted;
        }
    }

    List<Station> tie(List<Station> stations) {
        List<Station> tied = new ArrayList<>(stations.size());
        Map<Cut, Split> splits = new HashMap<>();
        for (Station s : stations) {
            Kind kind = new Kind(chooser.knotless().contains(s.id().row()), s.role(), s.share(), s.strand());
            Station now =
                    s.tied(ties.computeIfAbsent(kind, k -> chooser.choose(s.id().row(), s.role(), s.share(), hair(s))));
            tied.add(now);
            Split split = splits.computeIfAbsent(cut(s), k -> new Split());
            split.all++;
            split.wanted += now.tie().knot() == Knot.BEAD ? 1 : 0;
        }
        for (int k = 0; k < tied.size(); k++) {
            Station s = tied.get(k);
            if (s.tie().knot() == Knot.BEAD
                    && !splits.getOrDefault(cut(s), new Split()).hasBead(s.share())) {
                tied.set(k, s.tied(chooser.withoutBead(s.role(), s.share(), hair(s))));
            }
        }
        return tied;
    }

    private static Cut cut(Station s) {
        return new Cut(s.share(), s.strand());
    }

    private HairLine hair(Station s) {
        return hairs.get(s.strand()).line();
    }
}
