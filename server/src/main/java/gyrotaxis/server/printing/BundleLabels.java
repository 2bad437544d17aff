package gyrotaxis.server.printing;

import gyrotaxis.core.plan.Bundle;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.Supply;
import gyrotaxis.server.outside.LabelPrinter.Label;
import java.util.ArrayList;
import java.util.List;

/** A label for every bundle that is put ready before an install. */
final class BundleLabels {
    private BundleLabels() {}

    /** @param whose whose install it is, and which */
    static List<Label> of(WorkSheet sheet, String whose) {
        List<Bundle> bundles = Bundle.of(sheet);
        List<Label> labels = new ArrayList<>();
        for (Bundle b : bundles) {
            labels.add(new Label(
                    labels.size() + 1,
                    bundles.size(),
                    b.count() + " × " + b.share().words(),
                    hair(sheet.supplies().get(b.supply()))
                            + (b.blend().isEmpty()
                                    ? ""
                                    : " with "
                                            + hair(sheet.supplies()
                                                    .get(b.blend().getAsInt()))),
                    b.zone().words(),
                    whose));
        }
        return labels;
    }

    private static String hair(Supply s) {
        return s.line().name() + ", " + s.colour() + (s.cutFrom().isPresent() ? ", cut" : "");
    }
}
