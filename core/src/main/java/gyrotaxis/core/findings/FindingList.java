package gyrotaxis.core.findings;

import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Gathers findings about one laid head, and makes remedies that can be laid on it. */
final class FindingList {
    static final double MM_PER_CM = 10;

    final InstallPlan laid;
    final InstallBrief brief;
    private final List<Finding> found = new ArrayList<>();

    FindingList(InstallPlan laid) {
        this.laid = laid;
        this.brief = laid.brief();
    }

    List<Finding> all() {
        return found;
    }

    void add(Code code, Severity severity, Place place, String reason, List<Remedy> remedies) {
        found.add(new Finding(code, severity, place, capital(reason), remedies));
    }

    void add(Code code, Severity severity, Place place, String reason) {
        add(code, severity, place, reason, List.of());
    }

    /** A remedy by another foundation, or nothing where that cannot be laid on this head. */
    Optional<Remedy> lay(String words, FoundationBrief other) {
        return RowLayout.fits(laid.scalp(), other, brief.ownHair())
                ? Optional.of(new Remedy(words, brief.withFoundation(other)))
                : Optional.empty();
    }

    static List<Remedy> those(List<Optional<Remedy>> remedies) {
        return remedies.stream().flatMap(Optional::stream).toList();
    }

    static Place head() {
        return new Place(Place.Kind.HEAD, "");
    }

    static Place row(Object id) {
        return new Place(Place.Kind.ROW, id.toString());
    }

    static String cm(double mm) {
        return String.format(Locale.ROOT, "%.1f cm", mm / MM_PER_CM);
    }

    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
