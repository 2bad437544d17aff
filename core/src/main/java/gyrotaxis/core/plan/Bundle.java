package gyrotaxis.core.plan;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;

/**
 * What is laid together when hair is split and sorted beforehand: shares of one hair, or one blend, of one size, for one belt of the head.
 *
 * @param supply which hair, by its place among the supplies of the sheet
 * @param blend the hair that is the other half of each share, likewise; empty if it is of one
 * @param count how many shares, at least 1
 */
public record Bundle(int supply, OptionalInt blend, Zone zone, Share share, int count) {
    /** What makes shares lie together. */
    private record Kind(int supply, int blend, Zone zone, Share share) implements Comparable<Kind> {
        private static final int NONE = -1;
        private static final Comparator<Kind> ORDER = Comparator.comparingInt(Kind::supply)
                .thenComparingInt(Kind::blend)
                .thenComparing(Kind::zone)
                .thenComparing(Kind::share);

        static Kind of(SheetShare s) {
            return new Kind(s.supply(), s.blend().orElse(NONE), s.zone(), s.share());
        }

        @Override
        public int compareTo(Kind o) {
            return ORDER.compare(this, o);
        }

        Bundle bundle(int count) {
            return new Bundle(supply, blend == NONE ? OptionalInt.empty() : OptionalInt.of(blend), zone, share, count);
        }
    }

    /** All bundles of a sheet, hair by hair, the front first, larger shares first; every share is in one of them. */
    public static List<Bundle> of(WorkSheet sheet) {
        Map<Kind, Integer> counts = new TreeMap<>();
        sheet.shares().forEach(s -> counts.merge(Kind.of(s), 1, Integer::sum));
        List<Bundle> all = new ArrayList<>();
        counts.forEach((kind, count) -> all.add(kind.bundle(count)));
        return all;
    }
}
