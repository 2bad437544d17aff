package gyrotaxis.core.findings;

import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Pronoun;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Gathers findings about one laid head, and makes remedies that can be laid on it. */
final class FindingList {
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

    void add(Code code, Severity severity, Place place, Sentence reason, List<Remedy> remedies) {
        Pronoun pronoun = brief.pronoun();
        found.add(new Finding(
                code,
                severity,
                place,
                reason.capital().saidOf(pronoun),
                remedies.stream()
                        .map(r -> new Remedy(r.words().saidOf(pronoun), r.brief(), r.left()))
                        .toList()));
    }

    void add(Code code, Severity severity, Place place, Sentence reason) {
        add(code, severity, place, reason, List.of());
    }

    void add(Code code, Severity severity, Place place, String reason, List<Remedy> remedies) {
        add(code, severity, place, Sentence.of(reason), remedies);
    }

    void add(Code code, Severity severity, Place place, String reason) {
        add(code, severity, place, reason, List.of());
    }

    /** A remedy by another foundation, or nothing where that cannot be laid on this head. */
    Optional<Remedy> lay(String words, FoundationBrief other) {
        return lay(Sentence.of(words), other);
    }

    /** The same with figures in its words. */
    Optional<Remedy> lay(Sentence words, FoundationBrief other) {
        return RowLayout.fits(laid.scalp(), other, brief.ownHair())
                ? Optional.of(new Remedy(words, brief.withFoundation(other)))
                : Optional.empty();
    }

    static List<Remedy> those(List<Optional<Remedy>> remedies) {
        return remedies.stream().flatMap(Optional::stream).toList();
    }

    static Place head() {
        return new Place.Head();
    }

    static Place row(RowId id) {
        return new Place.OnRow(id);
    }
}
