package gyrotaxis.server.printing;

import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Supply;
import gyrotaxis.server.outside.LabelPrinter.Label;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A label for every bundle that is put ready before an install: shares of one hair, of one size, for one belt of the head. */
final class BundleLabels {
    private BundleLabels() {}

    /** What is laid together. */
    private record Bundle(int supply, int blend, Zone zone, int parts) implements Comparable<Bundle> {
        private static final Comparator<Bundle> ORDER = Comparator.comparingInt(Bundle::supply)
                .thenComparingInt(Bundle::blend)
                .thenComparing(Bundle::zone)
                .thenComparingInt(Bundle::parts);

        static Bundle of(SheetShare s) {
            return new Bundle(
                    s.supply(), s.blend().orElse(-1), s.zone(), s.share().parts());
        }

        @Override
        public int compareTo(Bundle o) {
            return ORDER.compare(this, o);
        }
    }

    /**
     * The labels of a worksheet, hair by hair, the front first; every share is in one bundle.
     *
     * @param whose whose install it is, and which
     */
    static List<Label> of(WorkSheet sheet, String whose) {
        Map<Bundle, List<SheetShare>> bundles = new TreeMap<>();
        sheet.shares()
                .forEach(s -> bundles.computeIfAbsent(Bundle.of(s), b -> new ArrayList<>())
                        .add(s));
        List<Label> labels = new ArrayList<>();
        bundles.forEach((b, shares) -> labels.add(new Label(
                labels.size() + 1,
                bundles.size(),
                shares.size() + " × " + shares.get(0).share().words(),
                hair(sheet.supplies().get(b.supply()))
                        + (b.blend() < 0 ? "" : " with " + hair(sheet.supplies().get(b.blend()))),
                b.zone().words(),
                whose)));
        return labels;
    }

    private static String hair(Supply s) {
        return s.line().name() + ", " + s.colour() + (s.cutFrom().isPresent() ? ", cut" : "");
    }
}
