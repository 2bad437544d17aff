package gyrotaxis.core.plan;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.StraightBack;
import gyrotaxis.core.plan.Finding.Code;
import gyrotaxis.core.plan.Finding.Place;
import gyrotaxis.core.plan.Finding.Remedy;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/** What is to be said about the wearing parts. */
final class PartFindings {
    /**
     * A channel narrower than this does not read as skin, mm.
     *
     * @see "ASSUMPTION: a quarter of a finger; hair beside the part closes over less"
     */
    static final double READS_AS_SKIN_MM = 4.5;

    private final InstallBrief brief;
    private final Scalp scalp;

    private PartFindings(InstallBrief brief, Scalp scalp) {
        this.brief = brief;
        this.scalp = scalp;
    }

    static List<Finding> of(InstallBrief brief, Scalp scalp, Foundation foundation) {
        PartFindings f = new PartFindings(brief, scalp);
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < foundation.parts().size(); i++) {
            LaidPart part = foundation.parts().get(i);
            Place place = new Place(Place.Kind.PART, String.valueOf(i + 1));
            if (!part.isOpen()) {
                found.add(f.closesEarly(part, place));
            }
            if (part.gap().narrowestMm() < READS_AS_SKIN_MM) {
                found.add(f.tooNarrow(part, place));
            }
        }
        return found;
    }

    private Finding closesEarly(LaidPart part, Place place) {
        String reason = String.format(
                Locale.ROOT,
                "Part %s is to run %.1f cm, but after %.1f cm its flanking rows bend together and join.",
                place.id(),
                part.path().lengthMm() / 10,
                part.gap().openMm() / 10);
        return new Finding(Code.PART_CLOSES_EARLY, Severity.WARNING, place, reason, openAllParts());
    }

    /** The number of rows behind, nearest to the present one, with which no two flanking rows join. */
    private Optional<Remedy> openAllParts() {
        FoundationBrief f = brief.foundation();
        return IntStream.rangeClosed(FoundationBrief.MIN_BACK_ROWS, f.frontRows())
                .boxed()
                .sorted(Comparator.comparingInt((Integer n) -> Math.abs(n - f.backRows()))
                        .thenComparing(n -> n))
                .filter(n -> StraightBack.lay(scalp, f.withBackRows(n), brief.ownHair()).parts().stream()
                        .allMatch(LaidPart::isOpen))
                .findFirst()
                .map(n -> new Remedy("Braid " + n + " rows behind", brief.withFoundation(f.withBackRows(n))));
    }

    private Finding tooNarrow(LaidPart part, Place place) {
        FoundationBrief f = brief.foundation();
        boolean canWiden = f.flanks() != FlankSchool.WIDE_CHANNEL;
        String reason = String.format(
                Locale.ROOT,
                "Part %s shows only %.1f cm of scalp where it is narrowest; hair closes over that and it does not read as skin.",
                place.id(),
                part.gap().narrowestMm() / 10);
        return new Finding(
                Code.PART_TOO_NARROW,
                Severity.WARNING,
                place,
                reason,
                canWiden
                        ? Optional.of(new Remedy(
                                "Lean the flanking rows away",
                                brief.withFoundation(f.withParts(f.parts(), FlankSchool.WIDE_CHANNEL))))
                        : Optional.empty());
    }
}
